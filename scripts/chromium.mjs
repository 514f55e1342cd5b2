// Finds Chromium for the tests that drive the interface, or installs Debian's where that is allowed.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const USUAL = [
  // The shell is the same engine without a window's trappings: the tests take about two thirds of the time in it.
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
  '/snap/bin/chromium',
  '/Applications/Chromium.app/Contents/MacOS/Chromium',
  '/Applications/Google Chrome.app/Contents/MacOS/Google Chrome',
];

const works = (path) => path && existsSync(path) && spawnSync(path, ['--version'], { stdio: 'ignore' }).status === 0;
const find = () => [process.env.CHROMIUM_PATH, ...USUAL].find(works);

/** The path of a Chromium that starts. Ends the process with a sentence where there is none and none may be installed. */
export function chromium() {
  if (process.env.CHROMIUM_PATH && !works(process.env.CHROMIUM_PATH)) {
    console.error(`CHROMIUM_PATH is ${process.env.CHROMIUM_PATH}, and no Chromium starts from there.`);
    process.exit(1);
  }
  const found = find();
  if (found) return found;
  if (existsSync('/usr/bin/apt-get') && process.getuid?.() === 0) {
    console.log('Installing Debian’s chromium for the interface tests …');
    spawnSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
    // Older releases of Debian have no shell of its own.
    for (const name of ['chromium-headless-shell', 'chromium']) {
      spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      });
      const installed = find();
      if (installed) return installed;
    }
  }
  console.error(
    'The interface tests need Chromium. Install it (on Debian: apt-get install chromium), or set CHROMIUM_PATH to one, and run the command again.',
  );
  process.exit(1);
}
