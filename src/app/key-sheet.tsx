import { Dialog } from '../ui/dialog';
import { SECTIONS } from './sections';

const KEYS: readonly (readonly [string, string])[] = [
  ['/', 'find anything, or write a make in one line'],
  ['n', 'log a make (on an account: of that pattern)'],
  ...SECTIONS.map((s): readonly [string, string] => [s.key, s.name]),
  ['Ctrl Z', 'take the last act back'],
  ['Ctrl Shift Z', 'do it again'],
  ['↑ ↓ Enter', 'in a list: move and open'],
  ['Enter ↑ ↓', 'in a table of measures: to the next one, and up and down'],
  ['Ctrl ↓ ↑', 'logging: to the next question, and back'],
  ['w · s', 'on a make’s page: worn today · the verdict is still so'],
  ['a s d f g h j k', 'on the wear page: the garment beside the letter, worn'],
  ['↑ ↓ Enter', 'in the day book: walk over what waits, and do it'],
  ['u · r · o', 'on a zone: under, right, over; again for clear, again for spoils'],
  ['a', 'on a zone: the rest is right'],
  ['1 – 5', 'on love: how much you like it'],
  ['Ctrl Enter', 'enter what was logged in the ledger'],
  ['=', 'arithmetic at hand: bands, circles, bias, elastic'],
  ['?', 'this sheet'],
];

/** The sheet of keys. */
export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog title="Keys" open={open} onClose={onClose}>
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {KEYS.map(([key, does]) => (
          <div key={does} className="contents">
            <dt>
              <kbd className="rounded-sm border border-rule2 bg-paper px-1.5 font-sans text-small">{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
