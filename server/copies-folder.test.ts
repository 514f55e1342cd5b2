import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, symlinkSync, utimesSync, writeFileSync } from 'node:fs';
import disk from 'node:fs/promises';
import { request, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pictureList } from '../src/core/archive/kept-copies';
import { ledgerApp } from './app';
import { keyOf } from './key';
import { listen } from './listen';
import { NotTaken, CopiesFolder, copiesFolder } from './copies-folder';

const NOW = Date.parse('2026-11-25T20:00:00.000Z');
const DAY = 86_400_000;
let folder: string;
let copies: CopiesFolder;
beforeEach(() => {
  folder = join(mkdtempSync(join(tmpdir(), 'copies-')), 'copies');
  copies = new CopiesFolder(folder);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const LEDGER = 'abcdef123456';
const OTHER = 'zyxwvu654321';
/** A copy of a ledger, as small as it can be. */
const copyOf = (text: string, pictures: readonly string[] = []) =>
  Buffer.from(zipSync({ 'ledger.json': strToU8(text), 'pictures.txt': strToU8(pictureList(pictures)) }));
const stream = (bytes: Buffer) => Readable.from([bytes.subarray(0, 10), bytes.subarray(10)]);
const take = (text: string, now: number, ledger = LEDGER, of = 'maren') => copies.take(ledger, of, stream(copyOf(text)), now);
const within = (of = `maren-${LEDGER}`) => join(folder, of);
const text = (name: string) => strFromU8(unzipSync(readFileSync(join(within(), name)))['ledger.json']!);
const picture = Buffer.from('bytes of a picture');
const pictureName = `${createHash('sha256').update(picture).digest('hex')}.jpg`;

describe('a copy', () => {
  test('is written whole, dated, listed the newest first; two of one moment are two', async () => {
    const first = await take('one', NOW);
    const second = await take('two', NOW);
    expect(first).toMatchObject({ name: 'amber-ledger-2026-11-25T20-00-00-000Z.zip', written: '2026-11-25T20:00:00.000Z', ledger: LEDGER });
    expect([text(first.name), text(second.name)]).toEqual(['one', 'two']);
    expect((await copies.list()).map((c) => [c.name, c.ledger, c.of])).toEqual([
      [second.name, LEDGER, 'maren'],
      [first.name, LEDGER, 'maren'],
    ]);
  });

  test('is never written over: a hundred of one moment, from two servers, are all there', async () => {
    const second = new CopiesFolder(folder);
    await take('the folder is there', NOW);
    const all = await Promise.all(
      Array.from({ length: 100 }, (_, i) => (i % 2 === 0 ? copies : second).take(LEDGER, 'maren', stream(copyOf(`${i}`)), NOW)),
    );
    expect(new Set(all.map((c) => c.name)).size).toBe(100);
    for (const [i, { name }] of all.entries()) expect(text(name)).toBe(`${i}`);
  }, 60_000);

  test('that breaks off, is empty or no copy, leaves nothing, and the copies before as they are', async () => {
    const before = await take('whole', NOW);
    async function* breaks() {
      yield Buffer.from('PKhalf');
      await Promise.resolve();
      throw Object.assign(new Error('aborted'), { code: 'ECONNRESET' });
    }
    const taking = (content: Readable) => copies.take(LEDGER, 'maren', content, NOW + 1);
    await expect(taking(Readable.from(breaks()))).rejects.toThrow('aborted');
    await expect(taking(Readable.from([]))).rejects.toThrow(NotTaken);
    await expect(taking(Readable.from([Buffer.from('<html>')]))).rejects.toThrow('no copy of a ledger');
    await expect(taking(Readable.from([copyOf('cut off').subarray(0, -3)]))).rejects.toThrow('no copy of a ledger');
    await expect(taking(Readable.from([Buffer.from(zipSync({ 'holiday.txt': strToU8('x') }))]))).rejects.toThrow('no copy of a ledger');
    await expect(copies.take('../elsewhere', 'maren', stream(copyOf('x')), NOW)).rejects.toThrow('no id of a ledger');
    expect(readdirSync(within())).toEqual([before.name]);
    expect(text(before.name)).toBe('whole');
  });

  test('of another ledger lies apart, is listed with whose it is, and neither thins the other', async () => {
    for (let day = 34; day > 0; day--) {
      await take(`${day}`, NOW - day * DAY);
      await take(`${day}`, NOW - day * DAY, OTHER, 'anselm');
    }
    const listed = await copies.list();
    // Both keep a month of days, and of what is older a few go with each copy that comes.
    for (const ledger of [LEDGER, OTHER]) expect(listed.filter((c) => c.ledger === ledger).length).toBeGreaterThanOrEqual(32);
    expect(new Set(listed.map((c) => c.of))).toEqual(new Set(['maren', 'anselm']));
    // Named anew it goes on in its folder.
    await take('renamed', NOW, LEDGER, 'maren-tilda');
    expect(readdirSync(folder).sort()).toEqual([`anselm-${OTHER}`, `maren-${LEDGER}`]);
  });

  test('under a clock forty days ahead, once, takes a few of the others with it at most', async () => {
    for (let day = 40; day > 0; day--) await take(`${day}`, NOW - day * DAY);
    const before = (await copies.list()).length;
    await take('ahead', NOW + 40 * DAY);
    expect((await copies.list()).length).toBeGreaterThanOrEqual(before - 2);
  });

  test('whatever else lies in the folder is left alone, and hides none', async () => {
    const { name } = await take('one', NOW);
    writeFileSync(join(folder, 'holiday.zip'), 'PK mine');
    mkdirSync(join(within(), 'amber-ledger-2026-01-01T00-00-00-000Z.zip'));
    symlinkSync('/nowhere', join(within(), 'amber-ledger-2026-01-02T00-00-00-000Z.zip'));
    writeFileSync(join(within(), 'amber-ledger-2026-02-31T99-00-00-000Z.zip'), copyOf('on a day that never was'));
    writeFileSync(join(within(), 'amber-ledger-2026-01-03T00-00-00-000Z.zip'), copyOf('half').subarray(0, 60));
    // One of an earlier app, a whole archive, lies where they used to lie.
    writeFileSync(join(folder, 'amber-ledger-2025-01-01T00-00-00-000Z.zip'), Buffer.from(zipSync({ 'ledger.json': strToU8('old') })));
    expect((await copies.list()).map((c) => [c.name, c.ledger])).toEqual([
      [name, LEDGER],
      ['amber-ledger-2025-01-01T00-00-00-000Z.zip', undefined],
    ]);
    expect(readFileSync(join(folder, 'holiday.zip'), 'utf8')).toBe('PK mine');
  });

  test('half written is no copy; it is swept away at a start, unless its writer lives', async () => {
    await take('one', NOW);
    const half = (owner: number | string) => join(within(), `.writing-${owner}0b1c2d3e-0000-4000-8000-123456789abc`);
    const [alive, dead, young, old] = [half(`${process.pid}-`), half('999999999-'), half(''), half('1-')];
    for (const path of [alive, dead, young]) writeFileSync(path, 'PKha');
    writeFileSync(old, 'PKha');
    utimesSync(old, new Date(Date.now() - 7_200_000), new Date(Date.now() - 7_200_000));
    expect(await copies.list()).toHaveLength(1);
    await new CopiesFolder(folder).sweep(Date.now());
    expect([alive, dead, young, old].map((path) => existsSync(path))).toEqual([true, false, true, false]);
  });
});

describe('pictures', () => {
  test('lie beside the copies, once, under their digest; a copy that speaks of one which did not arrive is not taken', async () => {
    const withPicture = () => copies.take(LEDGER, 'maren', stream(copyOf('a', [pictureName])), NOW);
    await expect(withPicture()).rejects.toThrow('did not arrive');
    expect(await copies.missing(LEDGER, [pictureName, '../x'])).toEqual([pictureName]);
    await copies.takePicture(LEDGER, 'maren', pictureName, Readable.from([picture]));
    await copies.takePicture(LEDGER, 'maren', pictureName, Readable.from([picture]));
    expect(await copies.missing(LEDGER, [pictureName])).toEqual([]);
    await withPicture();
    expect(readdirSync(join(within(), 'pictures'))).toEqual([pictureName]);
    expect(readFileSync((await copies.pathOfPicture(pictureName, LEDGER))!)).toEqual(picture);
  });

  test('that are not what their name says are not taken', async () => {
    await expect(copies.takePicture(LEDGER, 'maren', pictureName, Readable.from([Buffer.from('other')]))).rejects.toThrow('not what its name says');
    await expect(copies.takePicture(LEDGER, 'maren', '../escape.jpg', Readable.from([picture]))).rejects.toThrow(NotTaken);
    expect(readdirSync(join(within(), 'pictures'))).toEqual([]);
  });

  test('go with the last copy that speaks of them, and not before, nor within a day of their coming', async () => {
    await copies.takePicture(LEDGER, 'maren', pictureName, Readable.from([picture]));
    const path = join(within(), 'pictures', pictureName);
    const aged = new Date(Date.now() - 3 * DAY);
    const morning = Date.parse('2026-09-01T08:00:00Z');
    await copies.take(LEDGER, 'maren', stream(copyOf('with', [pictureName])), morning);
    for (let day = 1; day < 3; day++) await take(`${day}`, morning + day * DAY);
    await take('later that day', morning + 1);
    expect((await copies.list()).map((c) => c.written)).not.toContain(new Date(morning).toISOString());
    expect(existsSync(path)).toBe(true);
    utimesSync(path, aged, aged);
    await take('again', morning + 2);
    expect(existsSync(path)).toBe(false);
  });
});

describe('a disk that fails', () => {
  const full = () => Promise.reject(Object.assign(new Error('no space left on device'), { code: 'ENOSPC' }));
  afterEach(() => jest.restoreAllMocks());

  test.each(['appendFile', 'sync'] as const)('at %s: the copy is not taken, and those before stay', async (method) => {
    const before = await take('whole', NOW);
    const handle = await disk.open(join(within(), before.name));
    const failing = jest.spyOn(Object.getPrototypeOf(handle) as typeof handle, method).mockImplementation(full);
    await expect(take('more', NOW + 1)).rejects.toThrow('no space left');
    expect(failing).toHaveBeenCalled();
    failing.mockRestore();
    await handle.close();
    expect(readdirSync(within())).toEqual([before.name]);
    expect(text(before.name)).toBe('whole');
    await take('again', NOW + 2);
    expect(await copies.list()).toHaveLength(2);
  });

  test.each(['open', 'link'] as const)('at %s: the same', async (method) => {
    const before = await take('whole', NOW);
    const failing = jest.spyOn(disk, method).mockImplementation(full);
    await expect(take('more', NOW + 1)).rejects.toThrow('no space left');
    failing.mockRestore();
    expect(readdirSync(within())).toEqual([before.name]);
  });

  test('that knows no second names takes copies all the same, and writes over none', async () => {
    const none = () => Promise.reject(Object.assign(new Error('not supported'), { code: 'ENOTSUP' }));
    jest.spyOn(disk, 'link').mockImplementation(none);
    const [one, two] = [await take('one', NOW), await take('two', NOW)];
    expect([text(one.name), text(two.name)]).toEqual(['one', 'two']);
  });

  test('that gives back something else than was written: the copy is not taken', async () => {
    const handle = await disk.open(join(within(), (await take('whole', NOW)).name));
    const proto = Object.getPrototypeOf(handle) as { appendFile: (piece: Buffer) => Promise<void> };
    const real = proto.appendFile;
    jest.spyOn(proto, 'appendFile').mockImplementation(function (this: unknown, piece: Buffer) {
      return real.call(this, piece.subarray(0, 1));
    });
    await expect(take('half of it', NOW + 1)).rejects.toThrow('does not read back');
    await handle.close();
    expect(await copies.list()).toHaveLength(1);
  });
});

test('the folder is the one named, else one under the home folder', () => {
  expect(copiesFolder({ LEDGER_COPIES: '/elsewhere' })).toBe('/elsewhere');
  expect(copiesFolder({})).toMatch(/Amber Ledger copies$/);
});

describe('over the wire', () => {
  let server: Server;
  let port: number;
  let key: string;
  beforeEach(async () => {
    key = await keyOf(folder);
    ({ server, port } = await listen(ledgerApp(folder, { folder: copies, key }), 4740, () => undefined));
  });
  afterEach(async () => {
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  });
  const ask = (method: string, path: string, headers: Record<string, string> = {}, body?: string | Buffer) =>
    new Promise<{ status: number; text: string; cookie: string | undefined }>((resolve, reject) => {
      const asked = request({ host: '127.0.0.1', port, method, path, headers, agent: false }, (response) => {
        let said = '';
        response.on('data', (part) => (said += String(part)));
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text: said, cookie: response.headers['set-cookie']?.[0] }));
      });
      asked.on('error', reject).end(body);
    });
  const SIGN = { 'x-amber-ledger': 'copies' };
  const ours = async () => ({ ...SIGN, cookie: (await ask('GET', `/open/${key}`)).cookie!.split(';')[0]! });

  test('taken with a picture, listed and given back', async () => {
    const headers = await ours();
    const json = { ...headers, 'content-type': 'application/json' };
    const missing = await ask('POST', `/copies/${LEDGER}/missing`, json, JSON.stringify({ pictures: [pictureName] }));
    expect(JSON.parse(missing.text)).toEqual({ missing: [pictureName] });
    expect((await ask('PUT', `/copies/${LEDGER}/pictures/${pictureName}?of=maren`, headers, picture)).status).toBe(201);
    const taken = await ask('POST', `/copies/${LEDGER}?of=maren`, headers, copyOf('words', [pictureName]));
    expect(taken.status).toBe(201);
    const { name } = JSON.parse(taken.text) as { name: string };
    const listed = JSON.parse((await ask('GET', '/copies', headers)).text) as { folder: string; copies: { name: string; of: string }[] };
    expect([listed.folder, listed.copies.map((c) => [c.name, c.of])]).toEqual([folder, [[name, 'maren']]]);
    expect((await ask('GET', `/copies/${LEDGER}/${name}`, headers)).text).toContain('PK');
    expect((await ask('GET', `/copies/${LEDGER}/pictures/${pictureName}`, headers)).text).toBe(String(picture));
  });

  test('the key is the owner’s alone, stays from start to start, and is handed to who has it in the address', async () => {
    expect(statSync(join(folder, '.key')).mode & 0o077).toBe(0);
    expect(await keyOf(folder)).toBe(key);
    expect((await ask('GET', `/open/${key}`)).cookie).toMatch(/HttpOnly; SameSite=Strict/);
    const wrong = await ask('GET', `/open/${key.replace(/./g, '0')}`);
    expect([wrong.status, wrong.cookie]).toEqual([303, undefined]);
  });

  test.each<[string, (headers: Record<string, string>) => Record<string, string>, number]>([
    ['without the sign', ({ cookie }) => ({ cookie: cookie! }), 403],
    ['from a page elsewhere', (headers) => ({ ...headers, origin: 'http://example.org' }), 403],
    ['from another port of this machine', (headers) => ({ ...headers, origin: 'http://127.0.0.1:1' }), 403],
    ['without the key', () => SIGN, 401],
    ['with another key', ({ cookie }) => ({ ...SIGN, cookie: cookie!.replace(/=.*/, `=${'0'.repeat(48)}`) }), 401],
  ])('%s nothing is told and nothing taken', async (_, change, status) => {
    const headers = change(await ours());
    const listed = await ask('GET', '/copies', headers);
    // Without the key it is said that there is none, and nothing else.
    expect([listed.status, listed.text]).toEqual(status === 401 ? [200, '{"locked":true}'] : [status, expect.not.stringContaining('amber-ledger-')]);
    expect((await ask('GET', `/copies/${LEDGER}/amber-ledger-2026-11-25T20-00-00-000Z.zip`, headers)).status).toBe(status);
    expect((await ask('POST', `/copies/${LEDGER}`, headers, copyOf('words'))).status).toBe(status);
    expect(await copies.list()).toEqual([]);
  });

  test.each(['..%2f..%2fetc%2fpasswd', '.key', `${LEDGER}/..%2f.key`, 'amber-ledger-2026-11-25T20-00-00-000Z.zip', `${LEDGER}/pictures/..%2f.key`])(
    'no file but a copy is given: %s',
    async (name) => expect((await ask('GET', `/copies/${name}`, await ours())).status).toBe(404),
  );

  test('what is no copy, or no list of pictures, is refused with a sentence', async () => {
    const headers = await ours();
    const refused = await ask('POST', `/copies/${LEDGER}`, headers, 'words');
    expect([refused.status, refused.text]).toEqual([422, JSON.stringify({ problem: 'This is no copy of a ledger.' })]);
    const json = { ...headers, 'content-type': 'application/json' };
    for (const body of ['{', '{"pictures":7}']) {
      const answer = await ask('POST', `/copies/${LEDGER}/missing`, json, body);
      expect(answer.status).toBe(400);
      expect(answer.text).not.toMatch(/ at |node_modules|SyntaxError/);
    }
  });
});
