import { sideFromName } from '../../core/drawing/reduced-size';
import { bytesOf, fingerprint } from '../../data/archive/digest';
import type { StoredPicture } from '../../data/database';
import { newId } from '../../data/new-id';
import { pictureReducer } from '../../workers/pictures';
import { holdOriginal } from '../measure/originals';
import { save } from '../save';
import { counted } from '../../core/units/counted';

/** Whose pictures they are. */
export type PictureOwner =
  | { readonly makeId: string; readonly noteId?: string }
  | { readonly fabricId: string }
  | { readonly patternId: string }
  | { readonly planId: string }
  | { readonly personId: string };

/** Larger files are refused before they are read, bytes. */
const LARGEST = 60_000_000;

export interface AddedPictures {
  readonly kept: number;
  /** Their ids, in the order of the files. */
  readonly ids: readonly string[];
  /** A sentence for each file that was not kept. */
  readonly problems: readonly string[];
}

function whyNot(file: File): string | undefined {
  if (file.size > LARGEST) return `${file.name} is larger than 60 MB.`;
  if (file.type === 'image/svg+xml') return `${file.name} is a drawing in code (SVG), not a photograph. Save it as PNG or JPEG first.`;
  if (/hei[cf]$/i.test(file.type) || /\.hei[cf]$/i.test(file.name))
    return `${file.name} is in a format that browsers do not read (HEIC). Save it as JPEG on the phone first.`;
  if (file.type !== '' && !file.type.startsWith('image/')) return `${file.name} is not a picture.`;
  return undefined;
}

/**
 * Reduces pictures one by one and keeps them as one act.
 *
 * @param signal stops it; what is reduced by then is kept
 * @param onProgress told after each file
 * @param place where the first of them stands among the pictures that are there
 */
export async function addPictures(
  owner: PictureOwner,
  name: string,
  files: readonly File[],
  { signal, onProgress, place }: { readonly signal: AbortSignal; readonly onProgress: (done: number) => void; readonly place: number },
): Promise<AddedPictures> {
  const pictures: StoredPicture[] = [];
  const problems: string[] = [];
  for (const [index, file] of files.entries()) {
    if (signal.aborted) break;
    const why = whyNot(file);
    if (why) problems.push(why);
    else
      try {
        const { blob, small } = await pictureReducer().reduce(file);
        const at = place + pictures.length;
        const known = await fingerprint(await bytesOf(blob));
        const id = newId();
        // Measured right away, it is measured at its full size.
        holdOriginal(id, file);
        pictures.push({ id, ...owner, side: sideFromName(file.name, at), place: at, type: 'image/jpeg', blob, small, ...known });
      } catch {
        problems.push(`${file.name} could not be read as a picture: it is damaged, or of a kind that this browser does not know.`);
      }
    onProgress(index + 1);
  }
  if (pictures.length === 0) return { kept: 0, ids: [], problems };
  const label = `${counted(pictures.length, 'picture')} of ${name}`;
  const kept = await save(
    label,
    pictures.map((put) => ({ table: 'pictures', put })),
  );
  return { kept: kept ? pictures.length : 0, ids: kept ? pictures.map((p) => p.id) : [], problems };
}
