/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import type { ZoneId } from '../../core/body/zones';
import { carryForward } from '../../core/forecast/carry-forward';
import { Recollection } from '../../core/forecast/recollection';
import { whyAt } from '../../core/forecast/why';
import { UNKNOWN_WORDS } from '../../core/forecast/words';
import type { PatternCase } from '../../core/garment/case';
import type { Evidence } from '../../core/garment/evidence';
import { sampleAlteration, sampleCase, sampleFabric, sampleMake, sampleNote, SAMPLE_BODY } from '../../core/garment/sample-case';
import type { Make } from '../../core/records';
import { draw } from '../component-test';
import { Reasons } from './reasons';

const user = userEvent.setup();
const said: Evidence[] = [];
beforeEach(() => void (said.length = 0));

/** The reasons as the account shows them, of a zone of a case. */
function show(input: PatternCase, zone: ZoneId, memory?: Recollection) {
  const forecast = carryForward(input, { date: SAMPLE_BODY.date, unit: 'cm' }, memory)!.zones.find((z) => z.zone === zone)!;
  draw(
    <MemoryRouter>
      <Reasons forecast={forecast} why={whyAt(input, zone, memory)} influences="the heron, most of all" unit="cm" onRight={(e) => said.push(e)} />
    </MemoryRouter>,
  );
  return forecast;
}
const noted = (version: number, ...notes: Make['fitNotes']) => sampleMake(version, { fitNotes: notes });
const notes = () =>
  within(screen.getByRole('table', { name: 'What each note says' }))
    .getAllByRole('row')
    .slice(1)
    .map((row) => row.textContent);

test('each note that counts stands with its version, what was cut and by how much it counts', () => {
  const first = { ...noted(1, sampleNote('bust', -2, { words: 'pulls at the buttons' })), size: { size: 'B' } };
  show(sampleCase([first, { ...noted(2, sampleNote('bust', 0)), size: { size: 'C' } }]), 'bust');
  const [one, two] = notes();
  expect(one).toMatch(/^1\s*tight, clear.*pulls at the buttons/);
  expect(one).toMatch(/−4\s*cm/);
  expect(two).toMatch(/^2\s*right/);
  const shares = notes().map((row) => Number(/(\d+)\s*%/.exec(row)![1]));
  expect(shares[0]! + shares[1]!).toBeGreaterThanOrEqual(99);
  expect(shares[0]! + shares[1]!).toBeLessThanOrEqual(101);
});

test('a chance is stated as it is reckoned, and that of the last cut beside it', () => {
  const { chance, chanceOfLast } = show(sampleCase([noted(1, sampleNote('bust', -2))]), 'bust');
  const text = screen.getByText(/chance of right/).textContent;
  expect(text).toContain(`${Math.round(100 * chance!)}`);
  expect(screen.getByText(/The last cut again/).textContent).toContain(`${Math.round(100 * chanceOfLast!)}`);
  expect(chanceOfLast!).toBeLessThan(chance!);
});

test('a note that the others make hardly believable is asked about, and the answer says which', async () => {
  const loose = [1, 2, 3, 4].map((v) => noted(v, sampleNote('bust', 0, { id: `note-${v}` })));
  show(sampleCase([...loose, noted(5, sampleNote('bust', -3))]), 'bust');
  expect(screen.getByText(/^Version 5 .* is hardly believable beside the others/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Mend it on its page' }).getAttribute('href')).toContain('make-5');
  await user.click(screen.getByRole('button', { name: 'It is right' }));
  expect(said.map((e) => [e.make.version, e.note.outcome])).toEqual([[5, -3]]);
});

test('one of which she said that it is right is not asked about again', () => {
  const loose = [1, 2, 3, 4].map((v) => noted(v, sampleNote('bust', 0, { id: `note-${v}` })));
  show(sampleCase([...loose, noted(5, sampleNote('bust', -3, { sure: true }))]), 'bust');
  expect(screen.queryByRole('button', { name: 'It is right' })).toBeNull();
  expect(screen.getByText('You said that it is right: it counts in full.')).toBeTruthy();
});

test('what is not counted is shown all the same, each with why', () => {
  const toile = sampleMake(1, { lacking: ['bust'], fitNotes: [sampleNote('bust', -2)] });
  const caused = noted(2, sampleNote('bust', 2, { causedBy: 'acrossBack' }), sampleNote('acrossBack', -2));
  show(sampleCase([toile, caused, noted(3, sampleNote('bust', 0))]), 'bust');
  const shown = screen.getByRole('heading', { name: 'Shown, and not counted' }).parentElement!;
  const lines = within(shown)
    .getAllByRole('listitem')
    .map((line) => line.textContent);
  expect(lines).toHaveLength(2);
  expect(lines[0]).toMatch(/^Version 1: .* — /);
  expect(lines[1]).toMatch(/^Version 2: .* — /);
  expect(notes()).toHaveLength(1);
});

test('what was not known is named: a stretch, an amount; nothing of it is taken for nought', () => {
  const make = sampleMake(1, {
    fabrics: [{ id: 'use', fabricId: 'untested', part: 'main' }],
    alterations: [sampleAlteration('side-seams', undefined, { zones: ['bust'] })],
    fitNotes: [sampleNote('bust', -1)],
  });
  const knit = sampleFabric('untested', { structure: 'knit', stretchAcross: undefined });
  show(sampleCase([make], { fabrics: [knit] }), 'bust');
  const list = within(screen.getByRole('heading', { name: 'What was not known' }).parentElement!).getAllByRole('listitem');
  const named = list.map((line) => line.textContent);
  expect(named).toEqual(expect.arrayContaining([UNKNOWN_WORDS['stretch of the fabric'], UNKNOWN_WORDS['amount of an alteration']]));
  expect(new Set(named).size).toBe(named.length);
});

test('where other patterns speak it is said what they say alone, and which moved it', () => {
  const other = (id: string): PatternCase => {
    const { pattern } = sampleCase([]);
    const make = sampleMake(1, { id: `make-${id}`, sources: [{ patternId: id, viewId: 'view' }], fitNotes: [sampleNote('bodice', -2)] });
    return sampleCase([make], { pattern: { ...pattern, id, name: id } });
  };
  const own = sampleCase([noted(1, sampleNote('bodice', -1))]);
  show(own, 'bodice', new Recollection([own, other('heron'), other('egret')]));
  expect(screen.getByText(/Before any note of this one they make it about/).textContent).toContain('the heron, most of all');
});

test('alone, nothing is said of others', () => {
  show(sampleCase([noted(1, sampleNote('bodice', -1))]), 'bodice');
  expect(screen.queryByRole('heading', { name: 'What the other patterns say' })).toBeNull();
});
