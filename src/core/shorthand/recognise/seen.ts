import { zoneOf, type ZoneId } from '../../body/zones';
import { symptomOf, type SymptomId } from '../../catalogue/symptoms';
import { outcomeOf } from '../../make/outcome';
import { isLower, USUAL_ZONES } from '../../records/usual-zones';
import type { Choice } from '../chip';
import { isDenied } from '../denied';
import { lengthOf, SAID_LENGTH } from '../amounts';
import { canHave, zoneHere, ZONES, zonesNamed } from '../places';
import { asks, beginsClause, byRules, given, mereWords, rule, WHOLE_CLAUSE, type Meant, type Rule } from '../said';
import type { Sentence } from '../sentence';

const SEAT = '(?:the |my )?(?:seat|bum|bottom|butt|backside|behind)';
const IS = '(?:(?:is|are|was|were|get|gets|got|feels?) )?';
const CANNOT = "(?:i )?(?:can't|can ?not|couldn't|could not|can hardly|can barely|could hardly|could barely)";
const LINES = '(?:(?:pull|drag|stress|diagonal|horizontal) )?(?:lines?|wrinkles?|creases?|folds?)';

const BUTTONS_STRAIN = `(?:(?:front|shirt) )?buttons? ${IS}(?:strain(?:s|ing|ed)?|pull(?:s|ing)?|gap(?:es?|ing)|pop(?:s|ping)?(?: open)?|comes? undone)`;

/**
 * What sewists say that they see, in other words than the catalogue's: each an expression for folded text, and a short one without which a line
 * has nothing of it. What it comes from is asked, since a symptom is evidence and not a diagnosis.
 */
