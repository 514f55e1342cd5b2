import { alterationKind, asksZones, type AlterationKindId, type Way } from '../../catalogue/alterations';
import type { Alteration } from '../../records';
import { tidy } from '../../units/length';
import type { ZoneId } from '../../body/zones';
import { anyOf, BIT, END, LENGTH, LENGTH_IN_WORDS, lengthOf, OR_LESS, SAID_LENGTH } from '../amounts';
import type { Choice, Understood } from '../chip';
import { isDenied, SO_I } from '../denied';
import { isLower } from '../../records/usual-zones';
import { canHave, THE, ZONE, ZONES, zoneHere, zonesNamed } from '../places';
import { asks, beforeName, byRules, eachWay, given, mereWords, rule, waysOf, wordBefore, type Meant, type Rule, type Said } from '../said';
import type { Sentence } from '../sentence';
import { ACTS, aimOf, isAtCentreBackWaist, isMoreLower, isOfWidth, NAMED_ALTERATIONS, TARGET_NAMES, type Act, type Aim } from '../targets';
import { EARLIER, PARTS_SAID, WAYS_SAID, WHENS } from '../words';

/** The longest first: "at each side seam" before "each side". */
const WAY_WORDS = Object.keys(WAYS_SAID).sort((a, b) => b.length - a.length);
const WAY = anyOf(WAY_WORDS);
const WHEN = anyOf(Object.keys(WHENS));
const PURPOSE = '(?:for looks|for style|for fit|for the look(?: of it)?|for the style|for length|as a design choice|because i like it)';
const PART = anyOf(Object.keys(PARTS_SAID));
const AT = `(?:from ${ZONE} (?:down |up )?to ${ZONE}|(?:at|past|along|around|round|across|through|over|from|in|on|for) ${ZONES})`;
const TO_NOTHING = `(?:(?:tapering|blending|grading|going|down|fading|blended|tapered) )?(?:to|into) (?:nothing|zero|nil|0)(?: (?:at|by|towards) (?:the )?[a-zß-ɏ ]{3,20}?(?=$|[,.;·|]|${END} (?:and|for|on)))?`;
/** Of a width: the seam that it was taken in or let out at. */
const AT_CENTRE_BACK = '(?:at|in|from|along|through|out of) (?:the )?(?:cent(?:re|er) back|cb)(?: seam)?';
const SAYS_CENTRE_BACK = new RegExp(` ${AT_CENTRE_BACK}${END}`);
/** What may follow, one after the other and in any order. */
const TAIL_STEP = new RegExp(
  `,? (?:${AT_CENTRE_BACK}|${WAY}|${WHEN}|${PURPOSE}|(?:at the |in the |on the )?${PART}(?: only)?|${AT}|${TO_NOTHING}|by ${LENGTH}|${SAID_LENGTH} ${AT}|each|again|all round|as well|too(?! [a-z])|more|overall|(?:above|below) the (?:bust|knee)(?:line)?)${END}`,
  'y',
);
function tailEnd(low: string, at: number): number {
  let to = at;
  for (;;) {
    TAIL_STEP.lastIndex = to;
    const found = TAIL_STEP.exec(low);
    if (!found) return to;
    to += found[0].length;
  }
}
/** Before a verb: it was not done, or is only meant. */
const UNDONE =
  /\b(?:undid|reversed|recommends?|forgot to|meant to|supposed to|wanted to|tried to|able to|have to|going to|planning to|plan to|skipped|omitted|left out|left off)\s+(?:(?:do|make|the|an?|any|my|my usual)\s+)*$/;

/** "When I raise my arms". */
const LIFTED = /^(?:(?:i|also|then|and|just|only) )*(?:lift|rais|mov)(?:e|ed|ing)? (?:my|her|his|the|your|an?) arms?\b/;

/** Behind a change that is told from an earlier version, and not from the pattern. */
const THAN_BEFORE = new RegExp(`^ than (?:(?:on|in|with) )?${EARLIER}${END}`);

/** "It needed an FBA", "needed to shorten …". */
const NEEDED = /^(?:[a-z]+ )*?needed /;
const AFTER_NEEDED = /\bneeded (?:(?:to|to be|an?|about|the|some) )*$/;

/** Right before what was done for a fault. */
const PUT_RIGHT_HERE = new RegExp(
  `\\b(?:too|tight|loose|long|short|wide|narrow|big|small|low|high|baggy|gap(?:es|ed|ing)|pull(?:s|ed|ing))\\b[^,.;\\n]*,? ${SO_I}$`,
);

/** A rule whose match may be followed by a way, a moment, a purpose, a side, places. */
const changed = (source: string, weight: Parameters<typeof rule>[1], readAs: Rule['read']): Rule =>
  rule(source, weight, (said, s, from, end) => {
    // What was not done is no change, nor is an arm that is lifted.
    const before = s.low.slice(0, from);
    if (isDenied(before) || UNDONE.test(before) || LIFTED.test(s.low.slice(from)) || AFTER_NEEDED.test(before)) return undefined;
    const to = tailEnd(s.low, end);
    const tail = s.low.slice(end, to);
    const words = s.typed(from, to);
    const isPutRight = PUT_RIGHT_HERE.test(s.low.startsWith('i ', from) ? `${before}i ` : before);
    const read = (of: Said) => {
      const meant = readAs({ ...of, tail }, s, from, to);
      return isPutRight ? onTheGarment(meant) : meant;
    };
    const told = read(said);
    if (!told) return undefined;
    const { least, amount } = said;
    const isRange = least !== undefined && amount !== undefined;
    // "1-2 cm" is the one or the other.
    const less = isRange ? read({ ...said, amount: amount.replace(/\d+(?:[.,]\d+)?/, least) }) : undefined;
    const ways = [less, told].flatMap(waysOf);
    // "Needed an FBA": it was done, or the next one needs it.
    if (NEEDED.test(s.low.slice(from, end))) return { to, ...asks(...ways, [{ is: 'next', words }]) };
    // "2 cm longer than last time": how it was cut then nobody says here.
    const isFromAnother = !told.choices && THAN_BEFORE.test(s.low.slice(to));
    return isRange || isFromAnother ? { to, ...asks(...ways, mereWords(words)) } : { to, ...told };
  });
/** "The back hem", "waist darts": what is named last is what was altered, and it is no target. */
const NOT_OF = '(?! (?:darts?|hem|crotch|pockets?|pleats?|vents?|facings?|openings?|bands?|plackets?|tabs?|loops?|ties|belt)(?![a-z]))';
const TARGET = `${THE}(?<target>${anyOf(TARGET_NAMES)})${END}${NOT_OF}`;
const TWO_TARGETS = `${TARGET}(?: and ${THE}(?<target2>${anyOf(TARGET_NAMES)})${END})?`;
const VERB = anyOf(Object.keys(ACTS).filter((w) => !/er$|length$/.test(w) || w === 'lower' || w === 'taper'));
const COMPARATIVE = anyOf(Object.keys(ACTS).filter((w) => /er$|length$/.test(w) && w !== 'taper'));
const SIGN = '(?:[+-]|plus|minus)';
/** "By two", where nothing follows that is counted; "added a cuff" counts one. */
const IN_WORDS = `(?!an? (?!half|quarter|third))${LENGTH_IN_WORDS}(?= *(?:$|[^ a-z0-9]|(?:and|but|in|at|on|for|from|love|then|took|let|the|${anyOf(TARGET_NAMES)})(?![a-z])))`;
const AMOUNT = `\\(?${OR_LESS}?(?<amount>${LENGTH}|${BIT}|${IN_WORDS})\\)?`;

