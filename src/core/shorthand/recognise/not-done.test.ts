import { demoLedger } from '../../../../demo/ledger';
import { lineContextOf } from '../line-context';
import { readLine } from '../read-line';

const CONTEXT = lineContextOf(demoLedger(), { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
/** What a line about a shirt in C states beside that. */
const beside = (clause: string) =>
  readLine(`Tidewater shirt C, ${clause}`, CONTEXT).flatMap((chip) =>
    chip.asks ? [] : chip.says.filter(({ is }) => is !== 'pattern' && is !== 'size'),
  );
const sizes = (clause: string) =>
  readLine(`Tidewater shirt C, ${clause}`, CONTEXT).flatMap((chip) =>
    chip.asks ? [] : chip.says.flatMap((fact) => (fact.is === 'size' ? [fact.line.size] : [])),
  );

/** Changes as they are meant, and as they are done or not done. */
const CHANGES = [
  ['lengthen the bodice 1.5 cm', 'lengthened the bodice 1.5 cm', 'lengthening the bodice 1.5 cm'],
  ['take in the waist by 1,5', 'took in the waist by 1,5', 'taking in the waist by 1,5'],
  ['cut a D', 'cut a D', 'cutting a D'],
  ['do an FBA of 2 cm', 'did an FBA of 2 cm', 'doing an FBA of 2 cm'],
  ['shorten the sleeves 3/4"', 'shortened the sleeves 3/4"', 'shortening the sleeves 3/4"'],
] as const;

describe.each(CHANGES)('%s', (meant, done, doing) => {
  test.each([
    ...['next time', 'next time I would', 'I want to', 'need to', 'would like to', 'I might', 'could', 'should', 'I’ll', 'will', 'maybe', 'consider'],
    ...['tempted to', 'try to', 'plan:', 'idea:', 'if I', 'hoping to', 'I think I’d', 'if I make it again I’d', 'should I'],
  ])('%s: a wish', (lead) => expect(beside(`${lead} ${meant}`)).toEqual([expect.objectContaining({ is: 'next' })]));

  test.each([
    'forgot to',
    'didn’t',
    'couldn’t',
    'wanted to',
    'tried to',
    'meant to',
    'decided not to',
    'the instructions say to',
    'I usually',
    'others',
  ])('%s: words', (lead) => expect([beside(`${lead} ${meant}`).map(({ is }) => is), sizes(`${lead} ${meant}`)]).toEqual([['words'], ['C']]));

  test.each(['almost', 'nearly', 'last time I', 'on the last one I'])('%s: words', (lead) =>
    expect([beside(`${lead} ${done}`).map(({ is }) => is), sizes(`${lead} ${done}`)]).toEqual([['words'], ['C']]),
  );

  test.each(['thought about', 'decided against', 'instead of', 'without'])('%s: words', (lead) =>
    expect([beside(`${lead} ${doing}`).map(({ is }) => is), sizes(`${lead} ${doing}`)]).toEqual([['words'], ['C']]),
  );
});

test('a wish ends with its clause, and goes on with what is to be done too', () => {
  expect(beside('next time lengthen the bodice 1,5 cm, and take 2.5 cm off the hem')).toHaveLength(1);
  expect(beside('maybe shorten the sleeves 1.5 cm but love 4')).toMatchObject([
    { is: 'next', words: 'maybe shorten the sleeves 1.5 cm' },
    { is: 'love', love: 4 },
  ]);
  expect(beside('almost cut a D, shortened the sleeves 2 cm').map(({ is }) => is)).toEqual(['words', 'alteration']);
});

test('a wish in the midst of a clause leaves what stands before it', () => {
  expect(beside('in navy linen and it would be nice in wool').map(({ is }) => is)).toEqual(['fabric', 'next']);
  expect(beside('tight at the waist so I should have cut a D')).toMatchObject([{ is: 'fit' }, { is: 'next', words: 'I should have cut a D' }]);
  expect(beside('in white lawn which could be softer').map(({ is }) => is)).toEqual(['fabric', 'next']);
  // Of all that is wished for.
  expect(beside('collar and cuffs should be 1 cm wider')).toMatchObject([{ is: 'next', words: 'collar and cuffs should be 1 cm wider' }]);
});

test('what was is stated still', () => {
  expect(sizes('last time I cut a D so this time I cut a C')).toEqual(['C', 'C']);
  expect(beside('instead of lengthening the sleeves I lengthened the bodice 2 cm').map(({ is }) => is)).toEqual(['words', 'alteration']);
  expect(beside('sleeves too long, others are right').map(({ is }) => is)).toContain('fit');
  expect(beside('without lining, love 4').map(({ is }) => is)).toContain('love');
  expect(beside('not in love with it')).toEqual([]);
  expect(beside('would make again')).toMatchObject([{ is: 'again' }]);
});
