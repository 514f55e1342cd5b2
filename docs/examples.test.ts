import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

const CORE = join(__dirname, '../src/core');

function files(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return files(path);
    return name.endsWith('.ts') && !name.endsWith('.test.ts') ? [path] : [];
  });
}

/** What an expression gives with the names given; undefined where it is none, or speaks of what stands elsewhere. */
function worth(expression: string, names: Readonly<Record<string, unknown>>): { readonly value: unknown } | undefined {
  try {
    // oxlint-disable-next-line typescript/no-implied-eval
    return { value: new Function(...Object.keys(names), `return (${expression});`)(...Object.values(names)) as unknown };
  } catch (error) {
    if (error instanceof SyntaxError || error instanceof ReferenceError) return undefined;
    throw error;
  }
}

/** Examples of one line, `call // result`, that need nothing but what their own file exports, the second part read as code too. */
const examples = files(CORE).flatMap((path) =>
  [...readFileSync(path, 'utf8').matchAll(/^ \* @example (.+?) \/\/ (.+)$/gm)].flatMap(([, call = '', result = '']) => {
    // oxlint-disable-next-line typescript/no-require-imports
    const exported = require(path) as Record<string, unknown>;
    const found = worth(call, exported);
    const told = worth(result, {});
    return found && told ? [{ where: path.slice(CORE.length + 1), call, found: found.value, told: told.value }] : [];
  }),
);

test('most examples can be tried', () => expect(examples.length).toBeGreaterThan(60));

/** Numbers are told to six digits, and lengths, written with a thin space, with a plain one. */
const plainly = (value: unknown): unknown => {
  if (typeof value === 'number') return Number(value.toPrecision(6)) + 0;
  if (typeof value === 'string') return value.replace(/[\u202f\u202f\u00a0]/g, ' ');
  return Array.isArray(value) ? value.map(plainly) : value;
};

test.each(examples)('$where: $call', ({ found, told }) => {
  if (told === 0) expect(found).toBeCloseTo(0, 6);
  else expect(plainly(found)).toEqual(plainly(told));
});
