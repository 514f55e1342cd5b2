import type { Server } from 'node:http';
import { ledgerApp } from '../server/app';
import { listen } from '../server/listen';
import { CopiesFolder } from '../server/copies-folder';
import { keyOf } from '../server/key';

/** A server of a test's own, which it stops and starts in the middle. */
export interface OwnServer {
  readonly port: number;
  readonly address: string;
  /** The address with the key to the copies. */
  readonly open: string;
  readonly key: string;
  readonly stop: () => Promise<void>;
}

/** @param copies the folder of copies, if it is to keep any */
export async function ownServer(folder: string, wished: number, copies?: string): Promise<OwnServer> {
  const key = copies === undefined ? '' : await keyOf(copies);
  const kept = copies === undefined ? undefined : { folder: new CopiesFolder(copies), key };
  const { server, port } = await listen(ledgerApp(folder, kept), wished, () => undefined);
  const address = `http://127.0.0.1:${port}`;
  return { port, address, key, open: `${address}/open/${key}`, stop: () => stopped(server) };
}

async function stopped(server: Server): Promise<void> {
  if (!server.listening) return;
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
}