/** The two words of a verb may stand apart: "took the waist in", "let the hips out", "moved the pockets up". */
const APART: readonly (readonly [first: string, last: string, act: Act])[] = [
  ['(?:took|take|taken|taking|brought|nipped)', 'in', 'narrower'],
  ['(?:let|letting)', 'out', 'wider'],
  ['(?:let)', 'down', 'longer'],
  ['(?:took|take|taken|turned)', 'up', 'shorter'],
  ['(?:moved|move|brought|shifted)', 'up', 'higher'],
  ['(?:moved|move|brought|shifted)', 'down', 'lower'],
];

const NAMED = anyOf(Object.keys(NAMED_ALTERATIONS));
const IS_BIT = new RegExp(`^${BIT}$`);
const HAS_LENGTH = new RegExp(`(${LENGTH})`);
const HAS_UNIT = new RegExp(`^${SAID_LENGTH}$`);
const LENGTH_AHEAD = new RegExp(`^[^,.;·|\\n]*${SAID_LENGTH}`);

/** How much, cm; undefined where it was not said in figures. */
const lengthIn = (said: string | undefined, { context }: Sentence): number | undefined =>
  said === undefined || IS_BIT.test(said) ? undefined : lengthOf(said, context.unit)?.cm;

/** Widths that a sewist measures on one half or on the whole: what one centimetre is, is asked. */
const HALVES: ReadonlySet<AlterationKindId> = new Set(['neck-width']);
/** More than this at once is a slip of the pen; lengths may be. */
const MOST: Readonly<Record<string, number>> = {
  'bust-dart': 12,
  'full-bust': 15,
  'neck-width': 10,
  'shoulder-width': 10,
  rise: 15,
  'armhole-depth': 12,
  'sway-back': 10,
};

/** What is meant by a place that has a length where a girth is changed. */
const AROUND: Partial<Record<ZoneId, ZoneId>> = { leg: 'legHem', skirt: 'hemSweep', bodyLength: 'hemSweep', sleeve: 'upperArm' };
/** "1 cm off each side seam", "1 cm each". */
const EACH = /\b(?:each|every)\b( (?:side )?seam)?/;
/** What there are two of, each with a girth of its own. */
const ONE_EACH = /^(?:trouser )?legs?$|^sleeves?$/;
const GUESSED = /^(?:trouser )?legs?$|^bodice/;

/**
 * An alteration from what was said of it. How a girth was measured changes it fourfold: where it was not said, it is asked.
 *
 * @param tail whatever follows: way, moment, purpose, side, places
 * @param target the word for what was altered
 */
function change(aim: Aim, cm: number | undefined, tail: string, sentence: Sentence, whole: string, target = ''): Meant | undefined {
  const { kind } = aim;
  const known = alterationKind(kind);
  const said = ` ${`${target} ${tail}`.replace(/[,:]/g, ' ').replace(/ +/g, ' ').trim()} `;
  const wayWord = WAY_WORDS.find((w) => said.includes(` ${w} `));
  const eachOf = known.rule.by === 'girth' ? (EACH.exec(whole.toLowerCase()) ?? undefined) : undefined;
  // Of two legs "2 cm each" is what each of them loses; of a seam it is what is taken there.
  const ofEach: Way | undefined = eachOf === undefined ? undefined : ONE_EACH.test(target) && !eachOf[1] ? 'total' : 'perSeam';
  const way: Way | undefined = wayWord !== undefined ? WAYS_SAID[wayWord] : ofEach;
  const whenWord = Object.keys(WHENS).find((w) => said.includes(` ${w} `));
  const passed = tail.replace(/to (?:nothing|zero|nil).*$/, '').replace(/\b(?:on|at) the (?:front|back|body)\b/g, ' ');
  const girths: readonly ZoneId[] = known.zones ?? [];
  /** A place by its own girth: a hem that is narrowed is narrow all round. */
  const round = (zone: ZoneId): ZoneId | undefined => (girths.length === 0 || girths.includes(zone) ? zone : AROUND[zone]);
  const rounded = (of: readonly ZoneId[]) => of.flatMap((zone) => round(zone) ?? []);
  const own = (aim.zones ?? []).map((z) => zoneHere(z, 'waist', sentence));
  // A seam taken in "at the waist" of what has a waistband may stop below it, or not: both are offered.
  const places = asksZones(kind)
    ? [sentence, { subject: undefined }].map((of) => {
        const there = rounded(zonesNamed(passed, of));
        // Where on a leg or a bodice was guessed; what is named takes its place.
        return [...new Set([...(GUESSED.test(target) && there.length > 0 ? [] : own), ...there])];
      })
    : [[]];
  const zoneSets = places.filter((set, i) => i === 0 || (String(set) !== String(places[0]) && places[0]?.includes('waistband')));
  const partWord: 'front' | 'back' | 'both' | undefined =
    known.rule.by === 'rise' ? (/ front /.test(said) ? 'front' : / back /.test(said) ? 'back' : 'both') : undefined;
  if (cm !== undefined && cm > (MOST[kind] ?? 60)) return undefined;
  const shared = {
    kind,
    purpose: /for (?:looks|style|the look|the style|length)|design choice|i like/.test(said) ? ('style' as const) : ('fit' as const),
    when: (whenWord === undefined ? undefined : WHENS[whenWord]) ?? ('paper' as const),
    ...(partWord ? { part: partWord } : {}),
    ...(known.rule.by === 'bust' ? { fullness: 'left in' as const } : {}),
  };
  const of = (w: Way, zones: readonly ZoneId[], amount = cm): Understood => {
    const much = amount === undefined ? { direction: aim.sign } : { amount: tidy(aim.sign * amount) };
    return {
      is: 'alteration',
      alteration: { ...shared, ...(zones.length > 0 ? { zones: [...zones] } : {}), way: w, ...much } satisfies Omit<Alteration, 'id'>,
    };
  };
  /** One reading is stated, several are asked. */
  const oneOf = (ways: readonly Way[]): Meant => {
    const all = zoneSets.flatMap((zones) => ways.map((w): Choice => [of(w, zones)]));
    const [only = []] = all;
    return all.length === 1 ? { says: only } : asks(...all);
  };
  const [usual = 'total' as const] = known.ways;
  const [zones = []] = zoneSets;
  if (!canHave(zones, sentence)) return asks([of(usual, zones)], mereWords(whole));
  if (way !== undefined && known.ways.includes(way)) return oneOf([way]);
  if (cm === undefined) return oneOf([aim.zones ? 'total' : usual]);
  // What there is one of on either side has half of what it is in all.
  const half = of('perSide', zones, cm / 2);
  if (way === 'total' && (HALVES.has(kind) || String(known.ways) === 'perSide')) return { says: [half] };
  if (HALVES.has(kind)) return asks([of('perSide', zones)], [half]);
  return oneOf(known.ways.length === 1 ? [usual] : known.ways.filter((w) => w !== 'perQuarter'));
}

