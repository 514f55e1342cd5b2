import { lessonSubjects } from '../make/lesson-subjects';
import { sameAlteration } from '../alteration/alteration-key';
import type { ZoneId } from '../body/zones';
import { notesOf, type VerdictSaid, type ZoneSaid } from '../make/log-draft';
import { lessKnown } from '../make/known-to';
import { leftToDo } from '../make/one-touch';
import type { Fabric, Make, NoteSubject, Seen, SewnSet } from '../records';
import { blankFabric } from '../records/blank';
import { structureNamed } from '../records/garment-named';
import { colourCalled } from '../units/colour';
import { formatLength } from '../units/length';
import { formatMoney } from '../units/money';
import type { Chip, Understood } from './chip';
import type { LineRemark } from './remark-words';
import type { LineContext } from './sentence';

/** A make that a line amounts to, with what is not part of the make itself. */
export interface LineEntry {
  readonly make: Make;
  /** One look at the garment: when, and what was seen. */
  readonly seen: Seen;
  readonly said: readonly ZoneSaid[];
  readonly verdict: VerdictSaid;
  /** Fabrics that the line names and the stash does not have. */
  readonly newFabrics: readonly Fabric[];
  /** A set that the line names first. */
  readonly newSet?: SewnSet;
  /** What the sewist should know before it is entered. */
  readonly remarks: readonly LineRemark[];
}

type Of<K extends Understood['is']> = Extract<Understood, { readonly is: K }>;

/** A fabric that is not in the stash yet, with what the line says of it: black denim is drawn black. */
export function newFabric(id: string, { fabric, price, pricedBy, shop, width, weight }: Of<'fabric'>): Fabric {
  const name = 'name' in fabric ? fabric.name : '';
  const blank = blankFabric(id, name, structureNamed(name));
  const ground = colourCalled(name);
  return {
    ...blank,
    ...(ground === undefined ? {} : { swatch: { ...blank.swatch, ground } }),
    ...(price ? { pricePerMetre: price } : {}),
    ...(price && pricedBy ? { pricedBy } : {}),
    ...(shop === undefined ? {} : { source: shop }),
    ...(width === undefined ? {} : { width }),
    ...(weight === undefined ? {} : { weight }),
  };
}

/** What a state means for the rest of a make: what is not finished has no day on which it was. */
function inState(make: Make, { state, stage }: Of<'state'>): Make {
  const { finishedOn, ...rest } = make;
  const open = state === 'cut' || state === 'sewing' || state === 'abandoned';
  return { ...rest, state, ...(stage === undefined ? {} : { stage }), ...(open || finishedOn === undefined ? {} : { finishedOn }) };
}

/** In the order in which they take effect: what the cut begins from, before what differs from it. */
const FIRST: readonly Understood['is'][] = ['cut', 'view', 'size', 'size at', 'fabric'];
const rank = ({ is }: Understood) => (FIRST.includes(is) ? FIRST.indexOf(is) : FIRST.length);

/**
 * The make that a line describes. Of a question that nobody answered nothing is taken.
 *
 * @param start the make to begin from: a new version with the last cut, or a blank one
 * @param zones those that decide the fit, for "the rest is right"
 * @param context what the line was read against
 * @param newId gives ids; two calls give different ones
 */
