import { api, done, type Schemas, taken } from '../../api/client';
import { formWith } from './formWith';
import { useTakingIn } from './useTakingIn';

export type RosterPlan = Schemas['RosterPlan'];

/** A package, and the class of it that is meant; empty for its only one. */
export type Brought = { file: File; from: string };

function sent({ file, from }: Brought) {
  return { params: { query: { from } }, ...formWith(file) };
}

/** Bringing in a OneRoster package: what it would do, doing it, and undoing it for a day. */
export function useOneRoster() {
  return useTakingIn({
    key: ['oneroster'],
    changes: [['class'], ['codes'], ['oneroster']],
    last: async () => (await taken(api.GET('/api/exchange/oneroster/last'))).last ?? null,
    plan: (brought: Brought) => taken(api.POST('/api/exchange/oneroster/plan', sent(brought))),
    take: (brought: Brought) => taken(api.POST('/api/exchange/oneroster', sent(brought))),
    undo: (id) => done(api.POST('/api/exchange/oneroster/{id}/undo', { params: { path: { id } } })),
  });
}

export type OneRosterHand = ReturnType<typeof useOneRoster>;
