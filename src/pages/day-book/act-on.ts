import type { Make } from '../../core/records';
import { save } from '../../parts/save';

/** One act on a make from the day book, named as the notice and undo name it. */
export const actOn = (label: string, { id }: Make, edit: (now: Make) => Make) =>
  save(label, [{ table: 'makes', id, edit }], { done: `${label.replace(/^./, (c) => c.toUpperCase())}. Ctrl Z takes it back.` });
