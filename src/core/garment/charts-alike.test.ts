import { SAMPLE_PATTERN } from './sample-case';
import { chartsElsewhere, takenOver } from './charts-alike';

const own = { ...SAMPLE_PATTERN, id: 'own', name: 'Dunlin top', charts: [] };
const chart = SAMPLE_PATTERN.charts[0]!;
const other = (id: string, rest: Partial<typeof SAMPLE_PATTERN> = {}) => ({ ...SAMPLE_PATTERN, id, name: id, ...rest });

test('the designer’s charts for the same half of the body, each once', () => {
  const patterns = [
    own,
    other('blouse'),
    other('the same again'),
    other('trousers', { kind: 'trousers' }),
    other('another’s', { designer: 'Ninth Wave' }),
    other('not filled in', { charts: [{ ...chart, body: { bust: [null, null, null, null, null] } }] }),
    other('wider', { designer: ' lowtide drafts ', charts: [{ ...chart, sizes: ['1', '2', '3', '4', '5'] }] }),
  ];
  expect(chartsElsewhere(own, patterns).map((c) => c.pattern.name)).toEqual(['blouse', 'wider']);
  expect(chartsElsewhere({ ...own, designer: undefined }, patterns)).toEqual([]);
});

test('taken over it says where it is from, and leaves what is finished with the other', () => {
  const found = chartsElsewhere(own, [other('Sandbar blouse', { charts: [{ ...chart, finished: { bust: [90, 94, 98, 102, 106] } }] })])[0]!;
  expect(takenOver(found, 'new')).toEqual({
    id: 'new',
    name: 'as in Sandbar blouse',
    sizes: chart.sizes,
    body: chart.body,
    finished: {},
    finishedOf: [],
  });
});