/** A piece of the garment, as a sentence begins with it. */
const ABOUT_A_PIECE = new RegExp(
  `(?:^|[.;,\\n] *)(?:the |my )?(?:${ZONE}|[a-z]*(?:band|binding|collar|cuffs?|straps?|ties|facing|lining|elastic))(?![a-z])[^.;,\\n]*[.;,] *(?:so |then |and )?(?:i )?$`,
);
/** "Neckband too long. Cut it 4 cm shorter": of it the garment may be meant, or the piece. */
const ofWhat = (meant: Meant | undefined, target: string | undefined, s: Sentence, from: number, to: number): Meant | undefined =>
  meant && !meant.choices && target === undefined && / it /.test(s.low.slice(from, to)) && ABOUT_A_PIECE.test(s.low.slice(0, from))
    ? asks(mereWords(s.typed(from, to)), meant.says)
    : meant;

/** Darts elsewhere than at the bust. */
const OTHER_DART = /\b(?:waist|back|neck|shoulder|elbow|hip|fisheye|contour) darts?\b(?!.*\bbust dart)/;

const actOf = (word: string | undefined): Act | undefined => (word === undefined ? undefined : ACTS[word.trim()]);
const kindOf = (s: Sentence) => s.subject?.kind;

/** Where a length says nothing of "too", and no wish is meant. */
function made(
  act: Act | undefined,
  target: string | undefined,
  amount: string | undefined,
  tail: string,
  s: Sentence,
  from: number,
  to: number,
): Meant | undefined {
  if (act === undefined || target === undefined) return undefined;
  // A dart that is put in or left out is moved nowhere, and one at the waist is none of the bust's.
  const said = s.low.slice(from, to);
  if (
    /\bdarts?$/.test(target) &&
    !(/\bwaist darts?$/.test(target) && isOfWidth(act)) &&
    (/\b(?:add|remov|reduc|enlarg|increas|decreas|took|take|cut|off\b)/.test(said) || OTHER_DART.test(`${s.low.slice(0, from)}${said}`))
  )
    return undefined;
  // "Length" of "leg length" is no target by itself.
  const before = s.low.startsWith(target, from) ? wordBefore(s.low, from) : undefined;
  if (before !== undefined && TARGET_NAMES.includes(`${before} ${target}`)) return undefined;
  // Pockets that are added are no height of theirs.
  if ((act === 'more' || act === 'less') && (/^pockets?$/.test(target) || /^(?: (?:front|back|patch|side))* ?pockets?\b/.test(s.low.slice(to))))
    return undefined;
  if (/^back waist(?:band)?$/.test(target) && isOfWidth(act)) return atTheBackWaist(act, lengthIn(amount, s), tail, s, s.typed(from, to));
  const where = /above the bust/.test(tail) ? ' above the bust' : /above the knee/.test(tail) ? ' above the knee' : '';
  const meant = aimOf(act, `${target}${where}`, kindOf(s)) ?? aimOf(act, target, kindOf(s));
  if (!meant) return undefined;
  const half = meant.kind === 'bodice-below-bust' && pieceIn(tail);
  const atCentreBack = meant.kind === 'side-seams' && SAYS_CENTRE_BACK.test(tail);
  const kind = half ? (`${half}-length` as const) : atCentreBack ? 'centre-back-seam' : meant.kind;
  const aim: Aim = { ...meant, kind };
  const byTail = HAS_LENGTH.exec(tail)?.[1];
  if (/^waist(?:band)?$/.test(target) && isOfWidth(act) && / at the back(?: only)?$/.test(tail))
    return atTheBackWaist(act, lengthIn(amount ?? byTail, s), tail, s, s.typed(from, to));
  // Cut off its edge it is lower, and taken out of its height it is not.
  if ((act === 'more' || act === 'less') && isMoreLower(target) && /^(?:\w+ )*?(?:add|took|take|cut|remov|chop|trim|shav)|\boff\b/.test(said)) {
    const ways = (['lower', 'higher'] as const).flatMap((way) => {
      const either = aimOf(way, target, kindOf(s));
      return waysOf(either && change(either, lengthIn(amount ?? byTail, s), tail, s, s.typed(from, to), target));
    });
    return asks(...ways, mereWords(s.typed(from, to)));
  }
  // An amount that stands further on was said of this too, in words that are not read: then half of it is not stated.
  if (amount === undefined && byTail === undefined && LENGTH_AHEAD.test(s.low.slice(to))) return undefined;
  const cm = lengthIn(amount ?? byTail, s);
  if (amount !== undefined && cm === undefined && !IS_BIT.test(amount)) return undefined;
  // "Out of the back", "added to the front": how wide or how long it is, nobody said.
  if ((act === 'more' || act === 'less') && /^(?:back|front)$/.test(target)) {
    const ways = [aim, aimOf(act === 'more' ? 'longer' : 'shorter', target, kindOf(s))].flatMap((a) =>
      a ? [change(a, cm, tail, s, s.typed(from, to), target)] : [],
    );
    const choices = ways.flatMap((w) => (w ? [w.says] : []));
    return choices.length > 0 ? asks(...choices) : undefined;
  }
  if (aim.kind === 'crotch-points' && !/points?$/.test(target)) return alongTheCrotch(aim, cm, tail, s, s.typed(from, to));
  return change(aim, cm, tail, s, s.typed(from, to), target);
}

/** A crotch that was made longer or shorter: at its points, over the seat or up to the waist, nobody said. */
function alongTheCrotch(aim: Aim, cm: number | undefined, tail: string, s: Sentence, whole: string): Meant {
  const piece = pieceIn(whole.toLowerCase());
  const at = (place: Aim) => change(place, cm, tail, s, whole);
  const rise = at({ kind: 'rise', sign: aim.sign });
  const places = [
    at(aim),
    piece === 'front' ? undefined : at({ kind: aim.sign > 0 ? 'full-seat' : 'flat-seat', sign: 1 }),
    piece === undefined ? rise : ofPart(rise, piece),
  ];
  return asks(...places.flatMap(waysOf), mereWords(whole));
}

/** Which piece some words name. */
const pieceIn = (words: string | undefined): 'front' | 'back' | undefined =>
  words === undefined ? undefined : /\bfront\b/.test(words) ? 'front' : /\bback\b/.test(words) ? 'back' : undefined;

