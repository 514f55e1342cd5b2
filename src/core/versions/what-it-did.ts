import { alterationKey } from '../alteration/alteration-key';
import { lastEvidence, type Evidence } from '../fit/evidence';
import { mainCloth } from '../fit/cloth-give';
import { zonesOfCase } from '../fit/carry-forward';
import type { PatternCase } from '../fit/case';
import type { Offset } from '../fit/offset';
import type { ZoneId } from '../measure/zones';
import type { Alteration, Make } from '../records';
import { clothProperties } from './differences';

/** What became of a fit note in the next version; an overshot one is fixed, and its contrary is new. Source: engine.md, section 7. */
export type Fate = 'fixed' | 'eased' | 'the same' | 'worse' | 'not seen' | 'new';

/** What may be given the credit. */
export type Cause =
  { readonly of: 'size' } | { readonly of: 'body' } | { readonly of: 'cloth' } | { readonly of: 'alteration'; readonly alteration: Alteration };

export interface Effect {
  readonly zone: ZoneId;
  readonly fate: Fate;
  /** The note of the earlier version, of the later one; absent where the zone was not seen. */
  readonly before?: Evidence;
  readonly after?: Evidence;
  /** Who gets the credit, with shares that sum to 1; empty where it cannot be told. */
  readonly credit: readonly { readonly cause: Cause; readonly share: number }[];
  /** Why it cannot be told; absent where a credit is given or none is asked for. */
  readonly notClear?: 'cloth and cut both changed' | 'nothing that touches it changed' | 'the cut moved the other way';
}

/** A term that moved by less than this, cm, moved nothing. */
const NOTHING = 0.05;

const NONE: readonly Effect[] = [];

/** What moved the offset of a zone between two looks, cm, the cloth apart. */
function termsOf(from: Offset, to: Offset): { readonly cause: Cause; readonly cm: number }[] {
  const terms: { cause: Cause; cm: number }[] = [];
  const [a, b] = [from.chart, to.chart];
  if (a.from === 'chart' && b.from === 'chart' && a.measure === b.measure) {
    terms.push(
      { cause: { of: 'size' }, cm: b.factor * b.chart - a.factor * a.chart },
      { cause: { of: 'body' }, cm: a.factor * a.body - b.factor * b.body },
    );
  } else terms.push({ cause: { of: 'size' }, cm: b.cm - a.cm });
  const sums = new Map<string, { alteration: Alteration; cm: number }>();
  for (const [offset, sign] of [
    [from, -1],
    [to, 1],
  ] as const)
    for (const { alteration, cm } of offset.alterations) {
      const key = alterationKey(alteration);
      sums.set(key, { alteration, cm: (sums.get(key)?.cm ?? 0) + sign * cm });
    }
  for (const { alteration, cm } of sums.values()) terms.push({ cause: { of: 'alteration', alteration }, cm });
  return terms.filter((t) => Math.abs(t.cm) > NOTHING);
}

/** Who gets the credit for what became of a zone, or why nobody can be named. */
function creditFor(before: Evidence, after: Evidence, otherCloth: boolean, wanted: number): Pick<Effect, 'credit' | 'notClear'> {
  const terms = termsOf(before.offset, after.offset);
  const give = after.offset.cloth.cm - before.offset.cloth.cm;
  const cloth = otherCloth || Math.abs(give) > NOTHING;
  if (cloth && terms.length > 0) return { credit: [], notClear: 'cloth and cut both changed' };
  if (cloth) return { credit: [{ cause: { of: 'cloth' }, share: 1 }] };
  const helped = terms.filter((t) => Math.sign(t.cm) === wanted);
  if (helped.length === 0) return { credit: [], notClear: terms.length > 0 ? 'the cut moved the other way' : 'nothing that touches it changed' };
  const total = helped.reduce((sum, t) => sum + Math.abs(t.cm), 0);
  return { credit: helped.map(({ cause, cm }) => ({ cause, share: Math.abs(cm) / total })) };
}

/**
 * What the changes from one version to the next did, note by note; it never claims what cannot be told apart.
 *
 * @returns an entry for each zone that was not right in one of the two; zones right in both are left out
 */
export function whatItDid(input: PatternCase, earlier: Make, later: Make): Effect[] {
  const otherCloth = clothProperties(mainCloth(earlier, input.cloths).cloth, mainCloth(later, input.cloths).cloth).length > 0;
  const [ofEarlier, ofLater] = [lastEvidence(input, earlier.id), lastEvidence(input, later.id)];
  return zonesOfCase(input).flatMap((zone): readonly Effect[] => {
    const before = ofEarlier[zone];
    const after = ofLater[zone];
    const was = before?.note.outcome ?? 0;
    if (!after) return before && was !== 0 ? [{ zone, fate: 'not seen', before, credit: [] }] : NONE;
    const is = after.note.outcome;
    if (was === 0 && is === 0) return NONE;
    const both = before ? { zone, before, after } : { zone, after };
    const credit = (wanted: number) =>
      before ? creditFor(before, after, otherCloth, wanted) : { credit: [], notClear: 'nothing that touches it changed' as const };
    const found: Effect[] = [];
    if (was !== 0 && Math.sign(is) !== Math.sign(was)) found.push({ ...both, fate: 'fixed', ...credit(-Math.sign(was)) });
    if (is !== 0 && Math.sign(is) !== Math.sign(was)) found.push({ ...both, fate: 'new', ...(before ? credit(Math.sign(is)) : { credit: [] }) });
    if (is !== 0 && Math.sign(is) === Math.sign(was)) {
      const [less, more] = [Math.abs(is) < Math.abs(was), Math.abs(is) > Math.abs(was)];
      if (less) found.push({ ...both, fate: 'eased', ...credit(-Math.sign(was)) });
      else if (more) found.push({ ...both, fate: 'worse', ...credit(Math.sign(was)) });
      else found.push({ ...both, fate: 'the same', credit: [] });
    }
    return found;
  });
}
