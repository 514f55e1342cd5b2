import { TextDecoder, TextEncoder } from 'node:util';

/**
 * Node's own clone makes objects that belong to Node and not to the test, so that nothing the stand-in for the browser's database gives
 * back is equal to what was put in, and loses blobs. In a browser both are as this is.
 */
const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && Object.prototype.toString.call(value) === '[object Object]';

const clone = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(clone);
  return isPlain(value) ? Object.fromEntries(Object.entries(value).map(([name, part]) => [name, clone(part)])) : value;
};

globalThis.structuredClone = clone as typeof structuredClone;

// Every browser has these; the stand-in for one does not, and the router asks for them when it is loaded.
Object.assign(globalThis, { TextEncoder, TextDecoder });
// A drawing asks how wide the screen is: as wide as a desk's, and it stays so.
if ('window' in globalThis) {
  const media = Object.assign(new EventTarget(), { matches: false });
  Object.assign(globalThis, { matchMedia: () => media });
}
