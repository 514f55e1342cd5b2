import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import disk from 'node:fs/promises';
import { request, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { ledgerApp } from './app';
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

const zip = (words: string) => Readable.from([Buffer.from('PK'), Buffer.from(words)]);
const words = (name: string) => readFileSync(join(folder, name), 'utf8');

describe('a copy', () => {
  test('is written whole, dated, listed the newest first; two of one moment are two', async () => {
    const first = await copies.take(zip('one'), NOW);
    const second = await copies.take(zip('two'), NOW);
    expect(first).toEqual({ name: 'amber-ledger-2026-11-25T20-00-00-000Z.zip', written: '2026-11-25T20:00:00.000Z', bytes: 5 });
    expect([words(first.name), words(second.name)]).toEqual(['PKone', 'PKtwo']);
    expect((await copies.list()).map((c) => c.name)).toEqual([second.name, first.name]);
  });

  test('that breaks off, is empty or no archive, leaves nothing, and the copies before as they are', async () => {
    const before = await copies.take(zip('whole'), NOW);
    async function* breaks() {
      yield Buffer.from('PKhalf');
      await Promise.resolve();
      throw Object.assign(new Error('aborted'), { code: 'ECONNRESET' });
    }
    await expect(copies.take(Readable.from(breaks()), NOW + 1)).rejects.toThrow('aborted');
    await expect(copies.take(Readable.from([]), NOW + 2)).rejects.toThrow(NotTaken);
    await expect(copies.take(Readable.from([Buffer.from('<html>')]), NOW + 3)).rejects.toThrow('no archive');
    expect(readdirSync(folder)).toEqual([before.name]);
    expect(words(before.name)).toBe('PKwhole');
  });

  test('thins what is old, and touches nothing that is not its own', async () => {
    mkdirSync(folder, { recursive: true });
    writeFileSync(join(folder, 'holiday.zip'), 'PK mine');
    for (const days of [1.2, 1.3, 40, 41]) await copies.take(zip(`${days}`), NOW - days * DAY);
    await copies.take(zip('now'), NOW);
    expect((await copies.list()).map((c) => c.written.slice(0, 10))).toEqual(['2026-11-25', '2026-11-24', '2026-10-16']);
    expect(words('holiday.zip')).toBe('PK mine');
  });

  test('half written when the power went: it is no copy, and is swept away once it is an hour old', async () => {
    mkdirSync(folder, { recursive: true });
    const half = join(folder, '.writing-0b1c2d3e-0000-4000-8000-123456789abc');
    writeFileSync(half, 'PKha');
    expect(await copies.list()).toEqual([]);
    await copies.take(zip('one'), NOW);
    expect(readdirSync(folder)).toContain('.writing-0b1c2d3e-0000-4000-8000-123456789abc');
    utimesSync(half, new Date(Date.now() - 7_200_000), new Date(Date.now() - 7_200_000));
    await copies.take(zip('two'), NOW + 1);
    expect(readdirSync(folder).filter((f) => f.startsWith('.'))).toEqual([]);
  });

  test('a clock that jumps back loses none: what claims to be of the future stays', async () => {
    await copies.take(zip('future'), NOW + 300 * DAY);
    await copies.take(zip('now'), NOW);
    expect(await copies.list()).toHaveLength(2);
  });
});

describe('a disk that fails', () => {
  const full = () => Promise.reject(Object.assign(new Error('no space left on device'), { code: 'ENOSPC' }));
  afterEach(() => jest.restoreAllMocks());

  test.each(['appendFile', 'sync'] as const)('at %s: the copy is not taken, and those before stay', async (method) => {
    const before = await copies.take(zip('whole'), NOW);
    const handle = await disk.open(join(folder, before.name));
    const failing = jest.spyOn(Object.getPrototypeOf(handle) as typeof handle, method).mockImplementation(full);
    await expect(copies.take(zip('more'), NOW + 1)).rejects.toThrow('no space left');
    expect(failing).toHaveBeenCalled();
    failing.mockRestore();
    await handle.close();
    expect(readdirSync(folder)).toEqual([before.name]);
    expect(words(before.name)).toBe('PKwhole');
    await copies.take(zip('again'), NOW + 2);
    expect(await copies.list()).toHaveLength(2);
  });

  test.each(['mkdir', 'readdir', 'open', 'rename'] as const)('at %s: the same', async (method) => {
    const before = await copies.take(zip('whole'), NOW);
    const failing = jest.spyOn(disk, method).mockImplementation(full);
    await expect(copies.take(zip('more'), NOW + 1)).rejects.toThrow('no space left');
    failing.mockRestore();
    expect(readdirSync(folder)).toEqual([before.name]);
  });

  test('that gives back something else than was written: the copy is not taken', async () => {
    const handle = await disk.open(join(folder, (await copies.take(zip('whole'), NOW)).name));
    const proto = Object.getPrototypeOf(handle) as { appendFile: (piece: Buffer) => Promise<void> };
    const real = proto.appendFile;
    jest.spyOn(proto, 'appendFile').mockImplementation(function (this: unknown, piece: Buffer) {
      return real.call(this, piece.subarray(0, 1));
    });
    await expect(copies.take(zip('half of it'), NOW + 1)).rejects.toThrow('does not read back');
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
  beforeEach(async () => ({ server, port } = await listen(ledgerApp(folder, copies), 4740, () => undefined)));
  afterEach(async () => {
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  });
  const ask = (method: string, path: string, headers: Record<string, string> = {}, body?: string) =>
    new Promise<{ status: number; text: string }>((resolve, reject) => {
      const asked = request({ host: '127.0.0.1', port, method, path, headers, agent: false }, (response) => {
        let text = '';
        response.on('data', (part) => (text += String(part)));
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
      });
      asked.on('error', reject).end(body);
    });
  const OURS = { 'x-amber-ledger': 'copies' };

  test('taken, listed and given back', async () => {
    const taken = await ask('POST', '/copies', OURS, 'PKwords');
    expect(taken.status).toBe(201);
    const { name } = JSON.parse(taken.text) as { name: string };
    const listed = JSON.parse((await ask('GET', '/copies', OURS)).text) as { folder: string; copies: { name: string }[] };
    expect([listed.folder, listed.copies.map((c) => c.name)]).toEqual([folder, [name]]);
    expect((await ask('GET', `/copies/${name}`, OURS)).text).toBe('PKwords');
  });

  test.each([
    ['without the sign', {}],
    ['from a page elsewhere', { ...OURS, origin: 'http://example.org' }],
    ['from another port of this machine', { ...OURS, origin: 'http://127.0.0.1:1' }],
  ])('%s nothing is told and nothing taken', async (_, headers) => {
    expect((await ask('GET', '/copies', headers)).status).toBe(403);
    expect((await ask('POST', '/copies', headers, 'PKwords')).status).toBe(403);
    expect(await copies.list()).toEqual([]);
  });

  test.each(['..%2f..%2fetc%2fpasswd', '.writing-0b1c2d3e-0000-4000-8000-123456789abc', 'amber-ledger-2026-11-25T20-00-00-000Z.zip'])(
    'no file but a copy is given: %s',
    async (name) => expect((await ask('GET', `/copies/${name}`, OURS)).status).toBe(404),
  );

  test('what is no archive is refused with a sentence', async () => {
    const refused = await ask('POST', '/copies', OURS, 'words');
    expect([refused.status, refused.text]).toEqual([422, JSON.stringify({ problem: 'This is no archive of a ledger.' })]);
  });
});
