import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';

/**
 * Shows a screen that has everything from the server already.
 *
 * @param known what the server said, by the key of its query, with a slash between the parts of one
 */
export function shown(screen: ReactNode, known: Record<string, unknown>) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
  for (const [key, data] of Object.entries({
    pile: { waiting: [], comments: [] },
    questions: [],
    check: { due: [], history: [], last: [] },
    ...known,
  })) {
    queries.setQueryData(key.split('/'), data);
  }
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>{screen}</MemoryRouter>
    </QueryClientProvider>,
  );
}
