/* global indexedDB, requestAnimationFrame, document, window, OffscreenCanvas -- what runs in the page */
// npm run bench:scale: the app on a ledger of 5,000 makes, 50,000 wears and 2,000 pictures, as ratios to the demo ledger in one run; and
// its archive written and read back in the browser, with the longest frame and the memory meanwhile; and how files that are none are refused.
import { execSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zipSync } from 'fflate';
import { builtApp, lookRound } from '../scripts/built-app.mjs';
import { largeLedger, PERSON } from './large-ledger.ts';

// Fewer of both for a quick look: MAKES=500 PICTURES=100 npm run bench:scale
const MAKES = Number(process.env.MAKES ?? 5000);
const PICTURES = Number(process.env.PICTURES ?? 2000);
const PICTURE_BYTES = 300_000;
const RUNS = 5;

const { address, onDisk, end } = await builtApp(4482);
const folder = mkdtempSync(join(tmpdir(), 'scale-'));

/** Writes records straight into the database of the page, a few thousand at a time. */
async function put(page, table, records) {
  for (let at = 0; at < records.length; at += 2000)
    await page.evaluate(
      async ([name, some]) => {
        const open = indexedDB.open('amber-ledger');
        const database = await new Promise((done) => (open.onsuccess = () => done(open.result)));
        const transaction = database.transaction(name, 'readwrite');
        for (const record of some) transaction.objectStore(name).put(record);
        await new Promise((done) => (transaction.oncomplete = done));
        database.close();
      },
      [table, records.slice(at, at + 2000)],
    );
}

/** The large ledger in the place of the demo: its pictures are noise of the size of a photograph, with a small copy that can be drawn. */
async function fill(page) {
  const { makes, wears, patterns, bodies, fabrics } = largeLedger(MAKES);
  await page.evaluate(async () => {
    const open = indexedDB.open('amber-ledger');
    const database = await new Promise((done) => (open.onsuccess = () => done(open.result)));
    const names = [...database.objectStoreNames];
    const transaction = database.transaction(names, 'readwrite');
    for (const name of names) if (name !== 'settings') transaction.objectStore(name).clear();
    transaction.objectStore('settings').put({ key: 'ledger', value: 'demo' });
    await new Promise((done) => (transaction.oncomplete = done));
    database.close();
  });
  await put(page, 'people', [{ id: PERSON, name: 'Maren', child: false }]);
  await put(page, 'settings', [{ key: 'personId', value: PERSON }]);
  for (const [table, records] of Object.entries({ patterns, bodies, fabrics, makes, wears })) await put(page, table, records);
  await page.evaluate(
    async ([count, size, step]) => {
      const open = indexedDB.open('amber-ledger');
      const database = await new Promise((done) => (open.onsuccess = () => done(open.result)));
      const canvas = new OffscreenCanvas(160, 200);
      const drawing = canvas.getContext('2d');
      drawing.fillStyle = '#7a8471';
      drawing.fillRect(20, 20, 120, 160);
      const small = await canvas.convertToBlob({ type: 'image/jpeg' });
      const whole = new Uint8Array(await small.arrayBuffer());
      // What their bytes are known by is kept with them, as it is of pictures that are taken in.
      const table = Int32Array.from({ length: 256 }, (_, byte) => {
        for (let bit = 0; bit < 8; bit++) byte = byte & 1 ? (byte >>> 1) ^ 0xedb88320 : byte >>> 1;
        return byte;
      });
      const crcOf = (bytes) => ~bytes.reduce((check, byte) => table[(check ^ byte) & 255] ^ (check >>> 8), -1) >>> 0;
      const shaOf = async (bytes) =>
        [...new Uint8Array(await crypto.subtle.digest('SHA-256', bytes))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
      for (let at = 0; at < count; at += 100) {
        const made = [];
        for (let i = at; i < Math.min(count, at + 100); i++) {
          // What stands behind the end of a picture is not drawn: each is another, and all can be shown.
          const bytes = new Uint8Array(size);
          for (let from = whole.length; from < size; from += 65_536) crypto.getRandomValues(bytes.subarray(from, Math.min(size, from + 65_536)));
          bytes.set(whole);
          made.push({ i, blob: new Blob([bytes], { type: 'image/jpeg' }), sha256: await shaOf(bytes), crc32: crcOf(bytes) });
        }
        const transaction = database.transaction('pictures', 'readwrite');
        for (const { i, ...known } of made)
          transaction
            .objectStore('pictures')
            .put({ id: `picture ${i}`, makeId: `m${i * step}`, side: 'front', place: 0, type: 'image/jpeg', small: whole, ...known });
        await new Promise((done) => (transaction.oncomplete = done));
      }
      database.close();
    },
    [PICTURES, PICTURE_BYTES, Math.floor(MAKES / PICTURES)],
  );
}

const middle = (numbers) => [...numbers].sort((a, b) => a - b)[numbers.length >> 1];

/** From before an act until what it waits for has been painted, ms. */
async function timed(page, before, act) {
  await before();
  const from = performance.now();
  await act();
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0))));
  return performance.now() - from;
}

