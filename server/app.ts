import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { join } from 'node:path';
import { copiesOf, type KeyedCopies } from './copies';
import { handedOver } from './key';

/** Names under which this machine may be asked; any other Host is a page elsewhere trying to reach in. */
const LOCAL_HOSTS = /^(?:127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;
/** The one under which the ledger lies: to a browser each name has a ledger of its own. */
const OUR_HOST = '127.0.0.1';

/** What went wrong, in a sentence: no reader is helped by where in the program it was. */
const inASentence: ErrorRequestHandler = (error: { status?: number }, _, response, next) => {
  if (response.headersSent) return next(error);
  const { status = 500 } = error;
  response
    .status(status)
    .type('text')
    .send(status === 404 ? 'There is nothing under this address.' : status < 500 ? 'This was not understood.' : 'This could not be read.');
};

/**
 * The server of the built app: static files from one folder, and the folder of copies where there is one.
 *
 * @param folder the built app
 */
export function ledgerApp(folder: string, copies?: KeyedCopies): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use((request, response, next) => {
    const { host = '' } = request.headers;
    const [local, port = ''] = LOCAL_HOSTS.exec(host) ?? [];
    if (local === undefined) response.status(421).type('text').send('This server answers on this machine only.');
    else if (host.startsWith(OUR_HOST)) next();
    else response.redirect(307, `http://${OUR_HOST}${port}${request.originalUrl}`);
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          // Positions of what floats are set as inline styles.
          styleSrc: ["'self'", "'unsafe-inline'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          // Pictures of this page's own, read back to be saved with a statement; neither leaves the machine.
          connectSrc: ["'self'", 'data:', 'blob:'],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  if (copies) {
    app.get('/open/:key', (request, response) => {
      const cookie = handedOver(request, request.params.key, copies.key);
      if (cookie !== undefined) response.setHeader('Set-Cookie', cookie);
      response.redirect(303, '/');
    });
    app.use('/copies', copiesOf(copies));
  }
  // Built files carry a hash of their content in their name; the page that names them must always be fresh.
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(express.static(folder, { index: false, cacheControl: false }));
  app.get('/{*path}', (_, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  });
  app.use(inASentence);
  return app;
}
