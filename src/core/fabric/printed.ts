import type { Swatch } from '../records';

/** Weaves that show no print. */
const PLAIN: ReadonlySet<Swatch['print']> = new Set(['plain', 'twill', 'rib', 'pile', 'melange']);

/** Whether a fabric shows a print, a stripe or a check, and not only its weave. */
export const isPrinted = ({ print }: Pick<Swatch, 'print'>): boolean => !PLAIN.has(print);
