import { sameAlteration } from '../alteration/alteration-key';
import { inOrder, versionsOf, viewOf } from '../make/versions';
import { mainFabric, mainUse } from '../make/main-fabric';
import { alterationKind, reminderOf } from '../catalogue/alterations';
import { openWishes } from '../alteration/wishes';
import { alterationWhen, alterationWords, sizeLineWords } from '../alteration/words';
import { longestPiece } from '../fabric/stash';
import { atWidth, neededWords } from './needed-words';
import { formatLength } from '../units/length';
import { zoneOf } from '../body/zones';
import type { Alteration, ConstructionNote, FabricUse, SizeLine } from '../records';
import { bandWords, checksFor, type Check, type CheckRequest } from './checks';
import { meantForPlan } from './meant';
import { fabricFor } from './fabric-for-plan';
import { partTook } from './took';

/** A line to trace: where, and along which size. */
export interface TraceLine {
  readonly where: string;
  readonly line: string;
  /** Between two sizes: to be drawn. */
  readonly between?: { readonly from: string; readonly to: string; readonly at: number };
}

/** An alteration as it is done at the table. */
export interface SheetStep {
  readonly id: string;
  readonly words: string;
  readonly detail: readonly string[];
}

export interface SheetFabric {
  readonly name: string;
  readonly part: string;
  readonly needed: string;
  readonly hand: string;
}

/** One page to take to the table. */
export interface CutSheet {
  readonly trace: readonly TraceLine[];
  readonly steps: readonly SheetStep[];
  readonly fabrics: readonly SheetFabric[];
  readonly checks: readonly Check[];
  /** What was learned in earlier versions: the latest first. */
  readonly lastTime: readonly SheetStep[];
}

const betweenOf = (line: SizeLine): Pick<TraceLine, 'between'> =>
  line.to === undefined || line.at === undefined ? {} : { between: { from: line.size, to: line.to, at: line.at } };

function traceOf({ make, plans, unit }: CheckRequest): TraceLine[] {
  const bands = (plans.find((p) => p.id === make.id)?.bands ?? []).map((b): TraceLine => ({
    where: `${zoneOf(b.zone).label}, the piece`,
    line: bandWords(b, unit),
  }));
  if (!make.size) return bands;
  const own = make.sizeLines.map(({ zone, line }): TraceLine => ({ where: zoneOf(zone).label, line: sizeLineWords(line), ...betweenOf(line) }));
  return [...own, { where: own.length === 0 ? 'all over' : 'everywhere else', line: sizeLineWords(make.size), ...betweenOf(make.size) }, ...bands];
}

/** What is done on paper, in the usual order of the work; the seams are trued last. */
function stepsOf({ input, make, unit }: CheckRequest): SheetStep[] {
  const ordered = [...make.alterations].sort((a, b) => alterationKind(a.kind).order - alterationKind(b.kind).order);
  const whenMade = (a: Alteration) => {
    const made = inOrder(input.makes).findLast((m) => m.alterations.some((b) => sameAlteration(a, b)));
    const was = made?.alterations.find((b) => sameAlteration(a, b));
    return made && was && was.when !== 'paper' ? `${alterationWhen(was)}, version ${made.version}; ` : '';
  };
  const steps = ordered.map((a): SheetStep => {
    const { how } = alterationKind(a.kind);
    const remind = reminderOf(a);
    return {
      id: `step ${a.id}`,
      words: `${alterationWords(a, unit)}${a.purpose === 'style' ? ', for looks' : ''}`,
      detail: [
        how,
        ...(remind ? [remind] : []),
        ...(a.marked === undefined && a.when !== 'cutting' ? [`${whenMade(a)}not yet marked on the paper: mark it now`] : []),
        ...(a.note ? [a.note] : []),
      ],
    };
  });
  const blends = make.sizeLines.length > 0;
  if (steps.length > 0 || blends)
    steps.push({
      id: 'step true',
      words: 'True the seams',
      detail: ['walk each seam along its neighbour; sleeve into armhole, facings and linings with their pieces'],
    });
  return steps;
}

/** A part of the fabric, with its pieces where they are named. */
const withPieces = (use: FabricUse | undefined): string => (use?.pieces ? `${use.part} (${use.pieces})` : (use?.part ?? 'main'));

function fabricsOf({ input, make, today, unit, plans }: CheckRequest): SheetFabric[] {
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  const { fabric } = mainFabric(make, input.fabrics);
  const partNeeded = (part: FabricUse['part']) => {
    const took = partTook(input, make, part);
    return took ? `${length(took.length)}, by version ${took.version}` : 'not noted';
  };
  const main = fabric && fabricFor(input, make, fabric, today, plans);
  const others = make.fabrics.flatMap((use): SheetFabric[] => {
    const other = input.fabrics.find((c) => c.id === use.fabricId);
    if (!other || other === fabric) return [];
    const longest = longestPiece(other);
    return [
      {
        name: other.name,
        part: withPieces(use),
        needed: use.length === undefined ? partNeeded(use.part) : length(use.length),
        hand: longest > 0 ? length(longest) : 'none',
      },
    ];
  });
  if (!main) return others;
  const needed = main.needed === undefined ? 'not known' : `${neededWords(main.needed, unit)} ${atWidth(main, unit)}`;
  const { piece, answer } = main.hand;
  const hand = piece
    ? `${length(piece.length)}${main.shrinks ? ' once washed' : ''}${main.needed === undefined ? '' : ` · ${answer}`}`
    : 'none in the stash';
  return [{ name: main.fabric.name, part: withPieces(mainUse(make)), needed: `${needed}${main.fabric.nap ? ', all one way' : ''}`, hand }, ...others];
}

/** Notes that help at the table: settings and tips, and what was done differently. Mistakes stand with the checks. */
const HELPS: readonly ConstructionNote['kind'][] = ['setting', 'tip', 'different'];

function lastTimeOf({ input, make, unit, plans }: CheckRequest): SheetStep[] {
  const view = viewOf(input.pattern, make);
  const plan = plans.find((p) => p.id === make.id);
  // What was taken stands among the alterations and sizes already.
  const meant = plan ? meantForPlan(input, plan, plans).filter((m) => m.answered === undefined || m.answered.answer === 'in words') : [];
  const intentions = meant.map(({ note, make: of, answered }): SheetStep => ({
    id: `note ${note.id}`,
    words: note.words,
    detail: [`meant in version ${of.version}${answered ? '' : '; the plan does not say yet whether'}`],
  }));
  const notes = [...versionsOf(input)]
    .reverse()
    .flatMap((m) =>
      m.notes
        .filter((n) => HELPS.includes(n.kind))
        .map((n): SheetStep => ({ id: `note ${n.id}`, words: n.words, detail: [`${n.kind}, version ${m.version}`] })),
    )
    .slice(0, 8);
  const wishes = openWishes(view, make.alterations).map((w): SheetStep => ({
    id: `wish ${w.id}`,
    words: alterationWords(w, unit),
    detail: ['a wish kept with the view, not in this plan'],
  }));
  return [...intentions, ...notes, ...wishes];
}

/** Everything that a plan says at the cutting table. Marks on the paper stand with their alterations, truing last of them: neither is said twice. */
export function cutSheet(request: CheckRequest): CutSheet {
  return {
    trace: traceOf(request),
    steps: stepsOf(request),
    fabrics: fabricsOf(request),
    checks: checksFor(request).filter((c) => !c.id.startsWith('mark ') && c.id !== 'true'),
    lastTime: lastTimeOf(request),
  };
}
