import { takeUp } from './keyboard';
import { expect, test, type Page } from './test';
import { deflateSync } from 'node:zlib';

const crcTable = Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c >>> 0;
});
const crc = (bytes: Buffer) => {
  let c = 0xffffffff;
  for (const b of bytes) c = crcTable[(c ^ b) & 0xff]! ^ (c >>> 8);
  return (c ^ 0xffffffff) >>> 0;
};

/** A PNG of one colour, with a text chunk such as a camera would hide in it. */
function png(width: number, height: number, colour: readonly [number, number, number], hidden = ''): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
    const out = Buffer.alloc(8 + body.length);
    out.writeUInt32BE(data.length, 0);
    body.copy(out, 4);
    out.writeUInt32BE(crc(body), 4 + body.length);
    return out;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2, 0, 0, 0], 8);
  const row = Buffer.concat([Buffer.from([0]), Buffer.concat(Array.from({ length: width }, () => Buffer.from(colour)))]);
  const pixels = deflateSync(Buffer.concat(Array.from({ length: height }, () => row)));
  const text = hidden ? [chunk('tEXt', Buffer.from(`Location\0${hidden}`, 'latin1'))] : [];
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    ...text,
    chunk('IDAT', pixels),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

const file = (name: string, buffer: Buffer, mimeType = 'image/png') => ({ name, mimeType, buffer });

/** Pictures of a make as the database keeps them. */
const stored = (page: Page, makeId: string) =>
  page.evaluate(async (id) => {
    const open = indexedDB.open('amber-ledger');
    const db = await new Promise<IDBDatabase>((done) => (open.onsuccess = () => done(open.result)));
    const all = db.transaction('pictures').objectStore('pictures').index('makeId').getAll(id);
    const rows = await new Promise<{ side: string; place: number; type: string; blob: Blob; small?: Uint8Array<ArrayBuffer> }[]>(
      (done) => (all.onsuccess = () => done(all.result)),
    );
    // The demo's drawings are code and not photographs; only what was brought in is looked at.
    return Promise.all(
      rows
        .filter((r) => r.type === 'image/jpeg')
        .map(async ({ blob, small, side, place }) => {
          const image = await createImageBitmap(blob);
          return {
            side,
            place,
            width: image.width,
            height: image.height,
            small: (await createImageBitmap(small ? new Blob([small]) : blob)).width,
            text: await blob.text(),
          };
        }),
    );
  }, makeId);

test('a dozen pictures at once show progress, are brought down, and carry nothing hidden', async ({ page }) => {
  await page.goto('/makes/make-bollard-1');
  const region = page.getByRole('region', { name: /^Pictures of Bollard overshirt/ });
  const before = (await stored(page, 'make-bollard-1')).length;
  const files = Array.from({ length: 12 }, (_, i) => file(`look-${i}.png`, png(2000, 1000 + i, [200, i * 4, 90], '54.3233N 10.1228E')));
  await region.locator('input[type=file][multiple]').setInputFiles(files);
  await expect(region.getByRole('progressbar')).toBeVisible();
  await expect(page.getByText('12 of 12 pictures kept.')).toBeVisible({ timeout: 40_000 });
  const kept = await stored(page, 'make-bollard-1');
  expect(kept).toHaveLength(before + 12);
  const added = kept.filter((p) => p.width === 1600);
  expect(added).toHaveLength(12);
  for (const p of added) {
    expect(p.height).toBeLessThanOrEqual(840);
    expect(p.small).toBe(240);
    expect(p.text).not.toContain('54.3233N');
  }
});

test('the work can be stopped, and what was done by then is kept', async ({ page }) => {
  await page.goto('/makes/make-bollard-1');
  const region = page.getByRole('region', { name: /^Pictures of Bollard overshirt/ });
  const before = (await stored(page, 'make-bollard-1')).length;
  const files = Array.from({ length: 16 }, (_, i) => file(`look-${i}.png`, png(1800, 1800, [i * 8, 120, 90])));
  await region.locator('input[type=file][multiple]').setInputFiles(files);
  await region.getByRole('button', { name: 'Stop' }).click();
  await expect(region.getByRole('progressbar')).toBeHidden({ timeout: 20_000 });
  const kept = (await stored(page, 'make-bollard-1')).length - before;
  expect(kept).toBeLessThan(16);
});

