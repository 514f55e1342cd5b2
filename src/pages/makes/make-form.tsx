import type { ReactNode } from 'react';
import { firstView, viewOf } from '../../core/make/versions';
import { RecordFields } from '../../parts/record-fields';
import { makeName } from '../../core/make/make-name';
import { minutesOf } from '../../core/make/minutes';
import { formatDuration } from '../../core/units/duration';
import type { LengthUnit } from '../../core/units/length';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import { ConstructionNote, LooseEnd, Make, Mend, Notion, TimeSpent, type Fabric, type MeasurementSet, type Pattern } from '../../core/records';
import { newId } from '../../data/new-id';
import { useMakes, usePatterns, useTradeWords } from '../../data/queries';
import { today } from '../../data/today';
import { FabricUses } from '../../parts/fabric-uses';
import { CutFields } from '../../parts/cut-fields';
import { RecordField } from '../../parts/record-field';
import { RecordRows } from '../../parts/record-rows';
import { Button } from '../../ui/button';
import { Fold } from '../../ui/fold';
import { Pick } from '../../ui/pick';
import { OpeningFields, openingsSaid } from '../../parts/opening-fields';
import { openingsOf } from '../../core/make/openings';
import { LackingParts } from '../../parts/lacking-parts';
import { ZonePills } from '../../parts/zone-pills';
import { EndedFields } from './ended-fields';
import { MeasuredFields } from './measured-fields';
import { WorkTimer } from './timer';
import { withId } from '../../core/units/by-id';

const count = (n: number, one: string, many = `${one}s`) => (n === 0 ? '' : `${n} ${n === 1 ? one : many}`);

/** Which patterns the pieces came from: each zone's evidence goes to the pattern its piece came from. */
function Joined({ make, onChange }: { make: Make; onChange: (sources: Make['sources']) => void }) {
  const patterns = usePatterns();
  const others = make.sources.slice(1);
  const set = (patternId: string, zones: ZoneId[]) => onChange(make.sources.map((s) => (s.patternId === patternId ? { ...s, zones } : s)));
  return (
    <div className="flex flex-col gap-1.5">
      {others.map((source) => (
        <div key={source.patternId} className="flex flex-wrap items-center gap-2 border-b border-rule pb-1.5">
          <span>{withId(patterns, source.patternId)?.name ?? 'a pattern that is gone'}</span>
          <ZonePills label="brings" zones={source.zones ?? []} onZones={(zones) => set(source.patternId, zones)} />
          <Button quiet onClick={() => onChange(make.sources.filter((s) => s !== source))}>
            not joined
          </Button>
        </div>
      ))}
      <Pick
        label="Pieces of another pattern"
        placeholder="a sleeve, a skirt of another pattern …"
        value={undefined}
        options={patterns.filter((p) => !make.sources.some((s) => s.patternId === p.id)).map((p) => ({ id: p.id, label: p.name }))}
        onPick={(id) => {
          const pattern = withId(patterns, id)!;
          onChange([...make.sources, { patternId: id, viewId: firstView(pattern).id, zones: [] }]);
        }}
        className="w-72"
      />
    </div>
  );
}

