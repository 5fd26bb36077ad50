import { api, done, type Schemas, taken } from '../../api/client';
import { formWith } from './formWith';
import { useTakingIn } from './useTakingIn';

export type RosterPlan = Schemas['RosterPlan'];

/** A package, and the class of it that is meant; empty for its only one. */
export type Brought = { file: File; from: string };

function sent({ file, from }: Brought, way: string) {
  const { params, ...form } = formWith(file, way);
  return { params: { ...params, query: { from } }, ...form };
}

/** Bringing in a OneRoster package: what it would do, doing it, and undoing it for a day. */
export function useOneRoster() {
  return useTakingIn({
    key: ['oneroster'],
    changes: [['class'], ['codes'], ['oneroster']],
    last: async () => (await taken(api.GET('/api/exchange/oneroster/last'))).last ?? null,
    plan: (brought: Brought, way) => taken(api.POST('/api/exchange/oneroster/plan', sent(brought, way))),
    take: (brought: Brought, way) => taken(api.POST('/api/exchange/oneroster', sent(brought, way))),
    undo: (id) => done(api.POST('/api/exchange/oneroster/{id}/undo', { params: { path: { id } } })),
  });
}

export type OneRosterHand = ReturnType<typeof useOneRoster>;
