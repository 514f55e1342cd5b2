import type { Express } from 'express';
import type { Server } from 'node:http';

/** How many ports are tried after the one wished for. */
const TRIES = 20;

function tryPort(app: Express, port: number): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, '127.0.0.1');
    server.once('listening', () => resolve(server));
    server.once('error', reject);
  });
}

/**
 * Listens on the loopback, on the port wished for or the next that is free.
 *
 * @param say told of each port that is busy
 * @throws when no port of the range is free, or the port may not be used
 */
export async function listen(app: Express, wished: number, say: (line: string) => void): Promise<{ server: Server; port: number }> {
  for (let port = wished; port < wished + TRIES; port++) {
    try {
      return { server: await tryPort(app, port), port };
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
      say(`Port ${port} is busy; trying ${port + 1}.`);
    }
  }
  throw new Error(`Ports ${wished} to ${wished + TRIES - 1} are all busy. Name a free one: PORT=9000 npm start`);
}
