import type { Named, Vocabulary } from './names';

/** A name that what is being typed may become, with the whole line as it would then stand. */
export interface Completion {
  readonly kind: 'pattern' | 'fabric' | 'person';
  readonly name: string;
  readonly line: string;
}

/** Letters that must be typed before a name is offered. */
const LEAST = 2;
const MOST = 6;

/**
 * Names of the ledger that the last words of a line begin.
 *
 * @param text the line up to where it is typed
 * @example completions('C, blue po', …) // [{ kind: 'fabric', name: 'blue poplin', line: 'C, blue poplin ' }]
 */
export function completions(text: string, { patterns, fabrics, people }: Vocabulary): Completion[] {
  const names: [Completion['kind'], readonly Named[]][] = [
    ['pattern', patterns],
    ['fabric', fabrics],
    ['person', people],
  ];
  const found: Completion[] = [];
  // From the longest run of last words to the last one alone: "blue po" is tried before "po".
  for (const start of text.matchAll(/(?<![\p{L}\p{N}])(?=[\p{L}\p{N}])/gu)) {
    const fragment = text.slice(start.index).toLowerCase();
    if (fragment.length < LEAST) continue;
    for (const [kind, list] of names)
      for (const { name } of list)
        if (name.toLowerCase().startsWith(fragment) && name.length > fragment.length && !found.some((f) => f.name === name && f.kind === kind))
          found.push({ kind, name, line: `${text.slice(0, start.index)}${name} ` });
  }
  return found.slice(0, MOST);
}