const SEEN: readonly (readonly [symptom: SymptomId, needs: RegExp, said: string])[] = [
  ['buttons-strain', /button/, `(?:(?:the|my) )?${BUTTONS_STRAIN}(?! (?:at|across|over|on) )`],
  ['buttons-strain', /between/, `(?:it )?(?:gapes?|gaps?|gaping) between (?:the )?buttons`],
  ['neckline-chokes', /chok|strangl/, `(?:(?:the|my) )?(?:neck(?:line|band)?|collar) ${IS}(?:chok(?:es|ing)|strangl(?:es|ing))(?: me)?`],
  ['neckline-chokes', /top button|collar|neck/, `${CANNOT} (?:close|do up|button|button up|fasten) (?:the |my )?(?:top button|collar|neck)`],
  ['arm-lift', /arm/, `${CANNOT} (?:lift|raise|move) (?:my |her |his )?arms?(?: (?:up|forwards?|properly|much|high|over my head|above my head))*`],
  ['cap-ridges', /cap|head/, `(?:(?:the|my) )?sleeve (?:caps?|heads?) ${IS}(?:pucker(?:s|ed|y|ing)?|lumpy|ridged|gathered)`],
  [
    'cap-ridges',
    /puck|ridges|lumps/,
    `(?:(?:the|my) )?(?:sleeves? ${IS})?(?:puckers?|puckered|puckering|ridges|lumps)(?: (?:at|in|along|around|on) the (?:sleeve )?(?:caps?|heads?))`,
  ],
  ['sleeve-twists', /sleeve/, `(?:(?:the|my) )?sleeves? ${IS}(?:twist(?:s|ed|ing)?|hang(?:s|ing)? (?:crooked|aslant))`],
  [
    'shoulder-drops',
    /shoulder/,
    `(?:(?:the|my) )?shoulders?(?: seams?)? (?:falls?|hangs?|sits?|slides?|slips?|drops?) (?:off(?: (?:the|my) shoulders?)?|down (?:the|my) arms?|past (?:the|my) shoulders?)`,
  ],
  ['shoulder-drops', /shoulder/, `(?:(?:the|my) )?shoulders? (?:droop|drooping|droops|slump)`],
  ['bust-pulls', /bust/, `${LINES} (?:from|between) (?:the )?bust (?:to|and|towards) (?:the |my )?(?:armpits?|underarms?|armholes?|arms?)`],
  [
    'swayback-folds',
    /back/,
    `(?:it )?(?:pool(?:s|ing)?|puddl(?:es|ing)|bunch(?:es|ing)?(?: up)?|${LINES}|excess(?: fabric)?|too much fabric) (?:at|in|across|on|above) (?:the |my )?(?:lower back|small of (?:the|my) back|sway ?back)`,
  ],
  [
    'crotch-whiskers',
    /whisker|toe|smile/,
    `(?:whiskers|camel ?toe|smile lines|smiles)(?: (?:at|in|from|around) the (?:(?:front )?crotch|front))?(?! (?:under|below|beneath))`,
  ],
  ['crotch-whiskers', /crotch/, `(?:front )?${LINES} (?:across|at|in|from|around) the (?:front )?crotch`],
  ['seat-folds', /under|below|beneath/, `(?:smiles?|frowns?|${LINES}|bagginess|excess(?: fabric)?|too much fabric) (?:under|below|beneath) ${SEAT}`],
  [
    'seat-folds',
    /sag|bag|droop/,
    `(?:saggy|baggy|droopy) (?:seat|bum|bottom|butt|backside)|${SEAT} ${IS}(?:sags?|sagging|saggy|bags?(?: out)?|baggy|droopy)`,
  ],
  [
    'belly-strains',
    /belly|tummy|stomach/,
    `(?:(?:a bit|a little|rather|too|very|quite|slightly) )*(?:tight|snug|straining|strains|pulls|pulling) (?:across|over|at|round|around|on) (?:the |my )?(?:belly|tummy|stomach)`,
  ],
  [
    'front-hem-rises',
    /front|rides up/,
    `(?:(?:it is|is|hem) )*(?:shorter|rises|rides up|hikes up|lifts|kicks up) (?:at|in) (?:the )?front|rides up over (?:the |my )?(?:belly|tummy|stomach|bust)`,
  ],
  ['neckband-stands', /neck ?band/, `(?:(?:the|my) )?neck ?bands? ${IS}(?:wavy|waves|stretched out|floppy|flops|gapes|gaping)`],
  ['seat-tight', /sit/, `${CANNOT} sit(?: down)?(?: in (?:it|them))?(?: properly)?`],
  [
    'rise-pulls-down',
    /down/,
    `(?:(?:the|my) )?(?:waistband|back waist|back) (?:pulls|slides|slips|dips|drops|goes) down(?: at the back)? when (?:i|she|he) (?:sits?|bends?)(?: down| over)?`,
  ],
  [
    'waistband-rolls',
    /over|down/,
    `(?:(?:the|my) )?waist(?:band)? ${IS}(?:fold(?:s|ing)?|roll(?:s|ing)?|flip(?:s|ping)?|turn(?:s|ing)?) (?:over|down)`,
  ],
  ['tummy-pulls', /fly|zip/, `(?:(?:the|my) )?(?:fly|zip) ${IS}(?:gap(?:es?|ing)|pulls? open)`],
  [
    'pockets-gape',
    /pocket/,
    `(?:(?:the|my) )?(?:(?:side|front|slant|slash) )?pockets? ${IS}(?:gap(?:es?|ing)|stand(?:s|ing)? open|flar(?:es?|ing)|pull(?:s|ing)? open|bow(?:s|ing)? out)(?: open)?`,
  ],
  ['band-rides-up', /band/, `(?:the )?band ${IS}rid(?:es|ing) up(?: (?:at|in) the back)?`],
  [
    'cup-spills',
    /boob|spill|bulg/,
    `quad ?boobs?|double boobs?|(?:spills?|spilling|bulges?|bulging) (?:out of|over) (?:the |my )?(?:cups?|top|edge)`,
  ],
  ['cup-wrinkles', /cup/, `(?:(?:the|my) )?cups? ${IS}(?:gap(?:es?|ing)|wrinkl(?:es?|ing|y)|empty)`],
  [
    'straps-slip',
    /strap/,
    `(?:(?:the|my) )?straps? ${IS}(?:slip(?:s|ping)?|slid(?:es?|ing)|fall(?:s|ing)?|com(?:es?|ing)) (?:off|down)(?: (?:my|the) shoulders?)?`,
  ],
  [
    'seat-bare',
    /out|wedg/,
    `(?:(?:the|my) )?(?:bum|bottom|cheeks?|seat) ${IS}(?:falls?|falling|hangs?|hanging|peeks?|peeking) out|(?:gives? me )?(?:an? )?(?:constant )?wedgies?`,
  ],
  [
    'skirt-rides',
    /walk|round|around/,
    `(?:it )?rid(?:es?|ing) up (?:when|as) (?:i |she )?walk(?:s|ing)?|(?:it )?(?:spins|twists|turns|swivels) (?:round|around)(?: (?:when|as) (?:i |she )?walk(?:s|ing)?)?`,
  ],
  ['one-side-hangs', /lower/, `(?:(?:the )?hem )?(?:hangs?|is|sits) lower (?:on|at) (?:the |my |one )?(?:left|right|side)(?: side)?`],
  ['waist-too-high', /rib/, `(?:(?:the|my) )?waist(?:line| seam)? (?:hits|sits (?:at|on)|is (?:at|on)|lands (?:at|on)) (?:my |the )?ribs?`],
  [
    'bust-dart-high',
    /dart/,
    `(?:(?:the|my) )?(?:bust )?darts? (?:points?|ends?|finish(?:es)?) (?:above (?:the |my )?(?:apex|bust ?point|nipples?|bust)|too high(?: up)?)`,
  ],
  [
    'bust-dart-low',
    /dart/,
    `(?:(?:the|my) )?(?:bust )?darts? (?:points?|ends?|finish(?:es)?) (?:below (?:the |my )?(?:apex|bust ?point|nipples?|bust)|too low(?: down)?)`,
  ],
  [
    'bust-folds',
    /bust|chest/,
    `(?:empty|extra|excess|loose) (?:space|fabric|folds?) (?:at|above|over|in|across) (?:the |my )?(?:bust|chest|upper chest)`,
  ],
  [
    'buttons-strain',
    /close|button|fasten|do up/,
    `${CANNOT} (?:close|button|button up|fasten|do up) (?:it|the (?:front|buttons?|jacket|coat|shirt))(?: up)?`,
  ],
  [
    'bust-pulls',
    /bust/,
    `${LINES} (?:to|towards|(?:pointing|that point) (?:to|at)|radiating from) (?:the |my )?bust(?: points?| apex)?(?! (?:to|and)\\b)`,
  ],
  [
    'neckline-gapes',
    /neck/,
    `(?:(?:the|my) )?(?:(?:front|back) )?neck(?:line| ?edge| opening)? ${IS}(?:rippl(?:es?|ing)|wavy|waves|bags(?: out)?|flops|stands? (?:away|out|off))(?: (?:at|in) the front)?`,
  ],
  ['back-pulls', /reach/, `${CANNOT} reach(?: (?:forwards?|up|out|for (?:anything|things)|the (?:wheel|shelf)))*`],
  [
    'seam-off-centre',
    /side seam/,
    `(?:(?:the|my|both) )?side seams? ${IS}(?:swing(?:s|ing)?|lean(?:s|ing)?|pull(?:s|ed|ing)?|tilt(?:s|ed|ing)?|slant(?:s|ing)?|hang(?:s|ing)?|run(?:s|ning)?) (?:forwards?|backwards?|(?:to|towards) the (?:front|back))`,
  ],
  [
    'waist-too-low',
    /waist/,
    `(?:(?:the|my) )?waist(?:line| seam)? ${IS}(?:dips|droops|sags|(?:sits|hits|lands|falls|is) below (?:my|the)(?: natural)? waist)(?: (?:at|in) the (?:back|front))?`,
  ],
  [
    'waist-too-high',
    /waist/,
    `(?:(?:the|my) )?waist(?:line| seam)? (?:(?:sits|hits|lands|is) above (?:my|the)(?: natural)? waist|rides up)(?: (?:at|in) the (?:back|front))?`,
  ],
  ['swayback-folds', /above/, `(?:(?:the |my )?back (?:bodice )?)?(?:bubbles?|bunch(?:es|ing)?|${LINES}) above the (?:back )?zip(?:per)?`],
  [
    'back-hem-rises',
    /back/,
    `(?:(?:the|its) )?(?:(?:skirt|hem|it) )?${IS}(?:flips?|kicks?|swings?|sticks?|juts?) (?:up|out) (?:at|in) the back|(?:(?:the|its) )?back hem ${IS}(?:flips?|kicks?|swings?|sticks?) (?:up|out)`,
  ],
  [
    'seat-folds',
    /back of|back thigh/,
    `(?:${LINES}|bagginess|baggy|bags|excess(?: fabric)?|too much fabric) (?:at|on|in|down) the (?:back of (?:the|my) (?:thighs?|legs?)|back thighs?)`,
  ],
  [
    'crotch-low',
    /crotch/,
    `(?:droopy|saggy|sagging) crotch|(?:(?:the|my) )?crotch ${IS}(?:droops?|droopy|drooping|sags?|saggy|sagging|hangs? (?:too |very )?low)`,
  ],
  ['leg-twists', /leg/, `(?:(?:the|my|trouser) )?legs? ${IS}twist(?:s|ed|ing)?(?: round| around)?`],
];

