import express, { type Express } from 'express';
import helmet from 'helmet';
import { join } from 'node:path';
import { copiesOf } from './copies';
import type { CopiesFolder } from './copies-folder';

/** Names under which this machine may be asked; any other Host is a page elsewhere trying to reach in. */
const LOCAL_HOSTS = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/**
 * The server of the built app: static files from one folder, and the folder of copies where there is one.
 *
 * @param folder the built app
 */
export function ledgerApp(folder: string, copies?: CopiesFolder): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use((request, response, next) => {
    if (LOCAL_HOSTS.test(request.headers.host ?? '')) next();
    else response.status(421).type('text').send('This server answers on this machine only.');
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
  if (copies) app.use('/copies', copiesOf(copies));
  // Built files carry a hash of their content in their name; the page that names them must always be fresh.
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(express.static(folder, { index: false, cacheControl: false }));
  app.get('/{*path}', (_, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  });
  return app;
}
