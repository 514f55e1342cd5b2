import { strToU8, zipSync } from 'fflate';
import { escapeHtml } from '../../core/units/escape-html';
import { firstOf, itemAt } from '../../core/units/item-at';
import { FILE_ENDINGS } from '../../core/records/file-endings';
import { toMarkdown, type Sheet } from '../../core/statement/sheet';
import { PICTURE_TYPES } from '../../core/records/picture-types';
import css from './sheet.css?inline';

/** A picture of a shown sheet with its bytes. */
interface Shown {
  readonly makeId: string;
  readonly image: HTMLImageElement;
  readonly blob: Blob;
}

async function picturesOf(shown: HTMLElement): Promise<Shown[]> {
  const images = [...shown.querySelectorAll<HTMLImageElement>('[data-make] img')];
  return Promise.all(
    images.map(async (image) => ({
      makeId: image.closest<HTMLElement>('[data-make]')!.dataset['make']!,
      image,
      blob: await clean(await (await fetch(image.src)).blob()),
    })),
  );
}

/** A picture as it may be shown to others: what was taken in by an earlier app may still hold a script, or where it was taken. */
async function clean(blob: Blob): Promise<Blob> {
  const type = PICTURE_TYPES.find((known) => blob.type.startsWith(known));
  if (!type) return blob;
  const { cleanPicture } = await import('../../data/archive/clean-picture');
  return new Blob([cleanPicture(new Uint8Array(await blob.arrayBuffer()), type)], { type: blob.type });
}

function asDataUrl(blob: Blob): Promise<string> {
  return new Promise((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(reader.result as string);
    reader.onerror = () => failed(new Error('A picture could not be read.'));
    reader.readAsDataURL(blob);
  });
}

/** A shown sheet as one HTML file that needs nothing beside it: its pictures and its style are in it. */
export async function sheetAsHtml(sheet: Sheet, shown: HTMLElement): Promise<Blob> {
  const copy = document.importNode(shown, true);
  const copies = [...copy.querySelectorAll<HTMLImageElement>('[data-make] img')];
  const pictures = await picturesOf(shown);
  for (const [i, { blob }] of pictures.entries()) itemAt(copies, i).src = await asDataUrl(blob);
  const page = `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${escapeHtml(sheet.title)}</title>
<style>
body { margin: 24px auto; max-width: 760px; padding: 0 16px; background: #fffdf8; }
${css}
</style>
</head>
<body>
${copy.outerHTML}
</body>
</html>
`;
  return new Blob([page], { type: 'text/html' });
}

/** A shown sheet as Markdown with its pictures beside it, in one zip. */
export async function sheetAsMarkdown(sheet: Sheet, shown: HTMLElement, name: string): Promise<Blob> {
  const pictures = await picturesOf(shown);
  const file = new Map(
    pictures.map(({ makeId, blob }, i) => [makeId, `pictures/${i + 1}.${FILE_ENDINGS[firstOf(blob.type.split(';'))] ?? 'bin'}`] as const),
  );
  const files: Record<string, Uint8Array> = { [`${name}.md`]: strToU8(toMarkdown(sheet, (id) => file.get(id))) };
  for (const { makeId, blob } of pictures) files[file.get(makeId)!] = new Uint8Array(await blob.arrayBuffer());
  return new Blob([zipSync(files)], { type: 'application/zip' });
}
