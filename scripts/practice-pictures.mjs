/* global document, FileReader -- what runs in the page */
// node scripts/practice-pictures.mjs: the four pictures of the demo that are ready to be measured in, taken by the practice camera.
import { mkdirSync, writeFileSync } from 'node:fs';
import { builtApp, lookRound } from './built-app.mjs';

const NAMES = ['shirt', 'trouser-front', 'remnant', 'sleeve'];

const { address, browser, end } = await builtApp(4482);
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await lookRound(page, address);
mkdirSync('public/practice', { recursive: true });
for (const [i, name] of NAMES.entries()) {
  await page.goto(`${address}measure`);
  await page.getByText('Found in the picture').waitFor();
  await page.getByLabel('On the table lies').selectOption(String(i));
  await page.waitForTimeout(i === 0 ? 0 : 4000);
  await page.getByText('Found in the picture').waitFor();
  const data = await page.evaluate(async () => {
    const blob = await (await fetch(document.querySelector('svg image').getAttribute('href'))).blob();
    return new Promise((done) => {
      const reader = new FileReader();
      reader.onload = () => done(reader.result.split(',')[1]);
      reader.readAsDataURL(blob);
    });
  });
  writeFileSync(`public/practice/${name}.jpg`, Buffer.from(data, 'base64'));
}
await end();
