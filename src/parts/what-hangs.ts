import { useMemo } from 'react';
import { colourOf } from '../core/fabric/colour-of';
import { isPrinted } from '../core/fabric/printed';
import { kindOfMake } from '../core/make/kind-of';
import { mainFabric } from '../core/make/main-fabric';
import { makeName } from '../core/make/make-name';
import type { BoughtGarment, Fabric, Make, Pattern, Person, Plan } from '../core/records';
import { sourcesOfPlan } from '../core/plan/plan-to-make';
import { planName } from '../core/make/plan-name';
import type { Worn } from '../core/schedule/goes-with';
import { colourCalled } from '../core/units/colour';
import { inRotation } from '../core/wear/available';
import { useFabrics, useMakes, usePatterns } from '../data/queries';

const looks = (subject: Pick<Make, 'fabrics'>, fabrics: readonly Fabric[]): Pick<Worn, 'colour' | 'printed'> => {
  const { fabric } = mainFabric(subject, fabrics);
  return fabric ? { colour: colourOf(fabric), printed: isPrinted(fabric.swatch) } : {};
};

/** A make as it is worn; undefined where its kind is not known. */
export function wornMake(make: Make, patterns: readonly Pattern[], fabrics: readonly Fabric[]): Worn | undefined {
  const kind = kindOfMake(make, patterns);
  return kind && { id: make.id, name: makeName(make, patterns), kind, ...looks(make, fabrics) };
}

/** A plan as it will be worn. */
export function wornPlan(plan: Plan, patterns: readonly Pattern[], fabrics: readonly Fabric[]): Worn | undefined {
  const kind = kindOfMake({ sources: sourcesOfPlan(plan), ...(plan.garment ? { garment: plan.garment } : {}) }, patterns);
  return kind && { id: plan.id, name: planName(plan, patterns), kind, ...looks(plan, fabrics) };
}

/** The colour of a bought garment: the shade that was chosen, else what the name of its colour says. */
export const shadeOf = ({ shade, colour }: Pick<BoughtGarment, 'shade' | 'colour'>): string | undefined => shade ?? colourCalled(colour ?? '');

const wornBought = (bought: BoughtGarment): Worn => ({ id: bought.id, name: bought.name, kind: bought.kind, colour: shadeOf(bought) });

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
