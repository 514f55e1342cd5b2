import { evenPrice } from '../../fabric/price';
import type { Fabric, Piece } from '../../records';
import { withId } from '../../units/by-id';
import { colourCalled } from '../../units/colour';
import { isInYards, lengthOf, SAID_LENGTH } from '../amounts';
import type { Chip, Understood } from '../chip';
import type { LineTables } from '../draft-from-line';
import { newFabric } from '../entry-from-line';
import { factsIn, type FactsRead } from '../fabric-facts';
import { MONEY, moneySaid, SIGNED_MONEY } from '../money-said';
import { readLine } from '../read-line';
import { blanked, dayIn, FIRST, FROM_SHOP, leftOf, SEWN, type ActOptions, type Heard, type Span } from '../report';
import type { LineContext } from '../sentence';
import { unitOfWidth, WIDTH, widthSaid } from '../width-said';

/** Fabric that came in. */
export interface Purchase {
  /** As the line has it, with its piece; of one that the stash has only the piece is new. */
  readonly fabric: Fabric;
  readonly piece: Piece;
  readonly isNew: boolean;
}

/** Fabric came in. */
export interface BoughtAct {
  readonly is: 'bought';
  readonly purchases: readonly Purchase[];
}

interface BoughtOptions extends Pick<ActOptions, 'context' | 'newId'> {
  /** Which of what a question offers is taken; none where nobody answered. */
  readonly answer?: number;
}

