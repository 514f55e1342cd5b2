/** @jest-environment jsdom */
import { QueryClient, QueryClientProvider, useSuspenseQuery } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { WhenRead } from './when-read';

/** Lets all be done that has no time of its own to wait for: React would wait 300 ms. */
const settle = async () => {
  for (let i = 0; i < 50; i++) await new Promise<void>((done) => setTimeout(done, 0));
};

/** What is read of a name, when it is given out. */
function library() {
  const waiting = new Map<string, (found: string) => void>();
  const read = (name: string) => new Promise<string>((done) => waiting.set(name, done));
  return { read, give: (name: string) => waiting.get(name)?.(`what ${name} says`) };
}

let place: HTMLElement;
beforeEach(() => {
  // Drawn as in a browser: within `act` nothing waits.
  Reflect.set(globalThis, 'IS_REACT_ACT_ENVIRONMENT', false);
  place = document.body.appendChild(document.createElement('div'));
});
afterEach(() => place.remove());

function draw(read: (name: string) => Promise<string>, names: readonly string[]) {
  function Page() {
    const found: string[] = [];
    // One after the other, as the hooks of a page ask.
    for (const name of names) found.push(useSuspenseQuery({ queryKey: [name], queryFn: () => read(name) }).data);
    return <p>{found.join(', ')}</p>;
  }
  const root = createRoot(place);
  root.render(
    <QueryClientProvider client={new QueryClient()}>
      <WhenRead>
        <Page />
      </WhenRead>
    </QueryClientProvider>,
  );
  return root;
}

test('stands as soon as all is read, with no waiting of its own', async () => {
  const { read, give } = library();
  const root = draw(read, ['a make', 'a wear']);
  await settle();
  expect(place.textContent).toBe('');
  give('a make');
  await settle();
  expect(place.textContent).toBe('');
  give('a wear');
  await settle();
  expect(place.textContent).toBe('what a make says, what a wear says');
  root.unmount();
});

test('what is read before it listens is not missed', async () => {
  const root = draw((name) => Promise.resolve(`${name} at once`), ['a make', 'a wear']);
  await settle();
  expect(place.textContent).toBe('a make at once, a wear at once');
  root.unmount();
});
