import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return /\.tsx?$/.test(name) && !/\.test\./.test(name) ? [path] : [];
  });
}

/** What a file claims without proof: values that are there (`!`), and types (`as`); `as const` claims nothing. */
function claims(file: string): { readonly there: number; readonly types: number } {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  let [there, types] = [0, 0];
  const look = (node: ts.Node): void => {
    if (ts.isNonNullExpression(node)) there++;
    if (ts.isAsExpression(node) && node.type.getText() !== 'const') types++;
    ts.forEachChild(node, look);
  };
  look(source);
  return { there, types };
}

test('few assertions: most of what the compiler cannot see is checked, by itemAt, parsed or narrowed', () => {
  const all = sources(__dirname).map(claims);
  expect(all.length).toBeGreaterThan(300);
  expect(all.reduce((sum, { there }) => sum + there, 0)).toBeLessThan(150);
  expect(all.reduce((sum, { types }) => sum + types, 0)).toBeLessThan(80);
});
