/** Whose words the trade's terms are shown in. */
export const DIALECTS = ['british', 'american'] as const;
export type Dialect = (typeof DIALECTS)[number];

/**
 * Words of the trade that differ, each in every dialect. The British one is the one that the code, the files and the line are written in; a
 * language would be one more column.
 */
const TRADE_WORDS = [
  { british: 'toiles', american: 'muslins' },
  { british: 'toile', american: 'muslin' },
  { british: 'trousers', american: 'pants' },
  { british: 'waistcoats', american: 'vests' },
  { british: 'waistcoat', american: 'vest' },
  { british: 'tacking', american: 'basting' },
  { british: 'tack', american: 'baste' },
  { british: 'metres', american: 'meters' },
  { british: 'metre', american: 'meter' },
  { british: 'colours', american: 'colors' },
  { british: 'colour', american: 'color' },
  { british: 'fibres', american: 'fibers' },
  { british: 'fibre', american: 'fiber' },
  { british: 'centimetres', american: 'centimeters' },
  { british: 'grey', american: 'gray' },
  { british: 'jumper', american: 'sweater' },
  { british: 'zip', american: 'zipper' },
] as const satisfies readonly Readonly<Record<Dialect, string>>[];

const BRITISH = new Map<string, string>(TRADE_WORDS.map(({ british, american }) => [british, american]));
const ANY = new RegExp(`\\b(${TRADE_WORDS.map((w) => w.british).join('|')})\\b`, 'gi');

/**
 * Our own words in a dialect. Never what a sewist wrote: a pattern called Harbour trousers keeps its name.
 *
 * @example inDialect('Toile first?', 'american') // 'Muslin first?'
 */
export function inDialect(text: string, dialect: Dialect): string {
  if (dialect === 'british') return text;
  return text.replace(ANY, (word) => {
    const other = BRITISH.get(word.toLowerCase()) ?? word;
    return word.charAt(0) === word.charAt(0).toUpperCase() ? other.charAt(0).toUpperCase() + other.slice(1) : other;
  });
}

/**
 * The dialect that a browser's language asks for.
 *
 * @param language such as `en-US`
 * @example dialectOf('en-US') // 'american'
 */
export function dialectOf(language: string): Dialect {
  return /^en-(US|CA)\b/i.test(language) ? 'american' : 'british';
}
