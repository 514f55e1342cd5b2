import { versionsOf } from '../make/versions';
import { weightOf } from '../fabric/weight';
import { mainFabric } from '../make/main-fabric';
import { alikeIn } from '../versions/differences';
import type { CaseTables, PatternCase } from '../garment/case';
import { LOVED } from '../forecast/sizes';
import type { IsoDate } from '../units/date';
import { formatLength, type LengthUnit } from '../units/length';
import type { Season } from '../wear/season';
import type { Fabric, Make } from '../records';
import { listed } from '../units/listed';
import { memoize } from '../units/memoize';
import { didWell, POORLY } from './did-well';
import { fabricFor } from './fabric-for-plan';

/** How a fabric and a pattern go together: what speaks for it, and what against. */
export interface Match {
  readonly fabric: Fabric;
  /** There is not enough of it, whatever else speaks for it. */
  readonly tooShort: boolean;
  /** Nothing speaks against it. */
  readonly suits: boolean;
  readonly pro: readonly string[];
  readonly contra: readonly string[];
  /** For the order: the more speaks for it and the less against, the higher. */
  readonly rank: number;
}

/** A fabric that does not suffice comes after those with so many more things against them. */
const TOO_SHORT = 6;

/** The plan as it would be cut from a fabric that is only thought of: one record for all of a stash, so that its pieces are drawn once. */
const inNoFabric = memoize((make: Make): Make => ({ ...make, fabrics: [] }));

/** How versions in fabrics of the same kind did. */
function howTheLikeDid(input: PatternCase, fabric: Fabric): { readonly pro: string[]; readonly contra: string[] } {
  const pro: string[] = [];
  const contra: string[] = [];
  for (const make of versionsOf(input)) {
    const was = mainFabric(make, input.fabrics).fabric;
    const love = make.verdicts.at(-1)?.love;
    if (!was || love === undefined) continue;
    const same = was.id === fabric.id;
    const alike = same ? [] : alikeIn(was, fabric);
    if (!same && alike.length === 0) continue;
    const words = `version ${make.version} in ${same ? 'this very fabric' : `${was.name}, alike in ${listed(alike)}`}, is loved ${love} of 5`;
    if (love >= LOVED) pro.push(words);
    else if (love <= POORLY) contra.push(words);
  }
  return { pro, contra };
}

/** What else a match may be held against. */
interface Beside {
  /** Wanted; undefined where any will do. */
  readonly season?: Season;
  /** The person's garments, of which others of the same kind tell what did well. */
  readonly others?: CaseTables;
}

/**
 * Whether a fabric suits a pattern: structure, stretch, weight, season, length on hand after washing, and how the like did before, of this pattern and of its kind.
 *
 * @param make the cut that is meant: size and view decide how much is needed
 */
export function matchOf(input: PatternCase, make: Make, fabric: Fabric, today: IsoDate, unit: LengthUnit, { season, others }: Beside = {}): Match {
  const { wants } = input.pattern;
  const pro: string[] = [];
  const contra: string[] = [];
  if (fabric.structure !== wants.structure) contra.push(`a ${fabric.structure}, and the pattern wants a ${wants.structure}`);
  if (wants.stretch) {
    if (fabric.stretchAcross === undefined) contra.push('its stretch was never tested');
    else if (fabric.stretchAcross < wants.stretch) contra.push(`stretches ${fabric.stretchAcross}\u202f% and ${wants.stretch}\u202f% are asked for`);
    else pro.push(`stretches ${fabric.stretchAcross}\u202f%`);
  }
  const weight = weightOf(fabric);
  if (wants.weight && weight) {
    if (weight === wants.weight) pro.push(`${weight}, as the pattern wants it`);
    else contra.push(`${weight}, and the pattern wants ${wants.weight}`);
  }
  if (season && fabric.seasons.length > 0) {
    if (fabric.seasons.includes(season)) pro.push(`for ${season}`);
    else contra.push(`not for ${season}`);
  }
  const { hand, needed, alsoPlanned } = fabricFor(input, inNoFabric(make), fabric, today);
  if (needed === undefined) contra.push('how much is needed is not known');
  else if (hand.answer === 'not enough')
    contra.push(hand.piece ? `${formatLength(Math.ceil(-hand.over - 1e-6), unit, { about: true })} too short` : 'none in the stash');
  else pro.push(`${hand.answer}: ${formatLength(Math.floor(hand.over), unit, { about: true })} over`);
  if (alsoPlanned.length > 0) contra.push('meant for another plan');
  const like = howTheLikeDid(input, fabric);
  pro.push(...like.pro);
  contra.push(...like.contra);
  const ofKind = others && didWell(input.pattern, fabric, others);
  pro.push(...(ofKind?.pro ?? []));
  contra.push(...(ofKind?.contra ?? []));
  // What is not there cannot be cut, however well it would suit.
  const tooShort = needed !== undefined && hand.answer === 'not enough';
  const short = hand.answer === 'not enough' ? TOO_SHORT : 0;
  return { fabric, tooShort, suits: contra.length === 0, pro, contra, rank: pro.length + 2 * like.pro.length - 2 * contra.length - short };
}

/** Fabrics of a stash that can be cut from: those with a piece left. */
export const leftInStash = (fabrics: readonly Fabric[]): Fabric[] => fabrics.filter((f) => f.pieces.length > 0);

/** Those that suit first, then by what speaks for them and against. */
export const inOrderOfMatch = (matches: readonly Match[]): Match[] =>
  [...matches].sort((a, b) => Number(b.suits) - Number(a.suits) || b.rank - a.rank || a.fabric.name.localeCompare(b.fabric.name));
