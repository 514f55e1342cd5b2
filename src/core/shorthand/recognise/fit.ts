import { isDenied, PUT_RIGHT_BY } from '../denied';
import { zoneOf, type ZoneId } from '../../body/zones';
import { symptomOf } from '../../catalogue/symptoms';
import { outcomeOf } from '../../make/outcome';
import { anyOf, END, LENGTH, lengthOf, OR_LESS, SAID_LENGTH } from '../amounts';
import type { Choice } from '../chip';
import { canHave, placesIn, THE, ZONE, ZONES, ZONES_BEHIND, zonesNamed } from '../places';
import {
  asks,
  beginsClause,
  beforeName,
  byRules,
  eachWay,
  given,
  mereWords,
  rule,
  WHOLE_CLAUSE,
  wordBefore,
  wordCount,
  type Meant,
  type Rule,
  type Said,
} from '../said';
import type { Recogniser, Sentence } from '../sentence';
import { WEIGHTS } from '../weights';
import { labelOf, sizeBehindName } from './size-label';
import { DEGREES, DIRECTIONS, EARLIER_ONE, roundToo, signMeant, SYMPTOM_WORDS, ZONE_WORDS, zoneMeant } from '../words';

const DIRECTION = anyOf(Object.keys(DIRECTIONS));
const DEGREE = `(?:(?:is|are|was|were|it's|just) )?${anyOf(Object.keys(DEGREES))}`;
const RIGHT =
  '(?:just right|spot on|bang on|right|good|fine|ok|okay|perfect|perfectly|great|lovely|nice|nicely|well|as it should be|as they should be|correct|ideal)';
const ALL_OVER = '(?:everywhere|all over|all round|throughout)';
/** A place that is off, in the same clause. */
const OFF = new RegExp(`^[^.;\\n]*\\b(?:too|${DIRECTION}|gap(?:es|ing))\\b`);
const BE =
  "(?:is|are|was|were|feels?|felt|turned out|came out|ended up|seems?|looks?|sits?|fits?|fitted|hangs?|hits?|lands?|falls?|ends?|works?|worked|came up|stays?|remains?|'s|'re)";
const NOT =
  "(?:not|isn't|aren't|wasn't|weren't|no longer|never|nothing|without|no|doesn't feel|don't feel|didn't feel|isn't really|not at all|hardly)";
const PLACE = '(?:at|in|across|on|round|around|through|over|under(?! (?:the |my )?arms?\\b)|for|along|about|near|above|below)';
const SIDE = '(?: (?<side>on the left|on the right|left only|right only|on the left side|on the right side))?';
/** By how much, and on which side, behind a fault. */
const TAIL = new RegExp(
  `(?:(?:, | |: ?| \\()(?<amount>(?:by )?${OR_LESS}?${SAID_LENGTH}|by ${LENGTH}|[1-3](?![a-z0-9/-]|[.,]\\d)|by (?:a (?:little |tiny )?bit|a little|a touch|a lot)|(?:and )?(?:clearly|clear|slight|slightly|spoils|unwearable))\\)?)?${SIDE}${END}`,
  'y',
);
const NUMBERED = /^[1-3]$/;
const LESS_FIRST = new RegExp(`^(?:by )?${OR_LESS}`);
/** No place of a garment is out by more, cm: what is longer is a length of fabric. */
const MOST_OUT = 60;
/** Whether an amount behind a fault is how far it is out, and not of what is spoken of next: "tight across the back, 2 m of navy twill". */
const belongs = ({ 0: text, index, groups }: RegExpExecArray, { low, context }: Sentence): boolean => {
  const amount = groups?.['amount'];
  if (amount === undefined || NUMBERED.test(amount)) return true;
  if (text.startsWith(',') && /^ (?:of|in)\b/.test(low.slice(index + text.length))) return false;
  return (lengthOf(amount.replace(/^by\s+/, ''), context.unit)?.cm ?? 0) <= MOST_OUT;
};

/** The degree that some words say: of "clearly too tight" the stronger counts, of "a bit too tight" the weaker. */
function degreeOf(words: string, amount?: string, cm?: number): number {
  if (amount !== undefined && NUMBERED.test(amount)) return Number(amount);
  const said = ` ${words.trim()} ${(amount ?? '').trim()} `;
  const found = new Set(Object.entries(DEGREES).flatMap(([word, degree]) => (said.includes(` ${word} `) ? [degree] : [])));
  return found.has(3) ? 3 : found.has(1) ? 1 : found.has(2) || cm !== undefined ? 2 : 1;
}

