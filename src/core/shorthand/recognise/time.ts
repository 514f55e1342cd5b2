import type { TimeSpent } from '../../records';
import { parseDuration } from '../../units/duration';
import { anyOf, countOf, FEWER } from '../amounts';
import type { Choice } from '../chip';
import { asks, byRules, mereWords, rule, says, weightOver, type Meant } from '../said';
import { PHASES_SAID } from '../words';
import { DAY, daysOf, tellsOfFinishing } from './date';

const ONES = '(?:one|two|three|four|five|six|seven|eight|nine)';
/** More than the duration's own reader knows in words: "forty", "thirty-five", "a hundred". */
const LARGE = `(?:eleven|twelve|fifteen|(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:[ -]${ONES})?|(?:an? |one )?hundred)`;
const COUNT = `(?:(?:\\d+ )?(?:1/2|1/4|3/4)|\\d+(?:[.,]\\d+)?|\\d*\\s?[½¼¾]|${LARGE}|${ONES}|ten)`;
const UNIT = '(?:hours?|hrs?|h|minutes?|mins?|min|mornings?|afternoons?|evenings?|days?|weekends?|nights?)';
const TERM = `(?:${COUNT}\\s?(?:and a half |½ )?${UNIT}(?! ago| old| later| trip)|(?:half an?|an?|a whole) (?:hours?|minute|morning|afternoon|evening|day|weekend|night)(?! ago| at| out| in the| to)(?: and a half)?|(?:a|an) (?:hour|day|weekend|evening) and a half)`;
const DURATION = `(?<duration>\\d{1,3}:[0-5]\\d h?|\\d+(?:[.,]\\d+)?[ \\t]?h[ \\t]?\\d{1,2}(?![./]\\d)(?:\\s?min)?|${TERM}(?:(?:,? and|,)? ${TERM})*)`;
const ONE_PHASE = anyOf(Object.keys(PHASES_SAID));
/** Of several together it is not said how long each took. */
const PHASES = `${ONE_PHASE}(?: ?(?:\\+|&|,|and|/) ?${ONE_PHASE})*`;
const PHASE = `(?<phase>${PHASES})(?! included)`;
/** What is in it, and is not all of it: "3 h including cutting". */
const INCLUDED = `(?:,? ?\\(?(?:including|incl\\.?|inc\\.?) (?:the |all )?(?:${PHASES}|everything)\\)?|,? ?\\(?(?:${PHASES}|everything) included\\)?)`;

const figureIn = (words: string): string =>
  String(
    words
      .replace(/^(?:an?|one) /, '')
      .split(/[ -]/)
      .reduce((sum, word) => sum + (countOf(word) ?? 0), 0),
  );
const EACH_LARGE = new RegExp(`\\b${LARGE}\\b`, 'g');

/** Minutes of what was said; words that the duration's own reader does not know are put in its own. */
function minutesOf(text: string): number | undefined {
  const said = text
    .trim()
    .replace(/(?:(\d+) )?\b([13])\/([24])\b/g, (_, n: string | undefined, a: string, b: string) => String(Number(n ?? 0) + Number(a) / Number(b)))
    .replace(EACH_LARGE, figureIn)
    .replace(/\bnights?\b/g, (w) => (w === 'night' ? 'evening' : 'evenings'))
    .replace(/\ba whole\b/g, 'one')
    .replace(/\ba couple of\b/g, 'two')
    .replace(/\b(an?|one|two|three|four|five|six|seven|eight|nine|ten|\d+) (hours?|days?|weekends?|evenings?) and a half\b/g, '$1 $2 and half $2')
    .replace(/\b(one|two|three|four|five|six|seven|eight|nine|ten|\d+) and a half (hours?|days?|weekends?|evenings?)\b/g, '$1 $2 and half $2');
  const read = parseDuration(said);
  return read.ok ? read.minutes : undefined;
}

const timeOf = (duration: string | undefined, phase: TimeSpent['phase']) => {
  const minutes = duration === undefined ? undefined : minutesOf(duration);
  return minutes === undefined ? undefined : says({ is: 'time', minutes, phase });
};
const time = (duration: string | undefined, phase: string | undefined) =>
  timeOf(duration, (phase === undefined ? undefined : PHASES_SAID[phase.trim()]) ?? 'all');
/** A day or a weekend is time spent only where something says that it was. */
const LOOSE = /^an? |^a whole|\bday|\bweekend|\bevening|\bnight/;

/** Hours right behind: the evenings before are the same time again. */
const IN_HOURS = new RegExp(
  `^(?:,|:| -| =| \\()? ?(?:(?:so|or|about|around|roughly|maybe|probably|that is|i think|perhaps|at|of|with) )*(?:\\d+(?:[.,]\\d+)?|${COUNT})(?:-\\d+)? ?(?:hours?|hrs?|h)(?![a-z])(?! each| a (?:day|night|time)| per | an? evening)`,
);
const isSaidAgain = (duration: string, behind: string): boolean => LOOSE.test(duration) && !/hour|\bh\b/.test(duration) && IN_HOURS.test(behind);

/** What took the time: "45 min to cut". */
const TO_DO: ReadonlyMap<string, TimeSpent['phase']> = new Map([
  ['plan', 'plan'],
  ['print', 'print and assemble'],
  ['trace', 'trace and alter'],
  ['cut', 'cut'],
  ['sew', 'sew'],
  ['finish', 'finish'],
  ['hem', 'finish'],
  ['unpick', 'unpick'],
]);
const TO = `to (?<act>${anyOf(TO_DO.keys())})(?: out| up)?(?: (?:it|them|everything))?(?![a-z])`;

