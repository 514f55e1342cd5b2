import type { Server } from 'node:http';
import { ledgerApp } from '../server/app';
import { listen } from '../server/listen';
import type { CopiesFolder } from '../server/copies-folder';

/** A server of a test's own, which it stops and starts in the middle. */
export interface OwnServer {
  readonly port: number;
  readonly address: string;
  readonly stop: () => Promise<void>;
}

export async function ownServer(folder: string, wished: number, copies?: CopiesFolder): Promise<OwnServer> {
  const { server, port } = await listen(ledgerApp(folder, copies), wished, () => undefined);
  return { port, address: `http://127.0.0.1:${port}`, stop: () => stopped(server) };
}

async function stopped(server: Server): Promise<void> {
  if (!server.listening) return;
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
}
