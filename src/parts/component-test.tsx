import 'fake-indexeddb/auto';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, type RenderResult } from '@testing-library/react';
import { type ReactElement, type ReactNode } from 'react';
import { USUAL_SETTINGS, type Settings } from '../data/settings';

/** Draws a part as a page would: with the settings of this machine. */
export function draw(part: ReactElement, settings: Partial<Settings> = {}): RenderResult {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  client.setQueryData(['settings'], { ...USUAL_SETTINGS, dialect: 'british', ...settings });
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  return render(part, { wrapper });
}
