/** The longest that work waits for a quiet moment, ms. */
const MOST = 3000;

/** Does what can wait when the page is at rest; where a browser does not say when that is, a moment later. */
export function whenIdle(work: () => void): void {
  if ('requestIdleCallback' in globalThis) requestIdleCallback(work, { timeout: MOST });
  else setTimeout(work, MOST / 10);
}
