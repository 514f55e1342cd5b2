import { FILE_ENDINGS } from '../records/file-endings';
import type { Picture } from '../records';

/** The name of a picture that is kept beside copies: its digest, so that each lies there once. */
export const KEPT_PICTURE = /^[0-9a-f]{64}\.(svg|jpg|png|webp)$/;

/** The list, within a copy, of the pictures that it speaks of. */
export const LISTED_NAME = 'pictures.txt';

/** @example keptPicture({ sha256: 'ab…', type: 'image/jpeg' }) // 'ab….jpg' */
export const keptPicture = ({ sha256, type }: { readonly sha256: string } & Pick<Picture, 'type'>): string => `${sha256}.${FILE_ENDINGS[type]}`;

/** The list as it is written. */
export const pictureList = (names: readonly string[]): string => names.map((name) => `${name}\n`).join('');

/**
 * The pictures that a list names; what is no such name is passed over.
 *
 * @example picturesListed(pictureList([name])) // [name]
 */
export const picturesListed = (text: string): string[] => text.split('\n').filter((name) => KEPT_PICTURE.test(name));

/**
 * The name of a folder again as words.
 *
 * @example namesOfFolder('maren-jorg-o') // 'Maren, Jorg, O'
 */
export function namesOfFolder(name: string): string {
  return name
    .split('-')
    .map((word) => word.charAt(0).toUpperCase() + word.slice(1))
    .join(', ');
}

/**
 * Whom a ledger is of, as the name of a folder says it: small letters, digits and hyphens. Empty where nothing of the names can be written so.
 *
 * @example nameForFolder(['Maren', 'Jörg Ö.']) // 'maren-jorg-o'
 */
export function nameForFolder(names: readonly string[]): string {
  const plain = names
    .join('-')
    .normalize('NFD')
    .toLowerCase()
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^a-z0-9]+/g, '-');
  return plain.slice(0, 40).replace(/^-+|-+$/g, '');
}
