// The first visit may load at most 245 kB of JavaScript, gzipped: what the page names, and all that this imports without being asked. The
// engine's worker is read by the browser before it can answer: it needs no shapes of records (they are 30 kB), only their types.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT } from './ready.mjs';

const MOST = 245_000;
const MOST_OF_ENGINE = 50_000;
const manifest = JSON.parse(readFileSync(join(ROOT, 'dist/.vite/manifest.json'), 'utf8'));
const entry = Object.keys(manifest).find((key) => manifest[key].isEntry);
if (!entry) throw new Error('No entry is in the build: nothing would start.');
// The day book is what a first visit opens, with the demo ledger that it puts on the table.
const open = [entry, 'src/pages/day-book/day-book.tsx', 'demo/ledger.ts'];
const loaded = new Set();
for (let key; (key = open.pop());) {
  if (loaded.has(key)) continue;
  if (!manifest[key]) throw new Error(`${key} is not in the build: name the page that a first visit opens.`);
  loaded.add(key);
  open.push(...(manifest[key].imports ?? []));
}
const gzipped = (file) => gzipSync(readFileSync(join(ROOT, 'dist', file))).length;
const size = [...loaded].reduce((sum, key) => sum + gzipped(manifest[key].file), 0);
console.log(`First load: ${(size / 1000).toFixed(1)} kB of JavaScript, gzipped, in ${loaded.size} files (at most ${MOST / 1000} kB).`);
const worker = readdirSync(join(ROOT, 'dist/assets')).find((file) => file.startsWith('engine.worker'));
if (!worker) throw new Error('The worker of the engine is not in the build: has it another name?');
const engine = gzipped(join('assets', worker));
console.log(`The engine: ${(engine / 1000).toFixed(1)} kB (at most ${MOST_OF_ENGINE / 1000} kB).`);
if (size > MOST) console.error(`The first load is ${size - MOST} bytes too large: load a part of it only once it is needed.`);
if (engine > MOST_OF_ENGINE) console.error(`The engine is ${engine - MOST_OF_ENGINE} bytes too large.`);
if (size > MOST || engine > MOST_OF_ENGINE) process.exit(1);
