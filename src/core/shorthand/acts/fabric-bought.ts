import { evenPrice } from '../../fabric/price';
import { NOTHING_TOLD, withFacts, type FabricFacts } from '../../fabric/told';
import type { Fabric, Piece } from '../../records';
import { withId } from '../../units/by-id';
import { colourCalled } from '../../units/colour';
import { FABRIC_COLOUR } from '../fabric-nouns';
import { isInYards, lengthOf, SAID_LENGTH } from '../amounts';
import type { Chip, Understood } from '../chip';
import type { LineTables } from '../draft-from-line';
import { newFabric } from '../entry-from-line';
import { FABRIC_NOUN } from '../fabric-nouns';
import { factsIn, type FactsRead } from '../fabric-facts';
import { MONEY, moneySaid, SIGNED_MONEY } from '../money-said';
import { readLine } from '../read-line';
import { blanked, dayIn, FIRST, FROM_SHOP, isGarmentName, leftOf, SEWN, type ActOptions, type Heard, type Span } from '../report';
import { lengthAndWidth } from '../piece-said';
import type { LineContext } from '../sentence';
import { unitOfWidth, WIDTH, widthSaid } from '../width-said';
import type { LeftAct } from './of-fabric';

/** Fabric that came in. */
export interface Purchase {
  /** As the line has it, with its piece; of one that the stash has only the piece is new. */
  readonly fabric: Fabric;
  /** None where nobody said how much came. */
  readonly piece: Piece | undefined;
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
/** That one has it. */
const THERE = /^(?:(?:i|we)(?:'ve| have)(?: got)?|there(?: is|'s| are)|(?:still )?have(?: got)?) +/;
/** "Fabric: cotton poplin 2 m". */
const SAID_OF_FABRIC = /^fabric: +/;
/** What stands over what came in. "Fabric:" by itself is said of what a garment is of. */
export const HAUL = /^(?:(?:my|today's|the) +)*(?:new fabrics?|stash|fabric (?:haul|shopping)|haul|purchases?)(?: today)?: *(?:bought )?/;
const INTO_STASH = /,? *\b(?:in|into|for|to) (?:the|my) stash\b/;
const ITS_WIDTH = new RegExp(`,? *\\(?\\b${WIDTH}\\)?`);
/** A line that is no more than so much of a fabric. */
const SO_MUCH = new RegExp(`^(?:about )?${SAID_LENGTH} `);
/** "Navy linen 2 m". */
const MUCH_BEHIND = `[\\p{L}][\\p{L}' -]{2,40}?:? ${SAID_LENGTH}(?![ -]?wide)`;
const NAME_FIRST = new RegExp(`^(?!(?:in|from|of|with|using|out of|for)\\b)${MUCH_BEHIND}`, 'u');
/** Where the next fabric of several may begin. */
const NEXT = new RegExp(`(?:(?:[,;\\n+&]|\\band\\b)\\s*(?:[-*•] *)?(?=${SAID_LENGTH} )|[;,\\n]\\s*(?:[-*•] *)?(?=${MUCH_BEHIND}))`, 'gu');
const SHOP = new RegExp(`^,? *(?:${FROM_SHOP}|(?:from|by) (my \\p{L}+)|(?:from|at) (the (?:\\p{L}+ )?(?:market|fair|shop|store|sale|swap)))`, 'u');
/** A name that ends in its colour: "viscose twill in dark green". */
const NAME_IN_COLOUR = new RegExp(`^(?<name>.+?) in (?:an? )?(?<colour>(?:[a-z]+ )?${FABRIC_COLOUR})$`, 'i');
/** A colour behind the name that no name ends in: "in a dark aubergine". */
const IN_COLOUR = /^ in (?:an? )?(?<colour>[a-zß-ɏ]+(?: [a-zß-ɏ]+)?)(?=\s*(?:$|[,.;(]|(?:from|at|for)\b))/;
/** What all of it cost together. */
const FOR_ALL = new RegExp(
  `^,? *(?:for|costing|all for) (?<price>${MONEY})(?: (?:in all|altogether|together|total|the lot))?(?=[ .]*(?:$|,? (?:at|from) \\p{L}))`,
  'u',
);

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
  /\b(?:elastic|tape|ribbon|lace|trim|piping|cord|zip|zipper|bias|binding|braid|webbing|thread|velcro|hook and loop|boning|fringe)s?\b|^(?:something|stuff|some|more|it|them|that|this|stretch(?:es|ed)|pull(?:s|ed)|shrank|shrinks|washed|goes|went|wide|long)\b/;
/** What a fabric is called that came without a word of how much: "some cotton poplin". */
const CALLED = new RegExp(
  `^(?:(?:some|more|a (?:piece|remnant|length|bit|fat quarter)|of|the|this) )*(?<name>(?:(?!(?:and|for|from|in|of|with)\\b)[\\p{L}-]+ ){0,3}${FABRIC_NOUN})(?=\\s*(?:$|[,.;(]|(?:at|for|from|in|by)\\b))`,
  'u',
);
/** What is fabric by its name and not by a noun of fabrics. */
const SEWN_IN = '(?:lining|interlining|interfacing|wadding|batting)';
const BEHIND_ITS_NAME = new RegExp(`^(?<name>(?:[\\p{L}'-]+ ){0,4}(?:${FABRIC_NOUN}|${SEWN_IN})),?:? (?<length>${SAID_LENGTH})(?![ -]?wide)`, 'u');
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
  const heard = blanked(low, apart, ' ');
  const said = SO_MUCH_OF.exec(heard) ?? BEHIND_ITS_NAME.exec(heard) ?? CALLED.exec(heard);
  const { length, name = '' } = said?.groups ?? {};
  const cm = length === undefined ? undefined : lengthOf(length, unit)?.cm;
  if (!said || NOTION.test(name) || (length === undefined ? /^(?:fabric|remnant)$/.test(name) : cm === undefined)) return [];
  const end = said[0].length;
  const at = heard.indexOf(name);
  const each = EACH_METRE.exec(low.slice(end));
  const price = each ? moneySaid(each.groups?.['price'] ?? '', currency) : undefined;
  const fabric = { name: text.slice(at, at + name.length) };
  return [
    {
      fact: { is: 'fabric', fabric, part: 'main', ...(cm === undefined ? {} : { length: cm }), ...(price ? { price } : {}) },
      from: 0,
      to: end + (each && price ? each[0].length : 0),
    },
  ];
}

interface PurchaseOptions extends BoughtOptions {
  /** It is there, and nobody said that it was bought. */
  readonly isThere?: boolean;
}

/** The fabric that a part of a line is of; none where that may be of several, or is said of more than one. */
function fabricSaidIn(
  text: string,
  low: string,
  apart: readonly Span[],
  { context, answer = -1, isThere = false }: PurchaseOptions,
): (FabricSaid & { readonly length: number | undefined }) | undefined {
  const chips = readLine(blanked(text, apart, ' '), context);
  const isOfMoney = chips.map(isAboutMoney);
  const of: readonly FabricSaid[] = chips.flatMap(({ asks, says, choices, from, to }, i) => {
    const money = isOfMoney[i] ? MONEY_BEHIND.exec(low.slice(from, to)) : null;
    return (money ? (choices.at(-1) ?? says) : asks ? (choices[answer] ?? []) : says).flatMap((fact) =>
      fact.is === 'fabric' ? [{ fact, from, to: money ? from + money.index : to }] : [],
    );
  });
  const isAsked = chips.some(({ asks, choices }, i) => asks && !isOfMoney[i] && choices.flat().some((fact) => fact.is === 'fabric'));
  const [main, ...more] = of.length > 0 || isAsked ? of : unknownIn(text, low, apart, context);
  if (!main || more.length > 0) return undefined;
  const { fabric, length, left } = main.fact;
  // What is said of one that the stash has, without how much came, is something else.
  if (length === undefined && !isThere && ('id' in fabric || left !== undefined)) return undefined;
  return { ...main, length: length ?? left };
}

/** What all of a new fabric cost, and where it is from, behind it in either order. With a zip between, nobody knows what the fabric cost. */
function paidAndFrom(
  text: string,
  low: string,
  behind: number,
  { fact, length, from }: FabricSaid & { readonly length: number | undefined },
  currency: string,
) {
  const shop = fact.shop === undefined ? SHOP.exec(text.slice(behind)) : null;
  const paid = behind + (shop?.[0].length ?? 0);
  const total = fact.price || 'id' in fact.fabric ? null : FOR_ALL.exec(low.slice(paid));
  const money = total ? moneySaid(total.groups?.['price'] ?? '', currency) : undefined;
  const price = money && length !== undefined ? evenPrice(money, length, isInYards(low.slice(from, behind)) ? 'yard' : 'metre') : undefined;
  const said = price && total ? paid + total[0].length : paid;
  const later = shop ? null : SHOP.exec(text.slice(said));
  return { price, shop: (shop ?? later)?.slice(1).find((name) => name !== undefined), to: said + (later?.[0].length ?? 0) };
}

const NO_LABEL: Pick<FactsRead, 'facts' | 'at'> = { facts: NOTHING_TOLD, at: [] };

/** One fabric of those that came in, from its part of the line, with what its label says. "2 m of pure wool" is called so. */
const purchaseIn = (text: string, low: string, tables: LineTables, options: PurchaseOptions): Purchase | undefined =>
  purchaseBeside(factsIn(text, low, options.context), text, low, tables, options) ?? purchaseBeside(NO_LABEL, text, low, tables, options);

function purchaseBeside(
  { facts, at: label }: typeof NO_LABEL,
  text: string,
  low: string,
  tables: LineTables,
  options: PurchaseOptions,
): Purchase | undefined {
  const { context, newId, isThere = false } = options;
  const wide = ITS_WIDTH.exec(low);
  const { dates, at: day } = dayIn(low, context.today);
  const apart: Span[] = [...(wide ? [[wide.index, wide.index + wide[0].length] as const] : []), ...day, ...label];
  const main = fabricSaidIn(text, low, apart, options);
  if (!main) return undefined;
  const { fact, length } = main;
  const width = widthSaid(wide?.groups ?? {}, unitOfWidth(low.slice(main.from, main.to), context.unit));
  const known = 'id' in fact.fabric ? withId(tables.fabrics, fact.fabric.id) : undefined;
  if ('id' in fact.fabric && !known) return undefined;
  const within = 'name' in fact.fabric ? NAME_IN_COLOUR.exec(fact.fabric.name) : null;
  const behind = known || within ? null : IN_COLOUR.exec(low.slice(main.to));
  const inColour = behind && colourCalled(behind.groups?.['colour'] ?? '') !== undefined ? behind : undefined;
  const { name, colour = inColour?.groups?.['colour'] } = within?.groups ?? {};
  const { price, shop, to } = paidAndFrom(text, low, main.to + (inColour?.[0].length ?? 0), main, context.currency);
  // Of a fabric that the stash has it is known what it is like; what its label says now stays with the piece.
  const note = leftOf(text, [...(known ? apart.filter((span) => !label.includes(span)) : apart), [main.from, to]]).replace(/ of$/, '');
  const across = width ?? known?.width ?? known?.pieces[0]?.width;
  const piece: Piece | undefined =
    length === undefined ? undefined : { length, ...(across === undefined ? {} : { width: across }), ...(note === '' ? {} : { note }) };
  if (known) return { fabric: { ...known, pieces: [...known.pieces, ...(piece ? [piece] : [])] }, piece, isNew: false };
  const [date] = day.length > 0 && dates.length === 1 ? dates : [];
  const bolt: Fabric = {
    ...newFabric(newId(), { ...fact, ...(name === undefined ? {} : { fabric: { name } }), ...price, ...(shop === undefined ? {} : { shop }) }),
    ...(colour === undefined ? {} : { colour }),
    ...(date === undefined ? {} : { bought: date }),
    ...(length === undefined || isThere ? {} : { boughtLength: length }),
    pieces: piece ? [piece] : [],
  };
  const told: FabricFacts = {
    ...facts,
    fields: { ...facts.fields, ...(width === undefined ? {} : { width }) },
    behaves: [...facts.behaves, ...(piece || note === '' ? [] : [note])],
  };
  return { fabric: withFacts(bolt, told, { date: date ?? context.today, newId }), piece, isNew: true };
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

/** Fabrics that came in or are there; `isBare` where a line is no more than what is there. */
interface Came {
  readonly purchases: readonly Purchase[];
  readonly isBare: boolean;
}

/** What a line says that came in or is there; none where it says anything else too. */
function cameIn(line: Heard, tables: LineTables, options: BoughtOptions): Came | undefined {
  const { unit } = options.context;
  const [text, low] = [lengthAndWidth(line.text, unit), lengthAndWidth(line.low, unit)];
  const begun = BOUGHT.exec(low) ?? HAUL.exec(low);
  const there = begun ? null : (THERE.exec(low) ?? SAID_OF_FABRIC.exec(low));
  const lead = (begun ?? there)?.[0];
  const stash = INTO_STASH.exec(low);
  // By itself it is there where nothing else is said.
  const isBare = !begun && !stash;
  const from = lead?.length ?? 0;
  if (SEWN.test(low) || (isBare && line.names.some(isGarmentName))) return undefined;
  if (isBare && ![SO_MUCH, NAME_FIRST].some((much) => much.test(low.slice(from)))) return undefined;
  const left = isBare ? / left(?: over)?(?![a-z])/.exec(low) : null;
  const apart = [stash, left].flatMap((said): Span[] => (said ? [[said.index, said.index + said[0].length]] : []));
  const [said, heardIn] = [blanked(text, apart, ' ').slice(from), blanked(low, apart, ' ').slice(from)];
  const readIn = (at: number, to: number) => {
    const [part, lowPart] = [said, heardIn].map((words) => words.slice(at, to).replace(/(?:[\s,;+&]|\band)+$/, ''));
    return purchaseIn(part ?? '', lowPart ?? '', tables, { ...options, isThere: isBare || /^(?:my )?stash/.test(lead ?? '') });
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
  // How much of one of several came, is said.
  if (purchases.length < found.length || (purchases.length > 1 && purchases.some(({ piece }) => !piece))) return undefined;
  return isBare && purchases.some(({ piece }) => piece?.note !== undefined) ? undefined : { purchases, isBare };
}

/**
 * Fabric that came in, one or several.
 *
 * @example boughtIn(heard('bought 3 m navy linen and 2 m red corduroy', context), tables, options)?.purchases.map((p) => p.piece.length) // [300, 200]
 */
export function boughtIn(line: Heard, tables: LineTables, options: BoughtOptions): BoughtAct | undefined {
  const came = cameIn(line, tables, options);
  return came && !(came.isBare && came.purchases.some(({ isNew }) => !isNew)) ? { is: 'bought', purchases: came.purchases } : undefined;
}

/** So much of a fabric that the stash has, and no word more: it came to what there was, or it is all that there is. */
export function moreOrLeft(line: Heard, tables: LineTables, options: BoughtOptions) {
  const came = cameIn(line, tables, options);
  const [only, ...others] = came?.purchases ?? [];
  const fabric = withId(tables.fabrics, only?.fabric.id);
  if (!came?.isBare || !only?.piece || !fabric || others.length > 0) return [];
  const more: BoughtAct = { is: 'bought', purchases: [only] };
  const left: LeftAct = { is: 'left', fabric, length: only.piece.length };
  return [
    { called: 'more of it', act: more },
    { called: 'all that there is of it', act: left },
  ];
}

/** Fabric that came in and may be of the stash or new: "2 m grey flannel", where that has a grey check flannel. */
export const boughtEither = (line: Heard, tables: LineTables, options: BoughtOptions) =>
  [0, 1].flatMap((answer) => {
    const act = boughtIn(line, tables, { ...options, answer });
    const [only, ...more] = act?.purchases ?? [];
    return act && only && more.length === 0 ? [{ called: only.isNew ? `${only.fabric.name}, a new one` : only.fabric.name, act }] : [];
  });
