import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ledgerApp } from './app';
import { listen } from './listen';
import { CopiesFolder, copiesFolder } from './copies-folder';
import { keyOf } from './key';

const folder = join(import.meta.dirname, '..', 'dist');
const copies = copiesFolder(process.env);
const wished = Number(process.env['PORT'] ?? 4270);

if (!existsSync(join(folder, 'index.html'))) {
  console.error('The app is not built yet. Run: npm start');
  process.exit(1);
}
if (!Number.isInteger(wished) || wished < 1 || wished > 65_535) {
  console.error(`PORT is “${process.env['PORT']}”; it must be a number from 1 to 65535.`);
  process.exit(1);
}

try {
  const key = await keyOf(copies).catch((error: unknown) => {
    console.log(`No copies are kept: ${error instanceof Error ? error.message : String(error)}`);
    return undefined;
  });
  const kept = new CopiesFolder(copies);
  await kept.sweep(Date.now());
  const { server, port } = await listen(ledgerApp(folder, key === undefined ? undefined : { folder: kept, key }), wished, console.log);
  const stop = () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  console.log('Amber Ledger is open. Ctrl-C closes it; what you entered stays in your browser.');
  if (key !== undefined) console.log(`Copies of it are kept in ${copies}; opened under this address, your browser may ask for them:`);
  console.log(`http://127.0.0.1:${port}/${key === undefined ? '' : `open/${key}`}`);
} catch (error) {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
}
