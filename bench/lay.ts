import { faultsOfLay } from '../src/core/lay/check-lay';
import { layings, type CutPiece, type DrawnLay } from '../src/core/lay/lay';
import { areaOf, boundsOf } from '../src/core/units/polygon';
import { seeded } from '../src/core/units/seeded';
import { benchFabricNeeded } from './fabric-needed';
import { jigsaw } from './jigsaw';

/** Mean use of the strip, %, after a second and after ten on one core. */
const [LEAST_AT_ONCE, LEAST_IN_TEN] = [76, 82];
const JIGSAWS = 20;
const WIDTH = 140;

/** A plain placement in rows: left to right in order of height, a new row where the width is full. Gives the length, cm. */
function inRows(pieces: readonly CutPiece[]): number {
  const boxes = pieces
    .map(({ outline }) => boundsOf(outline))
    .map(({ left, top, right, bottom }) => ({ width: right - left, height: bottom - top }))
    .sort((a, b) => b.height - a.height);
  let [length, row, filled] = [0, 0, 0];
  for (const { width, height } of boxes) {
    if (filled + width > WIDTH) {
      length += row;
      [row, filled] = [0, 0];
    }
    row = Math.max(row, height);
    filled += width;
  }
  return length + row;
}

/** Lays twenty strips cut at random into pieces, whose best lay is known to waste nothing. */
function benchLay(): { readonly held: boolean } {
  const sums = { rows: 0, first: 0, second: 0, ten: 0 };
  let [slowest, faults] = [0, 0];
  for (let k = 0; k < JIGSAWS; k++) {
    const count = 10 + Math.round((20 * k) / (JIGSAWS - 1));
    const strip = jigsaw(count, WIDTH, seeded(1000 + k));
    const pieces = strip.pieces.map((outline, i): CutPiece => ({ name: `piece ${i + 1}`, outline, count: 1, pairs: false }));
    const area = strip.pieces.reduce((sum, p) => sum + areaOf(p), 0);
    const use = (length: number) => (100 * area) / (WIDTH * length);
    const began = performance.now();
    let [first, second, last]: (DrawnLay | undefined)[] = [];
    for (const lay of layings(pieces, { width: WIDTH }, 1)) {
      const ms = performance.now() - began;
      if (lay) {
        if (!first) {
          first = lay;
          slowest = Math.max(slowest, ms);
        }
        if (ms < 1000) second = lay;
        last = lay;
        faults += faultsOfLay(pieces, { width: WIDTH }, lay).length;
      }
      if (ms > 10_000) break;
    }
    sums.rows += use(inRows(pieces));
    sums.first += use(first?.length ?? Infinity);
    sums.second += use(second?.length ?? Infinity);
    sums.ten += use(last?.length ?? Infinity);
  }
  const mean = (sum: number) => (sum / JIGSAWS).toFixed(1);
  console.log(
    `${JIGSAWS} jigsaws of 10 to 30 pieces: ${mean(sums.second)} % of the strip used after 1 s (at least ${LEAST_AT_ONCE}), ${mean(sums.ten)} % after 10 s (at least ${LEAST_IN_TEN}); the first lay ${mean(sums.first)} %, within ${slowest.toFixed(0)} ms; placed in rows ${mean(sums.rows)} %. ${faults} faults in all these lays (none).`,
  );
  return { held: faults === 0 && sums.second / JIGSAWS >= LEAST_AT_ONCE && sums.ten / JIGSAWS >= LEAST_IN_TEN };
}

const held = [benchFabricNeeded(process.argv.includes('--each')), benchLay()].every((part) => part.held);
if (!held) process.exitCode = 1;
