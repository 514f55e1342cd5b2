import { sampleAlteration, sampleMake } from '../garment/sample-case';
import type { Make } from '../records';
import { changeWords } from './change-words';

const before = sampleMake(3, { alterations: [sampleAlteration('sleeve-length', 1)], sizeLines: [{ zone: 'hip', line: { size: 'D' } }] });
const said = (after: Partial<Make>) => changeWords('Sandbar blouse, version 3', before, { ...before, ...after }, 'cm');

test.each<[string, Partial<Make>]>([
  ['sleeve length +2\u202fcm on Sandbar blouse, version 3', { alterations: [{ ...before.alterations[0]!, amount: 2 }] }],
  ['without sleeve length +1\u202fcm on Sandbar blouse, version 3', { alterations: [] }],
  ['rise −1\u202fcm on Sandbar blouse, version 3', { alterations: [...before.alterations, sampleAlteration('rise', -1)] }],
  ['size between C and D on Sandbar blouse, version 3', { size: { size: 'C', to: 'D', at: 0.5 } }],
  ['hip E on Sandbar blouse, version 3', { sizeLines: [{ zone: 'hip', line: { size: 'E' } }] }],
  ['hip as elsewhere on Sandbar blouse, version 3', { sizeLines: [] }],
  ['outgrown on Sandbar blouse, version 3', { state: 'outgrown' }],
  ['fabric on Sandbar blouse, version 3', { fabrics: [] }],
  ['remark on Sandbar blouse, version 3', { remark: 'sheds' }],
  ['time, notions on Sandbar blouse, version 3', { times: [], notions: [] }],
])('%s', (words, after) => expect(said(after)).toBe(words));

test('of many changes three are named', () => {
  expect(said({ size: { size: 'D' }, sizeLines: [], state: 'resting', remark: 'x' })).toBe(
    'size D, hip as elsewhere, resting … on Sandbar blouse, version 3',
  );
});
