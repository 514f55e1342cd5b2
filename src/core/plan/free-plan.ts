import { withoutPattern } from '../make/without-pattern';
import type { PatternCase } from '../garment/case';
import { mainFabric } from '../make/main-fabric';
import type { Fabric, Make, MeasurementSet, Pattern, Plan } from '../records';
import { blankPattern, blankPlan } from '../records/blank';
import { isWithoutFit, kindNamed } from '../records/garment-named';

const MENDS = /\b(mend|repair|patch|darn|sew on|fix|replace)\w*\b/i;
const MAKES_OVER =
  /\bcut\b.*\bdown\b|\b(shorten|lengthen|cut off|slim|take in|let out|refashion|re-?make|turn|alter|convert|restyle|crop|hem|dye)\w*\b/i;

/**
 * What kind of plan words are of that name no pattern: something mended, something made over, or a thing that needs none.
 *
 * @example freePlanKind('slim the pyjamas') // 'refashion'
 */
export function freePlanKind(words: string): Plan['kind'] {
  if (MENDS.test(words)) return 'mend';
  if (MAKES_OVER.test(words)) return 'refashion';
  return isWithoutFit(words) ? 'without fit' : 'garment';
}

/** A plan that needs no pattern, by what it is called. */
export function freePlan(id: string, personId: string, name: string, day: string): Plan {
  const { patternId: _, viewId: __, ...plan } = blankPlan(id, personId, '', '', day);
  const kind = freePlanKind(name);
  const garment = kindNamed(name);
  return { ...plan, name, kind, ...(garment === undefined || kind === 'mend' ? {} : { garment }) };
}

/** What a plan without a pattern is reckoned with: the kind of garment stands for it, and what its fabric is it asks for. */
export function freeCase(plan: Plan, make: Make, bodies: readonly MeasurementSet[], fabrics: readonly Fabric[]): PatternCase {
  const known: Pattern = withoutPattern(make) ?? blankPattern(`none ${plan.id}`, `view of ${plan.id}`, plan.name ?? 'a plan', 'accessory');
  const structure = mainFabric(make, fabrics).fabric?.structure ?? known.wants.structure;
  return { pattern: { ...known, wants: { structure } }, makes: [], bodies: bodies.filter((b) => b.personId === plan.personId), fabrics };
}
