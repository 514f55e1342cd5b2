import { evidenceAt } from '../src/core/garment/evidence';
import { sampleAlteration, sampleCase, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../src/core/garment/sample-case';
import { priorSpread, type ZoneId } from '../src/core/body/zones';
import type { Alteration, Fabric, Make, Outcome } from '../src/core/records';
import { whatItDid } from '../src/core/versions/what-it-did';
import { handOf, movesBetween, type Cause } from '../src/core/versions/moves';
import { seeded } from '../src/core/units/seeded';
import { normalFrom, noted } from './sewists';

/** A place where something can be changed between two versions, and by what. */
interface Place {
  readonly zone: ZoneId;
  readonly alteration: Pick<Alteration, 'kind' | 'way'> & { readonly zones?: ZoneId[] };
  readonly bySize: boolean;
  readonly byBody: boolean;
}
const PLACES: readonly Place[] = [
  { zone: 'bust', alteration: { kind: 'side-seams', way: 'total', zones: ['bust'] }, bySize: true, byBody: true },
  { zone: 'acrossBack', alteration: { kind: 'across-back', way: 'total' }, bySize: true, byBody: false },
  { zone: 'bodice', alteration: { kind: 'bodice-below-bust', way: 'total' }, bySize: false, byBody: false },
  { zone: 'sleeve', alteration: { kind: 'sleeve-length', way: 'total' }, bySize: false, byBody: false },
];
const SIZES = ['A', 'B', 'C', 'D', 'E'];
/** How often each thing is changed from one version to the next. */
const OFTEN = { alteration: 0.7, size: 0.5, stretch: 0.35, hand: 0.5, body: 0.3 };

export interface CausesNamed {
  readonly pairs: number;
  /** Part of the pairs in which a cause was named, and part of these in which it was the one that had done most. */
  readonly named: number;
  readonly rightly: number;
}

/** The rule of the round before: in proportion to what each moved the right way, and nobody where fabric and cut both changed. */
function byProportion(moves: ReturnType<typeof movesBetween>, otherFabric: boolean, wanted: number): Cause['of'] | undefined {
  const cut = moves.filter((m) => m.cause.of !== 'stretch' && m.cause.of !== 'hand');
  const give = moves.some((m) => m.cause.of === 'stretch' && Math.abs(m.cm) > 0.05);
  if (otherFabric || give) return cut.length > 0 ? undefined : 'stretch';
  return cut.filter((m) => Math.sign(m.cm) === wanted).sort((a, b) => Math.abs(b.cm) - Math.abs(a.cm))[0]?.cause.of;
}

/** Pairs of versions whose every cause is known: how often one is named, and how often rightly; ours, and the rule of before. */
export function simulateCauses(
  pairs: number,
  seed: number,
): {
  readonly ours: CausesNamed;
  readonly before: CausesNamed;
  /** How often a cause is named where the same eyes would have seen it so with nothing changed. */
  readonly namedByChance: number;
} {
  const chance = seeded(seed);
  const normal = normalFrom(chance);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)]!;
  let asked = 0;
  const byChance = { pairs: 0, named: 0 };
  const ours = { named: 0, right: 0 };
  const before = { named: 0, right: 0 };
  while (asked < pairs) {
    const { zone, alteration, bySize, byBody } = pick(PLACES);
    const knit = chance() < 0.5;
    const theta = 0.6 * priorSpread(zone) * normal();
    const changes = (of: keyof typeof OFTEN) => chance() < OFTEN[of];
    const plain = sampleFabric('one', { structure: knit ? 'knit' : 'woven', stretchAcross: knit ? 35 : 0, weight: 150, drape: 3 });
    const fabrics: [Fabric, Fabric] = [plain, plain];
    if (knit && changes('stretch')) fabrics[1] = { ...fabrics[1], id: 'two', stretchAcross: Math.max(5, Math.round(35 + 12 * normal())) };
    if (changes('hand')) fabrics[1] = { ...fabrics[1], id: 'two', weight: pick([90, 260]), ...(chance() < 0.5 ? { drape: 5 } : {}) };
    const pattern = {
      ...SAMPLE_PATTERN,
      fitClass: knit ? ('fitted' as const) : ('semi' as const),
      ...(knit ? { wants: { structure: 'knit' as const, stretch: 35 } } : {}),
    };
    const bodies = [
      { id: 'b1', personId: 'person', date: '2025-01-01', measures: { bust: 90, acrossBack: 36, napeToWaist: 41, armLength: 60 } },
      ...(byBody && changes('body') ? [{ id: 'b2', personId: 'person', date: '2025-08-01', measures: { bust: 90 + 3 * normal() } }] : []),
    ];
    const sized = chance() < 0.75;
    const make = (version: number, size: number, altered: number, outcome: Outcome, amount?: number): Make =>
      sampleMake(version, {
        size: { size: SIZES[size]! },
        cutOn: version === 1 ? '2025-02-01' : '2025-09-01',
        fabrics: [{ id: 'u', fabricId: fabrics[version - 1]!.id, part: 'main' }],
        alterations:
          altered === 0
            ? []
            : [
                sampleAlteration(alteration.kind, sized ? altered : undefined, {
                  ...alteration,
                  ...(sized ? {} : { direction: altered > 0 ? 1 : -1 }),
                }),
              ],
        fitNotes: [
          {
            id: `n${version}`,
            zone,
            outcome,
            date: version === 1 ? '2025-03-01' : '2025-10-01',
            seen: { at: 'worn', wears: 3 },
            ...(amount ? { amount } : {}),
          },
        ],
      });
    const caseOf = (makes: readonly Make[]) => sampleCase(makes, { pattern, bodies, fabrics: [...new Map(fabrics.map((f) => [f.id, f])).values()] });
    const x1 = evidenceAt(caseOf([make(1, 2, 0, 0)]), zone).used[0]!.observation.x;
    const note1 = noted(x1 - theta, zone, pattern.fitClass, chance);
    // What is changed answers what was seen, more or less.
    const wanted = -Math.sign(note1.outcome) || (chance() < 0.5 ? 1 : -1);
    const amount = changes('alteration') ? wanted * (0.5 + Math.round(2 * chance()) * 0.5) * (note1.edges[0] > 1.5 ? 2 : 1) : 0;
    const size = bySize && changes('size') ? 2 + (chance() < 0.8 ? wanted : -wanted) : 2;
    const blank = make(2, size, amount, 0);
    const one = make(1, 2, 0, note1.outcome, note1.amount);
    const trial = caseOf([one, blank]);
    const [e1, e2] = [evidenceAt(trial, zone).used[0]!, evidenceAt(trial, zone).used[1]!];
    const moves = movesBetween(trial, e1, e2);
    const truth = new Map<Cause['of'], number>();
    // Each moved it by what is reckoned, and by its doubt: the hand of a fabric, a stretch, "a bit".
    for (const { cause, cm, sd } of moves) truth.set(cause.of, cm + sd * normal());
    const x2 = x1 + [...truth.values()].reduce((a, b) => a + b, 0);
    // The same eyes on the same day: what they would have noted with nothing changed.
    const eyes = Math.floor(chance() * 2 ** 31);
    const note2 = noted(x2 - theta, zone, pattern.fitClass, seeded(eyes));
    const seenWithout = (cm: number) => noted(x2 - cm - theta, zone, pattern.fitClass, seeded(eyes)).outcome;
    if (note2.outcome === note1.outcome || moves.length === 0) continue;
    const towards = Math.sign(note2.outcome - note1.outcome);
    const isAsFar = (outcome: number) => towards * outcome >= towards * note2.outcome;
    const truly = [...truth].filter(([, cm]) => Math.sign(cm) === towards).sort((a, b) => Math.abs(b[1]) - Math.abs(a[1]))[0]?.[0];
    const makes = [one, make(2, size, amount, note2.outcome, note2.amount)] as const;
    const input = caseOf(makes);
    const { credit } = whatItDid(input, ...makes).find((e) => e.zone === zone) ?? {};
    const name = credit && credit.surety !== 'not clear' ? credit.causes[0]?.cause.of : undefined;
    // What the same eyes would have seen so with nothing changed has no cause to be named.
    if (isAsFar(seenWithout(x2 - x1))) {
      byChance.pairs++;
      if (name) byChance.named++;
      continue;
    }
    asked++;
    if (name) ours.named++;
    if (name && name === truly) ours.right++;
    const old = byProportion(moves, handOf(input, ...makes).length > 0, towards);
    if (old) before.named++;
    // The rule of before knew one fabric only.
    if (old && (truly === old || (old === 'stretch' && truly === 'hand'))) before.right++;
  }
  const told = ({ named, right }: { named: number; right: number }): CausesNamed => ({
    pairs: asked,
    named: named / asked,
    rightly: named === 0 ? 0 : right / named,
  });
  return { ours: told(ours), before: told(before), namedByChance: byChance.named / byChance.pairs };
}
