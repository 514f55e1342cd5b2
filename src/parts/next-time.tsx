import { useState } from 'react';
import type { Make } from '../core/records';
import { newId } from '../data/new-id';
import { save } from './save';
import { Button } from '../ui/button';
import { TextField } from '../ui/field';

/** What is meant for the next version, in a line: it comes onto its plan, and says nothing of how this one fits. */
export function NextTime({ make }: { make: Make }) {
  const [words, setWords] = useState('');
  const said = words.trim();
  const keep = async () => {
    if (said === '') return;
    const note = { id: newId(), kind: 'next time' as const, words: said };
    if (await save(`next time: ${said}`, [{ table: 'makes', id: make.id, edit: (now) => ({ ...now, notes: [...now.notes, note] }) }])) setWords('');
  };
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <TextField
        label="Next time"
        placeholder="lengthen the sleeve by 2 …"
        value={words}
        maxLength={2000}
        onChange={(event) => setWords(event.target.value)}
        className="min-w-56 flex-1"
      />
      <Button type="submit" disabled={said === ''}>
        Keep it
      </Button>
    </form>
  );
}
