import { STATES } from '../../make/states';
import { inOrder, ofVersion } from '../../make/versions';
import type { Make, Pattern, Person } from '../../records';
import { readyOn } from '../../wear/available';
import type { Understood } from '../chip';
import type { LineTables, ReadMake } from '../draft-from-line';
import type { NameFound } from '../names';
import { goBy, versionBeside } from '../report';

/** Which of the garments that go by one name a line speaks of. */

/** What says of which garment. */
export const OF_WHICH: readonly Understood['is'][] = ['pattern', 'version', 'person'];

/** What hangs, or hung, by a name: the version that is said, else the latest that hangs ready, or of those that did. */
export function hangingOf(name: NameFound, low: string, person: Person | undefined, makes: readonly Make[]): Make | undefined {
  const ready = goBy(name, makes).filter((m) => m.kind !== 'toile' && readyOn(m) !== undefined);
  const hers = ready.filter((m) => m.personId === person?.id);
  const own = inOrder(hers.length > 0 ? hers : ready);
  const { version, isLikely } = versionBeside(name, low);
  // A number by itself that is none of its versions says nothing of which.
  const isSaid = version !== undefined && (!isLikely || goBy(name, makes).some((m) => m.version === version));
  return isSaid ? ofVersion(own, version) : (own.findLast((m) => STATES[m.state].worn) ?? own.at(-1));
}

/** The make of a pattern and a person that is spoken of: the version that is said, else the latest. */
export function makeOf(
  facts: readonly Understood[],
  pattern: Pattern | undefined,
  person: Person | undefined,
  { makes }: LineTables,
): Make | undefined {
  const version = facts.find((fact) => fact.is === 'version')?.version;
  const made = inOrder(makes.filter((m) => m.sources[0]?.patternId === pattern?.id && m.state !== 'planned'));
  const hers = made.filter((m) => m.personId === person?.id);
  // Whose it is nobody has to say, where it was never made for her.
  const own = hers.length > 0 || facts.some(({ is }) => is === 'person' || is === 'new person') ? hers : made;
  return ofVersion(own, version);
}

/** What is for whom we speak of, else the only one. */
export const hersOf = <T extends { readonly personId: string }>(all: readonly T[], spoken: Person | undefined): T | undefined =>
  all.find(({ personId }) => personId === spoken?.id) ?? (all.length === 1 ? all[0] : undefined);

/** What lies on the table and goes by a name, whoever it is for. */
export const lyingBy = (name: NameFound, { makes }: LineTables): readonly Make[] => goBy(name, makes).filter((m) => STATES[m.state].inHand);

/** What lies on the table of a pattern and person: the version that is said, else the latest. */
export function lyingOf({ chips, pattern, person }: Pick<ReadMake, 'chips' | 'pattern' | 'person'>, { makes }: LineTables): Make | undefined {
  const facts = chips.flatMap((chip) => chip.says);
  const version = facts.find((fact) => fact.is === 'version')?.version;
  const lying = inOrder(makes.filter((m) => STATES[m.state].inHand && m.sources[0]?.patternId === pattern?.id));
  const hers = lying.filter((m) => m.personId === person?.id);
  // Whose it is nobody has to say, where only one of the pattern lies there.
  const own = hers.length > 0 || lying.length > 1 || facts.some(({ is }) => is === 'person' || is === 'new person') ? hers : lying;
  return ofVersion(own, version);
}