interface Fault {
  readonly zones: string | undefined;
  readonly direction: string;
  readonly degree: string;
  readonly amount?: string | undefined;
  readonly side?: string | undefined;
}

/** The notes of a fault; undefined where place and direction mean nothing together, or the garment has no such place. */
function faultOf({ zones, direction, degree, amount, side }: Fault, sentence: Sentence): Choice | undefined {
  const places = placesIn(zones, sentence);
  const meant = places.map(({ zone, word }) => zoneMeant(zone, direction, word));
  if (places.length === 0 || meant.some((zone) => zone === undefined)) return undefined;
  const length = amount === undefined || NUMBERED.test(amount) ? undefined : lengthOf(amount.replace(/^by\s+/, ''), sentence.context.unit);
  const much = degreeOf(degree, amount, length?.cm);
  const on = side === undefined ? {} : { side: side.includes('left') ? ('left' as const) : ('right' as const) };
  return [
    {
      is: 'fit',
      notes: [...new Set(meant)].flatMap((zone) => {
        const sign = zone && signMeant(zone, direction);
        return zone && sign ? [{ zone, outcome: outcomeOf(sign, much), ...(length ? { amount: length.cm } : {}), ...on }] : [];
      }),
    },
  ];
}

/** A fault of how large a place is, where that may be round it: of sleeves that are too big both are asked. */
function roundOf(how: Fault, s: Sentence): Choice | undefined {
  const [zone] = zonesNamed(how.zones, s);
  const direction = zone && roundToo(zone, how.direction);
  return direction === undefined ? undefined : faultOf({ ...how, direction }, s);
}

/** The "hem" of "the sleeve hem is too short" is no place by itself, nor is the head of a sleeve anybody's. */
function isPartOfPlace({ low }: Sentence, from: number, zones: string | undefined): boolean {
  const before = wordBefore(low, from);
  const named = `${before} ${zones?.split(/,| and /)[0] ?? ''}`;
  return before !== undefined && zones !== undefined && (ZONE_WORDS.has(named) || named === 'sleeve head');
}

/** Stated where the garment has the place; else it is asked. */
function stated(choice: Choice | undefined, sentence: Sentence, from: number, to: number): Meant | undefined {
  if (!choice) return undefined;
  const zones = choice.flatMap((c) => (c.is === 'fit' ? c.notes.map((n) => n.zone) : []));
  return canHave(zones, sentence) ? { says: choice } : asks(choice, mereWords(sentence.typed(from, to)));
}

/** By how much, cm, where that was said. */
const cmOf = (amount: string | undefined, { context }: Sentence): number | undefined =>
  amount === undefined ? undefined : lengthOf(amount, context.unit)?.cm;

/** Notes of one direction at places, by the degree that some words say and by so much, cm. */
const noted = (zones: readonly ZoneId[], sign: -1 | 1, words: string, cm?: number): Choice | undefined =>
  zones.length === 0
    ? undefined
    : [
        {
          is: 'fit',
          notes: zones.map((zone) => ({
            zone,
            outcome: outcomeOf(sign, degreeOf(words, undefined, cm)),
            ...(cm === undefined ? {} : { amount: cm }),
          })),
        },
      ];

/** Places that are tight where they pull. */
const pulled = (zones: string | undefined, s: Sentence): ZoneId[] => zonesNamed(zones, s).map((zone) => zoneMeant(zone, 'tight') ?? zone);
/** A place that can gape. */
const gaping = (zones: string | undefined, s: Sentence): ZoneId[] => zonesNamed(zones, s).filter((zone) => GAP_ZONES.has(zone));

/** "Right" of places, where something else was denied. */
const rightAt = (zones: readonly ZoneId[]): Choice => [{ is: 'fit', notes: zones.map((zone) => ({ zone, outcome: 0 as const })) }];

