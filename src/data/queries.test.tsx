/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { sampleMake } from '../core/garment/sample-case';
import { db } from './database';
import { write } from './journal';
import { keepFresh } from './keep-fresh';
import { readAhead, useTableToAsk } from './queries';
import type { HearsText } from './table-text';

/** A page that asks of the wears, as it begins; what is kept of them as a text is what is there. */
async function begun(hears: HearsText = () => undefined) {
  const there = await db.wears.toArray();
  await db.texts.put({ table: 'wears', state: 'as it stands', texts: [JSON.stringify(there)] });
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
  const stop = keepFresh(client);
  readAhead(client, true, hears);
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  const { result } = renderHook(() => useTableToAsk('wears'), { wrapper });
  await waitFor(() => expect(result.current).toBeDefined());
  const end = () => {
    stop();
    client.clear();
  };
  return { there, client, result, end };
}

const wear = (n: number) => ({ id: `wear-${n}`, makeIds: ['make-1'], date: '2026-11-28', count: 1 });

test('wears are there to be asked of before they are read, and as they stand after a change', async () => {
  await db.makes.put(sampleMake(1, { id: 'make-1' }));
  await db.wears.bulkPut([1, 2, 3].map(wear));
  const hears = jest.fn<void, Parameters<HearsText>>();
  const { there, client, result, end } = await begun(hears);
  // The very list of which the engine was told, and nobody has read it.
  const asked = result.current;
  expect(hears.mock.calls.map(([table, opened]) => [table, opened.records === asked])).toEqual([['wears', true]]);
  expect(asked).toHaveLength(0);
  // At rest it is read, and stays the same list.
  await waitFor(() => expect(client.getQueryData(['wears'])).toBeDefined());
  expect(client.getQueryData(['wears'])).toBe(asked);
  expect(asked).toEqual(there);

  await write(db, 'worn', [{ table: 'wears', put: wear(4) }]);
  await waitFor(() => expect(result.current).toHaveLength(4));
  // Of what did not change the records are the very same, so that only what did is told.
  expect(result.current?.slice(0, 3).map((record, i) => record === asked?.[i])).toEqual([true, true, true]);
  end();
});

test('a change before they were read: what is asked of then is what is there', async () => {
  const { result, end } = await begun();
  expect(result.current).toHaveLength(0);
  await write(db, 'worn twice', [{ table: 'wears', id: 'wear-2', edit: (was) => ({ ...was, count: 2 }) }]);
  await waitFor(() => expect(result.current).toHaveLength(4));
  expect(result.current?.map(({ count }) => count)).toEqual([1, 2, 1, 1]);
  end();
});
