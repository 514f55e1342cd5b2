import axeCore, { type AxeResults, type RunOptions, type Spec } from 'axe-core';
import type { Page } from '@playwright/test';

declare const axe: { readonly configure: (spec: Spec) => void; readonly run: (within: Document, options: RunOptions) => Promise<AxeResults> };

/** What is held to: the guidelines' first two levels. */
const GUIDELINES = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

/** Set on the texts whose colours are looked at. */
const LOOKED_AT = 'data-colours-looked-at';

/**
 * Marks the texts that look like none before: whose colour, size, weight and ground were not met since the page was loaded. To tell whether
 * one can be read takes axe longer than all its other rules; of a list of a hundred rows it is enough to be told of one. A text that lies over
 * what it does not stand in, or is drawn, is always looked at.
 */
function markNewColours(mark: string) {
  const here = globalThis as { coloursMet?: Set<string> };
  const met = (here.coloursMet ??= new Set());
  for (const marked of document.querySelectorAll(`[${mark}]`)) marked.removeAttribute(mark);
  for (const element of document.body.querySelectorAll('*')) {
    const says = [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.nodeValue?.trim());
    if (!says && !element.matches('input, select, textarea')) continue;
    const { color, fontSize, fontWeight, textShadow } = getComputedStyle(element);
    const look = [color, fontSize, fontWeight, textShadow];
    let standsInIt = !(element instanceof SVGElement);
    let ground = false;
    for (let around: Element | null = element; around && standsInIt; around = around.parentElement) {
      const { backgroundColor, backgroundImage, opacity, filter, position } = getComputedStyle(around);
      look.push(opacity, filter);
      if (ground) continue;
      look.push(backgroundColor, backgroundImage);
      ground = /^rgb\(/.test(backgroundColor);
      standsInIt = ground || position === 'static' || position === 'relative';
    }
    const key = look.join();
    if (standsInIt && met.has(key)) continue;
    met.add(key);
    element.setAttribute(mark, '');
  }
}

/**
 * What axe finds on the page, each as a line that begins with the name given.
 *
 * @param what `colours` is for a theme after the other: they differ in nothing else
 */
export async function violationsOn(page: Page, name: string, what: 'all' | 'colours' = 'all'): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(axeCore.source);
  await page.evaluate(markNewColours, LOOKED_AT);
  const violations = await page.evaluate(
    async ([mark, runOnly]) => {
      axe.configure({ rules: [{ id: 'color-contrast', selector: `[${mark}]` }] });
      // What passes is not wanted, and telling of it takes half the time.
      const found = await axe.run(document, { runOnly, resultTypes: ['violations'] });
      return found.violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`);
    },
    [LOOKED_AT, what === 'all' ? GUIDELINES : ['color-contrast']] as const,
  );
  return violations.map((found) => `${name} ${found}`);
}
