import { sampleCase, sampleMake, sampleNote } from '../garment/sample-case';
import type { Seen } from '../records';
import { worthAsking, worthOfPlaces } from './worth-asking';

const tryOn: Seen = { at: 'tryOn' };
const right = (version: number) =>
  sampleMake(version, {
    fitNotes: (['acrossBack', 'bodice', 'sleeve'] as const).map((zone) => sampleNote(zone, 0, { seen: { at: 'worn', wears: 12 } })),
  });
const next = sampleMake(5);

test('at most two, the one that helps most first; what was right again and again is not asked for', () => {
  const known = [right(1), right(2), right(3), right(4)];
  expect(worthAsking(sampleCase(known), next, tryOn).map((a) => a.zone)).toEqual(['bust']);
  const first = worthAsking(sampleCase([]), next, tryOn);
  expect(first).toHaveLength(2);
  expect(first[0]!.gain).toBeGreaterThanOrEqual(first[1]!.gain);
  expect(first.every((a) => a.open > 0 && a.gain > 0.03)).toBe(true);
});

test('a place that clearly is off is pinned, since how far decides', () => {
  const tight = sampleMake(1, { fitNotes: [sampleNote('bust', -3)] });
  expect(worthOfPlaces(sampleCase([tight]), sampleMake(2), tryOn).find((a) => a.zone === 'bust')).toMatchObject({ how: 'pin' });
});

test('nothing is asked twice at one stage, of parts that are left out, or of a place that is noted', () => {
  const looked = { ...next, fitNotes: [sampleNote('bust', 0, { seen: tryOn })] };
  expect(worthAsking(sampleCase([]), looked, tryOn)).toEqual([]);
  expect(worthAsking(sampleCase([]), looked, { at: 'firstDay' }).map((a) => a.zone)).not.toContain('bust');
  expect(worthAsking(sampleCase([]), { ...next, lacking: ['sleeve', 'bust'] }, tryOn).map((a) => a.zone)).not.toContain('bust');
});
