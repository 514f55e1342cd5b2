import { useState, type ReactNode } from 'react';
import { Button } from '../ui/button';
import { TextField } from '../ui/field';

/** One line of words to be kept, with its button; it is empty again once they are. */
export function OneLineForm({
  label,
  placeholder,
  keep = 'Keep it',
  most = 2000,
  onKeep,
  children,
}: {
  label: string;
  placeholder: string;
  /** What the button says. */
  keep?: string;
  most?: number;
  /** Whether they were kept: else they stay to be mended. */
  onKeep: (words: string) => Promise<boolean>;
  /** What else is asked once something was typed. */
  children?: (words: string) => ReactNode;
}) {
  const [words, setWords] = useState('');
  const said = words.trim();
  return (
    <form
      className="flex flex-col gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        if (said !== '') void onKeep(said).then((kept) => kept && setWords(''));
      }}
    >
      <span className="flex flex-wrap items-end gap-2">
        <TextField
          label={label}
          placeholder={placeholder}
          value={words}
          maxLength={most}
          onChange={(event) => setWords(event.target.value)}
          className="min-w-40 flex-1"
        />
        <Button type="submit" disabled={said === ''}>
          {keep}
        </Button>
      </span>
      {said !== '' && children?.(said)}
    </form>
  );
}
