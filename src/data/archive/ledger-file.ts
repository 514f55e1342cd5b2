import { checkLedgerText, ledgerText } from '../../core/ledger/check-ledger';
import { historiesOf, type History } from '../../core/ledger/merge/history';
import { sayTheSame, type AnyRecord } from '../../core/ledger/merge/leaves';
import type { Side, Tables } from '../../core/ledger/merge/merge';
import type { StandIn } from '../../core/ledger/stand-ins';
import { replacedHistory } from '../../core/ledger/merge/replace';
import { LARGEST_TEXT, pictureName } from '../../core/archive/names';
import { TextScan } from '../../core/archive/text-scan';
import { ledgerCounts, TABLE_NAMES, type Ledger, type Picture, type TableName } from '../../core/records';
import type { LedgerDatabase, StoredPicture } from '../database';
import { readHistory, stampNow } from '../histories';
import { putOf, writeReckoned, type Write } from '../journal';
import { fromBase64, toBase64 } from './base64';
import type { LongWork } from './long-work';
import { readSettings, type Settings } from '../settings';
import { readInOne } from '../table-text';
import { cleanPicture } from './clean-picture';
import { bytesOf, digestOfBlob, fingerprint, type Fingerprint } from './digest';
import { storedPictures, type PictureFile, type PictureFiles } from './start-ledger';
import { unzipLedger, type PicturesElsewhere } from './unzip-ledger';
import type { LedgerInParts } from './zip-ledger';
import { byId, withId } from '../../core/units/by-id';

/** The whole ledger as it stands in one moment, its pictures as they lie in the database. */
export async function readParts(database: LedgerDatabase): Promise<LedgerInParts> {
  return database.transaction('r', database.tables, () => partsWithin(database, (table) => readInOne(database, table)));
}

/** The same within a transaction. */
export async function partsWithin(
  database: LedgerDatabase,
  read = (table: TableName): PromiseLike<unknown[]> => database.table(table).toArray(),
): Promise<LedgerInParts> {
  const tables: Record<string, unknown[]> = {};
  for (const table of TABLE_NAMES) if (table !== 'pictures') tables[table] = await read(table);
  const pictures = await database.pictures.toArray();
  const { ledgerId } = await readSettings(database);
  return {
    tables: tables as LedgerInParts['tables'],
    pictures,
    history: await readHistory(database),
    ...(ledgerId === undefined ? {} : { id: ledgerId }),
  };
}

/** A ledger in parts as one side of a merge. */
export function sideOf({ tables, pictures, history }: LedgerInParts): Side {
  return { tables: { ...tables, pictures }, history: historiesOf(history) };
}

/** So many bytes of pictures go into one text: browsers hold no text of more than about half a gigabyte, and bytes grow by a third in it. */
const MOST_IN_TEXT = 200e6;

/**
 * The whole ledger as the text of one file, the bytes of its pictures as text.
 *
 * @throws with a sentence where the pictures are too many for that
 */
export async function exportLedger(database: LedgerDatabase, written: string): Promise<string> {
  const { tables, pictures, history, id } = await readParts(database);
  const bytes = pictures.reduce((sum, p) => sum + p.blob.size, 0);
  if (bytes > MOST_IN_TEXT)
    throw new Error(
      `its pictures come to ${Math.round(bytes / 1e6)} MB, and one text file holds ${MOST_IN_TEXT / 1e6} MB at most. Save it as an archive (“Save to a file”): that holds all of them`,
    );
  const within: Picture[] = [];
  for (const { blob, small: _, sha256: __, crc32: ___, ...facts } of pictures) {
    const bytes = cleanPicture(await bytesOf(blob), facts.type);
    within.push({ ...facts, data: await toBase64(new Blob([bytes])) });
  }
  return ledgerText({ ...tables, pictures: within }, written, history, id);
}

/** So many pictures of an archive that was just written are read back with their bytes. */
const READ_BACK = 48;

/** What is known of a picture as it lies in the ledger. */
export interface LyingPicture extends Fingerprint {
  readonly id: string;
  readonly size: number;
}

/**
 * The pictures of an archive that need not be read back byte by byte: their bytes lie where they lay, with the digest that was made of them,
 * and none was copied into it. Some all through it are left out, so that it is seen whether its directory leads to them.
 */
