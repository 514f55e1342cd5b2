import { against, bestCovers, type Cover } from './cover';
import { askedWords, type Answers, type Chip, type Choice, type Understood } from './chip';
import { LINE_LABEL } from './form-labels';
import { folded, namesIn, wordsIn, type WordAt } from './names';
import { recogniseChange } from './recognise/change';
import { recogniseCost } from './recognise/cost';
import { recogniseDate } from './recognise/date';
import { recogniseFabric } from './recognise/fabric';
import { recogniseFit } from './recognise/fit';
import { recogniseSeen } from './recognise/seen';
import { recogniseNote } from './recognise/note';
import { recogniseNotDone } from './recognise/not-done';
import { recognisePattern } from './recognise/pattern';
import { recognisePerson } from './recognise/person';
import { recogniseSize } from './recognise/size';
import { recogniseState } from './recognise/state';
import { recogniseTime } from './recognise/time';
import { recogniseVerdict } from './recognise/verdict';
import { mereWords } from './said';
import type { LineContext, Proposal, Recogniser, Sentence } from './sentence';
import { spelledRight } from './spelling';
import { subjectOf } from './subject';
import { CLOSE } from './weights';

const RECOGNISERS: readonly Recogniser[] = [
  recognisePattern,
  recognisePerson,
  recogniseSize,
  recogniseChange,
  recogniseFit,
  recogniseSeen,
  recogniseFabric,
  recogniseTime,
  recogniseCost,
  recogniseDate,
  recogniseState,
  recogniseVerdict,
  recogniseNote,
  recogniseNotDone,
];

