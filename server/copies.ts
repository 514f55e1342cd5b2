import { Router, type RequestHandler } from 'express';
import { NotTaken, type CopiesFolder } from './copies-folder';

/** A page elsewhere cannot set this header without being asked first, and is never allowed to. */
const SIGN = 'x-amber-ledger';

/** Only the app itself may ask: its own origin where the browser says one, and its sign. */
const onlyOurs: RequestHandler = (request, response, next) => {
  const { origin, host } = request.headers;
  if (request.headers[SIGN] === undefined || (origin !== undefined && origin !== `http://${host}`))
    response.status(403).json({ problem: 'Only the ledger itself may ask for its copies.' });
  else next();
};

/** The copies of the ledger: what there is, one more, and one of them. */
export function copiesOf(copies: CopiesFolder): Router {
  const router = Router();
  router.use(onlyOurs);
  router.get('/', async (_, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.json({ folder: copies.folder, copies: await copies.list() });
  });
  router.post('/', async (request, response) => {
    try {
      response.status(201).json(await copies.take(request, Date.now()));
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
  });
  router.get('/:name', (request, response) => {
    const missing = () => response.status(404).json({ problem: 'There is no such copy.' });
    const path = copies.pathOf(request.params.name);
    if (path === undefined) missing();
    else response.sendFile(path, { dotfiles: 'allow', cacheControl: false }, (error) => error && !response.headersSent && missing());
  });
  return router;
}
