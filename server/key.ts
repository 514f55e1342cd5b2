import { randomBytes, timingSafeEqual } from 'node:crypto';
import { mkdir, open, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { IncomingMessage } from 'node:http';

const KEY = /^[0-9a-f]{48}$/;
const FILE = '.key';
/** The longest that browsers keep what they are handed, days. */
const KEPT_DAYS = 400;

/**
 * The key to the copies in a folder, made with the folder and readable by its owner only. Another user of this machine reaches the server
 * as well, but not the file, nor the address with the key that its owner's terminal shows.
 *
 * @throws as the disk does
 */
export async function keyOf(folder: string): Promise<string> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const path = join(folder, FILE);
  try {
    const file = await open(path, 'wx', 0o600);
    await file.writeFile(randomBytes(24).toString('hex'));
    await file.close();
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
  }
  const key = (await readFile(path, 'utf8')).trim();
  if (!KEY.test(key)) throw new Error(`The file ${path} does not hold a key. Remove it, and start again.`);
  return key;
}

/** Pages of one machine share what they are handed, whatever their port: each server's key has a name of its own. */
const nameOf = (request: IncomingMessage) => `ledger-key-${request.socket.localPort}`;

const isSame = (a: string, b: string) => a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

/** What hands the key to the browser that asked with it in the address; undefined where it is not this key. */
export function handedOver(request: IncomingMessage, given: string, key: string): string | undefined {
  if (!isSame(given, key)) return undefined;
  return `${nameOf(request)}=${key}; Path=/copies; Max-Age=${KEPT_DAYS * 86_400}; HttpOnly; SameSite=Strict`;
}

/** Whether a request comes from a browser that was handed the key. */
export function hasKey(request: IncomingMessage, key: string): boolean {
  const given = (request.headers.cookie ?? '').split(/;\s*/).find((part) => part.startsWith(`${nameOf(request)}=`));
  return given !== undefined && isSame(given.slice(given.indexOf('=') + 1), key);
}
