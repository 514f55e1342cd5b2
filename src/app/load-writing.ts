import { loadShapes } from '../data/journal';

/** Loads what is needed to write what is being typed: a newer app may take the place of this one's parts before it is left. */
export async function loadWriting(): Promise<void> {
  await Promise.all([loadShapes(), import('../data/commands/enter-make')]);
  // What reads a line is long: in parts, between which the page can move.
  await import('../core/shorthand/read-line');
  await import('../parts/use-line-context');
  await import('./find');
}
