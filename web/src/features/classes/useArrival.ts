import { api, done, type Schemas, taken } from '../../api/client';
import { listed } from '../../ui/listed';
import { formWith } from '../exchange/formWith';
import { useTakingIn } from '../exchange/useTakingIn';

export type ArrivalPlan = Schemas['ArrivalPlan'];

/** Bringing in a whole class from its archive: what would come, doing it, and undoing it for a day. */
export function useArrival() {
  return useTakingIn({
    key: ['class-archive'],
    changes: [['classes'], ['class-archive']],
    last: async () => (await taken(api.GET('/api/exchange/class-archive/last'))).last ?? null,
    plan: (file: File, way) => taken(api.POST('/api/exchange/class-archive/plan', formWith(file, way))),
    take: (file: File, way) => taken(api.POST('/api/exchange/class-archive', formWith(file, way))),
    undo: (classId) => done(api.POST('/api/exchange/class-archive/{classId}/undo', { params: { path: { classId } } })),
  });
}

export type ArrivalHand = ReturnType<typeof useArrival>;

/** What comes with a class, in a sentence; the students are listed by themselves. */
export function comesWith({ students, things }: ArrivalPlan): string {
  const all = [students.length === 1 ? '1 student' : `${students.length} students`, ...things];
  return `${listed(all)}.`;
}
