import { techniquesIn } from '../catalogue/techniques';
import type { Make, NoteSubject } from '../records';
import { mainUse } from './main-fabric';

/**
 * What a lesson is about, by what was said of it: the fabric or the technique that was named; where none was, the techniques that its words
 * speak of, else the fabric of the garment and its like, else the pattern.
 *
 * @param named as it was said, empty where nothing was
 * @example lessonSubjects('', 'stay tape in the facing', make, []) // [{ of: 'technique', name: 'facing' }]
 */
export function lessonSubjects(
  named: string,
  words: string,
  make: Pick<Make, 'fabrics'>,
  fabrics: readonly { readonly id: string; readonly name: string }[],
): NoteSubject[] {
  const low = named.toLowerCase();
  const fabric = low === '' ? undefined : fabrics.find((f) => f.name.toLowerCase().includes(low));
  const main = mainUse(make)?.fabricId;
  const like = (fabricId: string): NoteSubject[] => [{ of: 'fabrics like it', fabricId }];
  if (fabric) return like(fabric.id);
  const spoken = techniquesIn(low === '' ? words : low).map((name): NoteSubject => ({ of: 'technique', name }));
  if (spoken.length > 0) return spoken;
  if (low !== '') return [{ of: 'technique', name: named }];
  return main === undefined ? [{ of: 'pattern' }] : like(main);
}
