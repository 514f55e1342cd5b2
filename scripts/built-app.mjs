// The built app behind its own server, and a browser to drive it: for what looks at the app and is no test of it.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { chromium as findChromium } from './chromium.mjs';
import { build, checkNode, install, ROOT } from './ready.mjs';

/** How a browser is started that is driven by a script. */
export const launchOptions = () => ({ executablePath: findChromium(), args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });

/**
 * Builds where needed, and serves. Returns the address, the browser, and what ends both; and a way to open a window that keeps what it holds
 * on the disk, as a sewist's does, where others keep it in memory.
 */
export async function builtApp(port) {
  checkNode();
  install();
  build();
  const launched = launchOptions();
  const { chromium } = await import('@playwright/test');
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(port), LEDGER_COPIES: join(ROOT, 'node_modules/.cache/copies') },
  });
  const address = await new Promise((resolve, reject) => {
    server.stdout.on('data', (text) => {
      const found = /http:\/\/\S+/.exec(String(text));
      // The address may lead by way of the key to the copies, which nothing here is to make.
      if (found) resolve(new URL('/', found[0]).href);
    });
    server.on('exit', () => reject(new Error('the server did not start')));
  });
  const browser = await chromium.launch(launched);
  const onDisk = (folder, options) => chromium.launchPersistentContext(folder, { ...launched, ...options });
  const end = async () => {
    await browser.close();
    server.kill();
  };
  return { address, browser, onDisk, end };
}

/** By the front door into the demo, as on a first visit. */
export async function lookRound(page, address) {
  await page.goto(address);
  await page.getByRole('button', { name: 'Look round in the demo' }).click();
  await page.getByText('Latest makes').waitFor();
}