/** From a key's going down until the frame after it is painted, ms. */
async function keystroke(page, field, letters) {
  await field.click();
  const found = [];
  for (const letter of letters) {
    await page.evaluate(() => {
      window.painted = new Promise((done) => {
        document.addEventListener(
          'keydown',
          () => {
            const from = performance.now();
            requestAnimationFrame(() => setTimeout(() => done(performance.now() - from), 0));
          },
          { once: true, capture: true },
        );
      });
    });
    await page.keyboard.press(letter);
    found.push(await page.evaluate(() => window.painted));
    await page.waitForTimeout(600);
  }
  return Math.max(...found);
}

/** Live objects of the page after a thorough tidying, bytes. */
async function heapOf(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('HeapProfiler.collectGarbage');
  const { usedSize } = await session.send('Runtime.getHeapUsage');
  return usedSize;
}

/** What all processes of the browser hold in memory, bytes. */
const memoryOfBrowser = () =>
  execSync('ps -eo rss=,args=')
    .toString()
    .split('\n')
    .filter((line) => /chrom/.test(line) && /--type=(renderer|utility)|--headless/.test(line))
    .reduce((sum, line) => sum + 1024 * Number(line.trim().split(/\s+/)[0]), 0);

/**
 * Waits until a page holds an element with words in it, looked for with each frame: what drives the browser looks by itself in steps of half
 * a second in the end, and those would be measured.
 */
const shown = (page, selector, words = '') =>
  page.waitForFunction(([of, text]) => [...document.querySelectorAll(of)].some((element) => element.textContent.includes(text)), [selector, words], {
    polling: 'raf',
  });

/** Goes to a page and waits for nothing of it. */
const begin = (page, path) => page.goto(`${address}${path}`, { waitUntil: 'commit' });

const firstScreen = (page) =>
  timed(
    page,
    () => page.goto('about:blank'),
    async () => {
      await begin(page, '');
      await shown(page, 'main h2', 'Latest makes');
      // What is in hand stands there before; these follow from every wear, or from every next cut.
      await shown(page, 'main :is(#unmarked, #due, #wash)');
    },
  );

/** Until the large tables are kept as texts too, as they are some seconds after the last change. */
async function settled(page) {
  await page.goto(`${address}makes`);
  const keptAsText = () =>
    page.evaluate(async () => {
      const open = indexedDB.open('amber-ledger');
      const database = await new Promise((done) => (open.onsuccess = () => done(open.result)));
      const asked = database.transaction('texts').objectStore('texts').getAll();
      const kept = await new Promise((done) => (asked.onsuccess = () => done(asked.result)));
      database.close();
      return kept.filter(({ texts }) => texts).length;
    });
  const until = performance.now() + 60_000;
  while ((await keptAsText()) < 2) {
    if (performance.now() > until) throw new Error('The large tables are not kept as texts after a minute.');
    await page.waitForTimeout(1000);
  }
}

/** The slowest key of a word in a field of a page that has just been opened, ms. */
async function slowestKey(page, path, label, word) {
  await page.goto(`${address}${path}`);
  const field = page.getByLabel(label).first();
  await field.waitFor();
  await page.waitForTimeout(3000);
  const slowest = await keystroke(page, field, word);
  // What stands in the field would outlive the page.
  await field.fill('');
  await page.waitForTimeout(500);
  return slowest;
}

/** What is measured on either ledger, ms: each a run by itself. */
const MEASURES = {
  'first full screen': ({ page }) => firstScreen(page),
  'filter, key to paint': ({ page, word }) => slowestKey(page, 'makes', 'Filter', word),
  'account open': ({ page, patternId }) =>
    timed(
      page,
      async () => {
        await page.goto(`${address}patterns`);
        await page.getByLabel('Filter').first().waitFor();
        await page.waitForTimeout(2000);
      },
      async () => {
        await page.locator(`a[href="/patterns/${patternId}"]`).first().click();
        await shown(page, 'main [aria-label^="Account of"]');
      },
    ),
  'account reckoned': ({ page, patternId }) =>
    timed(
      page,
      () => page.goto('about:blank'),
      async () => {
        await begin(page, `patterns/${patternId}`);
        await shown(page, 'main', 'Carry forward');
      },
    ),
  'search, key to paint': ({ page, word }) => slowestKey(page, '', /^Find/, word),
  'worn today, press to notice': ({ page, makeId }) =>
    timed(
      page,
      async () => {
        await page.goto(`${address}makes/${makeId}`);
        await page.getByRole('button', { name: 'Worn today', exact: true }).waitFor();
        await page.waitForTimeout(1500);
      },
      async () => {
        await page.getByRole('button', { name: 'Worn today', exact: true }).click();
        await shown(page, 'body', 'Worn today.');
      },
    ),
};