/** What lies over or under without a name for it: asked like any other cause. Some of it is so only of what hangs from the waist. */
const OFF_AT: readonly (readonly [zone: ZoneId, way: 1 | -1, needs: RegExp, said: string, of?: 'lower'])[] = [
  [
    'neckDepth',
    1,
    /low|cleavage|shows/,
    `(?:it is )?(?:cut )?too low[- ]cut|(?:the )?cleavage (?:is )?too (?:deep|low)|(?:it )?shows (?:too much|my) (?:cleavage|bra)`,
  ],
  [
    'hip',
    -1,
    /vent|slit|pleat/,
    `(?:(?:the|both|its) )?(?:(?:back|side) )?(?:vents?|slits?|kick pleat|pleats?) (?:pulls?|gapes?|hangs?|spreads?|stands?)(?: open)?`,
  ],
  [
    'waistband',
    -1,
    /close|button|fasten|do|zip/,
    `${CANNOT} (?:close|button|button up|fasten|do up|zip|zip up|do) (?:them|it|the (?:waistband|fly|zip|button))(?: up)?`,
    'lower',
  ],
  [
    'sleeve',
    1,
    /sleeve/,
    `(?:(?:the|my) )?sleeves? (?:hits?|ends?|stops?|finish(?:es)?|(?:(?:comes?|go(?:es)?|are|is) )?down|reach(?:es)?|goes?|falls?) (?:me )?(?:mid-?hand|(?:at|to|past|over) (?:my|the) (?:hands?|knuckles|fingers|fingertips|thumbs?))`,
  ],
  [
    'sleeve',
    -1,
    /sleeve/,
    `(?:(?:the|my) )?sleeves? (?:hits?|ends?|stops?|finish(?:es)?) (?:me )?(?:(?:well )?(?:above|before|short of) (?:my|the) wrist(?:s| ?bones?)?|mid-?forearm)`,
  ],
  [
    'leg',
    1,
    /ankle|floor|ground|feet|shoes/,
    `(?:they |it |(?:the |my )?(?:legs|hems?) )?(?:puddl(?:es?|ing)|pool(?:s|ing)?|bunch(?:es|ing)?(?: up)?|drag(?:s|ging)?) (?:at|round|around|on|over) (?:the |my )?(?:ankles?|floor|ground|feet|shoes)`,
    'lower',
  ],
  [
    'waistband',
    1,
    /down|up|belt/,
    `(?:they |it )?(?:(?:keeps? |kept )?(?:slid(?:e|es|ing)|fall(?:s|ing)?|slip(?:s|ping)?|com(?:es|ing)|creep(?:s|ing)?) down(?: (?:all day|all the time|constantly|when i walk))?|(?:i )?(?:keep|kept|have to keep) (?:pulling|hitching|tugging) (?:them|it) up|(?:only |just )?(?:need|needs|needed)(?: to wear)? a belt(?! loop)(?: to (?:stay|keep (?:them|it)) up)?)`,
    'lower',
  ],
  ['leg', -1, /swing|mast/, `(?:they are |they're |they |proper )?(?:ankle[- ]swingers?|(?:at )?half[- ]mast)`, 'lower'],
  ['waistband', -1, /dig/, `(?:they |it |(?:the )?waistband )?digs? in(?:to me)?(?: when i (?:sit|bend)(?: down| over)?)?`, 'lower'],
  [
    'bust',
    -1,
    /squash|squish|flatten/,
    `(?:(?:my|the) )?(?:boobs?|bust|chest|breasts?) ${IS}(?:squashed|squished|flattened)(?: (?:flat|down))?|(?:it )?(?:squash(?:es)?|squish(?:es)?|flattens?) (?:my |the )?(?:boobs?|bust|chest|breasts?)`,
  ],
  // Where it is too tight below, it works its way up; a collar or a sleeve does so by itself.
  [
    'hip',
    -1,
    /rid/,
    `(?<!\\b(?:collars?|sleeves?|bands?|waistband|crotch|cuffs?|cups?|facings?|legs?)\\b[^,;.]{0,60})(?:(?:the )?hem |it |the back )?(?:keeps? |is )?rid(?:es|ing) up(?: (?:at|in) the (?:back|front))?(?: (?:all the time|constantly|a lot|at the back))?(?! (?:when|as|between|my))`,
  ],
  ['waistband', -1, /muffin/, `(?:gives? me |it has )?(?:an? )?muffin top`, 'lower'],
];