export function lyingIn(pictures: readonly StoredPicture[]): LyingPicture[] {
  const step = Math.ceil(pictures.length / READ_BACK);
  return pictures.flatMap(({ id, blob: { size }, sha256, crc32 }, i) =>
    i % step === 0 || i === pictures.length - 1 || sha256 === undefined || crc32 === undefined ? [] : [{ id, size, sha256, crc32 }],
  );
}

/** Nobody asks for the bytes of what is only read back. */
const NO_BYTES = new Blob();

/**
 * Reads an archive back that was just written, as any other is read: before that it is not called saved.
 *
 * @param lying of which pictures it is enough that its directory says the same
 * @throws with a sentence where it would not be read; or Stopped
 */
export async function readBack(zip: Blob, lying: readonly LyingPicture[], work: LongWork = {}): Promise<void> {
  const known = byId(lying);
  const back = await unzipLedger(zip, work, {
    here: ({ id, sha256 }, entry) => {
      const lay = known.get(id);
      const same = lay?.sha256 === sha256 && entry?.compressedSize === lay?.size && entry?.crc32 === lay?.crc32;
      return Promise.resolve(lay && same ? { ...lay, blob: NO_BYTES } : undefined);
    },
  });
  if (!back.ok) throw new Error(`what was written does not read back. ${back.problem}`);
}

/** A ledger as it was read from a file. */
export interface ReadLedger {
  readonly ledger: Ledger;
  readonly history: History;
  readonly files?: PictureFiles;
  /** Empty records in it that stand for what it did not hold. */
  readonly standIns?: readonly StandIn[];
  readonly id?: string;
}

/** Whom we speak of in a ledger that was read: the person chosen before, else the one most was made for. */
function personOf({ people, makes }: Ledger, { personId }: Pick<Settings, 'personId'>): string | undefined {
  const made = (id: string) => makes.filter((m) => m.personId === id).length;
  return withId(people, personId)?.id ?? [...people].sort((a, b) => made(b.id) - made(a.id))[0]?.id;
}

/** The pictures that lie here, by their ids, with what their bytes are known by: kept with them, or made once for those from before. */
async function picturesHere(database: LedgerDatabase): Promise<(id: string) => Promise<PictureFile | undefined>> {
  const here = byId(await database.pictures.toArray());
  return async (id) => {
    const picture = here.get(id);
    if (!picture) return undefined;
    const { blob, sha256, crc32 } = picture;
    if (sha256 !== undefined && crc32 !== undefined) return { blob, sha256, crc32 };
    return { blob, ...(await fingerprint(await bytesOf(blob))) };
  };
}

/** Pictures that are here already, byte by byte: nothing is gained by writing them again, and much room by not. */
async function sameHere(database: LedgerDatabase, coming: readonly StoredPicture[]): Promise<ReadonlySet<string>> {
  const hereOf = await picturesHere(database);
  const same = new Set<string>();
  for (const { id, blob, sha256 } of coming) {
    const here = await hereOf(id);
    if (here?.blob.size === blob.size && here.sha256 === (sha256 ?? (await digestOfBlob(blob)))) same.add(id);
  }
  return same;
}

/**
 * What is to be written so that one ledger stands where another did: what is gone from it is removed, what it says otherwise is put.
 *
 * @param then pictures as they are stored
 */
export function writesBetween(now: Tables, then: Tables, same: (table: TableName, now: AnyRecord | undefined, then: AnyRecord) => boolean): Write[] {
  return TABLE_NAMES.flatMap((table): Write[] => {
    const before = new Map(now[table].map((r) => [r.id, r]));
    const stay = new Set(then[table].map((r) => r.id));
    return [
      ...[...before.keys()].filter((id) => !stay.has(id)).map((remove): Write => ({ table, remove })),
      ...then[table].filter((r) => !same(table, before.get(r.id), r)).map((record) => putOf({ table, record })),
    ];
  });
}

/** What is in a ledger, counted for a sentence. */
export type LedgerCounts = ReturnType<typeof ledgerCounts>;

/**
 * Puts a checked ledger in the place of what is there, as one act that can be undone.
 *
 * @param label what undo will say was done
 */
export async function replaceLedger(database: LedgerDatabase, label: string, read: ReadLedger): Promise<LedgerCounts> {
  const { ledger, history, files } = read;
  const coming = { ...ledger, pictures: storedPictures(ledger, files) };
  const bytesHere = await sameHere(database, coming.pictures);
  await writeReckoned(database, label, async () => {
    const here = sideOf(await partsWithin(database));
    const there = { tables: ledger, history: historiesOf(history) };
    const writes = writesBetween(
      here.tables,
      coming,
      (table, now, then) => sayTheSame(table, now, then) && (table !== 'pictures' || bytesHere.has(then.id)),
    );
    const { known } = there.history;
    const histories = replacedHistory(here, there, await stampNow(database, Date.now(), known));
    return { writes, brought: { histories, known }, settings: await settingsWith(database, read), checked: true };
  });
  return ledgerCounts(ledger);
}

