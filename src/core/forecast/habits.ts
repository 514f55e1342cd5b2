import type { ZoneId } from '../body/zones';
import type { DesignerHabit, PersonAt, Recollection, UsualAlteration } from './recollection';

/** All that a person's patterns taught, for a page of its own. */
export interface Habits {
  readonly usual: readonly UsualAlteration[];
  readonly designers: readonly DesignerHabit[];
  /** The person at each zone that was noted, in the order of the body. */
  readonly zones: readonly (PersonAt & { readonly zone: ZoneId })[];
}

/** What a recollection says of the person, of designers, and at each zone. */
export function habitsOf(memory: Recollection): Habits {
  return {
    usual: memory.usual(),
    designers: memory.designers(),
    zones: memory.zones.flatMap((zone) => {
      const person = memory.person(zone);
      return person ? [{ zone, ...person }] : [];
    }),
  };
}