/** What will not close, by nothing that says where. */
const NOT_CLOSED = `(?:(?:the|its) )?zip(?:per)? (?:(?:only )?just )?(?:${CANNOT}|won't|barely|hardly)(?: (?:even|quite))? (?:close|closes|do up|does up|go up|goes up|zip up|budge)|(?:i )?(?:${CANNOT}|can barely|can hardly)(?: (?:even|quite))? (?:(?:do|get|zip|pull) (?:up )?(?:the |its )?zip(?:per)?(?: up)?|(?:zip|do) (?:it|them|her) up|get (?:it|them) (?:closed|done up))`;

/** In the midst of her. */
const AT_THE_TUMMY = `(?:(?:it|they|is|are|a bit|a little|slightly|too|very|quite|rather|still) )*(?:pull(?:s|ing)?|strain(?:s|ing)?|tight|snug|loose|baggy) (?:across|over|at|round|around|on|in) (?:the |my )?(?:tummy|belly|stomach|middle|midriff)`;

/** Room that is wished for: it was not there, or it is for the next one only. */
export const ROOM_WANTED = `(?:it |i )?(?:needs?|needed|wants?|wanted|could (?:use|do with|have)) (?:(?:a (?:bit|little|touch|tad)|some|much|slightly) )*more (?:room|ease) (?:at|in|across|through|around|round|over|for) (?:the |my )?(?<zones>${ZONES})`;