/** The first make of the page's ledger. */
const firstMake = (page) =>
  page.evaluate(async () => {
    const open = indexedDB.open('amber-ledger');
    const database = await new Promise((done) => (open.onsuccess = () => done(open.result)));
    const asked = database.transaction('makes').objectStore('makes').getAllKeys(undefined, 1);
    const keys = await new Promise((done) => (asked.onsuccess = () => done(asked.result)));
    database.close();
    return keys[0];
  });

/**
 * Measures two ledgers by turns, since on a shared machine a minute is faster than the next: of each the middle of some runs.
 *
 * @returns by measure, what it is of either
 */
async function measure(ledgers) {
  const results = {};
  for (const [name, run] of Object.entries(MEASURES)) {
    const found = ledgers.map(() => []);
    for (let i = 0; i < RUNS; i++)
      for (const [j, ledger] of ledgers.entries()) {
        found[j].push(await run(ledger));
        // Nothing goes on here while the other is measured.
        await ledger.page.goto('about:blank');
      }
    results[name] = found.map(middle);
  }
  results.memory = [];
  for (const { page } of ledgers) {
    await page.goto(`${address}makes`);
    await page.waitForTimeout(3000);
    results.memory.push((await heapOf(page)) / 1e6);
  }
  return results;
}

/** A long work of the page: how long it took, its longest frame, and by how much the browser grew at most. */
async function longWork(page, act) {
  await page.evaluate(() => {
    window.longest = 0;
    let before = performance.now();
    const tick = (now) => {
      window.longest = Math.max(window.longest, now - before);
      before = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  const held = memoryOfBrowser();
  let most = held;
  const watch = setInterval(() => (most = Math.max(most, memoryOfBrowser())), 250);
  const from = performance.now();
  const result = await act();
  clearInterval(watch);
  return { result, seconds: (performance.now() - from) / 1000, longest: await page.evaluate(() => window.longest), grew: (most - held) / 1e6 };
}

/** Seconds in which the usual program puts as many files of the size of the pictures into a zip as they are; undefined where there is none. */
function plainZip() {
  const files = join(folder, 'files');
  mkdirSync(files);
  for (let i = 0; i < PICTURES; i++) writeFileSync(join(files, `${i}.jpg`), randomBytes(PICTURE_BYTES));
  try {
    const from = performance.now();
    execSync('zip -0 -q -r plain.zip files', { cwd: folder });
    return (performance.now() - from) / 1000;
  } catch {
    return undefined;
  } finally {
    rmSync(files, { recursive: true });
    rmSync(join(folder, 'plain.zip'), { force: true });
  }
}

/** What is said beside a figure of how much it may be. */
const held = (found, most) => (most === undefined ? '' : found <= most ? `, at most ${most}` : `, TOO MUCH: at most ${most}`);

/** Megabytes by which the browser may grow with a long work, and a frame in it, ms. */
const [MOST_GROWN, LONGEST] = [250, 100];

/** The plain zip was put together before and after: on a shared machine a minute is faster than the next. */
function report(name, work, most) {
  const [before, after] = plain.slice(-2);
  const times = before && after && work.seconds / ((before + after) / 2);
  sayOf(name, work, times ? ` (× ${times.toFixed(1)} of a plain zip${held(times, most)})` : '', MOST_GROWN);
}

function sayOf(name, work, inTime, mostGrown) {
  const words = [
    `${name}: ${work.seconds.toFixed(1)} s${inTime}`,
    `, longest frame ${work.longest.toFixed(0)} ms${held(work.longest, LONGEST)}`,
    `, the browser grew by ${work.grew.toFixed(0)} MB at most${held(work.grew, mostGrown)}`,
  ];
  console.log(words.join(''));
}

/** Seconds within which a file that is no ledger is refused, and by how many megabytes the browser may grow with it. */
const REFUSED = { seconds: 2, grown: 300 };

/** Files that are small, or say little, and become much; each with its name. */
function* hostileFiles() {
  const list = `{"format":"amber-ledger","version":1,"makes":[${'null,'.repeat(20_000_000)}null]}`;
  yield ['twenty million nothings in an archive', 'nothings.zip', zipSync({ 'ledger.json': [Buffer.from(list), { level: 9 }] })];
  yield ['twenty million nothings in one text', 'nothings.json', Buffer.from(list)];
  yield ['400 MB of blanks', 'blanks.json', Buffer.alloc(400_000_000, ' ')];
  yield ['400 MB of blanks in an archive', 'blanks.zip', zipSync({ 'ledger.json': [Buffer.alloc(400_000_000, ' '), { level: 1 }] })];
  yield ['a nest without bottom', 'nest.json', Buffer.from('['.repeat(60_000_000))];
  yield [
    'a zip of 60,000 pictures',
    'many.zip',
    zipSync(Object.fromEntries(Array.from({ length: 60_000 }, (_, i) => [`pictures/${i}.jpg`, new Uint8Array()]))),
  ];
}

async function hostile(page) {
  for (const [name, file, bytes] of hostileFiles()) {
    const path = join(folder, file);
    writeFileSync(path, bytes);
    await page.goto(`${address}files`);
    await page
      .getByText(/makes, \d+ patterns/)
      .first()
      .waitFor();
    await page.waitForTimeout(2000);
    const work = await longWork(page, async () => {
      await page.getByLabel('Ledger file').setInputFiles(path);
      await page.getByRole('alert').first().waitFor({ timeout: 120_000 });
      return page.getByRole('alert').first().innerText();
    });
    sayOf(`refused, ${name}`, work, held(work.seconds, REFUSED.seconds), REFUSED.grown);
    console.log(`  “${work.result}”`);
    rmSync(path);
  }
}

const fresh = async (name) => {
  const page = await (await onDisk(join(folder, name), { viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })).newPage();
  await lookRound(page, address);
  return page;
};

const small = await fresh('demo');
const page = await fresh('large');
await fill(page);
const changed = process.env.ONLY_FILES ? undefined : await firstScreen(page);
/** How many times as long as with the demo it may take: more is said to be too much. */
const AT_MOST = { 'first full screen': 1.4, 'account reckoned': 1.5, 'search, key to paint': 2, 'filter, key to paint': 1.3 };
if (changed !== undefined) {
  await settled(page);
  const ledgers = [
    { page: small, patternId: 'pattern-skerry', word: 'sk', makeId: await firstMake(small) },
    { page, patternId: 'p3', word: 'pa', makeId: await firstMake(page) },
  ];
  for (const [name, [demo, large]] of Object.entries(await measure(ledgers))) {
    const unit = name === 'memory' ? 'MB' : 'ms';
    const most = held(large / demo, AT_MOST[name]);
    console.log(
      `${name}: ${demo.toFixed(0)} ${unit} with the demo, ${large.toFixed(0)} ${unit} with ${MAKES} makes: × ${(large / demo).toFixed(2)}${most}`,
    );
  }
}
await small.context().close();

if (changed !== undefined) console.log(`first full screen right after a change: ${changed.toFixed(0)} ms with ${MAKES} makes`);

const plain = [plainZip()];
await page.goto(`${address}files`);
await page.getByText(`${MAKES} makes`).first().waitFor();
const saved = await longWork(page, async () => {
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 600_000 }),
    page.getByRole('button', { name: 'Save to a file' }).click(),
  ]);
  const path = await download.path();
  // Read back too, it is called saved.
  await page.getByText('The whole ledger is in the file.').waitFor({ timeout: 600_000 });
  return path;
});
plain.push(plainZip());
report('archive written', saved, 3);
await page.getByRole('button', { name: 'Start an empty ledger' }).click();
await page.getByRole('button', { name: 'Remove and start empty' }).click();
await page.waitForURL(address);
await page.goto(`${address}files`);
// The page says so too while it still reads.
await page.waitForTimeout(3000);
await page.getByText(/^0 makes, 0 patterns/).waitFor();
const read = await longWork(page, async () => {
  await page.getByLabel('Ledger file').setInputFiles(saved.result);
  const refused = page.getByRole('alert');
  await page
    .getByText(/^Read: /)
    .or(refused)
    .waitFor({ timeout: 600_000 });
  if (await refused.isVisible()) throw new Error(await refused.innerText());
});
plain.push(plainZip());
report('archive read into an empty ledger', read, 5);
const together = await longWork(page, async () => {
  await page.getByLabel('File of the other ledger').setInputFiles(saved.result);
  await page.getByText('All that is in the file is here already').waitFor({ timeout: 600_000 });
});
plain.push(plainZip());
report('looked through for a merge', together, 8);
if (plain[0]) console.log(`a plain zip of as many pictures, before and after each: ${plain.map((seconds) => seconds?.toFixed(1)).join(', ')} s`);
await page.context().close();
const attacked = await fresh('attacked');
await hostile(attacked);
await attacked.context().close();
rmSync(folder, { recursive: true, force: true });
await end();
