import { demoLedger } from '../demo/ledger';
import { TAKES_ITS_FILL } from '../src/core/fabric/needed';
import { USUAL_WIDTH } from '../src/core/fabric/usual-width';
import { caseOf } from '../src/core/garment/case';
import { mainFabric, mainUse } from '../src/core/make/main-fabric';
import { STATES } from '../src/core/make/states';
import { askedOf, fabricEstimate } from '../src/core/plan/fabric-estimate';

/** What a version took lies within what was said to be enough, and is not less than half of it, in so many answers. */
const LEAST_WITHIN = 0.8;

/** Asks of every version of the demo what it takes, from all the others, and compares with what it took. */
export function benchFabricNeeded(tell = false): { readonly held: boolean } {
  const ledger = demoLedger();
  const { bodies } = ledger;
  let [asked, within, unknown, off] = [0, 0, 0, 0];
  const started = performance.now();
  for (const make of ledger.makes) {
    const use = mainUse(make);
    const [source] = make.sources;
    const pattern = ledger.patterns.find((p) => p.id === source?.patternId);
    if (!use?.length || !pattern || !TAKES_ITS_FILL.includes(make.kind) || !STATES[make.state].cutOut) continue;
    const all = caseOf(pattern, make.personId, { ...ledger, bodies });
    const input = { ...all, makes: all.makes.filter((m) => m.id !== make.id) };
    const { fabric } = mainFabric(make, ledger.fabrics);
    const said = fabricEstimate(input, { ...make, id: 'asked' }, askedOf(fabric ?? {}, fabric?.width ?? USUAL_WIDTH));
    if (!said) {
      unknown++;
      continue;
    }
    const took = use.length;
    asked++;
    if (took <= said.enough) within++;
    off += Math.abs(Math.log(took / said.middle));
    if (tell)
      console.log(
        `${pattern.name} ${make.version} ${make.size?.size ?? ''} ${pattern.kind}: took ${took.toFixed(0)}${use.squeeze ? ` (${use.squeeze})` : ''}, middle ${said.middle.toFixed(0)}, enough ${said.enough.toFixed(0)} ${said.pieces ?? ''} ${said.from ?? 'alone'} ${took <= said.enough ? '' : 'XX'}`,
      );
  }
  console.log(
    `Fabric needed, each version of the demo asked of the others: what it took lies within what was called enough in ${within} of ${asked} (at least ${100 * LEAST_WITHIN} %; nine in ten are stated), ${unknown} not known; off by ${((100 * off) / asked).toFixed(0)} % in the mean; ${((performance.now() - started) / asked).toFixed(0)} ms an answer.`,
  );
  return { held: asked > 0 && within / asked >= LEAST_WITHIN };
}
