import { BlobReader, TextWriter, ZipReader, type FileEntry } from '@zip.js/zip.js';
import { strFromU8, unzipSync } from 'fflate';
import { crc32 } from '../../core/archive/crc32';
import { BlobZip } from './blob-zip';

const bytes = (text: string) => new TextEncoder().encode(text);
const store = (zip: BlobZip, name: string, text: string) => zip.store(name, new Blob([text]), crc32(bytes(text)));
const entriesOf = async (zip: Blob) => (await new ZipReader(new BlobReader(zip), { useWebWorkers: false }).getEntries()) as FileEntry[];

test('what goes in comes out, as it is and packed, with other programs’ readers', async () => {
  const zip = new BlobZip();
  store(zip, 'pictures/1.jpg', 'bytes of a picture');
  await zip.pack('ledger.json', bytes('words '.repeat(1000)));
  store(zip, 'Größe.txt', '');
  const whole = zip.whole();
  expect(whole.size).toBeLessThan(1000);
  const files = unzipSync(new Uint8Array(await whole.arrayBuffer()));
  expect(Object.entries(files).map(([name, content]) => [name, strFromU8(content).slice(0, 18)])).toEqual([
    ['pictures/1.jpg', 'bytes of a picture'],
    ['ledger.json', 'words words words '],
    ['Größe.txt', ''],
  ]);
  for (const entry of await entriesOf(whole)) await entry.getData(new TextWriter(), { checkSignature: true });
});

test('a wrong check is found by who reads it', async () => {
  const zip = new BlobZip();
  zip.store('a.txt', new Blob(['words']), 12_345);
  const [entry] = await entriesOf(zip.whole());
  await expect(entry!.getData(new TextWriter(), { checkSignature: true })).rejects.toThrow();
});

test('more files than sixteen bits count', async () => {
  const zip = new BlobZip();
  const nothing = new Blob();
  for (let i = 0; i < 66_000; i++) zip.store(`${i}`, nothing, crc32(bytes('')));
  const names: string[] = [];
  const whole = new Uint8Array(await zip.whole().arrayBuffer());
  unzipSync(whole, { filter: ({ name }) => names.push(name) < 0 });
  expect([names.length, names.at(-1)]).toEqual([66_000, '65999']);
});
