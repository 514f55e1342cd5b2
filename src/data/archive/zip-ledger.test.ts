import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough, zipSync, type Zippable } from 'fflate';
import { demoLedger } from '../../../demo/ledger';
import { NO_HISTORY } from '../../core/ledger/merge/history';
import type { Ledger, Picture } from '../../core/records';
import type { StoredPicture } from '../database';
import { fromBase64 } from './base64';
import { fingerprint } from './digest';
import { lyingIn, readBack } from './ledger-file';
import { Stopped } from './long-work';
import { storedRecords } from './start-ledger';
import { unzipLedger } from './unzip-ledger';
import { zipLedger, type LedgerInParts } from './zip-ledger';

const demo = demoLedger();
/** Some of the demo's pictures: each is a drawing of a few kilobytes. */
const ledger: Ledger = { ...demo, pictures: demo.pictures.slice(0, 6) };
const { pictures, ...tables } = ledger;
const parts: LedgerInParts = { tables, pictures: storedRecords(ledger, 'pictures') as StoredPicture[], history: NO_HISTORY };
const WRITTEN = '2026-11-25T12:00:00Z';
const zipped = zipLedger(parts, WRITTEN, 'cm');
const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());
const entries = async () => unzipSync(await bytesOf(await zipped));
/** Stored as they are, where it is not how they are packed that is tested: to pack a ledger takes longer than to read it. */
const rezipped = (files: Zippable) => new Blob([zipSync(files, { level: 0 })]);
const problemOf = async (blob: Blob) => {
  const opened = await unzipLedger(blob);
  return opened.ok ? undefined : opened.problem;
};

/** A photograph that happens to hold the very signs by which a zip divides its files. */
const signs = ['PK\u0007\u0008', 'PK\u0003\u0004', 'PK\u0001\u0002', 'PK\u0005\u0006'].map((s) => strToU8(`${s}${'x'.repeat(40)}`));
const photograph = new Blob(signs, { type: 'image/jpeg' });
const withPhotograph: LedgerInParts = {
  ...parts,
  pictures: [{ ...parts.pictures[0]!, type: 'image/jpeg', blob: photograph }, ...parts.pictures.slice(1)],
};

