import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

const ROOT = join(__dirname, '..');

function filesBelow(folder: string): string[] {
  return readdirSync(join(ROOT, folder)).flatMap((name) => {
    const path = `${folder}/${name}`;
    if (statSync(join(ROOT, path)).isDirectory()) return filesBelow(path);
    return /\.tsx?$/.test(name) ? [path] : [];
  });
}

const files = ['src', 'server', 'cli', 'demo'].flatMap(filesBelow);
const known = new Set(files);

/** The files that a file imports, those it loads later left out: what is loaded later may look back. */
function importsOf(file: string): string[] {
  const text = readFileSync(join(ROOT, file), 'utf8');
  return [...text.matchAll(/(?:import|export)\s[^'";]*?from\s+'(\.[^']+)'/g)].flatMap(([, to]) => {
    const path = normalize(join(dirname(file), to!));
    return ['', '.ts', '.tsx', '/index.ts'].map((end) => path + end).filter((path) => known.has(path));
  });
}

test('no file imports itself by way of others', () => {
  const graph = new Map(files.map((file) => [file, importsOf(file)]));
  expect(graph.size).toBeGreaterThan(300);
  const done = new Set<string>();
  const circle = (file: string, way: readonly string[]): readonly string[] | undefined => {
    if (way.includes(file)) return [...way.slice(way.indexOf(file)), file];
    if (done.has(file)) return undefined;
    for (const next of graph.get(file) ?? []) {
      const found = circle(next, [...way, file]);
      if (found) return found;
    }
    done.add(file);
    return undefined;
  };
  expect(files.flatMap((file) => circle(file, []) ?? [])).toEqual([]);
});

test('no file or folder is a drawer: each is named after what is in it', () => {
  expect(files.filter((file) => /(^|\/)(utils?|helpers?|common|misc|shared|stuff)(\.[a-z]+|\/)/i.test(file))).toEqual([]);
});