/** How it is said that something came in. */
export const BOUGHT = new RegExp(
  `^${FIRST}(?:bought|got|picked up|ordered|found|inherited|(?:(?:was|were|been) )?given|treated myself to|(?<giver>(?:my )?\\p{L}+(?: \\p{L}+)?) gave (?:me|us)):? +`,
  'u',
);
/** What stands over what came in. "Fabric:" by itself is said of what a garment is of. */
export const HAUL = /^(?:(?:my|today's|the) +)*(?:new fabrics?|stash|fabric (?:haul|shopping)|haul|purchases?)(?: today)?: *(?:bought )?/;
const INTO_STASH = /,? *\b(?:in|into|for|to) (?:the|my) stash\b/;
const ITS_WIDTH = new RegExp(`,? *\\(?\\b${WIDTH}\\)?`);
/** A line that is no more than so much of a fabric. */
const SO_MUCH = new RegExp(`^(?:about )?${SAID_LENGTH} `);
/** Where the next fabric of several may begin. */
const NEXT = new RegExp(`(?:[,;\\n+&]|\\band\\b)\\s*(?:[-*•] *)?(?=${SAID_LENGTH} )`, 'g');
const SHOP = new RegExp(`^,? *${FROM_SHOP}`, 'u');
/** "In rust", "in a dark green". */
const IN_COLOUR = /^ in (?:an? )?(?<colour>[a-zß-ɏ]+(?: [a-zß-ɏ]+)?)(?=\s*(?:$|[,.;(]|(?:from|at|for)\b))/;
/** What all of it cost together. */
const FOR_ALL = new RegExp(`^,? *(?:for|costing|all for) (?<price>${MONEY})(?: (?:in all|altogether|together|total|the lot))?[ .]*$`);

/** What was paid, at the end of what is said of a fabric. */
const MONEY_BEHIND = new RegExp(`(?:(?:,|\\(| (?:for|costing|costs?|was|at)(?: me)?) *${MONEY}| ${SIGNED_MONEY}).*$`);

/** Whether a piece of a line says of one fabric what was paid, and asks or tells that as a garment's: of a purchase it is said otherwise. */
function isAboutMoney({ asks, says, choices }: Chip): boolean {
  const [first, ...more] = (asks ? choices : [says]).map((choice) => choice.find((fact) => fact.is === 'fabric'));
  const isOne = first !== undefined && more.every((fact) => fact && JSON.stringify(fact.fabric) === JSON.stringify(first.fabric));
  return isOne && (asks ? choices : [says]).some((choice) => choice.some(({ is }) => is === 'cost' || is === 'words'));
}

/** What is sewn on or in by the metre, and is no fabric. */
const NOTION =
  /\b(?:elastic|tape|ribbon|lace|trim|piping|cord|zip|zipper|bias|binding|braid|webbing|thread|velcro|hook and loop|boning|fringe)s?\b|^(?:something|stuff|some|more|it|them|that|this)\b/;
const SO_MUCH_OF = new RegExp(
  `^(?<length>${SAID_LENGTH})(?: of)? (?<name>(?!of\\b)[\\p{L}][\\p{L}' -]{2,40}?)(?=\\s*(?:$|[,.;(]|\\b(?:at|for|from|to|in|and|on|with)\\b))`,
  'u',
);

/** So much for a metre. */
const EACH_METRE = new RegExp(`^,? *(?:at |@ ?)?(?<price>${MONEY}) ?(?:/ ?|a |per )(?:m|met(?:re|er))(?![a-z])`);

/** What is said of a fabric, and where. */
interface FabricSaid {
  readonly fact: Extract<Understood, { readonly is: 'fabric' }>;
  readonly from: number;
  readonly to: number;
}

/** Fabric by a name that tells nothing else: "1 m of lining", "2 m Quayside check". */
function unknownIn(text: string, low: string, apart: readonly Span[], { unit, currency }: LineContext): readonly FabricSaid[] {
  const said = SO_MUCH_OF.exec(blanked(low, apart, ' '));
  const { length = '', name = '' } = said?.groups ?? {};
  const cm = lengthOf(length, unit)?.cm;
  if (!said || cm === undefined || NOTION.test(name)) return [];
  const end = said[0].length;
  const each = EACH_METRE.exec(low.slice(end));
  const price = each ? moneySaid(each.groups?.['price'] ?? '', currency) : undefined;
  const fabric = { name: text.slice(end - name.length, end) };
  return [
    {
      fact: { is: 'fabric', fabric, part: 'main', length: cm, ...(price ? { price } : {}) },
      from: 0,
      to: end + (each && price ? each[0].length : 0),
    },
  ];
}

const NO_LABEL: Pick<FactsRead, 'facts' | 'at'> = { facts: { fields: {}, tests: [], behaves: [] }, at: [] };

/** One fabric of those that came in, from its part of the line, with what its label says. "2 m of pure wool" is called so. */
const purchaseIn = (text: string, low: string, tables: LineTables, options: BoughtOptions): Purchase | undefined =>
  purchaseBeside(factsIn(text, low, options.context), text, low, tables, options) ?? purchaseBeside(NO_LABEL, text, low, tables, options);

function purchaseBeside(
  { facts, at: label }: typeof NO_LABEL,
  text: string,
  low: string,
  tables: LineTables,
  { context, newId, answer = -1 }: BoughtOptions,
): Purchase | undefined {
  const wide = ITS_WIDTH.exec(low);
  const { dates, at: day } = dayIn(low, context.today);
  const apart: Span[] = [...(wide ? [[wide.index, wide.index + wide[0].length] as const] : []), ...day, ...label];
  const chips = readLine(blanked(text, apart, ' '), context);
  const isOfMoney = chips.map(isAboutMoney);
  const of: readonly FabricSaid[] = chips.flatMap(({ asks, says, choices, from, to }, i) => {
    const money = isOfMoney[i] ? MONEY_BEHIND.exec(low.slice(from, to)) : null;
    return (money ? (choices.at(-1) ?? says) : asks ? (choices[answer] ?? []) : says).flatMap((fact) =>
      fact.is === 'fabric' ? [{ fact, from, to: money ? from + money.index : to }] : [],
    );
  });
  const isAsked = chips.some(({ asks, choices }, i) => asks && !isOfMoney[i] && choices.flat().some((fact) => fact.is === 'fabric'));
  const [main] = of.length > 0 || isAsked ? of : unknownIn(text, low, apart, context);
  // A length makes it a purchase; a size with it, or a second fabric, is something else.
  if (main?.fact.length === undefined || of.length > 1) return undefined;
  const { fact } = main;
  const width = widthSaid(wide?.groups ?? {}, unitOfWidth(low.slice(main.from, main.to), context.unit));
  const known = 'id' in fact.fabric ? withId(tables.fabrics, fact.fabric.id) : undefined;
  if ('id' in fact.fabric && !known) return undefined;
  const inColour = known ? undefined : IN_COLOUR.exec(low.slice(main.to));
  const colour = inColour && colourCalled(inColour.groups?.['colour'] ?? '') !== undefined ? inColour : undefined;
  const behind = main.to + (colour?.[0].length ?? 0);
  const shop = fact.shop === undefined ? SHOP.exec(text.slice(behind)) : null;
  const said = behind + (shop?.[0].length ?? 0);
  // Said right behind it: with a zip between, nobody knows what the fabric cost.
  const total = fact.price || known ? null : FOR_ALL.exec(low.slice(said));
  const money = total ? moneySaid(total.groups?.['price'] ?? '', context.currency) : undefined;
  const price = money && evenPrice(money, main.fact.length, isInYards(low.slice(main.from, main.to)) ? 'yard' : 'metre');
  const at: Span[] = [...apart, [main.from, price && total ? said + total[0].length : said]];
  // Of a fabric that the stash has it is known what it is like; what its label says now stays with the piece.
  const note = leftOf(text, known ? at.filter((span) => !label.includes(span)) : at);
  const across = width ?? known?.width ?? known?.pieces[0]?.width;
  const piece: Piece = { length: main.fact.length, ...(across === undefined ? {} : { width: across }), ...(note === '' ? {} : { note }) };
  const [date] = day.length > 0 && dates.length === 1 ? dates : [];
  const fabric: Fabric = known
    ? { ...known, pieces: [...known.pieces, piece] }
    : {
        ...newFabric(newId(), { ...fact, ...price, ...(shop?.[1] === undefined ? {} : { shop: shop[1] }) }),
        ...(colour ? { colour: colour.groups?.['colour'] } : {}),
        ...facts.fields,
        ...(facts.behaves.length === 0 ? {} : { behaviour: facts.behaves.join('; ') }),
        ...(width === undefined ? {} : { width }),
        ...(date === undefined ? {} : { bought: date }),
        boughtLength: main.fact.length,
        pieces: [piece],
      };
  return { fabric, piece, isNew: !known };
}

/** What is read in the parts of a line that are of one fabric each: where one has none, it belongs to the one before. */
function readInParts<Read>(low: string, readIn: (from: number, to: number) => Read | undefined): readonly (Read | undefined)[] {
  const starts = [0, ...[...low.matchAll(NEXT)].map((m) => m.index + m[0].length)];
  const parts: { readonly from: number; readonly read: Read | undefined }[] = [];
  for (const [i, from] of starts.entries()) {
    const to = starts[i + 1] ?? low.length;
    const read = readIn(from, to);
    const before = read === undefined ? parts.pop() : undefined;
    parts.push(before ? { from: before.from, read: readIn(before.from, to) } : { from, read });
  }
  return parts.map(({ read }) => read);
}

/**
 * Fabric that came in, one or several.
 *
 * @example boughtIn(heard('bought 3 m navy linen and 2 m red corduroy', context), tables, options)?.purchases.map((p) => p.piece.length) // [300, 200]
 */
export function boughtIn({ text, low }: Heard, tables: LineTables, options: BoughtOptions): BoughtAct | undefined {
  const begun = BOUGHT.exec(low) ?? HAUL.exec(low);
  const lead = begun?.[0];
  const stash = INTO_STASH.exec(low);
  // By itself it came in where something is said that only fabric on a bolt has.
  const bare = SO_MUCH.test(low) && ITS_WIDTH.test(low);
  if ((lead === undefined && !stash && !bare) || SEWN.test(low)) return undefined;
  const from = lead?.length ?? 0;
  const apart: readonly Span[] = stash ? [[stash.index, stash.index + stash[0].length]] : [];
  const [said, heardIn] = [blanked(text, apart, ' ').slice(from), blanked(low, apart, ' ').slice(from)];
  const readIn = (at: number, to: number) => {
    const [part, lowPart] = [said, heardIn].map((words) => words.slice(at, to).replace(/(?:[\s,;+&]|\band)+$/, ''));
    return purchaseIn(part ?? '', lowPart ?? '', tables, options);
  };
  const found = readInParts(heardIn, readIn);
  // "Yesterday I bought …": the day stands with the verb.
  const day = dayIn(low.slice(0, from), options.context.today);
  const [bought] = day.at.length > 0 && day.dates.length === 1 ? day.dates : [];
  // "Lara gave me …": it is from her.
  const giver = begun?.groups?.['giver'];
  const source = giver === undefined ? {} : { source: text.slice(low.indexOf(giver)).slice(0, giver.length) };
  const purchases = found.flatMap((purchase): readonly Purchase[] => {
    if (!purchase?.isNew) return purchase ? [purchase] : [];
    return [{ ...purchase, fabric: { ...(bought === undefined ? {} : { bought }), ...source, ...purchase.fabric } }];
  });
  if (purchases.length < found.length) return undefined;
  // Without a word for it, it is a purchase where nothing else is said.
  return bare && lead === undefined && !stash && purchases.some(({ piece }) => piece.note !== undefined) ? undefined : { is: 'bought', purchases };
}

/** Fabric that came in and may be of the stash or new: "2 m grey flannel", where that has a grey check flannel. */
export const boughtEither = (line: Heard, tables: LineTables, options: BoughtOptions) =>
  [0, 1].flatMap((answer) => {
    const act = boughtIn(line, tables, { ...options, answer });
    const [only, ...more] = act?.purchases ?? [];
    return act && only && more.length === 0 ? [{ called: only.isNew ? `${only.fabric.name}, a new one` : only.fabric.name, act }] : [];
  });