describe('out and in', () => {
  test('the same records, and every picture byte for byte', async () => {
    const opened = await unzipLedger(await zipped);
    if (!opened.ok) throw new Error(opened.problem);
    expect({ ...opened.ledger, pictures: [] }).toEqual({ ...ledger, pictures: [] });
    for (const [i, { file, sha256: _, ...facts }] of opened.ledger.pictures.entries()) {
      const { data, ...before } = pictures[i]!;
      expect(facts).toEqual(before);
      expect(await bytesOf(opened.files.get(file!)!.blob)).toEqual(await bytesOf(fromBase64(data!, before.type)));
      expect(opened.files.get(file!)!.blob.type).toBe(before.type);
    }
  });

  const photographOf = async (zip: Blob) => {
    const opened = await unzipLedger(zip);
    if (!opened.ok) throw new Error(opened.problem);
    return bytesOf(opened.files.get(opened.ledger.pictures[0]!.file!)!.blob);
  };

  test('a photograph that happens to hold the signs of a zip', async () => {
    expect(await photographOf(await zipLedger(withPhotograph, WRITTEN, 'cm'))).toEqual(await bytesOf(photograph));
  });

  test('the same in an archive as it used to be written: lengths only behind each file', async () => {
    const pieces: Uint8Array<ArrayBuffer>[] = [];
    const zip = new Zip((_, bytes) => pieces.push(bytes));
    for (const [name, bytes] of Object.entries(unzipSync(await bytesOf(await zipLedger(withPhotograph, WRITTEN, 'cm'))))) {
      const file = name.endsWith('.jpg') ? new ZipPassThrough(name) : new ZipDeflate(name);
      zip.add(file);
      file.push(bytes, true);
    }
    zip.end();
    expect(await photographOf(new Blob(pieces))).toEqual(await bytesOf(photograph));
  });

  test('a page of all makes, that needs nothing and runs nothing; words are words in it', async () => {
    const name = '<script>alert(1)</script>';
    const hostile = { ...tables, patterns: tables.patterns.map((p, i) => (i === 0 ? { ...p, name } : p)) };
    const blob = await zipLedger({ ...parts, tables: hostile }, WRITTEN, 'cm');
    const page = strFromU8(unzipSync(await bytesOf(blob))['index.html']!);
    expect(page.match(/<article>/g)).toHaveLength(ledger.makes.length);
    expect(page).not.toMatch(/<script|javascript:|https?:/i);
    expect(page).toContain('&#60;script&#62;');
    const shown = pictures.filter((p) => p.makeId !== undefined).length;
    expect(shown).toBeGreaterThan(0);
    expect(page.match(/<img src="pictures\//g)).toHaveLength(shown);
  });

  test('the schema names every table, and the digest stands beside the ledger', async () => {
    const files = await entries();
    const schema = JSON.parse(strFromU8(files['schema.json']!)) as { properties: Record<string, unknown> };
    expect(Object.keys(schema.properties)).toEqual(Object.keys(ledger));
    expect(strFromU8(files['check.txt']!)).toMatch(/^[0-9a-f]{64} {2}ledger\.json\n$/);
  });

  test('it tells how far it is, never backwards, to the end; and stops where it is told to', async () => {
    const told: number[] = [];
    await zipLedger(parts, WRITTEN, 'cm', { onProgress: (done) => told.push(done) });
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.at(-1)).toBe(1);
    await expect(zipLedger(parts, WRITTEN, 'cm', { stopped: () => true })).rejects.toThrow(Stopped);
    await expect(unzipLedger(await zipped, { stopped: () => true })).rejects.toThrow(Stopped);
  });
});

describe('pictures', () => {
  const script = '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script><path d="M0 0h9" onload="alert(2)"/></svg>';
  const first = parts.pictures[0]!;

  test('a drawing with a script in it goes out and comes in without, with a digest that is true', async () => {
    const hostile: LedgerInParts = { ...parts, pictures: [{ ...first, blob: new Blob([script]), sha256: 'f'.repeat(64) }] };
    const out = await zipLedger(hostile, WRITTEN, 'cm');
    const name = Object.keys(unzipSync(await bytesOf(out))).find((f) => f.startsWith('pictures/'))!;
    expect(strFromU8(unzipSync(await bytesOf(out))[name]!)).toBe('<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0h9" /></svg>');
    expect((await unzipLedger(out)).ok).toBe(true);
    // Put into an archive by another hand.
    const files = unzipSync(await bytesOf(out));
    const digest = createHash('sha256').update(script).digest('hex');
    const text = strFromU8(files['ledger.json']!).replace(/"sha256": "[0-9a-f]{64}"/, `"sha256": "${digest}"`);
    const { 'check.txt': _, ...unchecked } = files;
    const opened = await unzipLedger(rezipped({ ...unchecked, 'ledger.json': strToU8(text), [name]: strToU8(script) }));
    if (!opened.ok) throw new Error(opened.problem);
    const taken = opened.files.get(name)!;
    expect(await taken.blob.text()).not.toMatch(/script|onload/);
    expect(taken.sha256).toBe(
      createHash('sha256')
        .update(await bytesOf(taken.blob))
        .digest('hex'),
    );
  });

  test('those that lie here with the same bytes are not read again, nor are those beside looked for in the zip', async () => {
    const files = await entries();
    const without = Object.fromEntries(Object.entries(files).filter(([name]) => !name.startsWith('pictures/')));
    const asked: string[] = [];
    const known = { blob: photograph, sha256: 'a'.repeat(64), crc32: 1 };
    const here = (p: Picture) => Promise.resolve(asked.push(p.id) === 1 ? known : undefined);
    const beside = (name: string) => Promise.resolve(new Blob([files[name] as Uint8Array<ArrayBuffer>]));
    const opened = await unzipLedger(rezipped(without), {}, { here, beside });
    if (!opened.ok) throw new Error(opened.problem);
    expect(asked).toEqual(pictures.map((p) => p.id));
    const blobs = opened.ledger.pictures.map((p) => opened.files.get(p.file!)!.blob);
    expect(opened.files.get(opened.ledger.pictures[0]!.file!)).toBe(known);
    expect(await blobs[1]!.text()).toBe(await fromBase64(pictures[1]!.data!, pictures[1]!.type).text());
  });
});

describe('photographs in their hundreds', () => {
  /** Each is another, and of another size; some are longer than what is read at one go. */
  const photographs = Array.from({ length: 9 }, (_, i) => {
    const bytes = new Uint8Array(i === 4 ? 5_000_000 : 700_000 + 1000 * i).fill(65 + i);
    bytes.set([0xff, 0xd8, 0xff, 0xdb, i]);
    return bytes;
  });
  const sums = (all: readonly Uint8Array[]) => all.map((bytes) => createHash('sha256').update(bytes).digest('hex'));
  const many = async (kept = (i: number) => photographs[i]!): Promise<LedgerInParts> => ({
    ...parts,
    pictures: await Promise.all(
      photographs.map(async (bytes, i) => ({
        ...parts.pictures[0]!,
        id: `photograph ${i}`,
        place: i,
        type: 'image/jpeg' as const,
        blob: new Blob([bytes], { type: 'image/jpeg' }),
        ...(await fingerprint(kept(i))),
      })),
    ),
  });
  const read = async (zip: Blob) => {
    const opened = await unzipLedger(zip);
    if (!opened.ok) throw new Error(opened.problem);
    return sums(await Promise.all(opened.ledger.pictures.map(async ({ file }) => bytesOf(opened.files.get(file!)!.blob))));
  };

  test('come back each in its place, also where another program wrote the zip in another order, with words of its own in the heads', async () => {
    const zip = await zipLedger(await many(), WRITTEN, 'cm');
    expect(await read(zip)).toEqual(sums(photographs));
    const files = Object.entries(unzipSync(await bytesOf(zip))).reverse();
    const extra = { 0x7777: new Uint8Array(300) };
    const foreign = zipSync(Object.fromEntries(files.map(([name, bytes], i) => [name, [bytes, { level: 0, ...(i % 2 ? { extra } : {}) }]])));
    expect(await read(new Blob([foreign]))).toEqual(sums(photographs));
  });

  test('an archive is not called saved where a picture is not what its digest says', async () => {
    const back = async (kept?: (i: number) => Uint8Array<ArrayBuffer>) => {
      const made = await many(kept);
      return readBack(await zipLedger(made, WRITTEN, 'cm'), lyingIn(made.pictures));
    };
    await expect(back()).resolves.toBeUndefined();
    await expect(back((i) => photographs[i === 0 ? 1 : i]!)).rejects.toThrow(/^what was written does not read back\. The picture \S+ is damaged\.$/);
  });

  test('one bit that is another in one of them is found', async () => {
    const zip = await zipLedger(await many(), WRITTEN, 'cm');
    const bytes = await bytesOf(zip);
    const at = bytes.indexOf(65 + 4, 2_000_000);
    bytes[at + 1000]! ^= 1;
    expect(await problemOf(new Blob([bytes]))).toMatch(/^The picture \S+ is damaged\.$/);
  });
});

describe('what is refused, with a sentence', () => {
  test('a picture that was changed, or is gone', async () => {
    const files = await entries();
    const picture = Object.keys(files).find((f) => f.startsWith('pictures/'))!;
    const changed = files[picture]!.slice();
    changed[10]! ^= 1;
    expect(await problemOf(rezipped({ ...files, [picture]: changed }))).toBe(`The picture ${picture} is damaged.`);
    const { [picture]: _, ...without } = files;
    expect(await problemOf(rezipped(without))).toBe(`The picture ${picture} is missing in it.`);
  });

  test('more files than a ledger has pictures: told by its end, before any is looked for', async () => {
    const end = (count: number) => {
      const bytes = new DataView(new ArrayBuffer(22));
      bytes.setUint32(0, 0x06054b50, true);
      bytes.setUint16(10, count, true);
      return new Blob([bytes]);
    };
    expect(await problemOf(end(52_000))).toBe('It holds more than 50000 pictures.');
    expect(await problemOf(end(0xffff))).toBe('It holds more than 50000 pictures.');
    expect(await problemOf(end(40_000))).not.toBe('It holds more than 50000 pictures.');
  });

  test('a ledger changed by hand: only once its digest is taken out', async () => {
    const files = await entries();
    const text = strFromU8(files['ledger.json']!).replace('"Maren"', '"Maren B."');
    const changed = strToU8(text);
    expect(await problemOf(rezipped({ ...files, 'ledger.json': changed }))).toContain('not as it was written');
    const { 'check.txt': _, ...unchecked } = files;
    const opened = await unzipLedger(rezipped({ ...unchecked, 'ledger.json': changed }));
    expect(opened.ok && opened.ledger.people[0]!.name).toBe('Maren B.');
  });

  test('a foreign zip, and files whose names climb or hide: none of them is taken in', async () => {
    expect(await problemOf(rezipped({ 'notes.txt': strToU8('a shopping list') }))).toContain('holds no ledger');
    const files = await entries();
    const extra = strToU8('x');
    const opened = await unzipLedger(
      rezipped({
        ...files,
        '../../ledger.json': extra,
        'pictures/../../x.png': extra,
        '/etc/x.png': extra,
        'pictures/a.html': extra,
        'PICTURES/b.png': extra,
      }),
    );
    expect(opened.ok && [...opened.files.keys()].every((f) => /^pictures\/[\w-]+\.(svg|jpg|png|webp)$/.test(f))).toBe(true);
  });

  test('a bomb goes out: a picture that unpacks to more than any picture has', async () => {
    const files = await entries();
    const picture = Object.keys(files).find((f) => f.startsWith('pictures/'))!;
    const packed: Zippable[string] = [new Uint8Array(21_000_000), { level: 1 }];
    const bomb = rezipped({ ...files, [picture]: packed });
    expect(bomb.size).toBeLessThan(1_000_000);
    expect(await problemOf(bomb)).toBe(`${picture} is larger than 20 MB.`);
    // One that the ledger does not name is not unpacked at all.
    expect(await problemOf(rezipped({ ...files, 'pictures/9999-bomb.png': packed }))).toBeUndefined();
  });

  test('keys that reach into prototypes, numbers without end, and nests without bottom', async () => {
    const of = (text: string) => problemOf(rezipped({ 'ledger.json': strToU8(text) }));
    const file = strFromU8((await entries())['ledger.json']!);
    expect(await of(file.replace('"people"', '"__proto__": { "polluted": true }, "people"'))).toContain('proto');
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
    expect(await of(file.replace(/"place": \d+/, '"place": 1e999'))).toMatch(/At /);
    expect(await of('['.repeat(200_000))).toMatch(/not written by Amber Ledger/);
    expect(await of(`{"makes":${'['.repeat(200_000)}`)).toMatch(/nested deeper/);
    expect(await of(`{"makes":[${'null,'.repeat(4_100_000)}null]}`)).toMatch(/more than 4 million values/);
    expect(await of(`{${' '.repeat(1_000_000)}`)).toMatch(/blank/);
    expect(await of(`{"format":"amber-ledger","version":6,"people":[${'null,'.repeat(200_000)}null]}`)).toMatch(/^At person 1: /);
  });
});

test('archives cut off or hurt anywhere: each is refused, or is the very same ledger', async () => {
  // One of each kind: a combination with its parts, a garment made over, one of a set, a lesson, a plan without a pattern, a book.
  const makes = tables.makes.filter((m) => ['make-rehearsal-1', 'make-market-skirt', 'make-moorings-shirt-1'].includes(m.id));
  const needed = makes.flatMap((m) => [...m.sources.map((s) => s.patternId), ...m.fabrics.map((u) => u.fabricId)]);
  const few = {
    ...tables,
    patterns: tables.patterns.filter((p) => needed.includes(p.id)),
    fabrics: tables.fabrics.filter((f) => needed.includes(f.id)),
    makes,
    wears: tables.wears.filter((w) => w.makeIds.every((id) => makes.some((m) => m.id === id))).slice(0, 2),
    plans: tables.plans.filter((p) => p.patternId === undefined),
  };
  const { makeId: _, ...facts } = parts.pictures[0]!;
  const of = [
    { fabricId: 'fabric-market-cotton' },
    { patternId: 'pattern-rehearsal' },
    { planId: 'plan-elbow' },
    { makeId: 'make-rehearsal-1', noteId: 'make-rehearsal-1-k1' },
  ];
  const picturesOfEach = of.map((owner, i): StoredPicture => ({ ...facts, ...owner, id: `picture ${i}` }));
  const small = await zipLedger({ tables: few, pictures: picturesOfEach, history: NO_HISTORY }, WRITTEN, 'cm');
  const whole = await bytesOf(small);
  const same = JSON.stringify(((await unzipLedger(small)) as { ledger: Ledger }).ledger);
  const unhurt = async (bytes: Uint8Array) => {
    const opened = await unzipLedger(new Blob([bytes as Uint8Array<ArrayBuffer>]));
    if (!opened.ok) expect(opened.problem.length).toBeGreaterThan(15);
    else expect(JSON.stringify(opened.ledger)).toBe(same);
  };
  await fc.assert(
    fc.asyncProperty(fc.nat(whole.length - 1), fc.integer({ min: 1, max: 255 }), fc.boolean(), async (at, by, cut) => {
      const hurt = cut ? whole.slice(0, at) : whole.slice();
      if (!cut) hurt[at]! ^= by;
      await unhurt(hurt);
    }),
    // HURTS=10000 npx jest zip-ledger looks further.
    { numRuns: Number(process.env['HURTS'] ?? 250) },
  );
});