/** Seams at the end of the shoulder that lie off it, by how much. */
const SHOULDER_OFF = `(?:(?:the|my) )?shoulders?(?: seams?)? (?:(?:sits?|hangs?|falls?|is|are|was|were|lies?) )?(?<amount>${SAID_LENGTH}) too (?<way>far out|far in|long|short)`;

/** A garment that is too large or too small as a whole. */
const OVERALL =
  "(?:(?:it|it's|they|they're|this one|came|comes?|come|turned|ended|runs?|ran|is|was|are|were|fits?|out|up|overall|rather|far|way|much|quite|slightly|(?:a )?bit|a little|(?:a )?tad|a touch|really|still|just) )*(?:too )?(?<way>big|large|huge|massive|enormous|small|tiny|tight|loose|baggy|wide|narrow)(?: (?:all over|everywhere|all round|overall|on me|for me|in the body))*(?! now)";
/** Without one of these it is how the garment is meant. */
const IS_OFF =
  /\btoo\b|all over|everywhere|all round|overall|\b(?:runs?|ran)\b|\b(?:comes?|came) (?:up|out)\b|turned out|\ba (?:bit|little|tad|touch)\b|slightly|(?:huge|massive|enormous|tiny) on me|\b(?:it|they)(?: is| are|'s|'re) (?:just )?(?:huge|massive|enormous|tiny)$/;
const A_BIT = /\b(?:bit|tad)\b|\ba (?:little|touch)\b|slightly/;
const IS_WIDE = /big|large|huge|massive|enormous|loose|baggy|wide/;
const VERY = /huge|massive|enormous|tiny/;

/** Every girth that decides the fit of the garment of a line. */
const girthsOf = ({ subject }: Sentence): readonly ZoneId[] => {
  const known = subject?.pattern?.zones ?? [];
  const zones = known.length > 0 ? known : subject?.kind === undefined ? [] : USUAL_ZONES[subject.kind];
  return zones.filter((zone) => zoneOf(zone).kind === 'girth');
};

/** Around what is seen no more. */
const CURED_BEFORE =
  /\b(?:fix(?:ed|es)?|got rid of|gets rid of|cured|cures|solved|solves|avoids?|avoided|removed|removes|goodbye|no more)(?: (?:the|my|those|that|any|all|to))*\s*$/;
const CURED_BEHIND = /^ (?:(?:is|are|was|were|has|have) )?(?:now )?(?:gone|fixed|cured|solved|disappeared|vanished)\b/;

/** What a whole clause says that is seen, unless it says that it is not. */
const inClause = (needs: RegExp, of: string, read: (sentence: Sentence, words: string, zones: string | undefined) => Meant | undefined): Rule =>
  given(needs, rule)(of, 'likely', ({ zones }, s, from, to) =>
    isDenied(s.low.slice(0, from)) || CURED_BEFORE.test(s.low.slice(0, from)) || CURED_BEHIND.test(s.low.slice(to))
      ? undefined
      : read(s, s.typed(from, to), zones),
  );