export function entryFromLine(
  chips: readonly Chip[],
  {
    start,
    zones,
    context,
    madeOf = () => undefined,
    newId,
  }: {
    readonly start: Make;
    readonly zones: readonly ZoneId[];
    readonly context: Pick<LineContext, 'patterns' | 'fabrics' | 'unit'>;
    /** The make of a pattern, of that version or the latest, for what is made over from it. */
    readonly madeOf?: (patternId: string, version: number | undefined) => Make | undefined;
    readonly newId: () => string;
  },
): LineEntry {
  let make = start;
  let seen: Seen = { at: 'firstDay' };
  let verdict: VerdictSaid = {};
  let restRight = false;
  const saidDays = new Set<'cut' | 'finished'>();
  const said = new Map<ZoneId, ZoneSaid>();
  /** What was seen before it was put right. */
  const triedOn = new Map<ZoneId, ZoneSaid>();
  const newFabrics: Fabric[] = [];
  let newSet: SewnSet | undefined;
  const remarks: LineRemark[] = [];
  const words: string[] = [];
  const judged: string[] = [];
  const note = (kind: Make['notes'][number]['kind'], text: string, about: readonly NoteSubject[] = []) => {
    make = { ...make, notes: [...make.notes, { id: newId(), kind, words: text, ...(about.length > 0 ? { about: [...about] } : {}) }] };
  };

  const facts = chips.flatMap((chip) => (chip.asks ? [] : chip.says.map((fact) => ({ fact, text: chip.text }))));
  for (const { fact: u, text } of facts.toSorted((a, b) => rank(a.fact) - rank(b.fact)))
    switch (u.is) {
      case 'pattern':
      case 'new pattern':
      case 'new thing':
      case 'remade':
      case 'designer':
      case 'person':
      case 'new person':
        break;
      case 'version':
        if (u.version !== start.version) remarks.push({ is: 'another version', said: u.version, entered: start.version });
        break;
      case 'quantity':
        make = { ...make, quantity: u.quantity };
        break;
      case 'view':
        make = { ...make, sources: make.sources.map((source, i) => (i === 0 ? { ...source, viewId: u.viewId } : source)) };
        break;
      case 'cut':
        if (u.as === 'drafted') make = { ...make, sizeLines: [], alterations: [] };
        break;
      case 'size':
        // A size said anew is meant all over, unless zones are named too.
        make = { ...make, size: u.line, sizeLines: [] };
        break;
      case 'size at': {
        const others = make.sizeLines.filter((l) => !u.zones.includes(l.zone));
        make = { ...make, size: make.size ?? u.line, sizeLines: [...others, ...u.zones.map((zone) => ({ zone, line: u.line }))] };
        break;
      }
      case 'alteration': {
        // The one in the line takes the place of the one carried on; what was done on the garment comes on top of that.
        const isOnTop = u.alteration.when === 'body' || u.alteration.when === 'wear';
        const others = make.alterations.filter((a) => !sameAlteration(a, u.alteration) || (isOnTop && a.when !== u.alteration.when));
        make = { ...make, alterations: [...others, { id: newId(), ...u.alteration }] };
        break;
      }
      case 'fit':
        for (const { tried, ...of } of u.notes) (tried ? triedOn : said).set(of.zone, of);
        break;
      case 'rest right':
        restRight = true;
        break;
      case 'source': {
        const { views = [] } = context.patterns.find((p) => p.id === u.patternId) ?? {};
        // Of several views one that has the part: the sleeves are not of the sleeveless one.
        const viewId = u.viewId ?? (views.find((v) => u.zones.some((z) => v.zones?.includes(z))) ?? views[0])?.id;
        if (viewId === undefined || make.sources.length === 0) words.push(text);
        else {
          const zones = u.zones.length > 0 ? { zones: [...u.zones] } : {};
          const source = { patternId: u.patternId, viewId, ...zones, ...(u.part === '' ? {} : { pieces: u.part }) };
          // One that was carried on for the same places gives way.
          const others = make.sources.filter((s, i) => i === 0 || !s.zones?.some((z) => u.zones.includes(z)));
          make = { ...make, sources: [...others, source] };
        }
        break;
      }
      case 'own':
        make = { ...make, own: u.words };
        break;
      case 'chosen':
        make = { ...make, chosen: { ...make.chosen, ...u.chosen } };
        break;
      case 'made over': {
        const of = 'what' in u.from ? undefined : madeOf(u.from.patternId, u.from.version);
        if ('what' in u.from) make = { ...make, kind: 'refashion', bought: { ...u.from } };
        else if (of) make = { ...make, kind: 'refashion', refashionOf: of.id };
        else {
          make = { ...make, kind: 'refashion' };
          words.push(text);
          remarks.push({ is: 'made over from unknown' });
        }
        break;
      }
      case 'fabric': {
        const fabric = 'id' in u.fabric ? undefined : newFabric(newId(), u);
        if (fabric) newFabrics.push(fabric);
        // What is in the stash keeps its own price, shop, width and weight: what the line says of them is kept as words.
        else {
          const of = [
            u.price ? `${formatMoney(u.price)} a ${u.pricedBy ?? 'metre'}` : '',
            u.shop === undefined ? '' : `from ${u.shop}`,
            u.width === undefined ? '' : `${formatLength(u.width, context.unit)} wide`,
            u.weight === undefined ? '' : `${u.weight} g/m²`,
          ].filter(Boolean);
          const name = context.fabrics.find((f) => 'id' in u.fabric && f.id === u.fabric.id)?.name ?? '';
          if (of.length > 0) words.push(`${name}: ${of.join(', ')}`);
        }
        const use = {
          id: newId(),
          fabricId: 'id' in u.fabric ? u.fabric.id : (fabric?.id ?? ''),
          part: u.part,
          ...(u.length === undefined ? {} : { length: u.length }),
          ...(u.left === undefined ? {} : { left: u.left }),
        };
        make = { ...make, fabrics: [...make.fabrics, use] };
        break;
      }
      case 'length used':
      case 'squeeze': {
        const main = make.fabrics.find((f) => f.part === 'main');
        const said = u.is === 'squeeze' ? { squeeze: u.squeeze } : { length: u.length };
        if (main && !(u.is === 'length used' && main.length !== undefined))
          make = { ...make, fabrics: make.fabrics.map((f) => (f === main ? { ...f, ...said } : f)) };
        else words.push(text);
        if (!main && !remarks.some((r) => r.is === 'fabric not named')) remarks.push({ is: 'fabric not named' });
        break;
      }
      case 'seen':
        seen = u.seen;
        break;
      case 'wears':
        if (u.wears > 0) seen = { at: 'worn', wears: u.wears };
        else remarks.push({ is: 'never worn' });
        break;
      case 'time':
        make = { ...make, times: [...make.times, { id: newId(), phase: u.phase, minutes: u.minutes }] };
        break;
      case 'cost':
        make = { ...make, notions: [...make.notions, { id: newId(), what: u.what, ...(u.money ? { cost: u.money } : {}) }] };
        break;
      case 'love':
        verdict = { ...verdict, love: u.love };
        break;
      case 'reason':
        verdict = { ...verdict, reasons: [...new Set([...(verdict.reasons ?? []), u.reason])] };
        judged.push(text);
        break;
      case 'again':
        verdict = { ...verdict, sewAgain: u.answer };
        judged.push(text);
        break;
      case 'date':
        saidDays.add(u.of);
        make = { ...make, ...(u.of === 'cut' ? { cutOn: u.date } : { finishedOn: u.date }) };
        // Both days of a make are known as far as the one of which less is.
        if (u.knownTo) make = { ...make, knownTo: lessKnown(make.knownTo, u.knownTo) };
        break;
      case 'kind':
        make = { ...make, kind: u.kind };
        break;
      case 'state':
        make = inState(make, u);
        break;
      case 'difficulty':
        make = { ...make, difficulty: u.difficulty };
        break;
      case 'note':
        note(u.kind, u.words, u.lesson === undefined ? [] : lessonSubjects(u.lesson, u.words, make, [...context.fabrics, ...newFabrics]));
        break;
      case 'next':
        note('next time', u.words);
        break;
      case 'set':
        make = { ...make, setId: u.setId };
        break;
      case 'new set':
        newSet = { id: newId(), name: u.name };
        make = { ...make, setId: newSet.id };
        break;
      case 'loose end':
        make = leftToDo(make, { id: newId(), words: u.words, since: make.cutOn });
        break;
      case 'words':
        words.push(u.words);
    }
  if (restRight) for (const zone of zones) if (!said.has(zone) && !triedOn.has(zone)) said.set(zone, { zone, outcome: 0 });
  // Where only one day was said, the other is no later, and no earlier.
  if (make.finishedOn !== undefined && make.cutOn > make.finishedOn)
    make = saidDays.has('cut') && !saidDays.has('finished') ? { ...make, finishedOn: make.cutOn } : { ...make, cutOn: make.finishedOn };
  if (triedOn.size > 0) {
    const notes = notesOf({ seen: { at: 'tryOn' }, said: [...triedOn.values()] }, make.finishedOn ?? make.cutOn, newId);
    make = { ...make, fitNotes: [...make.fitNotes, ...notes] };
  }
  // A verdict says how much it is liked: without that, what else was said of it stays in its own words.
  if (judged.length > 0 && verdict.love === undefined) {
    words.push(...judged);
    remarks.push({ is: 'liking not said' });
  }
  if (words.length > 0) make = { ...make, remark: words.join(' … ') };
  return { make, seen, said: [...said.values()], verdict, newFabrics, ...(newSet ? { newSet } : {}), remarks };
}
