import { grammar, type Grammar } from 'ohm-js';
import {
  FABRIC_PART_WORDS,
  COMPARATIVES,
  DEGREES,
  DIRECTIONS,
  MAKE_KINDS_SAID,
  NOTES_SAID,
  PARTS_SAID,
  PHASES_SAID,
  SYMPTOM_WORDS,
  TARGET_WORDS,
  VERBS,
  WAYS_SAID,
  WHENS,
  ZONE_WORDS,
} from './words';

/** Names of the ledger stand in the text as one character each (see mark-names.ts), by what they name. */
export const MARKS = { pattern: 0xe000, fabric: 0xe800, person: 0xf000 } as const;
export const MARKS_EACH = 0x800;

const escaped = (word: string) => JSON.stringify(word);
/** Any of these words, whatever their case; the longest is tried first. */
const anyOf = (words: Iterable<string>) =>
  [...words]
    .sort((a, b) => b.length - a.length)
    .map((w) => `caseInsensitive<${escaped(w)}>`)
    .join(' | ');
const keys = (table: object) => anyOf(Object.keys(table));
const range = (first: number) => `"${String.fromCharCode(first)}".."${String.fromCharCode(first + MARKS_EACH - 1)}"`;

/**
 * The grammar of the line. Docs for sewists: docs/the-line.md and the help in the app.
 *
 * A line is a row of items in any order, with any of `· , ; |` or nothing but a space between them. Each item is tried in the order
 * below; what is none of them is a word, and a word is always taken: no character is ever dropped.
 */
