/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SAMPLE_PATTERN, sampleFabric } from '../../core/garment/sample-case';
import type { CouldSew, Reason } from '../../core/schedule/for-an-occasion';
import { draw } from '../../parts/component-test';
import { SideBySide } from './side-by-side';

const could = (name: string, fabric: string | undefined, reasons: readonly Reason[]): CouldSew => ({
  pattern: { ...SAMPLE_PATTERN, id: name, name },
  fabric: fabric === undefined ? undefined : sampleFabric(fabric),
  reasons,
  hours: { chance: 1, minutes: 254, lacking: 0 },
  goesWith: [],
  rank: 1,
});
const WARM: Reason = { about: 'warmth', speaks: 'for', words: 'as warm as a warm day wants' };
const fit = (words: string, speaks: Reason['speaks']): Reason => ({ about: 'fit', speaks, words });

const SKIRT = could('Nocturne skirt', 'sand linen', [fit('fits with a chance of 82 %', 'for'), WARM]);
const JACKET = could('Skerry jacket', undefined, [fit('fits with a chance of 78 %', 'against'), WARM]);
const DRESS = could('Slackwater dress', 'crepe', [fit('never cut', 'against'), WARM, { about: 'care', speaks: 'against', words: 'crepe creases' }]);

test('what differs stands in rows by what it is about, what is the same of all stands once', () => {
  draw(<SideBySide beside={[SKIRT, JACKET, DRESS]} onPlan={() => undefined} />);
  expect(screen.getAllByRole('columnheader').map((c) => c.textContent)).toEqual([
    'Nocturne skirtsand linen',
    'Skerry jacketa fabric to be bought',
    'Slackwater dresscrepe',
  ]);
  const row = (name: string) => within(screen.getByRole('rowheader', { name }).closest('tr')!).getAllByRole('cell');
  expect(row('fit').map((c) => c.textContent)).toEqual(['+ fits with a chance of 82 %', '− fits with a chance of 78 %', '− never cut']);
  expect(row('care').map((c) => c.textContent)).toEqual(['', '', '− crepe creases']);
  expect(screen.queryByRole('rowheader', { name: 'warmth' })).toBeNull();
  expect(screen.getAllByText('+ as warm as a warm day wants')).toHaveLength(1);
  expect(screen.getByRole('heading', { name: 'All' })).toBeDefined();
});

test('two that agree in nothing have no part for both; the one that is planned is the one of its column', async () => {
  const planned: CouldSew[] = [];
  const other = { ...JACKET, reasons: [fit('never cut', 'against')] };
  draw(<SideBySide beside={[SKIRT, other]} onPlan={(c) => planned.push(c)} />);
  expect(screen.queryByRole('heading', { name: 'Both' })).toBeNull();
  await userEvent.setup().click(screen.getByRole('button', { name: 'Plan Skerry jacket in a fabric to be bought' }));
  expect(planned).toEqual([other]);
});
