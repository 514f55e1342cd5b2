/** @jest-environment jsdom */
import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { samplePicture } from '../../core/measure/sample-picture';
import { draw } from '../component-test';
import { MeasureTool } from './measure-tool';

/** What the worker is asked, and the opening of the picture that it has not finished. */
const asked: string[] = [];
let opened: ((size: { width: number; height: number }) => void) | undefined;
const remote = {
  open: () => new Promise((done) => (opened = done)),
  reckon: (corners: readonly (readonly number[])[]) => {
    asked.push(JSON.stringify(corners[0]));
    return Promise.resolve('The corners do not lie round a sheet.');
  },
};
const ask = (question: (to: typeof remote) => unknown) => question(remote);
jest.mock('../../workers/use-measurer', () => ({ useMeasurer: () => ask }));

test('nothing is put into a picture that is still being read: its places would be those of the smaller one that was kept', async () => {
  const user = userEvent.setup();
  const measured = samplePicture([]);
  const { width, height } = measured.frame;
  const picture = new Blob(['picture']);
  draw(
    <MeasureTool picture={picture} url="data:," measured={measured} garment={undefined} unit="cm" lies={undefined} onMeasured={() => undefined} />,
  );
  // What was measured is there at once.
  expect(screen.getByText('The picture is being read…')).toBeDefined();
  await user.click(screen.getByRole('radio', { name: 'Corners' }));
  expect(screen.queryByRole('button', { name: /^Corner 1/ })).toBeNull();
  expect(screen.queryByLabelText('Beside it lies')).toBeNull();

  // It is twice as large.
  await act(async () => opened?.({ width: width * 2, height: height * 2 }));
  expect(screen.getByLabelText('Beside it lies')).toBeDefined();
  act(() => screen.getByRole('button', { name: /^Corner 1/ }).focus());
  await user.keyboard('{ArrowLeft}');
  const [x = 0, y = 0] = measured.corners;
  const [at = []] = asked.map((corner) => JSON.parse(corner) as number[]);
  expect(Math.abs((at[0] ?? 0) - 2 * x)).toBeLessThan(20);
  expect(at[1]).toBeCloseTo(2 * y);
  expect(screen.getByText('The corners do not lie round a sheet.')).toBeDefined();
});