/** What came of opening a file: the whole ledger, or a sentence that says why not. */
export type Opened = ({ readonly ok: true; readonly notices: readonly string[] } & ReadLedger) | { readonly ok: false; readonly problem: string };

/** Whether a file is a zip, by its first signs; its name may say anything. */
async function isZip(file: Blob): Promise<boolean> {
  return (await file.slice(0, 2).text()) === 'PK';
}

/** Why a text is not to be read at all; undefined where nothing is against it. It is looked over in pieces, and none of it kept. */
async function againstText(file: Blob): Promise<string | undefined> {
  if (file.size > LARGEST_TEXT) return `It is larger than ${LARGEST_TEXT / 1e6} MB: a ledger with so many pictures is saved as an archive (.zip).`;
  const scan = new TextScan();
  const reader = file.stream().getReader();
  for (let next = await reader.read(); !next.done; next = await reader.read()) {
    const problem = scan.take(next.value);
    if (problem === undefined) continue;
    await reader.cancel();
    return problem;
  }
  return undefined;
}

/** What is chosen on this machine with a ledger that was read: its copies go on where they lay, and never among those of another. */
async function settingsWith(database: LedgerDatabase, { ledger, id }: ReadLedger): Promise<Partial<Settings>> {
  const settings = await readSettings(database);
  const here = settings.ledger === 'own' ? settings.ledgerId : undefined;
  return { ledger: 'own', ledgerId: id ?? here, personId: personOf(ledger, settings) };
}

/** Pictures that stood in a text, as an archive has them: clean, and with their digests. */
async function filesWithin(ledger: Ledger): Promise<{ readonly pictures: Picture[]; readonly files: PictureFiles }> {
  const files = new Map<string, PictureFile>();
  const pictures: Picture[] = [];
  for (const [i, { data, ...facts }] of ledger.pictures.entries()) {
    const file = pictureName(facts, i);
    const bytes = cleanPicture(await bytesOf(fromBase64(data ?? '', facts.type)), facts.type);
    files.set(file, { blob: new Blob([bytes], { type: facts.type }), ...(await fingerprint(bytes)) });
    pictures.push({ ...facts, file });
  }
  return { pictures, files };
}

/**
 * Opens a ledger file, an archive or one text, and checks all of it.
 *
 * @param beside gives pictures that are kept beside an archive, by the names of their files
 * @throws Stopped
 */
export async function openFile(database: LedgerDatabase, file: Blob, work: LongWork = {}, beside?: PicturesElsewhere['beside']): Promise<Opened> {
  if (await isZip(file)) {
    const hereOf = await picturesHere(database);
    const here = async ({ id, sha256 }: Picture) => {
      const found = await hereOf(id);
      return found?.sha256 === sha256 ? found : undefined;
    };
    return unzipLedger(file, work, { here, ...(beside ? { beside } : {}) });
  }
  const problem = await againstText(file);
  if (problem !== undefined) return { ok: false, problem };
  const checked = checkLedgerText(await file.text());
  if (!checked.ok) return checked;
  if (checked.ledger.pictures.some((p) => p.data === undefined))
    return { ok: false, problem: 'The pictures of this ledger stand in files beside it: read the whole archive (.zip).' };
  const { pictures, files } = await filesWithin(checked.ledger);
  return { ...checked, ledger: { ...checked.ledger, pictures }, files };
}

/** What came of reading a ledger, or why it was refused. */
export type ReadIn =
  | { readonly ok: true; readonly counts: LedgerCounts; readonly notices: readonly string[] }
  | { readonly ok: false; readonly problem: string };

/**
 * Reads a ledger file and puts it in the place of what is there.
 *
 * @param label what undo will say was done
 * @returns a sentence where the file is refused; the ledger is then as it was
 */
export async function readFile(database: LedgerDatabase, file: Blob, label: string, work: LongWork = {}): Promise<ReadIn> {
  const opened = await openFile(database, file, work);
  if (!opened.ok) return opened;
  return { ok: true, counts: await replaceLedger(database, label, opened), notices: opened.notices };
}