/** "Three evenings of about two hours": how many, and how long each was. */
const OF_EACH = `(?<times>\\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|(?:an? )?couple of|some) (?:evenings?|mornings?|afternoons?|nights?|days?|sessions?|sittings?|goes)(?: of| with| at| x| ×|,(?= [^,.;]* each))? (?:about |around |roughly )?(?<each>${TERM})(?: each)?`;

/** A sitting of one day is no day of finishing by itself. */
const SITTING = `(?:sewed|stitched|worked(?: on it)?)(?: on it)?(?: for)?(?: about| another)? ${DURATION} (?:on )?(?<day>${DAY})`;

/** Time that was spent. */
export const recogniseTime = byRules([
  // "3 h so far": it is being sewn.
  rule(
    `(?:(?:it |that )?(?:took|needed|has taken|spent)(?: me)? )?(?:about )?${DURATION} (?:so far|up to now|until now|by now)`,
    'sure',
    ({ duration }) => {
      const spent = timeOf(duration, 'all');
      return spent && { says: [...spent.says, { is: 'state', state: 'sewing' }] };
    },
  ),
  // "2-3 hours", "between 5 and 6 hours".
  rule(
    `(?:(?:it |that )?(?:took|needed|spent)(?: me)? )?(?:about |around |roughly |maybe )?(?:between )?${FEWER}${DURATION}`,
    'sure',
    ({ least = '', duration = '' }, s, from, to) => {
      const times = [duration.replace(/\d+(?:[.,]\d+)?/, least), duration].flatMap((one) => timeOf(one, 'all')?.says ?? []);
      const weight = weightOver(2, s, from, to);
      return times.length < 2 || !/^\d/.test(duration) ? undefined : { ...asks(...times.map((one) => [one]), mereWords(s.typed(from, to))), weight };
    },
  ),
  rule(SITTING, 'sure', ({ duration, day = '' }, s, from, to) => {
    const spent = timeOf(duration, 'all');
    if (!spent) return undefined;
    // Over the time and the day by themselves.
    const weight = weightOver(2, s, from, to);
    if (tellsOfFinishing(`${s.low.slice(0, from)}${s.low.slice(to)}`)) return { says: [...spent.says, ...mereWords(day)], weight };
    const finished = daysOf(day, s.context.today).map((date): Choice => [...spent.says, { is: 'date', of: 'finished', date }]);
    return { ...asks([...spent.says, { is: 'state', state: 'sewing' }], ...finished), weight };
  }),
  rule(`(?:(?:it |that )?(?:took|needed)(?: me)? )?(?:about |over |in )?${OF_EACH}`, 'sure', ({ times = '', each = '' }, s, from, to) => {
    const [count, minutes] = [countOf(times), minutesOf(each)];
    const said: Meant =
      count === undefined || minutes === undefined
        ? { says: mereWords(s.typed(from, to)) }
        : says({ is: 'time', minutes: count * minutes, phase: 'all' });
    // Over the two as two times.
    return { ...said, weight: weightOver(3, s, from, to) };
  }),
  rule(
    `(?:(?:it |that |which )?(?:took|needed)(?: me)? )?(?:about |nearly |almost |only |just )?${DURATION} ${TO}`,
    'sure',
    ({ duration, act = '' }) => timeOf(duration, TO_DO.get(act) ?? 'all'),
  ),
  rule(`(?:${PHASE}(?::| took(?: me)?)? )${DURATION}`, 'sure', ({ duration, phase }) => time(duration, phase)),
  rule(
    `(?:(?:it |that |which |the whole thing )?(?:took|needed)(?: me)?|made(?: it| this| them)? in|sewn in|sewed(?: it)? in|done in|finished in|spent|about|in all|in|over|for) (?:about |nearly |almost |only |just |all of )?(?:the space of )?${DURATION}(?:${INCLUDED}| (?:of )?${PHASE}| in all| in total| altogether)?`,
    'sure',
    ({ duration, phase }, s, from, to) => {
      if (isSaidAgain(duration ?? '', s.low.slice(to))) return { says: mereWords(s.typed(from, to)) };
      const cue = s.low.slice(from, from + 8);
      if (
        duration === undefined ||
        (/^(?:for|in|about|over)\b/.test(cue) &&
          LOOSE.test(duration) &&
          !/^in half/.test(cue) &&
          !/^in (?:an?|one|two|three) (?:day|weekend|afternoon|evening|morning)/.test(s.low.slice(from, from + 20)))
      )
        return undefined;
      return time(duration, phase);
    },
  ),
  rule(
    `${DURATION}(?:${INCLUDED}| (?:of )?${PHASE}| in all| in total| altogether| of work| of sewing)?`,
    'likely',
    ({ duration, phase }, s, from, to) => {
      if (duration === undefined) return undefined;
      if (isSaidAgain(duration, s.low.slice(to))) return { says: mereWords(s.typed(from, to)) };
      const before = s.low.slice(0, from);
      // Over how long it was sewn is not how long it took.
      if (/\bover (?:about |the )?$/.test(before) && LOOSE.test(duration)) return undefined;
      if (/\b(?:wore|worn|wear|after|for|every|last|next|since|in|within) (?:it |them )?$/.test(before)) return undefined;
      // Of several made at once it is not the time of all.
      if (/^,? (?:each|apiece|a piece|per )/.test(s.low.slice(to))) return { says: mereWords(s.typed(from, to)) };
      if (/^an? /.test(duration) && !/^an hour|^a weekend|^an afternoon|^an evening/.test(duration)) return undefined;
      return time(duration, phase);
    },
  ),
]);
