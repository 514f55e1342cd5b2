import { useMemo } from 'react';
import { colourOf } from '../core/fabric/colour-of';
import { isPrinted } from '../core/fabric/printed';
import { mainFabric } from '../core/make/main-fabric';
import { makeName } from '../core/make/make-name';
import type { BoughtGarment, Fabric, GarmentKind, Make, Pattern, Person, Plan } from '../core/records';
import { sourcesOfPlan } from '../core/plan/plan-to-make';
import { planName } from '../core/make/plan-name';
import type { Worn } from '../core/schedule/goes-with';
import { withId } from '../core/units/by-id';
import { colourCalled } from '../core/units/colour';
import { inRotation } from '../core/wear/available';
import { useFabrics, useMakes, usePatterns } from '../data/queries';

const looks = (subject: Pick<Make, 'fabrics'>, fabrics: readonly Fabric[]): Pick<Worn, 'colour' | 'printed'> => {
  const { fabric } = mainFabric(subject, fabrics);
  return fabric ? { colour: colourOf(fabric), printed: isPrinted(fabric.swatch) } : {};
};

const kindOf = (make: Pick<Make, 'sources' | 'garment'>, patterns: readonly Pattern[]): GarmentKind | undefined =>
  withId(patterns, make.sources[0]?.patternId)?.kind ?? make.garment;

/** A make as it is worn; undefined where its kind is not known. */
export function wornMake(make: Make, patterns: readonly Pattern[], fabrics: readonly Fabric[]): Worn | undefined {
  const kind = kindOf(make, patterns);
  return kind && { id: make.id, name: makeName(make, patterns), kind, ...looks(make, fabrics) };
}

/** A plan as it will be worn. */
export function wornPlan(plan: Plan, patterns: readonly Pattern[], fabrics: readonly Fabric[]): Worn | undefined {
  const kind = kindOf({ sources: sourcesOfPlan(plan), ...(plan.garment ? { garment: plan.garment } : {}) }, patterns);
  return kind && { id: plan.id, name: planName(plan, patterns), kind, ...looks(plan, fabrics) };
}

const wornBought = ({ id, name, kind, shade, colour }: BoughtGarment): Worn => ({ id, name, kind, colour: shade ?? colourCalled(colour ?? '') });

/** What hangs of a person's: made and in rotation, those loved best first, and bought. */
export function useWhatHangs(person: Person | undefined): readonly (Worn & { readonly make?: Make })[] {
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  return useMemo(() => {
    const love = (make: Make) => make.verdicts.at(-1)?.love ?? 3;
    const made = makes
      .filter((m) => m.personId === person?.id && inRotation(m))
      .sort((a, b) => love(b) - love(a))
      .flatMap((make) => {
        const worn = wornMake(make, patterns, fabrics);
        return worn ? [{ ...worn, make }] : [];
      });
    return [...made, ...(person?.bought ?? []).map(wornBought)];
  }, [makes, patterns, fabrics, person]);
}
