import { EFFORT_OF_A_SECOND, layings, TooWide, type DrawnLay } from '../core/lay/lay';
import { leftOver } from '../core/lay/left-over';
import { outOfTheRest } from '../core/plan/out-of-the-rest';
import { changesThatSave } from '../core/plan/changes-that-save';
import type { LayNews, LayQuestion } from './use-lay';

/** Lays are sent no oftener, ms: each is drawn. */
const APART = 80;

const tell = (news: LayNews) => postMessage(news);

/** Searches until the work is done, telling the best so far; the best of all. */
function searched({ pieces, fabric, seed, pins, seconds }: LayQuestion): DrawnLay | undefined {
  let [told, waiting] = [-Infinity, false];
  let best: DrawnLay | undefined;
  for (const lay of layings(pieces, fabric, seed, pins, seconds * EFFORT_OF_A_SECOND)) {
    const now = performance.now();
    if (lay) {
      best = lay;
      waiting = true;
    }
    if (waiting && best && now - told > APART) {
      tell({ kind: 'lay', lay: best });
      [told, waiting] = [now, false];
    }
  }
  if (waiting && best) tell({ kind: 'lay', lay: best });
  return best;
}

/** Searches and tells; whoever has enough ends the worker. */
addEventListener('message', ({ data }: MessageEvent<LayQuestion>) => {
  const { input, make, fabric, unit, also = [], drawnOnly = false } = data;
  try {
    const lay = data.found ?? searched(data);
    tell({ kind: 'done' });
    if (drawnOnly) return;
    if (lay && fabric.onHand !== undefined && lay.length <= fabric.onHand)
      tell({ kind: 'rest', rest: outOfTheRest(leftOver(lay, fabric.onHand, fabric.taken), also, fabric.nap ?? false) });
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
