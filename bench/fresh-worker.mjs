/* global Worker -- what runs in the page */
// npm run bench:worker: all of a ledger of 5,000 makes, 50,000 wears and 400 patterns in a worker of the browser that was started a moment
// ago, as a sewist's is, held against the same work done again.
import { chromium } from '@playwright/test';
import { build } from 'vite';
import { launchOptions } from '../scripts/built-app.mjs';

/** The first time may take so many times as long as later ones: the browser has compiled nothing yet. */
const MOST_LONGER = 4;
/** And so many times as long as JSON.parse of the ledger's text: the first time, and later. */
const MOST_PARSES = { first: 6, later: 4 };
const WORKERS = 7;

const lib = { entry: 'bench/fresh-worker.ts', formats: ['iife'], name: 'bench' };
const [{ output }] = await build({ configFile: false, logLevel: 'warn', build: { lib, write: false, copyPublicDir: false } });

const browser = await chromium.launch(launchOptions());
const took = [];
for (let i = 0; i < WORKERS; i++) {
  const page = await browser.newPage();
  const ask = (code) =>
    new Promise((done, failed) => {
      const worker = new Worker(URL.createObjectURL(new Blob([code])));
      worker.onmessage = ({ data }) => done(data);
      worker.onerror = ({ message }) => failed(new Error(message));
    });
  took.push(await page.evaluate(ask, output[0].code));
  await page.close();
}
await browser.close();

const median = (numbers) => [...numbers].sort((a, b) => a - b)[numbers.length >> 1];
const first = took.map((worker) => worker.took[0]);
const later = median(took.flatMap((worker) => worker.took.slice(2)));
const parse = median(took.flatMap((worker) => worker.parsed));
const longer = median(first) / later;
console.log(
  `All of a ledger of 5,000 makes, 50,000 wears and 400 patterns in ${WORKERS} fresh workers: ${first.map((ms) => ms.toFixed(0)).join(', ')} ms the first time,`,
);
console.log(`median ${median(first).toFixed(0)} ms; later ${later.toFixed(0)} ms: ${longer.toFixed(1)} times (at most ${MOST_LONGER}).`);
const parses = { first: median(first) / parse, later: later / parse };
console.log(
  `JSON.parse of its text: ${parse.toFixed(0)} ms, so ${parses.first.toFixed(1)} times that the first time (at most ${MOST_PARSES.first}), ${parses.later.toFixed(1)} later (at most ${MOST_PARSES.later}).`,
);
if (longer > MOST_LONGER || parses.first > MOST_PARSES.first || parses.later > MOST_PARSES.later) process.exitCode = 1;
