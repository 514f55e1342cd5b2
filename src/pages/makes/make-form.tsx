import { useMemo } from 'react';
import { toast } from 'react-toastify';
import { clothGive, intendedEase } from '../../core/fit/cloth-give';
import { effectContext, viewOf } from '../../core/fit/case';
import { chartOf } from '../../core/fit/chart';
import { formatLength, type LengthUnit } from '../../core/measure/length';
import { zoneOf } from '../../core/measure/zones';
import { bodyOn } from '../../core/measure/body';
import { MAKE_STATES, type Cloth, type Make, type MeasurementSet, type Pattern } from '../../core/records';
import { newId } from '../../data/new-id';
import { keep } from '../../parts/keep';
import { AlterationEntry } from '../../parts/alteration-entry';
import { SizeLineEntry } from '../../parts/size-line-entry';
import { SelectField, TextField, WordsField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';
import { NumberField } from '../../ui/number-field';
import { Pick } from '../../ui/pick';

/** A cloth that is only a name yet: what it does is asked on the shelf, and counted as not known until then. */
async function addCloth(name: string, pattern: Pattern): Promise<string> {
  const cloth: Cloth = {
    id: newId(),
    name,
    structure: pattern.wants.structure,
    swatch: { print: 'plain', ground: '#d8cdb8', figure: '#a99a7f', repeat: 2 },
    pieces: [],
  };
  await keep(`cloth “${name}” put on the shelf`, [{ table: 'cloths', put: cloth }]);
  toast(`“${name}” is on the shelf. Say there how far it gives.`);
  return cloth.id;
}

/** What this cloth does to the girths that matter, in a line; only where the pattern asks for a stretch. */
function GiveLine({
  make,
  pattern,
  cloth,
  bodies,
  unit,
}: {
  make: Make;
  pattern: Pattern;
  cloth: Cloth;
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
}) {
  const view = viewOf(pattern, make);
  const zone = view.zones.find((z) => zoneOf(z).kind === 'girth');
  const measure = zone && zoneOf(zone).measure;
  if (!zone || !measure) return null;
  const give = clothGive(pattern, zone, cloth, {
    girth: bodyOn(bodies, measure, make.cutOn)?.cm,
    ease: intendedEase(pattern, view, zone, chartOf(pattern, make.chartId), make.size),
  });
  if (give.unknown === 'stretch of the cloth')
    return <span className="text-small text-ink2">How far it gives is not noted: the reckoning stays wider.</span>;
  if (Math.abs(give.cm) < 0.25) return null;
  return (
    <span className="text-small text-ink2">
      It gives {give.cm < 0 ? 'less' : 'more'} than the pattern asks: like {formatLength(give.cm, unit, { signed: true, about: true })} at the{' '}
      {zoneOf(zone).label}
      {give.tooFar ? ', too far to reckon with: sew a toile' : ''}.
    </span>
  );
}

/** The left side of logging: what was cut, what was changed, in which cloth. */
export function MakeForm({
  make,
  pattern,
  cloths,
  bodies,
  unit,
  onChange,
}: {
  make: Make;
  pattern: Pattern;
  cloths: readonly Cloth[];
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
  onChange: (make: Make) => void;
}) {
  const view = viewOf(pattern, make);
  const context = useMemo(() => effectContext(pattern, view), [pattern, view]);
  const change = (part: Partial<Make>) => onChange({ ...make, ...part });
  const main = make.cloths.find((u) => u.part === 'main');
  const cloth = cloths.find((c) => c.id === main?.clothId);
  const setCloth = (part: Partial<Make['cloths'][number]>) => {
    const next = { id: newId(), part: 'main' as const, clothId: '', ...main, ...part };
    change({ cloths: [next, ...make.cloths.filter((u) => u !== main)] });
  };
  return (
    <div className="flex flex-col gap-4">
      <section aria-labelledby="cut" data-question>
        <h2 id="cut" className="mb-1 text-[17px]">
          What did you cut and change?
        </h2>
        <div className="flex flex-col gap-2">
          {pattern.views.length > 1 && (
            <SelectField
              label="View"
              value={view.id}
              onChange={(e) => change({ sources: make.sources.map((s, i) => (i === 0 ? { ...s, viewId: e.target.value } : s)) })}
            >
              {pattern.views.map((v) => (
                <option key={v.id} value={v.id}>
                  {v.name}
                </option>
              ))}
            </SelectField>
          )}
          <SizeLineEntry chart={chartOf(pattern, make.chartId)} size={make.size} lines={make.sizeLines} zones={view.zones} onChange={change} />
          <AlterationEntry
            alterations={make.alterations}
            context={context}
            zones={view.zones}
            allowance={pattern.allowance}
            unit={unit}
            onChange={(alterations) => change({ alterations })}
          />
        </div>
      </section>
      <section aria-labelledby="cloth" data-question>
        <h2 id="cloth" className="mb-1 text-[17px]">
          In which cloth?
        </h2>
        <div className="flex flex-wrap items-end gap-3">
          <Pick
            label="Cloth"
            placeholder="type a name; a new one is added"
            value={main?.clothId || undefined}
            options={cloths.map((c) => ({ id: c.id, label: c.name, ...(c.fibre ? { detail: c.fibre } : {}) }))}
            onPick={(id) => setCloth({ clothId: id })}
            onNew={(name) => void addCloth(name, pattern).then((id) => setCloth({ clothId: id }))}
            newLabel={(name) => `New cloth: ${name}`}
            className="min-w-56 flex-1"
          />
          {main?.clothId && (
            <>
              <LengthField label="Length used" unit={unit} cm={main.length} onCm={(cm) => setCloth({ length: cm })} className="[&_input]:w-24" />
              <LengthField label="Left over" unit={unit} cm={main.left} onCm={(cm) => setCloth({ left: cm })} className="[&_input]:w-24" />
            </>
          )}
        </div>
        {cloth && <GiveLine make={make} pattern={pattern} cloth={cloth} bodies={bodies} unit={unit} />}
      </section>
      <section aria-labelledby="about" className="flex flex-wrap items-end gap-3">
        <h2 id="about" className="sr-only">
          About this make
        </h2>
        <TextField label="Cut on" type="date" required value={make.cutOn} onChange={(e) => e.target.value && change({ cutOn: e.target.value })} />
        <SelectField label="Kind" value={make.kind} onChange={(e) => change({ kind: e.target.value as Make['kind'] })}>
          {(['garment', 'toile', 'wearable toile', 'refashion'] as const).map((k) => (
            <option key={k}>{k}</option>
          ))}
        </SelectField>
        <SelectField label="State" value={make.state} onChange={(e) => change({ state: e.target.value as Make['state'] })}>
          {MAKE_STATES.filter((s) => s !== 'planned').map((s) => (
            <option key={s}>{s}</option>
          ))}
        </SelectField>
        <NumberField
          label="Hours"
          number={make.minutes === undefined ? undefined : make.minutes / 60}
          most={2000}
          onNumber={(h) => change({ minutes: h === undefined ? undefined : Math.round(h * 60) })}
          className="[&_input]:w-20"
        />
        <WordsField
          label="A loose end (a hem, a snap)"
          words={make.looseEnds.find((l) => !l.done)?.words ?? ''}
          onWords={(words) => {
            const open = make.looseEnds.find((l) => !l.done);
            const others = make.looseEnds.filter((l) => l !== open);
            change({ looseEnds: words === '' ? others : [...others, open ? { ...open, words } : { id: newId(), words, since: make.cutOn }] });
          }}
          className="min-w-48 flex-1"
        />
      </section>
    </div>
  );
}
