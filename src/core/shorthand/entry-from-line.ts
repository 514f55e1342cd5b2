import { sameAlteration } from '../alteration/alteration-key';
import type { ZoneId } from '../body/zones';
import type { FitNote, Make, Seen, Fabric } from '../records';
import { blankFabric } from '../records/blank';
import type { Chip } from './chip';

/** A make that a line amounts to, with what is not part of the make itself. */
export interface LineEntry {
  readonly make: Make;
  /** One look at the garment: when, and what was seen. */
  readonly seen: Seen;
  readonly said: readonly Pick<FitNote, 'zone' | 'outcome' | 'amount' | 'side' | 'symptom'>[];
  readonly love: 1 | 2 | 3 | 4 | 5 | undefined;
  /** Fabrics that the line names and the stash does not have. */
  readonly newFabrics: readonly Fabric[];
  /** What the sewist should know before it is entered. */
  readonly remarks: readonly string[];
}

/**
 * The make that a line describes.
 *
 * @param start the make to begin from: a new version with the last cut, or a blank one
 * @param zones those that decide the fit, for "the rest is right"
 * @param newId gives ids; two calls give different ones
 */
export function entryFromLine(
  chips: readonly Chip[],
  { start, zones, newId }: { readonly start: Make; readonly zones: readonly ZoneId[]; readonly newId: () => string },
): LineEntry {
  let make = start;
  let seen: Seen = { at: 'firstDay' };
  let love: LineEntry['love'];
  let restRight = false;
  let saidSize = false;
  const said = new Map<ZoneId, LineEntry['said'][number]>();
  const newFabrics: Fabric[] = [];
  const remarks: string[] = [];
  const words: string[] = [];

  for (const { understood: u } of chips)
    switch (u.is) {
      case 'pattern':
      case 'version':
        if (u.version !== undefined && u.version !== start.version)
          remarks.push(`The line says version ${u.version}; by the ledger this is version ${start.version}, and so it is entered.`);
        break;
      case 'new pattern':
      case 'new thing':
      case 'person':
        break;
      case 'size':
        // A size said anew is meant all over, unless zones are named too.
        make = { ...make, size: u.line, sizeLines: saidSize ? make.sizeLines : [] };
        saidSize = true;
        break;
      case 'size at': {
        const others = make.sizeLines.filter((l) => !u.zones.includes(l.zone));
        make = { ...make, size: make.size ?? u.line, sizeLines: [...others, ...u.zones.map((zone) => ({ zone, line: u.line }))] };
        saidSize = true;
        break;
      }
      case 'alteration': {
        // The one in the line takes the place of the one carried on.
        const others = make.alterations.filter((a) => !sameAlteration(a, u.alteration));
        make = { ...make, alterations: [...others, { id: newId(), ...u.alteration }] };
        break;
      }
      case 'fit':
        for (const note of u.notes) said.set(note.zone, note);
        break;
      case 'rest right':
        restRight = true;
        break;
      case 'fabric': {
        let fabricId: string;
        if ('id' in u.fabric) fabricId = u.fabric.id;
        else {
          const fabric = blankFabric(newId(), u.fabric.name);
          newFabrics.push(fabric);
          fabricId = fabric.id;
        }
        const use = {
          id: newId(),
          fabricId,
          part: u.part,
          ...(u.length === undefined ? {} : { length: u.length }),
          ...(u.left === undefined ? {} : { left: u.left }),
        };
        make = { ...make, fabrics: [...make.fabrics, use] };
        break;
      }
      case 'seen':
        seen = u.seen;
        break;
      case 'time':
        make = { ...make, times: [...make.times, { id: newId(), phase: u.phase, minutes: u.minutes }] };
        break;
      case 'cost':
        make = { ...make, notions: [...make.notions, { id: newId(), what: u.what, cost: u.money }] };
        break;
      case 'love':
        love = u.love;
        break;
      case 'date':
        make = { ...make, cutOn: u.date, finishedOn: u.date };
        break;
      case 'kind':
        make = { ...make, kind: u.kind };
        break;
      case 'note':
        make = { ...make, notes: [...make.notes, { id: newId(), kind: u.kind, words: u.words }] };
        break;
      case 'loose end':
        make = { ...make, state: 'loose ends', looseEnds: [...make.looseEnds, { id: newId(), words: u.words, since: make.cutOn }] };
        break;
      case 'words':
        words.push(u.words);
    }
  if (restRight) for (const zone of zones) if (!said.has(zone)) said.set(zone, { zone, outcome: 0 });
  if (words.length > 0) make = { ...make, remark: words.join(' … ') };
  return { make, seen, said: [...said.values()], love, newFabrics, remarks };
}
