import { EFFORT_OF_A_SECOND, layings, TooWide } from '../core/lay/lay';
import { changesThatSave } from '../core/plan/changes-that-save';
import type { LayNews, LayQuestion } from './use-lay';

/** Lays are sent no oftener, ms: each is drawn. */
const APART = 80;

const tell = (news: LayNews) => postMessage(news);

/** Searches and tells; whoever has enough ends the worker. */
addEventListener('message', ({ data }: MessageEvent<LayQuestion>) => {
  const { input, make, pieces, fabric, seed, pins, seconds, unit } = data;
  try {
    let [told, waiting] = [-Infinity, false];
    let best: LayNews | undefined;
    for (const lay of layings(pieces, fabric, seed, pins, seconds * EFFORT_OF_A_SECOND)) {
      const now = performance.now();
      if (lay) {
        best = { kind: 'lay', lay };
        waiting = true;
      }
      if (waiting && best && now - told > APART) {
        tell(best);
        [told, waiting] = [now, false];
      }
    }
    if (waiting && best) tell(best);
    tell({ kind: 'done' });
    // Only then: what could be changed matters once it is known how much is missing.
    tell({ kind: 'changes', changes: changesThatSave(input, make, fabric, unit) });
  } catch (error) {
    tell(
      error instanceof TooWide
        ? { kind: 'too wide', piece: error.piece, needs: error.needs, has: error.has }
        : { kind: 'failed', problem: error instanceof Error ? error.message : String(error) },
    );
  }
});
