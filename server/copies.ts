import express, { Router, type RequestHandler, type Response } from 'express';
import { z } from 'zod';
import { NotTaken, type CopiesFolder } from './copies-folder';
import { hasKey } from './key';

/** A page elsewhere cannot set this header without being asked first, and is never allowed to. */
const SIGN = 'x-amber-ledger';

/** A folder of copies, and the key without which it is neither read nor written. */
export interface KeyedCopies {
  readonly folder: CopiesFolder;
  readonly key: string;
}

/** Only the app itself may ask, in a browser that was handed the key: its own origin where the browser says one, and its sign. */
const onlyOurs =
  (key: string): RequestHandler =>
  (request, response, next) => {
    const { origin, host } = request.headers;
    if (request.headers[SIGN] === undefined || (origin !== undefined && origin !== `http://${host}`))
      response.status(403).json({ problem: 'Only the ledger itself may ask for its copies.' });
    else if (hasKey(request, key)) next();
    // That it has no key is no error of a page that only asks what there is.
    else if (request.method === 'GET' && request.path === '/') response.json({ locked: true });
    else
      response.status(401).json({ problem: 'Open the address that stands where the ledger was started, once: it lets this browser at the copies.' });
  };

/** Names of pictures asked for at once: of a large ledger, and no more. */
const Asked = z.object({ pictures: z.array(z.string().max(80)).max(50_000) });

/** The copies of ledgers: what there is, one more with its pictures, and one of them. */
export function copiesOf({ folder: copies, key }: KeyedCopies): Router {
  const router = Router();
  router.use(onlyOurs(key));
  router.use((_, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });

  const missing = (response: Response) => response.status(404).json({ problem: 'There is no such copy.' });
  const send = (response: Response, path: string | undefined) => {
    if (path === undefined) missing(response);
    else response.sendFile(path, { dotfiles: 'allow', cacheControl: false }, (error) => error && !response.headersSent && missing(response));
  };
  /** What could not be taken is said in a sentence; the line is closed, since more may be on its way. */
  const taking =
    (
      take: (request: Parameters<RequestHandler<{ ledger: string; name: string }>>[0]) => Promise<unknown>,
    ): RequestHandler<{ ledger: string; name: string }> =>
    async (request, response) => {
      try {
        response.status(201).json((await take(request)) ?? {});
      } catch (error) {
        const code = (error as NodeJS.ErrnoException).code;
        const problem =
          error instanceof NotTaken
            ? error.message
            : code === 'ENOSPC'
              ? `There is no room left on the disk of ${copies.folder}. The copies before are as they were.`
              : `The copy could not be written to ${copies.folder} (${code ?? 'unknown'}). The copies before are as they were.`;
        if (request.socket.destroyed) return;
        response.setHeader('Connection', 'close');
        response.status(error instanceof NotTaken ? 422 : 507).json({ problem });
      }
    };
  const of = (query: unknown) => (typeof query === 'string' ? query : '');

  router.get('/', async (_, response) => {
    response.json({ folder: copies.folder, copies: await copies.list() });
  });
  router.get('/:name', async (request, response) => send(response, await copies.pathOf(request.params.name)));
  router.post(
    '/:ledger',
    taking((request) => copies.take(request.params.ledger, of(request.query['of']), request, Date.now())),
  );
  router.post('/:ledger/missing', express.json({ limit: '8mb' }), async (request, response) => {
    const asked = Asked.safeParse(request.body);
    if (!asked.success) response.status(400).json({ problem: 'Which pictures are asked for is not in order.' });
    else response.json({ missing: await copies.missing(String(request.params['ledger']), asked.data.pictures) });
  });
  router.put(
    '/:ledger/pictures/:name',
    taking((request) => copies.takePicture(request.params.ledger, of(request.query['of']), request.params.name, request)),
  );
  router.get('/:ledger/pictures/:name', async (request, response) =>
    send(response, await copies.pathOfPicture(request.params.name, request.params.ledger)),
  );
  router.get('/:ledger/:name', async (request, response) => send(response, await copies.pathOf(request.params.name, request.params.ledger)));
  return router;
}
