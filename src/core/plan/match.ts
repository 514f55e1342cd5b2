import { clothProperties } from '../versions/differences';
import { versionsOf, type PatternCase } from '../garment/case';
import { mainCloth } from '../garment/stretch';
import { LOVED } from '../forecast/sizes';
import type { IsoDate } from '../units/date';
import { formatLength, type LengthUnit } from '../units/length';
import type { Season } from '../wear/season';
import type { Cloth, Make } from '../records';
import { weightOf } from '../fabric/filter';
import { clothFor } from './fabric-for-plan';

/** How a cloth and a pattern go together: what speaks for it, and what against. */
export interface Match {
  readonly cloth: Cloth;
  /** Nothing speaks against it. */
  readonly suits: boolean;
  readonly pro: readonly string[];
  readonly contra: readonly string[];
  /** For the order: the more speaks for it and the less against, the higher. */
  readonly rank: number;
}

/** Love of so little or less is a version that did not do well. */
const POORLY = 2;

/** How versions in cloths of the same kind did. */
function howTheLikeDid(input: PatternCase, cloth: Cloth): { readonly pro: string[]; readonly contra: string[] } {
  const pro: string[] = [];
  const contra: string[] = [];
  for (const make of versionsOf(input)) {
    const was = mainCloth(make, input.cloths).cloth;
    const love = make.verdicts.at(-1)?.love;
    if (!was || love === undefined) continue;
    const alike = was.id === cloth.id || clothProperties(was, cloth).length === 0;
    if (!alike) continue;
    const words = `version ${make.version} in ${was.id === cloth.id ? 'this very cloth' : `${was.name}, alike in give and weight`}, is loved ${love} of 5`;
    if (love >= LOVED) pro.push(words);
    else if (love <= POORLY) contra.push(words);
  }
  return { pro, contra };
}

/**
 * Whether a cloth suits a pattern: structure, stretch, weight, season, length on hand after washing, and how the like did before.
 *
 * @param make the cut that is meant: size and view decide how much is needed
 * @param season wanted; undefined where any will do
 */
export function matchOf(input: PatternCase, make: Make, cloth: Cloth, today: IsoDate, unit: LengthUnit, season?: Season): Match {
  const { wants } = input.pattern;
  const pro: string[] = [];
  const contra: string[] = [];
  if (cloth.structure !== wants.structure) contra.push(`a ${cloth.structure}, and the pattern wants a ${wants.structure}`);
  if (wants.stretch) {
    if (cloth.stretchAcross === undefined) contra.push('its stretch was never tested');
    else if (cloth.stretchAcross < wants.stretch) contra.push(`gives ${cloth.stretchAcross}\u2009% and ${wants.stretch}\u2009% are asked for`);
    else pro.push(`gives ${cloth.stretchAcross}\u2009%`);
  }
  const weight = weightOf(cloth);
  if (wants.weight && weight) {
    if (weight === wants.weight) pro.push(`${weight}, as the pattern wants it`);
    else contra.push(`${weight}, and the pattern wants ${wants.weight}`);
  }
  if (season && cloth.seasons.length > 0) {
    if (cloth.seasons.includes(season)) pro.push(`for ${season}`);
    else contra.push(`not for ${season}`);
  }
  const { hand, needed, alsoPlanned } = clothFor(input, { ...make, cloths: [] }, cloth, today);
  if (needed === undefined) contra.push('how much is needed is not known');
  else if (hand.answer === 'not enough')
    contra.push(hand.piece ? `${formatLength(-hand.over, unit, { about: true })} too short` : 'none on the shelf');
  else pro.push(`${hand.answer}: ${formatLength(hand.over, unit, { about: true })} over`);
  if (alsoPlanned.length > 0) contra.push('meant for another plan');
  const like = howTheLikeDid(input, cloth);
  pro.push(...like.pro);
  contra.push(...like.contra);
  return { cloth, suits: contra.length === 0, pro, contra, rank: pro.length + 2 * like.pro.length - 2 * contra.length };
}

/** Cloths of a shelf for a pattern, those that suit best first; what has no piece left on the shelf is left out. */
export function clothsFor(input: PatternCase, make: Make, today: IsoDate, unit: LengthUnit, season?: Season): Match[] {
  return input.cloths
    .filter((c) => c.pieces.length > 0)
    .map((cloth) => matchOf(input, make, cloth, today, unit, season))
    .sort((a, b) => Number(b.suits) - Number(a.suits) || b.rank - a.rank || a.cloth.name.localeCompare(b.cloth.name));
}
