import type { Make } from '../core/records';
import { newId } from '../data/new-id';
import { noteAdded } from './note-writes';
import { OneLineForm } from './one-line-form';
import { save } from './save';

/** What is meant for the next version, in a line: it comes onto its plan, and says nothing of how this one fits. */
export function NextTime({ make }: { make: Make }) {
  const keep = (words: string) => {
    const note = { id: newId(), kind: 'next time' as const, words };
    return save(`next time: ${words}`, [noteAdded(make.id, note)]);
  };
  return <OneLineForm label="Next time" placeholder="lengthen the sleeve by 2 …" onKeep={keep} />;
}
