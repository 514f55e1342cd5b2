import { formatLength, type LengthUnit } from '../units/length';
import { listed } from '../units/listed';
import { zoneOf, type ZoneId } from '../body/zones';
import type { Alteration, SizeLine } from '../records';
import { alterationKind, isSized, WAY_WORDS } from '../catalogue/alterations';

/** A size line in words: `C`, `between C and D`, `between C and D, nearer D`. */
export function sizeLineWords(line: SizeLine | undefined): string {
  if (!line) return 'size not noted';
  if (line.to === undefined || line.at === undefined) return line.size;
  const nearer = line.at < 0.4 ? `, nearer ${line.size}` : line.at > 0.6 ? `, nearer ${line.to}` : '';
  return `between ${line.size} and ${line.to}${nearer}`;
}

/**
 * The same where little room is left, as sewists write it.
 *
 * @example sizeLineShort({ size: 'C', to: 'D', at: 0.5 }) // 'C/D'
 * @example sizeLineShort({ size: 'S/M', to: 'L/XL', at: 0.5 }) // 'S/M–L/XL'
 */
export function sizeLineShort({ size, to }: SizeLine): string {
  if (to === undefined) return size;
  return `${size}${/[/]/.test(size + to) ? '–' : '/'}${to}`;
}

/** Zones in a list for reading: `bust, waist and hip`. */
export const zoneList = (zones: readonly ZoneId[]): string => listed(zones.map((z) => zoneOf(z).label));

/** What an alteration changes, without its amount: `sleeve length`, `side seams at bust and waist`. */
export function alterationPlace(alteration: Alteration): string {
  const { label } = alterationKind(alteration.kind);
  const { zones = [], part } = alteration;
  const at = zones.length === 0 ? '' : alteration.kind === 'band' ? `, ${zoneList(zones)}` : ` at ${zoneList(zones)}`;
  return `${label}${at}${part && part !== 'both' ? `, ${part}` : ''}`;
}

/** How much an alteration is, with how it was measured: `+1.5 cm`, `−1 cm per seam`, `a bit longer`. */
export function alterationAmount(alteration: Alteration, unit: LengthUnit): string {
  const { plus, minus } = alterationKind(alteration.kind);
  if (alteration.allowance) {
    const { cut, sewn } = alteration.allowance;
    return `cut ${formatLength(cut, unit)}, sewn ${formatLength(sewn, unit)}`;
  }
  if (alteration.band) {
    const { cutOff, finished } = alteration.band;
    return `${formatLength(cutOff, unit)} off, band ${formatLength(finished, unit)}`;
  }
  if (!isSized(alteration.kind)) return alteration.note ?? '';
  if (alteration.amount === undefined) return `${alteration.direction === -1 ? (minus ?? plus) : plus} a bit`;
  const way = alteration.way === 'total' ? '' : ` ${WAY_WORDS[alteration.way]}`;
  return `${alteration.about ? 'about ' : ''}${formatLength(alteration.amount, unit, { signed: true })}${way}`;
}

/** An alteration in one line: `sleeve length +1.5 cm`. */
export function alterationWords(alteration: Alteration, unit: LengthUnit): string {
  const amount = alterationAmount(alteration, unit);
  if (!isSized(alteration.kind)) return amount === '' ? alterationPlace(alteration) : `${alterationPlace(alteration)}: ${amount}`;
  return `${alterationPlace(alteration)} ${amount}`;
}

/** When in the work an alteration was done, in words. */
export const WHEN_WORDS = { paper: 'on paper', cutting: 'when cutting', body: 'on the body', wear: 'after wearing' } as const;

/** When in the work it was done, and how. */
export function alterationWhen({ when, stage, how }: Alteration): string {
  return [`${WHEN_WORDS[when]}${stage ? ` (${stage})` : ''}`, how].filter(Boolean).join(', ');
}