/** The left side of logging: what was cut, what was changed, in which fabric, and how it was made. Parts fold; nothing is asked that is not wanted. */
export function MakeForm({
  make,
  pattern,
  fabrics,
  bodies,
  unit,
  entering = false,
  afterCut,
  onChange,
}: {
  make: Make;
  /** Absent for what has no pattern: a bag, a cushion. */
  pattern: Pattern | undefined;
  fabrics: readonly Fabric[];
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
  /** The make is not in the ledger yet. */
  entering?: boolean;
  /** What is asked next to what was cut, before everything else. */
  afterCut?: ReactNode;
  onChange: (make: Make) => void;
}) {
  const inWords = useTradeWords();
  const makes = useMakes();
  const patterns = usePatterns();
  const change = (part: Partial<Make>) => onChange({ ...make, ...part });
  const of = Make.shape;
  const minutes = minutesOf(make);
  const openEnds = make.looseEnds.filter((l) => !l.done);
  return (
    <div className="flex flex-col gap-4">
      {pattern && (
        <section aria-labelledby="cut" data-question>
          <h2 id="cut" className="mb-1 text-head">
            What did you cut and change?
          </h2>
          <CutFields make={make} pattern={pattern} bodies={bodies} unit={unit} onChange={change} />
        </section>
      )}
      {afterCut}
      <section aria-labelledby="fabric" data-question>
        <h2 id="fabric" className="mb-1 text-head">
          In which fabric?
        </h2>
        <FabricUses
          make={make}
          pattern={pattern}
          fabrics={fabrics}
          bodies={bodies}
          unit={unit}
          entering={entering}
          onUses={(uses) => change({ fabrics: uses })}
        />
      </section>
      <section aria-labelledby="about" className="flex flex-col gap-2">
        <h2 id="about" className="sr-only">
          About this make
        </h2>
        <div className="flex flex-wrap items-end gap-3">
          {!pattern && <RecordField of={of} name="name" value={make.name} onValue={(name) => change({ name })} className="w-56" />}
          <RecordField of={of} name="cutOn" value={make.cutOn} onValue={(cutOn) => change({ cutOn })} />
          <RecordField of={of} name="finishedOn" value={make.finishedOn} onValue={(finishedOn) => change({ finishedOn })} />
          <RecordField of={of} name="kind" value={make.kind} onValue={(kind) => change({ kind })} />
          <RecordField of={of} name="state" value={make.state} onValue={(state) => change({ state })} />
          {(make.kind === 'without fit' || make.quantity > 1) && (
            <RecordField of={of} name="quantity" value={make.quantity} onValue={(quantity) => change({ quantity })} className="w-20" />
          )}
          <RecordFields of={of} part="about" record={make} onChange={change} className="w-44" />
        </div>
        <EndedFields make={make} onChange={change} />
        {make.kind === 'toile' &&
          (pattern ? (
            <LackingParts view={viewOf(pattern, make)} lacking={make.lacking} onLacking={(lacking) => change({ lacking })} />
          ) : (
            <ZonePills label={inWords('A toile that is not judged at')} zones={make.lacking} onZones={(lacking) => change({ lacking })} />
          ))}
        {make.kind === 'refashion' && (
          <Pick
            label="Refashioned from"
            value={make.refashionOf}
            options={makes.filter((m) => m.id !== make.id).map((m) => ({ id: m.id, label: makeName(m, patterns) }))}
            onPick={(refashionOf) => change({ refashionOf })}
            className="w-72"
          />
        )}
      </section>
      <div>
        {pattern && (
          <Fold head="How its openings close" said={openingsSaid(openingsOf(viewOf(pattern, make), make))}>
            <OpeningFields openings={openingsOf(viewOf(pattern, make), make)} onOpenings={(openings) => change({ openings })} />
          </Fold>
        )}
        <Fold head="Loose ends" said={openEnds.map((l) => l.words).join(', ')} open={openEnds.length > 0}>
          <RecordRows
            of={LooseEnd.shape}
            names={['words', 'done']}
            rows={make.looseEnds}
            blank={(): LooseEnd => ({ id: newId(), words: '', since: today() })}
            add="a loose end"
            widths={{ words: 'min-w-48 flex-1', done: 'w-36' }}
            onRows={(looseEnds) => change({ looseEnds })}
          />
        </Fold>
        <Fold head="Time" said={minutes === undefined ? '' : formatDuration(minutes)}>
          <RecordRows
            of={TimeSpent.shape}
            names={['phase', 'minutes']}
            rows={make.times}
            blank={(): TimeSpent => ({ id: newId(), phase: 'all', minutes: 60 })}
            add="time spent"
            widths={{ phase: 'w-40', minutes: 'w-40' }}
            onRows={(times) => change({ times })}
          />
          <WorkTimer makeId={make.id} onTime={(time) => change({ times: [...make.times, time] })} />
        </Fold>
        <Fold head="Notions" said={make.notions.map((n) => n.what).join(', ')}>
          <RecordRows
            of={Notion.shape}
            names={['what', 'cost']}
            rows={make.notions}
            blank={(): Notion => ({ id: newId(), what: '' })}
            add="a notion"
            widths={{ what: 'w-56' }}
            onRows={(notions) => change({ notions })}
          />
        </Fold>
        <Fold head="Notes on the making" said={count(make.notes.length, 'note')}>
          <RecordRows
            of={ConstructionNote.shape}
            names={['words', 'kind']}
            rows={make.notes}
            blank={(): ConstructionNote => ({ id: newId(), kind: 'tip', words: '' })}
            add="a note"
            widths={{ kind: 'w-32', words: 'min-w-56 flex-1' }}
            onRows={(notes) => change({ notes })}
          />
        </Fold>
        <Fold head="Mends" said={count(make.mends.length, 'mend')}>
          <RecordRows
            of={Mend.shape}
            names={['what', 'date', 'wore', 'minutes', 'cost']}
            rows={make.mends}
            blank={(): Mend => ({ id: newId(), date: today(), what: '' })}
            add="a mend"
            widths={{ what: 'w-44', wore: 'w-36', minutes: 'w-24', cost: 'w-24' }}
            onRows={(mends) => change({ mends })}
          />
        </Fold>
        {pattern && (
          <Fold head="Measured instead of read from the chart" said={make.measured.map((m) => zoneOf(m.zone).label).join(', ')}>
            <MeasuredFields measured={make.measured} unit={unit} onMeasured={(measured) => change({ measured })} />
          </Fold>
        )}
        {pattern && (
          <Fold head="Joined with another pattern" said={count(Math.max(0, make.sources.length - 1), 'pattern')}>
            <Joined make={make} onChange={(sources) => change({ sources })} />
          </Fold>
        )}
        <Fold head="Remark" said={make.remark ?? ''}>
          <RecordField of={of} name="remark" value={make.remark} onValue={(remark) => change({ remark })} labelHidden />
        </Fold>
      </div>
    </div>
  );
}
