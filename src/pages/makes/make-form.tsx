import type { ReactNode } from 'react';
import { viewOf } from '../../core/make/versions';
import { RecordFields } from '../../parts/record-fields';
import { minutesOf } from '../../core/make/minutes';
import { withoutPattern } from '../../core/make/without-pattern';
import { formatDuration } from '../../core/units/duration';
import type { LengthUnit } from '../../core/units/length';
import { zoneOf } from '../../core/body/zones';
import {
  ConstructionNote,
  isFitless,
  LooseEnd,
  Make,
  Mend,
  Notion,
  TimeSpent,
  type Fabric,
  type MeasurementSet,
  type Pattern,
} from '../../core/records';
import { newId } from '../../data/new-id';
import { usePatterns, useTradeWords } from '../../data/queries';
import { today } from '../../data/today';
import { FabricUses } from '../../parts/fabric-uses';
import { CutFields } from '../../parts/cut-fields';
import { RecordField } from '../../parts/record-field';
import { RecordRows } from '../../parts/record-rows';
import { Fold } from '../../ui/fold';
import { OpeningFields, openingsSaid } from '../../parts/opening-fields';
import { openingsOf } from '../../core/make/openings';
import { LackingParts } from '../../parts/lacking-parts';
import { InASet } from '../../parts/in-a-set';
import { joinedSaid } from '../../core/make/part-words';
import { Joined } from '../../parts/joined';
import { ZonePills } from '../../parts/zone-pills';
import { MadeOver } from './made-over';
import { EndedFields } from './ended-fields';
import { ItsDays } from './its-days';
import { MeasuredFields } from './measured-fields';
import { WorkTimer } from './timer';

const count = (n: number, one: string, many = `${one}s`) => (n === 0 ? '' : `${n} ${n === 1 ? one : many}`);

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
  /** Absent for what needed none: a dress cut down. */
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
  const patterns = usePatterns();
  const change = (part: Partial<Make>) => onChange({ ...make, ...part });
  const of = Make.shape;
  const cut = pattern ?? withoutPattern(make);
  const minutes = minutesOf(make);
  const openEnds = make.looseEnds.filter((l) => !l.done);
  return (
    <div className="flex flex-col gap-4">
      {cut && (
        <section aria-labelledby="cut" data-question>
          <h2 id="cut" className="mb-1 text-head">
            What did you cut and change?
          </h2>
          <CutFields make={make} pattern={cut} bodies={bodies} unit={unit} onChange={change} />
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
        <div className="flex flex-wrap items-start gap-3">
          {!pattern && <RecordField of={of} name="name" value={make.name} onValue={(name) => change({ name })} className="w-56" />}
          <ItsDays make={make} onChange={change} />
          <RecordField of={of} name="kind" value={make.kind} onValue={(kind) => change({ kind })} />
          <RecordField of={of} name="state" value={make.state} onValue={(state) => change({ state })} />
          {(make.kind === 'without fit' || make.quantity > 1) && (
            <RecordField of={of} name="quantity" value={make.quantity} onValue={(quantity) => change({ quantity })} className="w-20" />
          )}
          <RecordFields of={of} part="about" record={make} onChange={change} className="w-44" />
          <InASet setId={make.setId} onSet={(setId) => change({ setId })} />
        </div>
        <EndedFields make={make} onChange={change} />
        {make.kind === 'toile' &&
          (cut ? (
            <LackingParts view={viewOf(cut, make)} lacking={make.lacking} onLacking={(lacking) => change({ lacking })} />
          ) : (
            <ZonePills label={inWords('A toile that is not judged at')} zones={make.lacking} onZones={(lacking) => change({ lacking })} />
          ))}
        {make.kind === 'refashion' && <MadeOver make={make} fabrics={fabrics} onChange={change} />}
      </section>
      <div>
        {cut && !isFitless(cut.kind) && (
          <Fold head="How its openings close" said={openingsSaid(openingsOf(viewOf(cut, make), make))}>
            <OpeningFields openings={openingsOf(viewOf(cut, make), make)} onOpenings={(openings) => change({ openings })} />
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
        {pattern && !isFitless(pattern.kind) && (
          <Fold head="Measured instead of read from the chart" said={make.measured.map((m) => zoneOf(m.zone).label).join(', ')}>
            <MeasuredFields measured={make.measured} unit={unit} onMeasured={(measured) => change({ measured })} />
          </Fold>
        )}
        {pattern && (
          <Fold head="Joined with another pattern or view" said={joinedSaid(make.sources, make.own, patterns)}>
            <Joined sources={make.sources} own={make.own} onSources={(sources) => change({ sources })} onOwn={(own) => change({ own })} />
          </Fold>
        )}
        <Fold head="Remark" said={make.remark ?? ''}>
          <RecordField of={of} name="remark" value={make.remark} onValue={(remark) => change({ remark })} labelHidden />
        </Fold>
      </div>
    </div>
  );
}