/** Signs with which a reading may begin, beside words. */
const SIGN = /[+#"€$£½¼¾⅛⅜⅝⅞★⭐-]/;

/** Words that lead from one thing to the next and say nothing by themselves. */
export const LEADING =
  /^(?:finished|completed|logged|done|ready|and|but|with|in|the|a|an|of|for|then|also|some|i|i've|it|she|he|they|turned|out|came|made|make|cut|sewed|sewn|again|my|this|is|was|so|just|at|to|from|on|finally|now|we|up|which|that|me|myself|pairs?|before|after|w)$/;

/** Anything but signs that part, and blanks. */
const SAYS = /[^\s,;:·•|.()&+!?'">/-]/u;

/** A figure with a unit of length. */
const MEASURED = /^\d{1,2} ?(?:m|cm|mm|met(?:re|er)s?|inch(?:es)?|in|"|yds?|yards?)(?![a-z0-9])/;

/** Where words and signs begin. */
function startsOf(low: string, words: readonly WordAt[]): number[] {
  // The five of ".5" begins nothing, nor does the eight of "1,8m", or the two of "1/2".
  const isInFigure = (at: number) => {
    const before = low.slice(Math.max(0, at - 2), at);
    return /(?:^|\s)\.$|\d\/$/.test(before) || (/\d,$/.test(before) && MEASURED.test(low.slice(at)));
  };
  const starts = new Set(words.flatMap(({ from }) => (isInFigure(from) ? [] : from)));
  for (let i = 0; i < low.length; i++) if (SIGN.test(low[i] ?? '') && !/[\p{L}\p{N}★⭐]|\ufe0f/u.test(low[i - 1] ?? '')) starts.add(i);
  return [...starts].sort((a, b) => a - b);
}

const meaning = (p: Proposal) => JSON.stringify([p.says, p.choices ?? []]);

/** What readings state: how much of the rest is kept as words is no question. */
const statedIn = (readings: readonly Proposal[]) => JSON.stringify(readings.flatMap((r) => r.says).filter(({ is }) => is !== 'words'));

/** Where the second-best cover reads otherwise and is as good, both are asked. */
function withDoubts(best: Cover, others: readonly Cover[], typed: Sentence['typed']): Proposal[] {
  const close = others.find((o) => best.score - o.score < CLOSE && o.readings.map(meaning).join() !== best.readings.map(meaning).join());
  if (!close) return [...best.readings];
  const mine = best.readings.filter((r) => !close.readings.some((o) => o.from === r.from && o.to === r.to && meaning(o) === meaning(r)));
  const theirs = close.readings.filter((o) => !best.readings.some((r) => o.from === r.from && o.to === r.to && meaning(o) === meaning(r)));
  const [from, to] = [Math.min(...[...mine, ...theirs].map((r) => r.from)), Math.max(...[...mine, ...theirs].map((r) => r.to))];
  if ([...mine, ...theirs].some((r) => r.says.length === 0) || statedIn(mine) === statedIn(theirs)) return [...best.readings];
  // One that says nothing leaves the words as they are.
  const saidIn = (readings: readonly Proposal[]): Choice => (readings.length > 0 ? readings.flatMap((r) => r.says) : mereWords(typed(from, to)));
  const asked: Proposal = { from, to, says: [], weight: 0, choices: [mine, theirs].map(saidIn) };
  return [...best.readings.filter((r) => !mine.includes(r) && (r.to <= from || r.from >= to)), asked].sort((a, b) => a.from - b.from);
}

/** Signs, labels and words that only lead on to what is said. */
const LEADS_ON = new RegExp(
  `^(?:[\\s,;:·•|.()&+-]+|(?:notes? ?:|${LINE_LABEL} ?:(?=\\s*$))|(?:and|but|with|w/|then|also|so)(?![\\p{L}\\p{N}])\\s*)*`,
  'u',
);
/** The same, behind it. */
const TRAILS = new RegExp(`(?:\\b${LINE_LABEL} ?: *$|[\\s,;:·•|.()&+-]+|\\s(?:and|but|with|w/|in|the|a|then)(?![\\p{L}\\p{N}]))+$`, 'u');

/**
 * Reads a make from a line, as sewists say and write it.
 *
 * Readings of its pieces compete: the best cover of the line by them is taken (cover.ts), reweighed by what a whole make allows. Where two
 * are as good, and where a rule says so, it is a question: nothing of it is stated. What is not understood is kept as words, and the chips
 * with the gaps between them are the line, character for character.
 *
 * @param text what was typed, said or pasted: one make
 * @param context names of the ledger, usual unit and currency, and the day
 * @param answers what was chosen for questions so far
 * @returns chips in the order of the text
 */
export function readLine(text: string, context: LineContext, answers: Answers = {}): Chip[] {
  if (text.trim() === '') return [];
  const spelled = spelledRight(folded(text), context);
  const { low, places } = spelled;
  const words = wordsIn(low);
  const names = namesIn(words, context);
  const typed = (from: number, to: number) => text.slice(places[from], places[to]);
  const subject = subjectOf(low, words, names, context, typed);
  const sentence: Sentence = { low, context, subject, names, typed };
  const starts = startsOf(low, words);
  const proposals = starts.flatMap((at) => RECOGNISERS.flatMap((recognise) => recognise(sentence, at)));
  const ranges = rangesIn(low);
  const covers = bestCovers(
    starts,
    proposals.filter((p) => fits(p, sentence) && !ranges.some((range) => cuts(p, range))),
  )
    .map((c): Cover => ({ ...c, score: c.score - against(c.readings) }))
    .sort((a, b) => b.score - a.score);
  const [best = { score: 0, readings: [] }, ...others] = covers;

  const chips: Chip[] = [];
  const wordsBetween = (from: number, to: number) => {
    const said = low.slice(from, to);
    // Signs between items and words that only lead on belong to the gaps.
    const lead = LEADS_ON.exec(said)?.[0].length ?? 0;
    const rest = said.slice(lead).replace(TRAILS, '');
    if (!SAYS.test(rest) || (!/[^\p{L}\p{N}\s'.,-]/u.test(rest) && wordsIn(rest).every((w) => LEADING.test(w.word)))) return;
    const [a, b] = [from + lead, from + lead + rest.length];
    chips.push(chip(a, b, [{ is: 'words', words: typed(a, b) }]));
  };
  const chip = (from: number, to: number, says: Choice, choices: readonly Choice[] = [], asks = false): Chip => {
    const read = [...names, ...spelled.slips].find((n) => n.readAs !== undefined && n.from < to && n.to > from)?.readAs;
    return {
      from: places[from] ?? 0,
      to: places[to] ?? text.length,
      text: typed(from, to),
      says,
      choices,
      asks,
      ...(read === undefined ? {} : { readAs: read }),
    };
  };
  let at = 0;
  for (const reading of withDoubts(best, others, typed)) {
    wordsBetween(at, reading.from);
    const [only, ...more] = reading.choices ?? [];
    // Where nothing but words could be chosen there is nothing to ask.
    const mere = more.length === 0 && only?.every((fact) => fact.is === 'words') ? only : [];
    const choices = mere.length > 0 ? [] : (reading.choices ?? []);
    const says = [...reading.says, ...mere];
    const answer = choices[answers[askedWords(typed(reading.from, reading.to))] ?? -1];
    chips.push(chip(reading.from, reading.to, answer ?? says, choices, !answer && says.length === 0));
    at = reading.to;
  }
  wordsBetween(at, low.length);
  return contradicting(askedOnce(chips, answers), answers);
}

/** The chip as a question: what it says, or mere words. */
function doubted(chip: Chip, answers: Answers): Chip {
  const choices = [chip.says, mereWords(chip.text)];
  const answer = choices[answers[askedWords(chip.text)] ?? -1];
  return { ...chip, choices, says: answer ?? [], asks: !answer };
}

/** No place is too long and too short: "front crotch too long, back crotch too short" is asked. */
function contradicting(chips: readonly Chip[], answers: Answers): Chip[] {
  const notesOf = ({ says }: Chip) => says.flatMap((fact) => (fact.is === 'fit' ? fact.notes : []));
  const all = chips.flatMap(notesOf);
  const isBoth = (note: (typeof all)[number]) => all.some(({ zone, outcome }) => zone === note.zone && outcome * note.outcome < 0);
  return chips.map((chip) => (chip.choices.length === 0 && notesOf(chip).some(isBoth) ? doubted(chip, answers) : chip));
}

/** A garment has one size all over, and was finished on one day: a second that is named is asked about. */
function askedOnce(chips: readonly Chip[], answers: Answers): Chip[] {
  const isOnce = (fact: Understood) => fact.is === 'size' || (fact.is === 'date' && fact.of === 'finished');
  const onceIn = ({ says }: Chip) => says.find(isOnce);
  const firsts = chips.filter(({ choices }) => choices.length === 0).flatMap((chip) => onceIn(chip) ?? []);
  return chips.map((chip) => {
    const fact = chip.choices.length === 0 ? onceIn(chip) : undefined;
    const first = fact && firsts.find(({ is }) => is === fact.is);
    return first === undefined || JSON.stringify(first) === JSON.stringify(fact) ? chip : doubted(chip, answers);
  });
}

/** Two figures between which something was: "2 to 3", "10-12", "between 5 and 6". */
const RANGE = /(?<![\d.,/-])\d+(?:[.,]\d+)?(?:-| (?:to|or) |(?<=\bbetween \d+(?:[.,]\d+)?) and )(?<greater>\d+(?:[.,]\d+)?)(?![\d/-])/g;

interface Range {
  readonly from: number;
  readonly greater: number;
  readonly to: number;
}

const rangesIn = (low: string): Range[] =>
  [...low.matchAll(RANGE)].map(({ 0: all, index: from, groups }) => {
    const to = from + all.length;
    return { from, to, greater: to - (groups?.['greater'] ?? '').length };
  });

/** Whether a reading takes one figure of a range for all of it. */
const cuts = ({ from, to }: Proposal, range: Range): boolean =>
  (from <= range.from && to > range.from && to <= range.greater) || (from > range.from && from <= range.greater && to > range.greater);

/** A reading does not run into the name that the line is about, unless it takes it in whole. */
const fits = ({ from, to }: Proposal, { subject }: Sentence): boolean =>
  !subject || to <= subject.from || from >= subject.to || (from <= subject.from && to >= subject.to);
