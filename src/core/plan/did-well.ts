import { mainFibre } from '../fabric/fibres';
import { isSheer } from '../fabric/sheer';
import { weightOf } from '../fabric/weight';
import { LOVED } from '../forecast/sizes';
import type { CaseTables } from '../garment/case';
import { kindOfMake } from '../make/kind-of';
import { mainFabric } from '../make/main-fabric';
import type { Fabric, GarmentKind, Pattern } from '../records';
import { addToGroup } from '../units/group-by';
import { memoize } from '../units/memoize';

/** Love of so little or less is a garment that did not do well. */
export const POORLY = 2;
/** So many garments must agree, and none of them say otherwise. */
const AGREE = 2;

/** How a garment's fabric was, and how the garment did. */
interface Did {
  readonly fabric: Fabric;
  readonly well: boolean;
  readonly patternId: string | undefined;
}

function sheerOrDense(fabric: Fabric): string | undefined {
  const sheer = isSheer(fabric);
  return sheer === undefined ? undefined : sheer ? 'sheer' : 'dense';
}

/** What is compared of a fabric: undefined where nobody said. */
const PROPERTIES: readonly { readonly of: (fabric: Fabric) => string | undefined; readonly words: (value: string) => string }[] = [
  { of: weightOf, words: (v) => `${v} weight` },
  { of: mainFibre, words: (v) => v },
  { of: ({ drape }) => (drape === undefined ? undefined : drape <= 2 ? 'stiff' : drape >= 4 ? 'flowing' : 'some'), words: (v) => `${v} drape` },
  { of: sheerOrDense, words: (v) => `a ${v} fabric` },
];

/** Judged garments by kind, with the fabric they were sewn in. */
const judged = memoize((tables: CaseTables): ReadonlyMap<GarmentKind, readonly Did[]> => {
  const found = new Map<GarmentKind, Did[]>();
  for (const make of tables.makes) {
    const love = make.verdicts.at(-1)?.love;
    const kind = kindOfMake(make, tables.patterns);
    const { fabric } = mainFabric(make, tables.fabrics);
    if (love === undefined || kind === undefined || !fabric || (love < LOVED && love > POORLY)) continue;
    addToGroup(found, kind, { fabric, well: love >= LOVED, patternId: make.sources[0]?.patternId });
  }
  return found;
});

/**
 * What garments of the same kind from other patterns did in fabrics like this one: of weight, fibre, drape and opacity each that two garments agree on.
 *
 * @param tables with the makes of one person
 * @example didWell(skirt, linen, tables) // { pro: ['linen, as 3 loved of the kind skirt'], contra: [] }
 */
export function didWell(
  { id, kind }: Pick<Pattern, 'id' | 'kind'>,
  fabric: Fabric,
  tables: CaseTables,
): { readonly pro: readonly string[]; readonly contra: readonly string[] } {
  const [pro, contra]: [string[], string[]] = [[], []];
  const others = (judged(tables).get(kind) ?? []).filter((d) => d.patternId !== id && d.fabric.structure === fabric.structure);
  for (const { of, words } of PROPERTIES) {
    const value = of(fabric);
    if (value === undefined) continue;
    const alike = others.filter((d) => of(d.fabric) === value);
    const well = alike.filter((d) => d.well).length;
    if (alike.length < AGREE) continue;
    if (well === alike.length) pro.push(`${words(value)}, as ${well} loved of the kind ${kind}`);
    else if (well === 0) contra.push(`${words(value)}, as ${alike.length} of the kind ${kind} that did not do well`);
  }
  return { pro, contra };
}