const noted = (zone: ZoneId, way: 1 | -1, symptom?: SymptomId): Choice => [
  { is: 'fit', notes: [{ zone, outcome: outcomeOf(way, 1), ...(symptom ? { symptom } : {}) }] },
];

/** Too wide or too tight at one of some places, where the garment has them: at which is asked. */
function atGirths(places: readonly ZoneId[], way: 1 | -1, s: Sentence, words: string): Meant | undefined {
  const girths = girthsOf(s);
  const here = places.filter((zone) => girths.includes(zone));
  return here.length === 0 ? undefined : asks(...here.map((zone) => noted(zone, way)), mereWords(words));
}

/** What is seen on the body, in a sewist's own words. */
export const recogniseSeen = byRules([
  ...SEEN.map(([symptom, needs, said]) =>
    inClause(needs, said, (s, words) => {
      const causes = symptomOf(symptom).causes.map((cause) => ({ ...cause, zone: zoneHere(cause.zone, 'waist', s) }));
      const ways = causes.flatMap(({ zone, direction }) => (canHave([zone], s) ? [noted(zone, direction, symptom)] : []));
      return ways.length === 0 ? undefined : asks(...ways, mereWords(words));
    }),
  ),
  ...OFF_AT.map(([zone, way, needs, said, of]) =>
    inClause(needs, said, (s, words) => {
      const kind = s.subject?.kind;
      const isOfIt = of === undefined || (kind !== undefined && isLower(kind));
      return isOfIt && canHave([zone], s) ? asks(noted(zone, way), mereWords(words)) : undefined;
    }),
  ),
  inClause(/zip|do |get /, NOT_CLOSED, (s, words) => atGirths(['bust', 'waist', 'waistband', 'hip'], -1, s, words)),
  inClause(/tummy|belly|stomach|mid/, AT_THE_TUMMY, (s, words) =>
    atGirths(['waist', 'waistband', 'hip'], IS_WIDE.test(words.toLowerCase()) ? 1 : -1, s, words),
  ),
  given(/buttons?/, rule)(
    `(?:(?:the|my) )?${BUTTONS_STRAIN} (?:at|across|over|on) (?:the |my )?(?<zones>bust|chest|hips?)`,
    'sure',
    ({ zones }, s, from) => {
      const [zone] = zonesNamed(zones, s);
      return zone === undefined || isDenied(s.low.slice(0, from)) ? undefined : { says: noted(zone, -1, 'buttons-strain') };
    },
  ),
  given(/shoulder.* too /, rule)(SHOULDER_OFF, 'sure', ({ amount = '', way }, s) => {
    const cm = lengthOf(amount, s.context.unit)?.cm;
    const sign = way === 'far out' || way === 'long' ? 1 : -1;
    return cm === undefined ? undefined : { says: [{ is: 'fit', notes: [{ zone: 'shoulder', outcome: outcomeOf(sign, 2), amount: cm }] }] };
  }),
  // "Too big all over": at every girth, or in a way that stays in words.
  given(IS_OFF, rule)(`${OVERALL}${WHOLE_CLAUSE}`, 'likely', ({ way = '' }, s, from, to) => {
    const said = s.low.slice(from, to);
    const ofBody = /in the body/.test(said);
    // "It runs large, so I sized down": this one may be right for it.
    if (!beginsClause(s, from) || !IS_OFF.test(said) || /^,? so (?:i|we|now|this)\b/.test(s.low.slice(to)) || (/wide|narrow/.test(way) && !ofBody))
      return undefined;
    const outcome = outcomeOf(IS_WIDE.test(way) ? 1 : -1, A_BIT.test(said) || !(/\btoo\b/.test(said) || VERY.test(way)) ? 1 : 2);
    const notes = girthsOf(s).map((zone) => ({ zone, outcome }));
    return notes.length === 0 ? undefined : asks([{ is: 'fit', notes }], mereWords(s.typed(from, to)));
  }),
  inClause(/room|ease/, ROOM_WANTED, (s, words, zones) => {
    const places = zonesNamed(zones, s).filter((zone) => canHave([zone], s));
    return places.length === 0
      ? undefined
      : asks(
          places.flatMap((zone) => noted(zone, -1)),
          [{ is: 'next', words }],
        );
  }),
]);
