// The first visit may load at most 230 kB of JavaScript, gzipped: what the page names, and all that this imports without being asked.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT } from './ready.mjs';

const MOST = 230_000;
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
const size = [...loaded].reduce((sum, key) => sum + gzipSync(readFileSync(join(ROOT, 'dist', manifest[key].file))).length, 0);
console.log(`First load: ${(size / 1000).toFixed(1)} kB of JavaScript, gzipped, in ${loaded.size} files (at most ${MOST / 1000} kB).`);
if (size > MOST) process.exit(1);
