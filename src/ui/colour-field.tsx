import { useEffect, useRef, useState } from 'react';
import { TextField } from './field';

/** A colour input shows something even where nothing was said. */
const NOT_SAID = '#808080';

/** A colour, kept once it is chosen and not with each one that is passed on the way; one that nobody said is said to be so. */
export function ColourField({
  colour,
  onColour,
  hint,
  ...rest
}: {
  label: string;
  labelHidden?: boolean;
  colour: string | undefined;
  onColour: (colour: string) => void;
  hint?: string | undefined;
  className?: string | undefined;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [passing, setPassing] = useState<string>();
  const keep = useRef(onColour);
  useEffect(() => {
    keep.current = onColour;
  });
  useEffect(() => {
    const field = input.current;
    // React's change comes with every colour under the pointer; the browser's own when one is chosen.
    const chosen = () => {
      setPassing(undefined);
      if (field) keep.current(field.value);
    };
    field?.addEventListener('change', chosen);
    return () => field?.removeEventListener('change', chosen);
  }, []);
  return (
    <TextField
      {...rest}
      type="color"
      field={input}
      value={passing ?? colour ?? NOT_SAID}
      onChange={(e) => setPassing(e.target.value)}
      hint={colour === undefined && passing === undefined ? 'not said yet' : hint}
    />
  );
}