test('a file that cannot be read says why, and the others are kept', async ({ page }) => {
  await page.goto('/makes/make-bollard-1');
  const region = page.getByRole('region', { name: /^Pictures of Bollard overshirt/ });
  await region
    .locator('input[type=file][multiple]')
    .setInputFiles([
      file('good-back.png', png(40, 30, [10, 20, 30])),
      file('damaged.png', Buffer.from('this is no picture')),
      file('notes.txt', Buffer.from('words'), 'text/plain'),
      file('drawing.svg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'), 'image/svg+xml'),
    ]);
  const problems = region.getByRole('alert');
  await expect(problems).toContainText('damaged.png could not be read as a picture');
  await expect(problems).toContainText('notes.txt is not a picture');
  await expect(problems).toContainText('drawing.svg is a drawing in code (SVG)');
  await expect(page.getByText('1 of 4 pictures kept.')).toBeVisible();
  expect((await stored(page, 'make-bollard-1')).at(-1)).toMatchObject({ width: 40, height: 30, side: 'back' });
});

test('order by keys, side, pin on a fit note, removal and undo', async ({ page }) => {
  await page.goto('/makes/make-skerry-2');
  const region = page.getByRole('region', { name: /^Pictures of Skerry concert jacket/ });
  await region
    .locator('input[type=file][multiple]')
    .setInputFiles([file('a.png', png(60, 60, [180, 40, 40])), file('b.png', png(60, 60, [40, 40, 180]))]);
  await expect(region.getByRole('listitem')).toHaveCount(4);

  const grip = region
    .getByRole('listitem')
    .nth(3)
    .getByRole('button', { name: /^Move the picture/ });
  await takeUp(page, grip);
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('Over place 3 of 4.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: /^Undo: order of the pictures/ })).toBeVisible();

  await region.getByRole('listitem').first().getByRole('button', { name: /open$/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel(/^Pin which note/).selectOption({ label: 'across back wide, slight' });
  await dialog.getByRole('button', { name: 'Pin it in the middle' }).click();
  const pin = dialog.getByRole('button', { name: /^Pin: across back wide/ });
  await pin.focus();
  await page.keyboard.press('ArrowRight');
  await expect(pin).toHaveAttribute('style', /left: 52%/);
  await page.keyboard.press('Escape');
  await expect(region.getByText('1 pin')).toBeVisible();

  await region
    .getByRole('listitem')
    .nth(2)
    .getByRole('button', { name: /^Remove the picture/ })
    .click();
  await expect(region.getByRole('listitem')).toHaveCount(3);
  await page.keyboard.press('Control+z');
  await expect(region.getByRole('listitem')).toHaveCount(4);
});

test('a picture of a fabric offers its colours, which are taken for its swatch and taken back', async ({ page }) => {
  await page.goto('/stash?fabric=fabric-wine-silk');
  await page.getByRole('button', { name: /^How it looks/ }).click();
  await page.locator('input[type=file][multiple]').setInputFiles([file('silk.png', png(80, 80, [31, 86, 96]))]);
  await expect(page.getByText(/^Its picture shows/)).toContainText('teal');
  const before = await page.getByLabel('Ground', { exact: true }).inputValue();
  await page.getByRole('button', { name: 'Take this colour' }).click();
  // A photograph is packed with a little loss.
  await expect(page.getByLabel('Ground', { exact: true })).toHaveValue(/^#(1f|20|1e)5[567](60|61|5f)$/);
  await expect(page.getByText(/^Its picture shows/)).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Ground', { exact: true })).toHaveValue(before);
});
