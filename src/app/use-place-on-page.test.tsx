/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, useLocation, useNavigate } from 'react-router';
import { usePlaceOnPage } from './use-place-on-page';

/** A page as high as it has paragraphs, at a hundred each: nothing is laid out where these tests run. */
function Shell() {
  const { pathname } = useLocation();
  const navigate = useNavigate();
  return (
    <>
      <button onClick={() => void navigate('/other')}>Other</button>
      <button onClick={() => void navigate(-1)}>Back</button>
      <button onClick={() => void navigate(1)}>On</button>
      <main {...usePlaceOnPage()}>
        <div key={pathname} />
      </main>
    </>
  );
}

const go = (where: 'Other' | 'Back' | 'On') => act(async () => screen.getByText(where).click());

const paragraphs = (count: number) => Array.from({ length: count }, (_, at) => `<p>${at}</p>`).join('');

async function opened() {
  const { container } = await act(async () => render(<Shell />, { wrapper: MemoryRouter }));
  const page = container.querySelector('main')!;
  page.scrollTo = ((to: ScrollToOptions) => {
    page.scrollTop = Math.min(to.top ?? 0, page.querySelectorAll('p').length * 100);
    page.dispatchEvent(new Event('scroll'));
  }) as typeof page.scrollTo;
  const fill = (count: number) => act(async () => void (page.querySelector('div')!.innerHTML = paragraphs(count)));
  await fill(10);
  page.scrollTo({ top: 700 });
  await go('Other');
  expect(page.scrollTop).toBe(0);
  return { page, fill };
}

beforeAll(() => {
  window.scrollTo = () => undefined;
});

test('one who goes back to a page that is still being worked out stands where she stood once it is as high', async () => {
  const { page, fill } = await opened();
  await go('Back');
  expect(page.scrollTop).toBe(0);
  await fill(4);
  expect(page.scrollTop).toBe(400);
  await fill(9);
  expect(page.scrollTop).toBe(700);
  // From then on it is hers.
  page.scrollTo({ top: 100 });
  await fill(10);
  expect(page.scrollTop).toBe(100);
  // What it stood at while it grew is not taken for where she left it.
  await go('On');
  await go('Back');
  await fill(9);
  expect(page.scrollTop).toBe(100);
});

test.each([
  ['turns the wheel', (page: Element) => fireEvent.wheel(page)],
  ['touches it', (page: Element) => fireEvent.touchStart(page)],
  ['presses a key', (page: Element) => fireEvent.keyDown(page, { key: 'PageDown' })],
  ['says something into a field', (page: Element) => fireEvent.input(page)],
])('one who %s meanwhile is not taken elsewhere', async (_, doing) => {
  const { page, fill } = await opened();
  await go('Back');
  await fill(3);
  doing(page);
  await fill(10);
  expect(page.scrollTop).toBe(300);
});