/** The same, done to one of the pieces only. */
const ofPart = (meant: Meant | undefined, part: 'front' | 'back'): Meant | undefined => {
  const parted = (says: Choice): Choice => says.map((one) => (one.is === 'alteration' ? { ...one, alteration: { ...one.alteration, part } } : one));
  return meant && eachWay(meant, parted);
};

/** The same, done when it was tried on and not on the paper. */
function onTheGarment(meant: Meant | undefined): Meant | undefined {
  const then = (says: Choice): Choice =>
    says.map((one) =>
      one.is === 'alteration' && one.alteration.when === 'paper' ? { ...one, alteration: { ...one.alteration, when: 'body' } } : one,
    );
  return meant && eachWay(meant, then);
}

/** A waist that was made narrower or wider at its back: at the seam there or at its darts, nobody said. */
function atTheBackWaist(act: Act, cm: number | undefined, tail: string, s: Sentence, whole: string): Meant {
  const ways = (['centre back seam', 'waist darts'] as const).flatMap((seam) => {
    const aim = aimOf(act, seam, kindOf(s));
    return waysOf(aim && change({ ...aim, zones: ['waist'] }, cm, `${tail} in all`, s, whole));
  });
  return asks(...ways, mereWords(whole));
}

const both = (one: Meant | undefined, two: Meant | undefined): Meant | undefined => {
  if (!one || !two) return one;
  if (one.choices || two.choices) return undefined;
  return { says: [...one.says, ...two.says] };
};

const allowance = (cut: number | undefined, sewn: number | undefined): Meant | undefined =>
  cut === undefined || sewn === undefined
    ? undefined
    : { says: [{ is: 'alteration', alteration: { kind: 'allowance', way: 'total', purpose: 'fit', when: 'paper', allowance: { cut, sewn } } }] };

const LEAD = '(?:(?:i|it|also|then|and|had to|needed to|needed|did|just|only|again) )*';

/** What is taken out of an edge is a wedge. */
const EDGES: Readonly<Record<string, AlterationKindId>> = {
  neckline: 'neckline-wedge',
  neck: 'neckline-wedge',
  armhole: 'armhole-wedge',
  armholes: 'armhole-wedge',
};

/** What can be put to a garment as a whole. */
const A_PIECE = /^(?:sleeves?|cuffs?|straps?|collar|hood|belt|waistband|pockets?|facings?|skirt|hem)$/;

/** Any verb of changing. */
const VERBS_SAID = new RegExp(VERB);
/** What was done to a part of what is named next. */
const BEFORE_NAME = new RegExp(`\\b(?<verb>${VERB}) ${THE}(?<target>${anyOf(TARGET_NAMES)}) (?:of|on|in) (?:(?:the|my|this|a) )*$`);
/** What was done to a part, or to some, right before another is named. */
const DONE_BEFORE = new RegExp(`\\b(?<verb>${VERB})(?: ${THE}${anyOf(TARGET_NAMES)}(?: by)? ${LENGTH}${END}(?:,? (?:and|&)|,)?)+ $`);
/** What the clause before speaks of. */
const TARGET_BEFORE = new RegExp(`(?<![a-z])(?<target>${anyOf(TARGET_NAMES)})${END}[^,.;·|\\n]*,?\\s*(?:(?:and|so|then|but|i|just|had|to) )*$`);
/** A place that is found off right before: one, or what there are two of. */
const OFF_BEFORE = new RegExp(
  `(?<![a-z])(?:(?<it>waist|waistband|bust|chest|underbust|hem|skirt)|(?<them>cuffs|sleeves|hips|thighs|knees|calves|upper arms|legs|straps))${END}[^,;.·|\\n]*(?:,| so| and|;|\\.)\\s*(?:(?:and|so|then|i|just|had|to) )*$`,
);
/** A part that the clause before speaks of. */
const PART_BEFORE = /(?:^|[,;.·|]\s*)(?:(?:and|with|the|its|but|of) )*(sleeves?|bodice|legs?|straps?)\b[^,;.·|]*,\s*(?:and )?$/;
/** A part that the same clause speaks of. */
const PART_IN_CLAUSE = /(?:^|[,;.·|\n]\s*)(?:(?:and|with|the|its|but|of) )*(sleeves?|bodice|legs?|straps?)\b[^,;.·|\n]* (?:(?:and|then) )*$/;
/** What there are two of, spoken of in the sentence before a place. */
const THEY_ARE = /\b(sleeves|legs|straps|cuffs)\b[^.;\n]*$/;
/** A part that is too long, in the clause or the sentence before. */
const LONG_BEFORE =
  /(?:^|[,;.·|\n:-]\s*)(?:(?:and|with|the|its|but|of|found) )*(sleeves?|bodice|legs?|straps?|skirt|hem)\b[^,;.·|\n]*\blong\b[^,;.·|\n]*[,;.]\s*(?:(?:and|so|then|i|just) )*$/;
const COMPARED = /(?:long|short|wid|narrow|loos|tight|low|high|deep|slimm|small|bigg|larg|full)er|more length/;

