import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { toast } from 'react-toastify';
import { FIT_CLASS_WORDS, FIT_CLASSES, type FitClass } from '../../core/measure/fit-class';
import { ZONE_IDS, zoneOf, type ZoneId } from '../../core/measure/zones';
import { blankChart, blankPattern, GARMENT_KINDS, PATTERN_FORMS, type GarmentKind, type Pattern } from '../../core/records';
import { newId } from '../../data/new-id';
import { useMakes, usePatterns, useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { keep } from '../../parts/keep';
import { GarmentPicture } from '../../parts/garment-picture';
import { Button } from '../../ui/button';
import { SelectField, TextField, WordsField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';
import { NumberField } from '../../ui/number-field';
import { Empty, PageHead } from '../../ui/page-head';
import { Pick } from '../../ui/pick';
import { ChartGrid } from './chart-grid';

/** A new pattern: its name and kind are enough to begin; the rest is filled in on the next page. */
export function NewPattern() {
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const patterns = usePatterns();
  const [name, setName] = useState(params.get('name') ?? '');
  const [designer, setDesigner] = useState('');
  const [kind, setKind] = useState<GarmentKind>('top');
  const [fitClass, setFitClass] = useState<FitClass>('semi');
  const [structure, setStructure] = useState<'woven' | 'knit'>('woven');
  const [problem, setProblem] = useState<string>();
  const known = patterns?.find((p) => p.name.trim().toLowerCase() === name.trim().toLowerCase());

  const add = async () => {
    if (name.trim() === '') return setProblem('Give the pattern its name.');
    const pattern: Pattern = {
      ...blankPattern(newId(), newId(), name.trim(), kind, structure),
      ...(designer.trim() ? { designer: designer.trim() } : {}),
      fitClass,
      charts: [blankChart(newId(), kind, ['S', 'M', 'L'])],
      added: today(),
    };
    await keep(`pattern “${pattern.name}”`, [{ table: 'patterns', put: pattern }]);
    void navigate(`/patterns/${pattern.id}/change`);
  };

  return (
    <>
      <PageHead title="Add a pattern" under="Its name and kind are enough to begin; the size chart comes next." />
      <form
        className="flex max-w-md flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
      >
        <TextField label="Name" autoFocus value={name} onChange={(e) => setName(e.target.value)} problem={problem} />
        {known && (
          <p className="border-l-4 border-ink bg-tint px-3 py-1">
            {known.name} is in the ledger already
            {known.state === 'let go' ? `: let go, ${known.why ?? 'no reason noted'}` : ''}.{' '}
            <Link className="underline" to={`/patterns/${known.id}`}>
              Open its account
            </Link>
          </p>
        )}
        <TextField label="Designer" value={designer} onChange={(e) => setDesigner(e.target.value)} />
        <SelectField label="Kind of garment" value={kind} onChange={(e) => setKind(e.target.value as GarmentKind)}>
          {GARMENT_KINDS.map((k) => (
            <option key={k}>{k}</option>
          ))}
        </SelectField>
        <SelectField label="Class of fit" value={fitClass} onChange={(e) => setFitClass(e.target.value as FitClass)}>
          {FIT_CLASSES.map((c) => (
            <option key={c} value={c}>
              {FIT_CLASS_WORDS[c]}
            </option>
          ))}
        </SelectField>
        <SelectField label="Cloth it wants" value={structure} onChange={(e) => setStructure(e.target.value as 'woven' | 'knit')}>
          <option value="woven">woven</option>
          <option value="knit">knit</option>
        </SelectField>
        <Button type="submit" className="self-start">
          Add the pattern
        </Button>
      </form>
    </>
  );
}

/** A pattern’s facts; each change is saved as it is made. */
export function ChangePattern() {
  const { patternId } = useParams();
  const navigate = useNavigate();
  const patterns = usePatterns();
  const makes = useMakes();
  const unit = useUnit();
  const pattern = patterns?.find((p) => p.id === patternId);
  if (patterns && !pattern) return <Empty>This pattern is not in the ledger. It may have been removed; Ctrl Z brings it back.</Empty>;
  if (!pattern || !makes) return null;

  const change = (part: Partial<Pattern>) =>
    void keep(`change of ${pattern.name}`, [{ table: 'patterns', from: pattern, to: { ...pattern, ...part } }]);
  const view = pattern.views[0]!;
  const setView = (part: Partial<typeof view>) => change({ views: pattern.views.map((v) => (v.id === view.id ? { ...v, ...part } : v)) });
  const chart = pattern.charts[0];
  const made = makes.filter((m) => m.sources.some((s) => s.patternId === pattern.id)).length;

  const remove = async () => {
    if (made > 0) {
      toast(`${made} ${made === 1 ? 'make speaks' : 'makes speak'} of this pattern. Let it go instead: its account stays.`);
      return;
    }
    await keep(`pattern “${pattern.name}” removed`, [{ table: 'patterns', remove: pattern.id }]);
    toast('The pattern is removed. Ctrl Z brings it back.');
    void navigate('/patterns');
  };

  return (
    <>
      <PageHead
        title={pattern.name}
        under="Each change is saved as it is made; Ctrl Z takes it back."
        aside={
          <div className="flex gap-2">
            <Button quiet onClick={() => void remove()}>
              Remove this pattern
            </Button>
            <Link
              to={`/patterns/${pattern.id}`}
              className="inline-flex min-h-[30px] items-center rounded-md border border-ink bg-page px-3 hover:bg-tint max-sm:min-h-11"
            >
              Open its account
            </Link>
          </div>
        }
      />
      <div className="grid grid-cols-[minmax(0,1fr)_180px] gap-8 max-lg:grid-cols-1">
        <div className="flex flex-col gap-5">
          <section className="flex flex-wrap items-end gap-3">
            <WordsField label="Name" words={pattern.name} onWords={(name) => name && change({ name })} className="w-64" />
            <WordsField
              label="Designer"
              words={pattern.designer ?? ''}
              onWords={(designer) => change({ designer: designer || undefined })}
              className="w-56"
            />
            <SelectField label="Kind of garment" value={pattern.kind} onChange={(e) => change({ kind: e.target.value as GarmentKind })}>
              {GARMENT_KINDS.map((k) => (
                <option key={k}>{k}</option>
              ))}
            </SelectField>
            <SelectField label="Class of fit" value={pattern.fitClass} onChange={(e) => change({ fitClass: e.target.value as FitClass })}>
              {FIT_CLASSES.map((c) => (
                <option key={c} value={c}>
                  {FIT_CLASS_WORDS[c]}
                </option>
              ))}
            </SelectField>
            <SelectField label="Form" value={pattern.form ?? ''} onChange={(e) => change({ form: (e.target.value || undefined) as Pattern['form'] })}>
              <option value="">not noted</option>
              {PATTERN_FORMS.map((f) => (
                <option key={f}>{f}</option>
              ))}
            </SelectField>
            <LengthField
              label="Seam allowance"
              unit={unit}
              cm={pattern.allowance}
              onCm={(allowance) => change({ allowance })}
              className="[&_input]:w-24"
            />
            <SelectField
              label="Cloth it wants"
              value={pattern.wants.structure}
              onChange={(e) => change({ wants: { ...pattern.wants, structure: e.target.value as 'woven' | 'knit' } })}
            >
              <option value="woven">woven</option>
              <option value="knit">knit</option>
            </SelectField>
            <NumberField
              label="Stretch it asks for, %"
              number={pattern.wants.stretch}
              most={300}
              onNumber={(stretch) => change({ wants: { ...pattern.wants, stretch } })}
              className="[&_input]:w-28"
            />
            <SelectField label="State" value={pattern.state} onChange={(e) => change({ state: e.target.value as Pattern['state'] })}>
              <option>kept</option>
              <option>resting</option>
              <option>let go</option>
            </SelectField>
            {pattern.state !== 'kept' && (
              <WordsField label="Why" words={pattern.why ?? ''} onWords={(why) => change({ why: why || undefined })} className="min-w-64 flex-1" />
            )}
          </section>
          <section aria-labelledby="zones">
            <h2 id="zones" className="mb-1 text-[17px]">
              Places that decide the fit
            </h2>
            <div className="flex flex-wrap items-center gap-1.5">
              {view.zones.map((z) => (
                <button
                  key={z}
                  type="button"
                  aria-label={`Leave out ${zoneOf(z).label}`}
                  onClick={() => setView({ zones: view.zones.filter((o) => o !== z) })}
                  className="min-h-6 rounded-md border border-rule2 px-2 hover:bg-tint max-sm:min-h-11"
                >
                  {zoneOf(z).label} ×
                </button>
              ))}
              <Pick
                label="Another place"
                labelHidden
                placeholder="another place …"
                value={undefined}
                options={ZONE_IDS.filter((z) => !view.zones.includes(z)).map((z) => ({ id: z, label: zoneOf(z).label }))}
                onPick={(z) => setView({ zones: [...view.zones, z as ZoneId] })}
                className="w-40"
              />
            </div>
          </section>
          <section aria-labelledby="chart">
            <h2 id="chart" className="mb-1 text-[17px]">
              Size chart
            </h2>
            {chart ? (
              <ChartGrid
                chart={chart}
                unit={unit}
                onChange={(changed) => change({ charts: pattern.charts.map((c) => (c.id === chart.id ? changed : c)) })}
              />
            ) : (
              <Button onClick={() => change({ charts: [blankChart(newId(), pattern.kind, ['S', 'M', 'L'])] })}>Write down its size chart</Button>
            )}
          </section>
        </div>
        <GarmentPicture pattern={pattern} cloths={[]} className="h-[220px] w-[176px]" />
      </div>
    </>
  );
}
