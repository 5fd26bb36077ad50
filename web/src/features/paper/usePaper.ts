import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, newKey, type Schemas, taken } from '../../api/client';

export type Sheet = Schemas['SheetRow'];
export type PaperDone = Schemas['PaperDone'];
export type NewSheet = Schemas['NewSheet'];
export type Scale = Schemas['Scale'];

const SHELF = ['paper'];
const SCALE = ['mark-scale'];

/** All sheets that one may see. */
export function useShelf() {
  return useQuery({ queryKey: SHELF, queryFn: () => taken(api.GET('/api/paper')) });
}

/** Skills that can be printed. */
export function usePaperSkills() {
  return useQuery({
    queryKey: ['paper-skills'],
    queryFn: () => taken(api.GET('/api/paper/skills')),
    staleTime: 600_000,
  });
}

/** Making sheets, and taking away those that nobody has begun. */
export function useSheets() {
  const queries = useQueryClient();
  const onSuccess = () => void queries.invalidateQueries({ queryKey: SHELF });
  const make = useMutation({
    mutationFn: (body: NewSheet) =>
      taken(api.POST('/api/paper', { params: { header: { 'Idempotency-Key': newKey() } }, body })),
    onSuccess,
    retry: false,
  });
  const remove = useMutation({
    mutationFn: (sheetId: string) => done(api.DELETE('/api/paper/{sheetId}', { params: { path: { sheetId } } })),
    onSuccess,
    retry: false,
  });
  return { make, remove };
}

/** The marking scale of the class. */
export function useScale() {
  const queries = useQueryClient();
  const scale = useQuery({ queryKey: SCALE, queryFn: () => taken(api.GET('/api/paper/scale')) });
  const keep = useMutation({
    mutationFn: (body: Scale) => taken(api.PUT('/api/paper/scale', { body })),
    onSuccess: (now) => {
      queries.setQueryData(SCALE, now);
      void queries.invalidateQueries({ queryKey: SHELF });
    },
    retry: false,
  });
  return { scale, keep };
}
