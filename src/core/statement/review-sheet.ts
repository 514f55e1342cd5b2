import { lookedWords, outcomeWords } from '../make/fit-note-words';
import { isUndated, makeDayWords } from '../make/its-day';
import { viewOf } from '../make/versions';
import { makeName } from '../make/make-name';
import { minutesOf } from '../make/minutes';
import { alterationWhen, alterationWords, zoneList } from '../alteration/words';
import { bodyOn } from '../body/measures';
import { formatDuration } from '../units/duration';
import { fabricUnitOf, formatFabricLength, formatLength, type LengthUnit } from '../units/length';
import { BODY_MEASURES, zoneOf } from '../body/zones';
import type { Fabric, FitNote, Make, MeasurementSet, Pattern } from '../records';
import { talkThrough } from './talk-through';
import type { Sheet, SheetBlock, SheetOptions } from './sheet';

/** What a review is written from. */
export interface ReviewInput {
  readonly make: Make;
  /** Among which what it was made over from is looked up. */
  readonly makes: readonly Make[];
  readonly patterns: readonly Pattern[];
  readonly fabrics: readonly Fabric[];
  /** Of the person it was made for. */
  readonly bodies: readonly MeasurementSet[];
  /** Wears so far. */
  readonly wears: number;
  /** What it cost, in words. */
  readonly cost: string;
}

/** The latest note of each zone; what another zone caused is told there. */
function latestNotes(notes: readonly FitNote[]): FitNote[] {
  const latest = new Map<string, FitNote>();
  for (const note of notes) if (!note.causedBy) latest.set(note.zone, note);
  return [...latest.values()];
}

/** A make as sewists publish it: pattern, sizes, alterations, fabric, what worked, tips, errata, verdict after so many wears. */
export function reviewSheet({ make, makes, patterns, fabrics, bodies, wears, cost }: ReviewInput, unit: LengthUnit, options: SheetOptions): Sheet {
  const { fabricUnit = fabricUnitOf(unit) } = options;
  const pattern = patterns.find((p) => p.id === make.sources[0]?.patternId);
  const view = pattern && viewOf(pattern, make);
  const blocks: SheetBlock[] = [
    { kind: 'told', picture: { makeId: make.id, caption: makeName(make, patterns) }, lines: talkThrough(make, { patterns, fabrics, makes }, unit) },
  ];
  const list = (heading: string, items: readonly string[]) => {
    if (items.length > 0) blocks.push({ kind: 'heading', text: heading }, { kind: 'list', items });
  };

  list('The pattern', [
    ...(pattern && view && pattern.views.length > 1 ? [`view ${view.name}`] : []),
    ...(pattern?.instructions ? [`instructions ${pattern.instructions} of 5`] : []),
  ]);
  list('Cut and changed', [
    ...make.alterations.map((a) => `${alterationWords(a, unit)}, ${a.purpose === 'style' ? 'for looks' : alterationWhen(a)}`),
  ]);
  list(
    'Fabric and notions',
    [
      ...make.fabrics.map((use) => {
        const fabric = fabrics.find((c) => c.id === use.fabricId);
        const length = use.length === undefined ? '' : `, ${formatFabricLength(use.length, fabricUnit)}`;
        const width = fabric?.width === undefined ? '' : ` at ${formatLength(fabric.width, unit)}`;
        const squeeze = use.squeeze ? ` (${use.squeeze})` : '';
        return `${use.part === 'main' ? '' : `${use.part}: `}${fabric?.name ?? 'fabric'}${fabric?.weave ? `, ${fabric.weave}` : ''}${length}${length ? width : ''}${squeeze}`;
      }),
      ...make.notions.map((n) => n.what),
    ].filter((words) => words !== ''),
  );
  const noted = latestNotes(make.fitNotes);
  const right = noted.filter((n) => n.outcome === 0 && !n.words);
  const seen = [...new Set(right.map((n) => lookedWords(n, make)))];
  list('How it fits', [
    ...seen.map((when) => `right, ${when}: ${zoneList(right.filter((n) => lookedWords(n, make) === when).map((n) => n.zone))}`),
    ...noted
      .filter((n) => !right.includes(n))
      .map((n) => `${zoneOf(n.zone).label}: ${outcomeWords(n, unit)}, ${lookedWords(n, make)}${n.words ? `: ${n.words}` : ''}`),
  ]);
  const notes = (kinds: readonly string[]) => make.notes.filter((n) => kinds.includes(n.kind)).map((n) => n.words);
  list('Made differently', notes(['different', 'mistake']));
  list('Tips', notes(['tip', 'setting']));
  list('Errors in the pattern', [...new Set([...(pattern?.errata.map((e) => e.words) ?? []), ...notes(['erratum'])])]);
  const verdict = make.verdicts.at(-1);
  const minutes = minutesOf(make);
  list('Verdict', [
    ...(verdict
      ? [
          ...(verdict.reasons.length > 0 ? [`not reached for because of ${verdict.reasons.join(', ')}`] : []),
          ...(verdict.sewAgain ? [`sew it again: ${verdict.sewAgain}`] : []),
        ]
      : []),
    ...(wears > 0 ? [`worn ${Math.round(wears)}\u202f× so far`] : []),
    ...(minutes === undefined ? [] : [`${formatDuration(minutes)} of work`]),
    ...(options.prices && cost !== '' ? [`cost ${cost}`] : []),
  ]);
  if (options.body && view && !isUndated(make)) {
    const measures = [...new Set(view.zones.flatMap((z) => zoneOf(z).measure ?? []))];
    const rows = measures.flatMap((m) => {
      const value = bodyOn(bodies, m, make.cutOn);
      return value ? [[BODY_MEASURES[m], `${formatLength(value.cm, unit, { about: true })}${value.how === 'carried on' ? ', expected' : ''}`]] : [];
    });
    if (rows.length > 0)
      blocks.push(
        { kind: 'heading', text: 'Made for' },
        {
          kind: 'table',
          caption: make.knownTo ? 'Body at about the time it was cut' : 'Body on the day it was cut',
          columns: [{ head: 'Measure' }, { head: 'Length', figures: true }],
          rows,
        },
      );
  }
  const title = pattern ? `${pattern.name}, version ${make.version}` : makeName(make, patterns);
  return {
    title,
    under: [make.kind === 'garment' ? '' : make.kind, !isUndated(make) && `cut in ${makeDayWords(make, make.cutOn, 'MMMM yyyy')}`]
      .filter(Boolean)
      .join(' · '),
    blocks,
  };
}
