import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');
const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { cwd: ROOT, encoding: 'utf8' }).split('\n').filter(Boolean);
const read = (file: string) => readFileSync(join(ROOT, file), 'utf8');
const names = new Set(files.map((file) => file.split('/').at(-1)));

test('every document that a comment cites is in the project', () => {
  const cited = files
    .filter((file) => /\.(ts|tsx|mjs|js)$/.test(file) && existsSync(join(ROOT, file)))
    .flatMap((file) => [...read(file).matchAll(/\b([a-z][a-z-]*)\.md\b/g)].map(([name]) => `${name} in ${file}`));
  expect(cited.length).toBeGreaterThan(40);
  expect(cited.filter((c) => !names.has(c.split(' in ')[0]))).toEqual([]);
});

test('every section of engine.md that is cited exists', () => {
  const sections = new Set([...read('docs/engine.md').matchAll(/^## (\d+|[A-Z]\w+)/gm)].map(([, s]) => s));
  const cited = files
    .filter((file) => /^(src|cli|bench|server)\/.*\.tsx?$/.test(file) && existsSync(join(ROOT, file)))
    .flatMap((file) => [...read(file).matchAll(/engine\.md, (?:sections? )?(\d+|[A-Z]\w+)/g)].map(([, s]) => s!));
  expect(cited.filter((s) => !sections.has(s))).toEqual([]);
});

const documents = files.filter((file) => /^(?:docs\/.*|[A-Z]+)\.md$/.test(file));

test.each(documents)('every file and folder that %s names exists', (document) => {
  const paths = [...read(document).matchAll(/`((?:src|docs|cli|demo|bench|e2e|server|scripts)\/[\w./-]*)`/g)].map(([, path]) => path!);
  expect(paths.filter((path) => !existsSync(join(ROOT, path)))).toEqual([]);
  // Said short: by the end of its path.
  const short = [...read(document).matchAll(/`((?:[a-z-]+\/)?[a-z-]+\.(?:tsx?|mjs))`/g)].map(([, path]) => path!);
  expect(short.filter((path) => !files.some((file) => `/${file}`.endsWith(`/${path}`)))).toEqual([]);
});
