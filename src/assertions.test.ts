import { parseSync } from '@swc/core';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return /\.tsx?$/.test(name) && !/\.test\./.test(name) ? [path] : [];
  });
}

/** What a file claims without proof: values that are there (`!`), and types (`as`); `as const` claims nothing. */
function claims(file: string): { readonly there: number; readonly types: number } {
  let [there, types] = [0, 0];
  const look = (node: unknown): void => {
    if (typeof node !== 'object' || node === null) return;
    if ('type' in node && node.type === 'TsNonNullExpression') there++;
    if ('type' in node && node.type === 'TsAsExpression') types++;
    Object.values(node).forEach(look);
  };
  look(parseSync(readFileSync(file, 'utf8'), { syntax: 'typescript', tsx: file.endsWith('x'), target: 'es2022' }));
  return { there, types };
}

test('few assertions: most of what the compiler cannot see is checked, by itemAt, parsed or narrowed', () => {
  const all = sources(__dirname).map(claims);
  expect(all.length).toBeGreaterThan(300);
  expect(all.reduce((sum, { there }) => sum + there, 0)).toBeLessThan(150);
  expect(all.reduce((sum, { types }) => sum + types, 0)).toBeLessThan(80);
});
