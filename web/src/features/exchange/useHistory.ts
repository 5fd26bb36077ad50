import { api, done, type Schemas, taken } from '../../api/client';
import { formWith } from './formWith';
import { useTakingIn } from './useTakingIn';

export type HistoryPlan = Schemas['HistoryPlan'];

/** Bringing in a file of statements: what it would be, taking it, and undoing it for a day. */
export function useHistory() {
  return useTakingIn({
    key: ['history', 'last'],
    changes: [['history']],
    last: async () => (await taken(api.GET('/api/exchange/history/last'))).last ?? null,
    plan: (file: File, way) => taken(api.POST('/api/exchange/history/plan', formWith(file, way))),
    take: (file: File, way) => taken(api.POST('/api/exchange/history', formWith(file, way))),
    undo: (id) => done(api.POST('/api/exchange/history/{id}/undo', { params: { path: { id } } })),
  });
}
