import { focusManager, MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { Refusal } from './api/client';
import { NarratorRoom } from './features/narration/NarratorContext';
import { outbox } from './outbox';
import { again, lookAgain } from './api/again';
import { router } from './routes/router';
import './theme.css';

const retryDelay = (count: number) => Math.min(500 * 2 ** count, 5000);

/**
 * Two windows may stand side by side, both in sight: what is shown is asked for anew when one turns to another, not
 * only when it is uncovered.
 */
focusManager.setEventListener((onFocus) => {
  const turned = () => onFocus();
  window.addEventListener('focus', turned);
  document.addEventListener('visibilitychange', turned);
  return () => {
    window.removeEventListener('focus', turned);
    document.removeEventListener('visibilitychange', turned);
  };
});

/** Whatever finds out that the session has ended: the page stays, and one can sign in on the spot. */
const onError = (error: Error) => error instanceof Refusal && error.status === 401 && outbox.lost();

const queries = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: {
    queries: { retry: lookAgain, retryDelay, networkMode: 'always', refetchOnWindowFocus: true },
    mutations: { retry: again, retryDelay, networkMode: 'always' },
  },
});

/**
 * What was sent with nobody waiting for it, perhaps from an earlier visit, changes what is shown; so does what was
 * refused.
 */
outbox.news.onDone((deed, { kind }, isWatched) => {
  if (kind === 'refused' || (!isWatched && (deed.soon !== true || !outbox.isMine(deed)))) {
    deed.refresh.forEach((queryKey) => void queries.invalidateQueries({ queryKey }));
  }
});

const root = document.getElementById('root');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <NarratorRoom>
          <RouterProvider router={router} />
        </NarratorRoom>
      </QueryClientProvider>
    </StrictMode>,
  );
}