/** What was changed against the pattern as drafted. */
export const recogniseChange = byRules([
  // "lengthened the bodice by an inch and a half", "took in the waistband 2 cm in all".
  given(VERBS_SAID, changed)(
    `${LEAD}(?<verb>${VERB}) ${TWO_TARGETS}(?:(?: by| about| to be)? ${AMOUNT})?`,
    'sure',
    ({ verb, target, target2, amount, tail = '' }, s, from, to) => {
      const act = actOf(verb);
      // "Added cuffs": it has some, and none of them was made wider.
      if (/^add/.test(verb ?? '') && amount === undefined && A_PIECE.test(target ?? '')) return undefined;
      const one = made(act, target, amount, tail, s, from, to);
      // "Raised waist", "lowered neckline" describe a view as well.
      const bare =
        amount === undefined && tail === '' && (act === 'higher' || act === 'lower') && new RegExp(`${verb} ${target}`).test(s.low.slice(from, to));
      if (one && bare && !one.choices) return asks(one.says, mereWords(s.typed(from, to)));
      return target2 === undefined ? one : both(one, made(act, target2, amount, tail, s, from, to));
    },
  ),
  // "took the waist in by 1 cm", "moved the pockets up 2 cm".
  ...APART.map(([first, last, act]) =>
    given(new RegExp(`${first} `), changed)(
      `${LEAD}${first} ${TARGET} (?:(?<between>${SAID_LENGTH}) )?${last}(?:(?: by)? ${AMOUNT})?`,
      'sure',
      ({ target, amount, between, tail = '' }, s, from, to) => made(act, target, amount ?? between, tail, s, from, to),
    ),
  ),
  // "took the Gangway trousers in at the waist by 3 cm": what it is stands between.
  given(/\b(?:took|take|taken|let) /, changed)(
    `(?<way>in|out)(?= (?:at|along|on|around|through|by) )(?:(?: by)? ${AMOUNT})?`,
    'sure',
    ({ way, amount, tail = '' }, s, from, to) => {
      const before = beforeName(s, from) ?? '';
      const act = APART.find(([first, last]) => last === way && new RegExp(`\\b${first} (?:(?:the|my|a|these|those) )*$`).test(before))?.[2];
      return act && made(act, 'side seams', amount, tail, s, from, to);
    },
  ),
  // "lengthened the bodice of the Fennel dress by 5 cm": how much stands behind the name.
  given(VERBS_SAID, changed)(`(?:by )?${AMOUNT}`, 'sure', ({ amount, tail = '' }, s, from, to) => {
    const { verb, target } = BEFORE_NAME.exec(beforeName(s, from) ?? '')?.groups ?? {};
    return made(actOf(verb), target, amount, tail, s, from, to);
  }),
  // "took it in 4 cm each side", "took them up 3 cm".
  given(/(?:took|take|taken|let) (?:it|them) (?:in|out|up|down)/, changed)(
    `${LEAD}(?<first>took|take|taken|let) (?<what>it|them) (?<last>in|out|up|down)(?:(?: by)? ${AMOUNT})?(?: (?:at|along|from|in|on) (?<each>the|each|both|every) side seams?)?`,
    'sure',
    ({ first = '', what, last, amount, each, tail: behind = '' }, s, from, to) => {
      const act = APART.find(([words, way]) => way === last && new RegExp(`^${words}$`).test(first))?.[2];
      const tail = each === undefined || each === 'the' ? behind : ` per seam ${behind}`;
      if (!act || (amount === undefined && (tail === '' || !isOfWidth(act)) && each === undefined)) return undefined;
      // "Cuffs too tight, let them out 2 cm": what is spoken of, where no other place is named.
      const { it, them } = OFF_BEFORE.exec(s.low.slice(0, from))?.groups ?? {};
      const off = what === 'it' ? it : them;
      // A dress is no "them".
      if (off === undefined && what === 'them' && !isOfWidth(act) && !/^(?:trousers|shorts|nightwear)$/.test(kindOf(s) ?? '')) return undefined;
      const named = zonesNamed(behind, s).length > 0 || off === undefined ? undefined : made(act, off, amount, tail, s, from, to);
      const meant = named ?? made(act, isOfWidth(act) ? 'side seams' : 'length', amount, tail, s, from, to);
      return off === undefined ? meant : onTheGarment(meant);
    },
  ),
  // "Rise too low so I raised it 2 cm": what is spoken of in the same clause.
  given(/(?:raised|lowered|widened|narrowed|tapered|reduced|slimmed|deepened) (?:it|them) /, changed)(
    `${LEAD}(?<verb>raised|lowered|widened|narrowed|tapered|reduced|slimmed|deepened) (?:it|them)(?: (?:in|up|down))?(?: by)? ${AMOUNT}`,
    'sure',
    ({ verb, amount, tail = '' }, s, from, to) =>
      made(actOf(verb), TARGET_BEFORE.exec(s.low.slice(0, from))?.groups?.['target'], amount, tail, s, from, to),
  ),
  // "took 1 cm in at the waist", where an inch or two is no other thing.
  given(/(?:took|take|taken|let) .*(?:in|out) (?:at|from|on|around|round)/, changed)(
    `${LEAD}(?<first>took|take|taken|let) ${AMOUNT} (?<last>in|out)(?= (?:at|from|on|around|round) )`,
    'sure',
    ({ first = '', last, amount, tail = '' }, s, from, to) => {
      const act = APART.find(([words, way]) => way === last && new RegExp(`^${words}$`).test(first))?.[2];
      return act && tail !== '' ? made(act, 'side seams', amount, tail, s, from, to) : undefined;
    },
  ),
  // "took in 1 cm at each side seam at the waist", "let out half a centimetre at the hips".
  given(/took in|tak(?:e|en) in|let out|nipped|brought in/, changed)(
    `${LEAD}(?<verb>took in|take in|taken in|let out|nipped in|brought in)(?: (?:by )?${AMOUNT})?(?: (?<way>${WAY}))?(?: (?:at|along|from|in|on) (?:each|both|the|every) (?<seam>side seams?|inseams?|centre back seam|center back seam|back seam|princess seams?))?`,
    'sure',
    ({ verb, amount, seam, way = '', tail = '' }, s, from, to) => {
      const act = actOf(verb?.replace(/nipped|brought/, 'took'));
      if (!act || (amount === undefined && tail === '' && seam === undefined)) return undefined;
      const each = /\b(?:each|both|every)\b/.test(s.low.slice(from, to)) && seam !== undefined ? 'per seam' : '';
      return made(act, seam ?? 'side seams', amount, ` ${way} ${each} ${tail} `, s, from, to);
    },
  ),
  given(/taken in|let out/, changed)(
    `(?:with )?(?<amount>${SAID_LENGTH}) (?<verb>taken in|let out)`,
    'sure',
    ({ amount, verb, tail = '' }, s, from, to) => {
      const act = actOf(verb);
      return act && tail.trim() !== '' ? made(act, 'side seams', amount, tail, s, from, to) : undefined;
    },
  ),
  // "added 2 cm to the sleeves", "took 3 cm off the hem", "removed 1 cm from the shoulders".
  given(/add|put in|gave it/, changed)(
    `${LEAD}(?:added|add|adding|put in|gave it) ${AMOUNT}(?: of)?(?: (?:length|width|extra|more))?(?: of length)? (?:to|at|in|on|across|into|onto|of) ${TARGET}`,
    'sure',
    ({ target, amount, tail = '' }, s, from, to) => {
      const asLength = /\blength\b/.test(s.low.slice(from, to));
      return made(asLength ? 'longer' : 'more', target, amount, tail, s, from, to) ?? made('more', target, amount, tail, s, from, to);
    },
  ),
  // "Added 2 cm sleeve length", "added 3 cm hem".
  given(/add/, changed)(
    `${LEAD}(?:added|add|adding) ${AMOUNT}(?: of)?(?: extra| more)? ${TARGET}(?! (?:seam|allowance|facing|pocket|band|trim|lace|ribbing|elastic|binding))`,
    'likely',
    ({ target, amount, tail = '' }, s, from, to) =>
      made('longer', target, amount, tail, s, from, to) ?? made('more', target, amount, tail, s, from, to),
  ),
  // "2 cm more rise": done, or wanted.
  given(/more|extra/, changed)(`(?<amount>${SAID_LENGTH}) (?:more|extra) ${TARGET}`, 'likely', ({ target, amount, tail = '' }, s, from, to) => {
    const words = s.typed(from, to);
    const ways = waysOf(made('longer', target, amount, tail, s, from, to) ?? made('more', target, amount, tail, s, from, to));
    return ways.length === 0 ? undefined : asks(...ways, mereWords(words));
  }),
  given(/added/, changed)(
    `(?:with )?(?<amount>${SAID_LENGTH})(?: of)?(?: length| width)? added (?:to|at|in|on|onto) ${TARGET}`,
    'sure',
    ({ target, amount, tail = '' }, s, from, to) => made('more', target, amount, tail, s, from, to),
  ),
  given(/took|tak|cut|remov|chop|trim|shav|pinch|hacked|lopped/, changed)(
    `${LEAD}(?:took|take|taken|cut|removed|remove|chopped|trimmed|shaved|pinched|hacked|lopped)(?: out)? ${AMOUNT}(?: of (?:height|length|width|depth|fullness))?(?: (?:off|out))?(?: of| from| off| out of| at| in) ${TARGET}`,
    'sure',
    ({ target, amount, tail = '' }, s, from, to) => {
      const words = s.typed(from, to);
      // "Cut 12 at waist" is a size there.
      if (/^(?:(?:i|and|so|then) )*cut \d{1,2} (?:at|in) /.test(s.low.slice(from, to))) return undefined;
      // Out of its width, or off its edge: either is done there.
      if (/^(?:back|front) waist(?:band)?$/.test(target ?? '') && / (?:at|in|out) /.test(s.low.slice(from, to))) {
        const seam = target?.startsWith('back') ? ('centre-back-seam' as const) : ('side-seams' as const);
        const across = change({ kind: seam, sign: -1 }, lengthIn(amount, s), tail, s, words);
        return asks(...[across, made('less', target, amount, tail, s, from, to)].flatMap(waysOf), mereWords(words));
      }
      // Above the hips it may be a sway back.
      if (isAtCentreBackWaist(target) && !(s.subject?.kind && isLower(s.subject.kind)))
        return asks(
          ...waysOf(made('less', target, amount, tail, s, from, to)),
          ...waysOf(change({ kind: 'sway-back', sign: 1 }, lengthIn(amount, s), tail, s, words)),
        );
      const edge = / (?:out of|out|from) /.test(s.low.slice(from, to)) ? EDGES[target ?? ''] : undefined;
      return edge ? change({ kind: edge, sign: 1 }, lengthIn(amount, s), tail, s, words, target) : made('less', target, amount, tail, s, from, to);
    },
  ),
  given(/scoop/, changed)(
    `${LEAD}scooped(?: out)? ${THE}(?:(?:back|front) )?crotch(?: curve)?(?: (?:out|by|lower))* ${AMOUNT}`,
    'sure',
    ({ amount, tail = '' }, s, from, to) => change({ kind: 'scoop-crotch', sign: 1 }, lengthIn(amount, s), tail, s, s.typed(from, to)),
  ),
  given(/ off/, changed)(
    `${LEAD}(?:took|take|cut|chopped|hacked|lopped|removed|trimmed)(?: about)? ${AMOUNT} off(?:(?: the)? (?:length|bottom(?: edge)?))?(?= *(?:$|[,.;·|]|and\\b))`,
    'likely',
    ({ amount, tail = '' }, s, from, to) => {
      // "Sleeves too long, cut 4 cm off": of what is too long.
      const part = LONG_BEFORE.exec(s.low.slice(0, from))?.[1] ?? 'length';
      return made('shorter', part, amount, tail, s, from, to);
    },
  ),
  // Darts that the pattern has not.
  given(/ darts?/, changed)(
    `${LEAD}(?:added|add|put in|sewed|sewed in|with) (?:(?<count>two|2|four|4|a pair of|an?) )?(?:(?:added|extra|long|vertical) )*(?<part>front |back )?(?:fish-? ?eye|double-ended|double-pointed|contour) darts?(?:(?:,? (?:of|at) | )(?<amount>${SAID_LENGTH}))?(?<each> each)?(?: (?:at|in|on|to) the (?<where>front|back)(?: bodice)?)?`,
    'sure',
    ({ count, part, amount, each, where, tail = '' }, s, from, to) => {
      const taken = lengthIn(amount, s);
      const sides = count === 'four' || count === '4' ? 2 : 1;
      const said = each === undefined ? tail : ` per side ${tail}`;
      const meant = change(
        { kind: 'dart-added', sign: -1, zones: ['waist'] },
        taken === undefined ? undefined : taken * (each ? sides : 1),
        said,
        s,
        s.typed(from, to),
      );
      const of = pieceIn(part ?? where);
      return of === undefined ? meant : ofPart(meant, of);
    },
  ),
  // A wedge.
  given(/wedge/, changed)(
    `${LEAD}(?:took|take|taken|pinched|cut|let)(?: out)? (?:an? )?(?<amount>${LENGTH} )?(?:wedge|wedges)(?: of (?<of>${LENGTH}))?(?: (?:out of|out|from|off|at|in|into))*(?: (?:the )?(?:side seams?|(?<back>(?:cent(?:re|er) back|cb)(?: (?:seam|waist(?:band)?))?)|(?<edge>${anyOf(Object.keys(EDGES))})))?(?:,? (?<after>${LENGTH}) (?:at|from) ${ZONES})?`,
    'sure',
    ({ amount, of, after, back, edge = '', tail = '' }, s, from, to) => {
      if (back !== undefined) {
        // Across the back it takes out length, along its seam width.
        const ways = (
          [
            { kind: 'wedge-centre-back', sign: -1 },
            { kind: 'centre-back-seam', sign: -1 },
          ] as const
        ).flatMap((aim) =>
          waysOf(
            change(aim, lengthIn(amount ?? of, s), `${/ waist(?:band)?$/.test(back) ? ' at the waist' : ''}${tail} in all`, s, s.typed(from, to)),
          ),
        );
        return asks(...ways);
      }
      const along = EDGES[edge];
      if (along) return change({ kind: along, sign: 1 }, lengthIn(amount ?? of, s), tail, s, s.typed(from, to));
      const wide = zonesNamed(new RegExp(`(?:${LENGTH}) (?:at|from) (${ZONES})`).exec(s.low.slice(from, to))?.[1], s);
      const aim: Aim = { kind: 'wedge', sign: -1, ...(wide.length > 0 ? { zones: wide } : {}) };
      const inner = new RegExp(`(?:, | )(${LENGTH}) (?:at|from)`).exec(s.low.slice(from, to))?.[1];
      return change(aim, lengthIn(amount ?? of ?? after ?? inner, s), tail, s, s.typed(from, to));
    },
  ),
  // "bodice +1.5", "sleeve - a bit", "+2 on the sleeve".
  given(/[+-]|plus|minus/, changed)(`${TARGET}\\s*(?<sign>${SIGN})\\s*${AMOUNT}`, 'sure', ({ target, sign, amount, tail = '' }, s, from, to) =>
    made(/^[-m]/.test(sign ?? '') ? 'less' : 'more', target, amount, tail, s, from, to),
  ),
  given(/[+-]|plus|minus/, changed)(
    `(?<sign>${SIGN})\\s*(?<amount>${LENGTH}) (?:on |at |to |in |off )?${TARGET}`,
    'likely',
    ({ target, sign, amount, tail = '' }, s, from, to) =>
      // "Curlew skirt - 12 waist": a dash that parts the name from its sizes.
      sign === '-' && /^- \d+ [a-z]/.test(s.low.slice(from)) && beforeName(s, from) !== undefined
        ? undefined
        : made(/^[-m]/.test(sign ?? '') ? 'less' : 'more', target, amount, tail, s, from, to),
  ),
  // "sleeve 2 cm shorter", "made the sleeves longer by 2 cm", "2 cm longer in the body".
  given(COMPARED, changed)(
    `${LEAD}(?:(?:made|cut|sewed|drafted) )?${TARGET}(?: (?:is|are|was|were|cut|made))?(?: by)? (?:${BIT} )?(?<amount>${LENGTH}|${BIT}) (?<act>${COMPARATIVE})(?! than (?:i|the|my|an?)\\b| would| next)`,
    'sure',
    ({ target, amount, act, tail = '' }, s, from, to) => made(actOf(act), target, amount, tail, s, from, to),
  ),
  given(COMPARED, changed)(
    `${LEAD}(?:(?:made|cut|sewed) )?${TARGET} (?<act>${COMPARATIVE}),? (?:by )?(?<amount>${LENGTH}|${BIT})`,
    'sure',
    ({ target, amount, act, tail = '' }, s, from, to) => made(actOf(act), target, amount, tail, s, from, to),
  ),
  given(COMPARED, changed)(
    `${LEAD}(?:made|cut|hemmed|sewed|left|drafted|this time) (?:it |them |the whole thing )?(?<amount>${SAID_LENGTH}) (?<act>${COMPARATIVE})(?: (?:in|at|on) ${TARGET})?`,
    'sure',
    ({ target, amount, act, tail = '' }, s, from, to) =>
      // "Waistband cut 2 cm shorter" is of the waistband.
      target === undefined && !/(?:^|[,;·|\n.:]|\band|\bbut|\bthen|\bi|\d) *$/.test(s.low.slice(0, from))
        ? undefined
        : ofWhat(made(actOf(act), target ?? 'length', amount, tail, s, from, to), target, s, from, to),
  ),
  given(COMPARED, changed)(
    `(?<amount>${SAID_LENGTH}) (?<act>longer|shorter|wider|narrower|deeper|lower|higher)(?: (?:in|at|on) ${TARGET})`,
    'likely',
    ({ target, amount, act, tail = '' }, s, from, to) => made(actOf(act), target, amount, tail, s, from, to),
  ),
  given(COMPARED, changed)(
    `${LEAD}(?:(?:made|with) )?(?<act>longer|shorter|wider|narrower|slimmer|higher|lower|deeper) ${TARGET} by (?<amount>${LENGTH})`,
    'sure',
    ({ target, amount, act, tail = '' }, s, from, to) => made(actOf(act), target, amount, tail, s, from, to),
  ),
  // "bust dart raised 1 1/2 in", "hem let down 3 cm", "sleeves shortened by 2".
  given(VERBS_SAID, changed)(
    `${TARGET}(?<place> ${AT})?(?: (?:was|were|is|are|got|has been|have been|had to be))?(?: (?:by )?(?<before>${LENGTH}))? (?<verb>${VERB})(?:(?: by| about)? ${AMOUNT})?`,
    'sure',
    ({ target, place = '', verb, before, amount = before, tail: behind = '' }, s, from, to) => {
      const tail = `${place}${behind}`;
      // On the hanger a hem drops by itself.
      if (amount === undefined && verb === 'dropped' && target?.endsWith('hem')) return undefined;
      // An adjective is no deed: "hem narrow", "waist lower".
      if (
        amount === undefined &&
        tail.trim() === '' &&
        /^(?:narrow|slim|lower|raise|lift|drop|crop|add|added|removed|cropped|hemmed)$/.test(verb ?? '')
      )
        return undefined;
      return made(actOf(verb), target, amount, tail, s, from, to);
    },
  ),
  // "1 cm above and 1 cm below the elbow": both are one change.
  given(/ above and .* below /, changed)(
    `${LEAD}(?<verb>lengthened|lengthen|shortened|shorten) ${TARGET}(?: by)? (?<above>${SAID_LENGTH}) above and (?<below>${SAID_LENGTH}) below (?:the |my )?(?:elbow|knee|hip|bust)`,
    'sure',
    ({ verb, target, above, below, tail = '' }, s, from, to) => {
      const [a, b] = [lengthIn(above, s), lengthIn(below, s)];
      return a === undefined || b === undefined ? undefined : made(actOf(verb), target, `${tidy(a + b)} cm`, tail, s, from, to);
    },
  ),
  // "Shortened the sleeves by 2 and the bodice by 3": the verb is that of the part before.
  given(VERBS_SAID, changed)(
    `(?:and |& )?${TARGET}(?: by)? (?<amount>${LENGTH})${END}(?! ?(?:too|${anyOf(Object.keys(ACTS).filter((w) => / |er$|ed$/.test(w)))}|tight|loose|long|short|wide|narrow|deep|high|low|sizes?)${END})`,
    'likely',
    ({ target, amount = '', tail = '' }, s, from, to) => {
      const act = actOf(DONE_BEFORE.exec(s.low.slice(0, from))?.groups?.['verb']);
      // "Hem 3 cm" is how deep it is; and by itself a number behind a place may be a size.
      if (target === 'hem' && !/^and |\bby /.test(s.low.slice(from, to))) return undefined;
      const isSize = !HAS_UNIT.test(amount) && s.subject?.sizes.includes(amount);
      return isSize ? undefined : made(act, target, amount, tail, s, from, to);
    },
  ),
  // "Bust dart down 1.5", "pockets up 2".
  given(/ (?:up|down) /, changed)(
    `${THE}(?<target>bust darts?|bust point|darts?|pockets?)${END} (?<way>up|down)(?: by)? ${AMOUNT}`,
    'sure',
    ({ target, way, amount, tail = '' }, s, from, to) => made(way === 'up' ? 'higher' : 'lower', target, amount, tail, s, from, to),
  ),
  // "cropped by 10 cm", "lengthened 5 cm": the garment itself.
  given(/lengthened|shortened|cropped/, changed)(
    `${LEAD}(?<verb>lengthened|shortened|cropped|hemmed)(?: (?:it|(?<them>them)|the whole thing))?,? (?:by |about |at )?(?<amount>${LENGTH})(?! up)`,
    'likely',
    ({ verb, them, amount, tail = '' }, s, from, to) => {
      // "hemmed at 3 cm" is how the hem was sewn.
      if (verb === 'hemmed') return undefined;
      // "The sleeves are too long even after I'd shortened them by 2".
      const they = them === undefined ? undefined : THEY_ARE.exec(s.low.slice(0, from))?.[1];
      if (they !== undefined) return made(actOf(verb), they, amount, tail, s, from, to);
      // "Straps crossed at the back and shortened 4 cm each".
      const same = PART_IN_CLAUSE.exec(s.low.slice(0, from))?.[1];
      if (same !== undefined) return made(actOf(verb), same, amount, tail, s, from, to);
      const whole = made(actOf(verb), 'length', amount, tail, s, from, to);
      // "The sleeves are from the other, lengthened 2 cm": are they, or is the garment?
      const part = PART_BEFORE.exec(s.low.slice(0, from))?.[1];
      const ofPart = part === undefined ? undefined : made(actOf(verb), part, amount, tail, s, from, to);
      return whole && ofPart ? asks(...[ofPart, whole].flatMap(waysOf)) : whole;
    },
  ),
  // "a bit off the sides".
  given(/ off /, changed)(`${LEAD}(?:took |cut )?${BIT} off ${TARGET}`, 'sure', ({ target, tail = '' }, s, from, to) =>
    made('less', target, undefined, tail, s, from, to),
  ),
  given(/ off | out of | from /, changed)(
    `(?<amount>${SAID_LENGTH}) (?:(?:taken|cut|removed|chopped|trimmed) )?(?:off|out of|from) ${TARGET}`,
    'likely',
    ({ target, amount, tail = '' }, s, from, to) => made('less', target, amount, tail, s, from, to),
  ),
  given(/extra/, changed)(
    `(?:with )?(?:an )?extra (?<amount>${SAID_LENGTH}) (?:of |in |on |to |at )?${TARGET}`,
    'sure',
    ({ target, amount, tail = '' }, s, from, to) => made('more', target, amount, tail, s, from, to),
  ),
  given(/extra|another/, changed)(
    `(?:with )?(?<amount>${SAID_LENGTH})(?: extra| more)?(?: of length| length)? (?:in|at|to|on) ${TARGET}`,
    'sure',
    ({ target, amount, tail = '' }, s, from, to) => made('more', target, amount, tail, s, from, to),
  ),
  given(/longer|shorter/, changed)(
    `(?<amount>${SAID_LENGTH}) (?<act>longer|shorter)(?= *(?:$|[,.;·|]|and\\b))`,
    'weak',
    ({ amount, act, tail = '' }, s, from, to) =>
      /(?:^|[,;·|\n.]|\bbut) *$/.test(s.low.slice(0, from)) ? made(actOf(act), 'length', amount, tail, s, from, to) : undefined,
  ),
  given(/forward|back/, changed)(
    `${LEAD}(?:(?:moved|brought|shifted) )?(?:the )?shoulder seams?(?: (?:moved|brought|shifted))? (?<way>forward|forwards|back|backwards)(?: by)? (?<amount>${SAID_LENGTH})`,
    'sure',
    ({ way, amount, tail = '' }, s, from, to) =>
      change({ kind: 'forward-shoulder', sign: way?.startsWith('forw') ? 1 : -1 }, lengthIn(amount, s), tail, s, s.typed(from, to)),
  ),
  // Several by their names: "forward shoulder, sway back and broad back adjustments".
  given(/adjustments|alterations/, changed)(
    `${LEAD}(?:(?:did|made|with|added|my|usual|the) )*(?<all>${NAMED}(?:, ${NAMED})*,? (?:and|&) (?:an? )?${NAMED}) (?:adjustments|alterations)(?! ?[:(]? ?\\d)`,
    'sure',
    ({ all = '' }, s, from, to) => {
      const of = all.split(/, | (?:and|&) (?:an? )?/).map((named) => NAMED_ALTERATIONS[named]);
      const meant = of.flatMap((aim) => (aim ? (change(aim, undefined, '', s, s.typed(from, to)) ?? []) : []));
      return meant.length === of.length && meant.every(({ choices }) => !choices) ? { says: meant.flatMap(({ says }) => says) } : undefined;
    },
  ),
  // By their own name: "fba 2", "a 1.5 cm sway back adjustment", "did a forward shoulder".
  given(/[fsb]ba|nsa|fsa|sway|full|small|broad|narrow|forward|square|slop|flat|hollow|round|large|thin|slim/, changed)(
    `${LEAD}(?:(?:did|made|with|added|used) )?(?:(?:an?|my usual|my|the|usual) )?(?:(?<before>${SAID_LENGTH}|(?:\\d+ )?\\d/\\d{1,2}) )?(?<named>${NAMED})${END}(?: (?:adjustment|alteration|adj\\.?))?(?:,? ?\\(?(?:of |by |: ?|\\+ ?|\\+)?(?<amount>${LENGTH})\\)?(?! ${NAMED}))?`,
    'sure',
    ({ named, before, amount, tail = '' }, s, from, to) => {
      const aim = NAMED_ALTERATIONS[(named ?? '').trim()];
      const cue =
        /adj|alteration|did|made|with|usual|needed/.test(s.low.slice(from, to)) ||
        before !== undefined ||
        amount !== undefined ||
        /^(?:fba|sba|swayback)$/.test((named ?? '').trim());
      if (!aim || !cue) return undefined;
      const sign = new RegExp(`${(named ?? '').trim()}\\s*-`).test(s.low.slice(from, to)) ? -1 : 1;
      const meant = change({ ...aim, sign: (aim.sign * sign) as 1 | -1 }, lengthIn(before ?? amount, s), tail, s, s.typed(from, to));
      const zone = (alterationKind(aim.kind).rule.by === 'bust' ? 'bust' : undefined) as ZoneId | undefined;
      return meant && zone && !canHave([zone], s) ? asks(meant.says, mereWords(s.typed(from, to))) : meant;
    },
  ),
  // Allowances.
  given(/seam|allowance/, changed)(
    `(?:(?:with|the|all|used|took) )*(?:seams?|seam allowances?|allowances?|side seams)(?: (?:were|was|are))? (?:sewn|sewed|of)?(?: at| with| with an?)? ?(?<sewn>${LENGTH})(?: seam allowances?)? (?:instead of|not|rather than)(?: the)? (?<cut>${LENGTH})`,
    'sure',
    ({ sewn, cut }, s) => allowance(lengthIn(cut, s), lengthIn(sewn, s)),
  ),
  given(/seam|allowance/, changed)(
    `(?:seam allowances?|allowances?|seams) (?:cut )?(?:at )?(?<cut>${LENGTH}),? (?:and )?sewn (?:at )?(?<sewn>${LENGTH})`,
    'sure',
    ({ sewn, cut }, s) => allowance(lengthIn(cut, s), lengthIn(sewn, s)),
  ),
  given(/instead|rather|not/, changed)(
    `(?:(?:sewed|sewn|sewing|used) (?:it |with )?(?:an? |the )?(?:seams? (?:at )?)?(?<sewn>${LENGTH})(?: seam)?(?: allowances?| seams?)?|(?<seam>${LENGTH}) (?:seam allowances?|seams?)) (?:instead of|not|rather than) (?:the )?(?<cut>${LENGTH})`,
    'sure',
    ({ seam, sewn = seam, cut }, s) => allowance(lengthIn(cut, s), lengthIn(sewn, s)),
  ),
]);
