import { demoLedger } from '../../../demo/ledger';
import { cleanPicture } from './clean-picture';

const bytes = (text: string) => new TextEncoder().encode(text);
const cleaned = (inner: string) =>
  new TextDecoder().decode(cleanPicture(bytes(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9">${inner}</svg>`), 'image/svg+xml'));

test('our own drawings stay byte for byte', () => {
  const { pictures } = demoLedger();
  expect(pictures.length).toBeGreaterThan(50);
  for (const { data, type } of pictures) {
    const drawing = bytes(atob(data!));
    expect(cleanPicture(drawing, type)).toBe(drawing);
  }
});

test.each([
  ['a script', '<script>alert(1)</script><path d="M0 0h9"/>'],
  ['a script in a namespace', '<svg:script>alert(1)</svg:script>'],
  ['what runs when it is loaded', '<path d="M0 0h9" onload="alert(1)"/>'],
  ['what runs without quotes', '<path d="M0 0h9" onload=alert(1) />'],
  ['a link', '<a href="javascript:alert(1)"><path d="M0 0h9"/></a>'],
  ['HTML within', '<foreignObject><body xmlns="http://www.w3.org/1999/xhtml"><iframe src="//x"/></body></foreignObject>'],
  ['a picture from elsewhere', '<image href="https://elsewhere/x.png"/>'],
  ['another drawing', '<use href="https://elsewhere/x.svg#a"/>'],
  ['a colour from elsewhere', '<path d="M0 0h9" fill="url(https://elsewhere/x.svg#a)"/>'],
  ['a style that fetches', '<style>@import "https://elsewhere/x.css";</style>'],
  ['an animation that sets a link', '<set attributeName="href" to="javascript:alert(1)"/>'],
  ['entities', '<!DOCTYPE svg [<!ENTITY x "alert(1)">]><path d="&x;"/>'],
  ['a comment with a script after it', '<!-- > --><script>alert(1)</script>'],
])('%s does not come through', (_, inner) => {
  const out = cleaned(inner);
  expect(out).not.toMatch(/script|onload|javascript|elsewhere|foreign|iframe|<use|<image|<set|ENTITY|style/i);
  expect(out).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" viewBox="0 0 9 9">/);
});

test('lines, patches and patterns by their own names do', () => {
  const inner =
    '<defs><pattern id="p" width="2" height="2" patternUnits="userSpaceOnUse"><rect width="2" height="2" fill="#abc"/></pattern></defs><path d="M0 0h9" fill="url(#p)"/>';
  expect(cleaned(inner)).toContain(inner);
  expect(cleaned(`${inner}<script/>`)).toContain('fill="url(#p)"');
});