/** What stands before a "right" that it was not: "never fits right", "cannot get the shoulders right". */
const NEVER_RIGHT =
  /\b(?:(?:not|never|cannot|no way|nowhere near|far from)|[a-z]+n't)(?: (?:quite|really|ever|it|to|get|got|getting|make|the|these|those|my|seem to|sit|fit|all|be))* ?$/;

/** What is not right is off one way or the other: which, nobody said. */
const notRight = (zones: readonly ZoneId[], s: Sentence, from: number, to: number): Meant | undefined => {
  const off = (outcome: 1 | -1): Choice => [{ is: 'fit', notes: zones.map((zone) => ({ zone, outcome })) }];
  return zones.length === 0 ? undefined : { ...asks(off(-1), off(1), mereWords(s.typed(from, to))), weight: WEIGHTS.denied };
};

/** "Right" somewhere, if it was not just said not to be. */
const rightOrNot = (said: string | undefined, s: Sentence, from: number, to: number): Meant | undefined => {
  const zones = zonesNamed(said, s);
  return NEVER_RIGHT.test(s.low.slice(0, from)) ? notRight(zones, s, from, to) : stated(rightAt(zones), s, from, to);
};

/** What is denied may be right, and is never the fault. */
const denied = (zones: readonly ZoneId[], s: Sentence, from: number, to: number): Meant | undefined =>
  zones.length === 0 ? undefined : { ...asks(rightAt(zones), mereWords(s.typed(from, to))), weight: WEIGHTS.denied };

/** Words that describe how a garment is meant as well as how it fails. */
const DESCRIBING = /^(?:long|short|low|high|wide|narrow|big|small|large|full|deep|loose|slim|roomy)$/;

/** Degrees and amounts before a direction, in any order; "2 too tight" is a length in the ledger's unit. */
const HOW = `(?<degree>(?:(?:${DEGREE}|too|now|about) )*)(?:${OR_LESS}(?=${SAID_LENGTH}))?(?:(?:(?<before>${SAID_LENGTH})|(?<bare>[1-5](?:[.,]\\d{1,2}| \\d/(?:2|4|8|16)| ?[½¼¾])?|\\d{1,2}/(?:2|4|8|16)|[½¼¾])(?= too)) )?(?<more>(?:(?:${DEGREE}|too) )*)`;

/** A number by itself with the ledger's unit; a fraction is of an inch in any ledger. */
const lengthSaid = (bare: string, { context }: Sentence): string => (/[/½¼¾]/.test(bare) ? bare : `${bare} ${context.unit}`);

const OF_NAMED = new RegExp(`(?<![a-z])${THE}(?<zones>${ZONES}) (?:of|on|in) (?:(?:the|my|this|these) )*$`);
/** The place before the name that ends here: "the sleeves of the Yarrow tee". */
const ofNamed = (s: Sentence, from: number): string | undefined => OF_NAMED.exec(beforeName(s, from) ?? '')?.groups?.['zones'];

/**
 * A rule that finds a place and a direction; by how much may stand before, between or behind.
 *
 * @param where the place where none is said
 */
const fault = (
  source: string,
  read: (said: Said, how: Fault, of: Choice, ...at: readonly [Sentence, number, number]) => Meant | undefined,
  where?: string,
): Rule =>
  given(DIRECTED, rule)(source, 'sure', (said, s, from, end) => {
    TAIL.lastIndex = end;
    const behind = TAIL.exec(s.low);
    // By how much was said before: an amount behind is of what comes next.
    const saidBefore = said['before'] !== undefined || said['bare'] !== undefined;
    const tail = behind && belongs(behind, s) && !(saidBefore && behind.groups?.['amount'] !== undefined) ? behind : null;
    const to = end + (tail?.[0].length ?? 0);
    const how: Fault = {
      zones: said['zones'] ?? ofNamed(s, from) ?? where,
      direction: said['direction'] ?? '',
      degree: `${said['degree'] ?? ''} ${said['more'] ?? ''}`,
      amount: said['before'] ?? (said['bare'] === undefined ? tail?.groups?.['amount']?.replace(LESS_FIRST, '') : lengthSaid(said['bare'], s)),
      side: tail?.groups?.['side'],
    };
    if (isPartOfPlace(s, from, how.zones)) return undefined;
    const of = faultOf(how, s);
    const meant = of && read(said, how, of, s, from, to);
    if (!meant) return undefined;
    const round = roundOf(how, s);
    if (round && !meant.choices) return { to, ...asks(round, of, mereWords(s.typed(from, to))) };
    // Of another than the one that is told of: "the M was tight across the shoulders last time".
    const further = s.low.slice(to);
    const isNone = [BEFORE_THIS, NEARER, AS_MEANT].some((of) => of.test(further)) || (PUT_RIGHT.test(further) && !IS_PUT_RIGHT_BY.test(further));
    if (isNone || OF_ANOTHER.test(s.low.slice(0, from))) return { says: mereWords(s.typed(from, to)) };
    // "Tight in the M", where another is told of.
    const inSize = IN_SIZE.exec(further);
    if (inSize && sizeBehindName(s, from) !== undefined && labelOf(inSize[1], s, true) !== undefined)
      return { says: mereWords(s.typed(from, to + inSize[0].length)), to: to + inSize[0].length, weight: 2 * WEIGHTS.denied };
    // "Waist tight?"
    if (further.startsWith('?') && !meant.choices) return { to, ...asks(of, mereWords(s.typed(from, to))) };
    // "2-3 cm too tight": the one or the other.
    const least = said['least'] ?? tail?.groups?.['least'];
    const less =
      least !== undefined && how.amount !== undefined ? faultOf({ ...how, amount: how.amount.replace(/^\D*\d+(?:[.,]\d+)?/, least) }, s) : undefined;
    if (less && !meant.choices) return { to, ...asks(less, of, mereWords(s.typed(from, to))) };
    // A bare number is a degree, as shorthand has it; it may be a length too.
    const byLength = how.amount !== undefined && NUMBERED.test(how.amount) && faultOf({ ...how, amount: `${how.amount} ${s.context.unit}` }, s);
    return { to, ...meant, ...(byLength && !meant.choices ? { choices: [of, byLength] } : {}) };
  });

/** Behind a fault that is at a place which nobody measures. */
const NEARER = /^ (?:at|in|on|round|around|over) (?:the |my )?(?:elbows?|forearms?)\b/;
/** Before a fault of another: "in a 42, because the 40 was tight". */
const OF_ANOTHER =
  /\b(?:because|since|as|after|where) (?:i found )?(?:the|my|an?) (?:size )?(?:\d{1,3}|[a-z]|x{0,3}[sl]|\d?xl|(?:last|first|previous|old|other)(?: (?:one|pair|version))?)(?: [a-z]+)? *$/;
/** Behind a fault of an earlier version. */
const BEFORE_THIS = new RegExp(
  `^[^,.;·|\\n]{0,20}? ?(?<!\\b(?:like|as) )(?:(?:the )?last time|(?:in|on|with) ${EARLIER_ONE}(?<= (?:one|version|pair|make)))(?![a-z])`,
);

const IS_PUT_RIGHT_BY = new RegExp(`^${PUT_RIGHT_BY}`);
/** Behind a fault that was put right, or that is none. */
const PUT_RIGHT =
  /^,? (?:but|so|and|until)(?: then)? (?:i|we)(?:'ve| have)? (?:(?:had to|then|just|quickly) )*(?:let|took|take) (?:it|them|that) (?:out|in|up|down)(?![a-z])/;
const AS_MEANT =
  /^,? (?:but )?(?:(?:just )?as (?:it|they|i) (?:should|wanted|want|like)|which is (?:how|what) i (?:like|want)|(?:just )?(?:how|the way) i (?:like|want))/;
const IN_SIZE = /^ in (?:the|an?|my) (?:size |old )?([a-z0-9]{1,3})(?![a-z0-9])/;

const PULLS = '(?:pulls?|pulling|strains?|straining|digs? in|digging in|cuts? in|binds?|binding|restricts?)';
const GAPES =
  '(?:gapes?|gaps|gaping|gaped|(?:stands?|sits?|stood|sat|falls?|fell) away(?: from (?:the |my )?(?:body|neck|skin|chest|back))?|sags?|bags?|sagging)';
const CANNOT = "(?:won't|doesn't|can't|couldn't|will not|does not|cannot|can not|could not)";
const CLOSE = '(?:close|meet|button|zip|fasten|do up)';
const DIRECTED = new RegExp(DIRECTION);
const PULLED = new RegExp(PULLS);
const FITS = new RegExp(RIGHT);
const GAP_ZONES: ReadonlySet<ZoneId> = new Set(['neckline', 'armhole', 'waistband', 'waist', 'opening', 'neckDepth']);

const EVERY_PLACE = new RegExp(`(?<![a-z])${ZONE}`, 'g');
const SOME_PLACE_IS = new RegExp(`(?<![a-z])${ZONES} (?:is|are|was|were|came out|turned out) $`);

/** Where a clause begins, and where it ends. */
const CLAUSE_BEFORE = /(?:^|[,.;·|\n:(]|\b(?:and|but)) *$/;
const CLAUSE_BEHIND = /^ *(?:$|[,.;·|\n)]|(?:and|but|otherwise|so|now)\b)/;

/** "Full hip adjustment": what was done, and no fault of it. */
const IS_DONE = /^ (?:adjustment|alteration|adj)s?(?![a-z])/;

const seen = byRules([
  // "too wide in the neck", "tight at the bust", "2 cm too long in the sleeve", "tight armhole 2".
  fault(`${HOW}(?<direction>${DIRECTION}) (?<place>${PLACE} )?(?<zones>${ZONES_BEHIND})`, ({ place }, how, of, s, from, to) => {
    // "The sleeve was too short for the armhole": one seam for another.
    if (place === 'for ' && SOME_PLACE_IS.test(s.low.slice(0, from))) return { says: mereWords(s.typed(from, to)) };
    // "Full length" is how it is meant.
    if (/^full (?:length|skirt)/.test(s.low.slice(from, to))) return { says: mereWords(s.typed(from, to)) };
    // "A 5 cm deep hem" is a measure.
    if (how.amount !== undefined && how.degree.trim() === '' && place === undefined && /^hems?\b/.test(how.zones ?? ''))
      return { says: mereWords(s.typed(from, to)) };
    const plain = how.degree.trim() === '' && how.amount === undefined && place === undefined;
    if (!plain || !DESCRIBING.test(how.direction)) return stated(of, s, from, to);
    // "Low rise", "long sleeves": how it is meant, or how it fails.
    return asks(mereWords(s.typed(from, to)), of);
  }),
  // "sleeve 2 cm too long", "the waistband is a bit tight", "shoulders narrow".
  fault(
    `${THE}(?<zones>${ZONES})(?:,? (?:they|it|which|that)(?: are| is| was| were|'re|'s))?(?: (?:${BE}|still|now|again|already|just|all|came|also))*[,:]? ${HOW}(?<direction>${DIRECTION})(?! (?:of|the|by hand|and sweet))`,
    (_, how, of, s, from, to) => {
      // "Hem 5 cm deep" is a measure; a sleeve that is 2 cm long may be too long by them.
      if (how.amount !== undefined && how.degree.trim() === '' && /^(?:deep|wide|long|high)$/.test(how.direction) && !NUMBERED.test(how.amount))
        return /^(?:the )?hems?\b/.test(s.low.slice(from, to)) ? { says: mereWords(s.typed(from, to)) } : asks(of, mereWords(s.typed(from, to)));
      // "Snug but fine" is one or the other.
      const zones = of.flatMap((f) => (f.is === 'fit' ? f.notes.map((n) => n.zone) : []));
      const but = /^,? but (?:still )?(?:it's |is |are )?(?:ok|okay|fine|good|wearable|right|comfortable)/.exec(s.low.slice(to));
      return but ? { ...asks(of, rightAt(zones)), to: to + but[0].length } : stated(of, s, from, to);
    },
  ),
  // "The sleeves of the Yarrow tee are too long".
  fault(`(?:${BE}|still|now|also) (?:still |now |a bit )?${HOW}(?<direction>${DIRECTION})`, (_, __, of, s, from, to) => stated(of, s, from, to)),
  // "Too long by 3 cm": the garment, or a sleeve of it.
  fault(
    `(?:(?:it|they|is|are|was|were|it's|came out|turned out|overall|all|already) )*${HOW}(?<direction>long|short)`,
    (_, how, of, s, from, to) => {
      if (how.degree.trim() === '' && how.amount === undefined && !/\balready /.test(s.low.slice(from, to))) return undefined;
      if (!CLAUSE_BEFORE.test(s.low.slice(0, from)) || !CLAUSE_BEHIND.test(s.low.slice(to))) return undefined;
      // "Lengthened the sleeves, still too short": rather what was spoken of last.
      const last = [...s.low.slice(0, from).matchAll(EVERY_PLACE)].at(-1)?.[0];
      const ofLast = last === undefined ? undefined : faultOf({ ...how, zones: last }, s);
      return asks(...(ofLast && JSON.stringify(ofLast) !== JSON.stringify(of) ? [ofLast] : []), of, mereWords(s.typed(from, to)));
    },
    'length',
  ),
  // Denied: "not tight at the waist", "the waist isn't tight any more".
  given(/not|n't|no |never|without|nothing|hardly/, rule)(
    `${NOT} (?:(?:too|so|very|really|at all|as|particularly|longer|feel|feeling) )*(?:${DIRECTION}|${PULLS}|${GAPES}) (?:${PLACE} )?(?<zones>${ZONES})`,
    'sure',
    ({ zones }, s, from, to) => denied(zonesNamed(zones, s), s, from, to),
  ),
  given(/not|n't|no |never|without|nothing|hardly/, rule)(
    `${THE}(?<zones>${ZONES})(?: ${BE})? ${NOT}(?: (?:too|so|very|really|at all|as|feel|longer|any))*(?: (?:${DIRECTION}|${PULLS}|${GAPES}|gape|pull))(?: (?:any more|anymore|now|at all))?`,
    'sure',
    ({ zones }, s, from, to) => {
      return denied(zonesNamed(zones, s), s, from, to);
    },
  ),
  given(/not|n't|no |never|without|nothing|hardly/, rule)(
    `${THE}(?<zones>${ZONES})(?: ${BE})?(?: (?:still|just))? (?:not|isn't|aren't|wasn't|weren't|never|don't|doesn't|didn't|won't)(?: (?:quite|really|ever|sit|sits|fit|fits|feel|feels|look|looks|hang|hangs|lie|lies|come out))* (?:right|well|properly|good|ok|okay|great|perfect|perfectly|nicely)`,
    'sure',
    ({ zones }, s, from, to) => notRight(zonesNamed(zones, s), s, from, to),
  ),
  // Gapes.
  given(/gap|away|sag|bag/, rule)(
    `(?:${THE}(?<zones>${ZONE}) )?(?:still )?${GAPES}(?<after>(?: (?:${DEGREE}|a lot|badly|terribly))*)(?: (?:by )?(?<amount>${SAID_LENGTH}))?(?: (?:(?:at|in) (?:the )?)?(?:front|back|sides?|top))?(?: (?:by )?(?<more>${SAID_LENGTH}))?`,
    'sure',
    ({ zones, after = '', more, amount = more }, s, from, to) => {
      const there = gaping(zones ?? ofNamed(s, from), s);
      const cm = cmOf(amount, s);
      return cm !== undefined && cm > MOST_OUT
        ? undefined
        : stated(noted(there, 1, /lot|bad|terrib/.test(after) ? 'clearly' : after, cm), s, from, to);
    },
  ),
  given(/gap/, rule)(
    `(?:(?<degree>${DEGREE}) )?(?:gaping|gapes|gaped|gape|gap|some gaping)(?: (?:at|in|on|round|around))? ${THE}(?:(?:front|back|centre back|centre front) (?:of the )?)?(?<zones>${ZONE})(?:,? (?:by |of |is )?(?<amount>${SAID_LENGTH}))?`,
    'likely',
    ({ zones, degree = '', amount }, s, from, to) => stated(noted(gaping(zones, s), 1, degree, cmOf(amount, s)), s, from, to),
  ),
  // "Won't close over the hips", "can't button the cuffs", "3 cm short of closing at the waist".
  given(/n't|not |short of/, rule)(
    `(?:(?:it|they|i|you|and|that|which|just|quite) )*(?:${CANNOT} (?:(?:quite|even|really|get|it|them|to) )*${CLOSE}|(?<amount>${SAID_LENGTH}) (?:short of|from|off) (?:closing|meeting|buttoning|zipping))(?: up)?(?: (?:at|over|across|around|round|past|in|on))? (?<zones>${ZONES_BEHIND})`,
    'sure',
    ({ zones, amount }, s, from, to) =>
      // "At the back" is where it closes.
      / (?:at|in) the (?:back|front)$/.test(s.low.slice(from, to))
        ? undefined
        : stated(noted(pulled(zones, s), -1, 'clearly', cmOf(amount, s)), s, from, to),
  ),
  // "Too small to get over the hips".
  given(/too (?:small|tight|narrow)/, rule)(
    `(?:(?:it|it's|is|was|they|are|and|far|way|much) )*too (?:small|tight|narrow) to (?:get|pull|fit|go|slide|put|slip|zip|close|button)(?: (?:it|them|on|up))* (?:over|past|round|around|across|at|on) (?<zones>${ZONES_BEHIND})`,
    'sure',
    ({ zones }, s, from, to) => stated(noted(pulled(zones, s), -1, 'clearly'), s, from, to),
  ),
  // Pulls.
  given(PULLED, rule)(
    `(?:(?:it|still|slightly|fabric) )*${PULLS}(?<after>(?: (?:${DEGREE}|a lot|badly))*) ${PLACE} (?<zones>${ZONES_BEHIND})(?<more>(?: ${DEGREE})?)`,
    'likely',
    ({ zones, after = '', more = '' }, s, from, to) => stated(noted(pulled(zones, s), -1, `${after} ${more}`), s, from, to),
  ),
  given(PULLED, rule)(
    `${THE}(?<zones>${ZONE}) (?:still )?${PULLS}(?<after>(?: (?:${DEGREE}|a lot|badly))*)`,
    'likely',
    ({ zones, after = '' }, s, from, to) =>
      // The binding of a neckline is a strip of fabric.
      /^(?:the )?(?:neck|arm)[a-z]* binding$/.test(s.low.slice(from, to)) ? undefined : stated(noted(pulled(zones, s), -1, after), s, from, to),
  ),
  // Right.
  given(FITS, rule)(
    `${THE}(?<zones>${ZONES})(?: (?:${BE}|now|all|finally|both|really|much|so|length|width|is now|are now|just))*[:,]? ${RIGHT}(?: (?:now|this time|as (?:it is|they are)))?(?! (?:side|way|for (?!once)|cotton|fabric|at))`,
    'sure',
    ({ zones }, s, from, to) => rightOrNot(zones, s, from, to),
  ),
  given(FITS, rule)(
    `(?:(?:fits?|fit|sits?|is|are|now|feels) )*(?:just )?${RIGHT}(?: fit)? (?:at|in|across|on|round|around|through|over|for) (?<zones>${ZONES})`,
    'sure',
    ({ zones }, s, from, to) => rightOrNot(zones, s, from, to),
  ),
  // "The bust fits but the hips don't."
  given(/ fit/, rule)(
    `${THE}(?<zones>${ZONES})(?: (?:now|finally|actually|all|both|does|do))* (?:fits?|fitted)(?= *(?:$|[,.;·|\\n)]|(?:and|but|now|this time)\\b))`,
    'likely',
    ({ zones }, s, from, to) => (isDenied(s.low.slice(0, from)) ? undefined : stated(rightAt(zonesNamed(zones, s)), s, from, to)),
  ),
  given(FITS, rule)(`(?:right|good|fine|ok|perfect) (?<zones>${ZONES})`, 'weak', ({ zones }, s, from, to) => rightOrNot(zones, s, from, to)),
  given(/rest|else|otherwise|places/, rule)(
    `(?:the |all the |all )?(?:rest|all else|everything else|everywhere else|all other places|otherwise)(?: of (?:it|the fit|them))?(?: (?:it|they|all))?(?: (?:is|are|was|were|fits?|fitted|feels?|sits?))? (?:all |just )?${RIGHT}`,
    'sure',
    () => ({ says: [{ is: 'rest right' }] }),
  ),
  given(/rest|else/, rule)(
    `(?:the |all the |but |and )*(?:rest|everything else|all else)(?: of it)?(?: (?:all|now|finally))* (?:fits?|fitted)${WHOLE_CLAUSE}`,
    'sure',
    () => ({ says: [{ is: 'rest right' }] }),
  ),
  rule(`(?:it is |it's |is )?${RIGHT} (?:elsewhere|everywhere else|otherwise|in all other places)`, 'sure', () => ({ says: [{ is: 'rest right' }] })),
  rule(`(?:everything|all of it|it all|all) (?:fits?|fitted|is|was|sits?)(?: just)? ${RIGHT}`, 'sure', () => ({ says: [{ is: 'rest right' }] })),
  // "Right all over", "it fits everywhere", "everything fits": of all but what is said to be off.
  given(/everywhere|all over|all round|throughout|everything fit/, rule)(
    `(?:(?:it|they|this one|the fit|and|which|now) )*(?:(?:(?:fits?|fitted|fit is|sits?|is|are|was|were)(?: (?:me|him|her|them))? )?(?:just )?${RIGHT} ${ALL_OVER}|(?:fits?|fitted)(?: (?:me|him|her|them))? ${ALL_OVER}|everything (?:fits|fitted))${WHOLE_CLAUSE}`,
    'sure',
    (_, s, from) => (beginsClause(s, from) ? { says: [{ is: 'rest right' }] } : undefined),
  ),
  // "Fits perfectly everywhere except the waist, which is 2 cm too big": all but what is said to be off.
  given(/everywhere|all over/, rule)(
    `(?:(?:it|they|this one|and|which|now) )*(?:(?:fits?|fitted|is|are|was|were) )?(?:${RIGHT} (?:everywhere|all over)|(?:everywhere|all over) ${RIGHT}),? (?:except|apart from|other than|but)(?: for)?(?= )`,
    'sure',
    (_, s, from, to) => (OFF.test(s.low.slice(to)) ? { says: [{ is: 'rest right' }] } : asks([{ is: 'rest right' }], mereWords(s.typed(from, to)))),
  ),
  // "Fits well": every place, or a word of praise.
  given(/\bfit/, rule)(
    `(?:(?:it|they|both|this one|she|he|and|which|now|really|finally|just|all) )*(?:(?:fits?|fitted)(?: (?:me|him|her|them))?(?: (?:really|so|very))? (?:${RIGHT}|like a (?:glove|dream|charm)|beautifully|brilliantly|wonderfully)|(?:an? )?(?:just )?${RIGHT} fit|(?:the )?fit (?:(?:is|was|came out) )?(?:just |really |so |very )?${RIGHT}|no fit(?:ting)? (?:issues?|problems?|troubles?))${WHOLE_CLAUSE}`,
    'likely',
    (_, s, from, to) => (beginsClause(s, from) ? asks([{ is: 'rest right' }], mereWords(s.typed(from, to))) : undefined),
  ),
  // "It fits": every place, or only that one can wear it.
  given(/\bfit/, rule)(
    `(?:(?:it|they|both|this one|she|he|and|which|now|finally|actually|all) )*(?:fits?|fitted)(?: (?:me|him|her|them))?(?: (?:now|at last|this time|in the end))?${WHOLE_CLAUSE}`,
    'weak',
    (_, s, from, to) => (beginsClause(s, from) ? asks([{ is: 'rest right' }], mereWords(s.typed(from, to))) : undefined),
  ),
  // "Perfect!": how it fits, or how it is liked.
  rule(
    `(?:(?:it|it's|is|this one|this one's|that was|that one|was|but|now|just|finally|really|absolutely|pretty much|simply|basically) )*(?:(?<perfect>perfect)|spot[ -]on|just right|finally right)(?: (?:now|this time|at last|in the end|straight away))?${WHOLE_CLAUSE}`,
    'weak',
    ({ perfect }, s, from, to) =>
      // "And now it's perfect" is of what was just said.
      beginsClause(s, from) && !/\band $/.test(s.low.slice(0, from))
        ? asks([{ is: 'rest right' }], ...(perfect === undefined ? [] : [[{ is: 'love', love: 5 }] as const]), mereWords(s.typed(from, to)))
        : undefined,
  ),
  // What one sees, by the catalogue.
  rule(`(?<symptom>${anyOf(SYMPTOM_WORDS.keys())})(?: (?<degree>${DEGREE}))?`, 'sure', ({ symptom = '', degree = '' }, s, from, to) => {
    const id = SYMPTOM_WORDS.get(symptom.trim());
    if (!id) return undefined;
    const causes = symptomOf(id).causes.filter((c) => canHave([c.zone], s));
    const of = causes.map((c): Choice => [{ is: 'fit', notes: [{ zone: c.zone, outcome: outcomeOf(c.direction, degreeOf(degree)), symptom: id }] }]);
    const [first] = of;
    const [cause] = causes;
    if (!first || !cause) return undefined;
    // What pulls at a place or gapes there says so itself; of the rest the causes are asked.
    const plain = symptom.includes(zoneOf(cause.zone).label) && /pull|gap|strain|tight|cuts/.test(symptom);
    return plain
      ? { says: first, choices: of.length > 1 ? of : [], weight: WEIGHTS.sure + WEIGHTS.word * (wordCount(symptom) + 1) }
      : asks(...of, mereWords(s.typed(from, to)));
  }),
]);

/** The same, seen at a try-on. */
const tried = (says: Choice): Choice =>
  says.map((one) => (one.is === 'fit' ? { ...one, notes: one.notes.map((note) => ({ ...note, tried: true as const })) } : one));

/** Fit: what is tight, long, right; what gapes and pulls; what is denied. What was put right by so much was seen before that. */
export const recogniseFit: Recogniser = (sentence, at) =>
  seen(sentence, at).flatMap((found) => {
    const behind = sentence.low.slice(found.to);
    if (IS_DONE.test(behind)) return [];
    return [IS_PUT_RIGHT_BY.test(behind) ? eachWay(found, tried) : found];
  });