const SOURCE = String.raw`
Line {
  line = gap* (item gap*)*
  gap = sp | "·" | "•" | "," | ";" | "|" | "\n" | "\r"
  sp = " " | "\t" | "\u00a0" | "\u2009" | "\u202f"
  stop = &stopper
  stopper = gap | fullStop | end
  fullStop = "." (gap | end)

  item = note | looseEnd | named | change | right | symptom | fit | sizes | fabric | newFabric | worn | time | price | love | date | kind | word

  note = noteKind sp* ":" sp* rest
  noteKind = (${keys(NOTES_SAID)})
  looseEnd = todo sp* ":"? sp+ rest
  todo = (${anyOf(['loose end', 'to do', 'todo', 'still to do'])}) ~alnum
  rest = (~("·" | "•" | ";" | "|" | "\n") any)+

  named = forPerson | patternAndVersion | versionAlone
  forPerson = (caseInsensitive<"for"> sp+)? person stop
  patternAndVersion = pattern (sp+ ~sizeThere version)? stop
  sizeThere = size stop
  versionAlone = versionWord version stop
  version = versionWord? wholeNumber ~(sp* unit ~letter) ~(("/" | "," | ".") digit) stop
  versionWord = (${anyOf(['version', 'v', 'no.', '#'])}) sp*
  pattern = ${range(MARKS.pattern)}
  person = ${range(MARKS.person)}

  sizes = sizeAtZone | zoneAndSize | sizeAlone
  sizeAtZone = sizeLine sp+ (caseInsensitive<"at"> | caseInsensitive<"on">) sp+ the? zones stop
  zoneAndSize = zones sp* (":" | "=")? sp* sizeLine stop
  sizeAlone = ~article sizeWord? sizeLine stop
  article = "a" sp+ letter
  sizeWord = caseInsensitive<"size"> sp+
  sizeLine = between | size
  between = caseInsensitive<"between"> sp+ size sp+ (caseInsensitive<"and"> | "&") sp+ size -- said
          | size sp* ("/" | "–" | "-") sp* size -- short
  size = sizeLabel ~alnum
  sizeLabel = "\ue7ff"

  change = (changeAllowance | changeVerb | changeSigned | changeFirst | changeThan | changeBit | changeFull) (sp+ how)* stop
  changeAllowance = target sp+ sewn sp+ (caseInsensitive<"instead of"> | caseInsensitive<"not">) sp+ allowance -- sewn
                  | target sp+ allowance sp+ sewn -- cut
  allowance = length
  sewn = caseInsensitive<"sewn"> sp+ (caseInsensitive<"at"> sp+)? length
  changeVerb = verb sp+ the? target (sp+ (caseInsensitive<"by"> sp+)? (bit | length))?
  changeSigned = target sp* sign sp* (bit | length)
  changeFirst = sign sp* length sp+ (caseInsensitive<"on"> sp+ | caseInsensitive<"at"> sp+)? the? target
  changeThan = target sp+ comparative sp+ (caseInsensitive<"by"> sp+)? length -- after
             | target sp+ (caseInsensitive<"by"> sp+)? (bit sp+)? (length sp+)? comparative -- before
  changeBit = bit sp+ off sp+ the? target
  off = caseInsensitive<"off"> ~alnum
  changeFull = fullWord sp+ length
  fullWord = (${anyOf(['fba', 'sba', 'full bust', 'small bust', 'sway back', 'swayback', 'broad back', 'narrow back', 'full seat', 'flat seat', 'forward shoulder', 'square shoulder', 'sloping shoulder', 'full tummy', 'hollow chest'])}) ~alnum
  how = way | when | purpose | side | atZones
  way = (${keys(WAYS_SAID)}) ~alnum
  when = (${keys(WHENS)}) ~alnum
  purpose = (${anyOf(['for looks', 'for style', 'for fit'])}) ~alnum
  side = (${keys(PARTS_SAID)}) ~alnum
  atZones = (caseInsensitive<"at"> | caseInsensitive<"past">) sp+ the? zones
  target = (${anyOf(TARGET_WORDS.keys())}) ~alnum
  verb = (${keys(VERBS)}) ~alnum
  comparative = (${keys(COMPARATIVES)}) ~alnum
  bit = (${anyOf(['a bit', 'a little', 'a touch', 'some'])}) ~alnum
  sign = "+" | "-" | "−" | "–" | signWord
  signWord = (${anyOf(['plus', 'minus'])}) ~alnum

  right = zones sp+ ((caseInsensitive<"is"> | caseInsensitive<"are">) sp+)? rightWord stop -- zones
        | rightWord sp+ zones stop -- first
        | (the? (caseInsensitive<"rest"> | caseInsensitive<"all else">) sp+ (caseInsensitive<"is"> sp+)? rightWord) stop -- rest
  rightWord = (${anyOf(['right', 'good', 'fine', 'ok', 'perfect'])}) ~alnum

  symptom = symptomWord (sp+ degree)? stop
  symptomWord = (${anyOf(SYMPTOM_WORDS.keys())}) ~alnum

  fit = (fitFirst | fitAfter) (sp+ amount)? (sp+ onSide)? stop
  fitFirst = (saidLength sp+)? (degree sp+)* direction sp+ zonesPlaced
  zonesPlaced = the? zones -- plain
              | place the? zones -- placed
  fitAfter = zones sp+ ((caseInsensitive<"is"> | caseInsensitive<"are">) sp+)? (saidLength sp+)? (degree sp+)* direction
  place = (${anyOf(['at', 'in', 'across', 'on', 'round', 'around'])}) sp+
  amount = degreeNumber | byLength | saidLength | degreeAfter
  byLength = caseInsensitive<"by"> sp+ length
  degreeAfter = (caseInsensitive<"and"> sp+)? degree
  degreeNumber = "1".."3" ~(alnum | "/" | ("," | ".") digit | sp* unit ~letter)
  onSide = (${anyOf(['on the left', 'on the right', 'left only', 'right only'])}) ~alnum
  degree = (${keys(DEGREES)}) ~alnum
  direction = (${keys(DIRECTIONS)}) ~alnum

  fabric = fabricLength sp+ (caseInsensitive<"of"> sp+)? (part sp+)? fabricName (sp+ part)? stop -- first
        | (part colon)? (caseInsensitive<"in"> sp+)? fabricName (sp+ fabricLength)? (sp+ part)? (sp+ left)? stop -- name
  fabricName = ${range(MARKS.fabric)}
  fabricLength = saidLength
  colon = sp* ":" sp* -- sign
        | sp+ -- space
  part = (${anyOf(FABRIC_PART_WORDS)}) ~alnum
  left = saidLength sp+ caseInsensitive<"left"> ~alnum
  newFabric = caseInsensitive<"in"> sp+ newName sp+ fabricLength stop
  newName = newWord (sp+ ~(fabricLength stop) newWord)*
  newWord = ~digit (~gap any)+

  worn = (caseInsensitive<"worn"> sp+)? wholeNumber sp* ("×" | caseInsensitive<"x"> | caseInsensitive<"times"> | caseInsensitive<"wears">) ~alnum stop -- times
       | caseInsensitive<"after"> sp+ wholeNumber sp+ (caseInsensitive<"wears"> | caseInsensitive<"wear">) ~alnum stop -- after
       | (${anyOf(['tried on', 'try-on', 'first day'])}) ~alnum stop -- look
  time = (phase colon)? duration (sp+ phase)? stop
  phase = (${keys(PHASES_SAID)}) ~alnum
  duration = decimalNumber sp* caseInsensitive<"h"> sp* digit digit ~alnum -- short
           | durationTerm (sp+ (caseInsensitive<"and"> sp+)? durationTerm)* -- long
  durationTerm = (countWord sp+ | halfNumber sp* | decimalNumber sp*) durationUnit
  halfNumber = wholeNumber? sp* vulgar
  countWord = (${anyOf(['half a', 'a', 'an', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'])}) ~alnum
  durationUnit = (${anyOf(['hours', 'hour', 'hrs', 'hr', 'h', 'minutes', 'minute', 'mins', 'min', 'mornings', 'morning', 'afternoons', 'afternoon', 'evenings', 'evening', 'days', 'day', 'weekends', 'weekend'])}) ~alnum

  price = (priceWord sp+)? money stop -- marked
        | priceWord sp+ bareMoney stop -- bare
  priceWord = (${anyOf(['cost', 'costs', 'notions', 'zip', 'buttons', 'thread'])}) ~alnum
  money = ("€" | "$" | "£") sp* figure | figure sp* ("€" | "$" | "£") | figure sp+ currency
  currency = (${anyOf(['eur', 'usd', 'gbp', 'sek', 'nok', 'dkk', 'chf', 'cad', 'aud', 'nzd', 'jpy'])}) ~alnum
  bareMoney = figure
  figure = digit+ (("." | ",") digit+)*

  love = loveWord sp* ":"? sp* loveNumber (sp* "/" sp* "5")? stop -- number
       | (${anyOf(['love it', 'loved it', 'hate it', 'hated it', 'like it', 'liked it'])}) ~alnum stop -- words
       | loveNumber sp+ caseInsensitive<"of"> sp+ "5" stop -- of
  loveWord = (${anyOf(['love', 'loved', 'verdict'])}) ~alnum
  loveNumber = "1".."5" ~digit

  date = dateIso stop | dateNumbers stop | dateMonth stop | dateWord stop
  dateIso = digit digit digit digit "-" digit digit "-" digit digit
  dateNumbers = digit digit? ("/" | ".") digit digit? ("/" | ".") digit digit digit digit
  dateMonth = wholeNumber "."? ordinal? sp+ month (sp+ digit digit digit digit)? -- day
            | month sp+ wholeNumber ordinal? ~alnum (","? sp+ digit digit digit digit)? -- american
  ordinal = caseInsensitive<"th"> | caseInsensitive<"st"> | caseInsensitive<"nd"> | caseInsensitive<"rd">
  month = (${anyOf(['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december', 'jan', 'feb', 'mar', 'apr', 'jun', 'jul', 'aug', 'sept', 'sep', 'oct', 'nov', 'dec'])}) "."? ~alnum
  dateWord = (${anyOf(['today', 'yesterday', 'the day before yesterday', 'last monday', 'last tuesday', 'last wednesday', 'last thursday', 'last friday', 'last saturday', 'last sunday'])}) ~alnum

  kind = (${keys(MAKE_KINDS_SAID)}) ~alnum stop

  zones = zone zoneTail*
  zoneTail = sp* "&" sp* the? zone -- sign
           | sp+ caseInsensitive<"and"> sp+ the? zone -- word
  zone = (${anyOf(ZONE_WORDS.keys())}) ~alnum
  the = (caseInsensitive<"the"> | caseInsensitive<"each">) sp+

  length = saidLength | bareLength
  saidLength = bareLength sp* unit ~alnum lengthTail?
  lengthTail = sp* bareLength (sp* unit)? ~alnum ~(sp+ caseInsensitive<"left">)
  bareLength = wholeNumber sp+ fraction -- mixed
             | wholeNumber "-" fraction -- joined
             | wholeNumber? sp* vulgar -- sign
             | fraction -- part
             | decimalNumber -- whole
  fraction = digit+ "/" digit+
  vulgar = "⅛" | "¼" | "⅜" | "½" | "⅝" | "¾" | "⅞" | "⅓" | "⅔"
  inAll = caseInsensitive<"in"> sp+ (caseInsensitive<"all"> | caseInsensitive<"total">)
  unit = ~inAll unitWord
  unitWord = ${anyOf(['centimetres', 'centimeters', 'cm', 'mm', 'metres', 'meters', 'metre', 'meter', 'm', 'inches', 'inch', 'ins', 'in', 'feet', 'foot', 'ft', 'yards', 'yard', 'yds', 'yd'])} | "\"" | "″" | "”" | "'" | "′" | "’"
  wholeNumber = digit+
  decimalNumber = digit+ (("." | ",") digit+)?

  word = (~gap any)+
}`;

/** The grammar without any ledger. */
export const LINE: Grammar = grammar(SOURCE);

const sized = new Map<string, Grammar>();

/** The grammar for a pattern's own sizes: its labels, whatever they are, and no others. */
export function lineWithSizes(sizes: readonly string[]): Grammar {
  if (sizes.length === 0) return LINE;
  const key = sizes.join('\u0000');
  const known = sized.get(key);
  if (known) return known;
  const made = grammar(`Sized <: Line { sizeLabel := ${anyOf(sizes)} }`, { Line: LINE });
  sized.set(key, made);
  return made;
}
