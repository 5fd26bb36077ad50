import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, newKey, type Schemas, taken } from '../../api/client';
import { letter } from '../../outbox/letter';
import { useTyped } from '../../outbox/useTyped';

export type Draft = Schemas['OwnDraft'];
export type Fault = Schemas['Fault'];
export type Proof = Schemas['ProofView'];
export type Beginning = Schemas['Beginning'];

export const draftKey = (id: string) => ['workbench', id];

/** The skills of the class, and what one can begin with. */
export const useBench = () => useQuery({ queryKey: ['workbench'], queryFn: () => taken(api.GET('/api/workbench')) });

/** A file as the server takes it: a form with one part. */
function form(file: File) {
  const fields = new FormData();
  fields.append('file', file);
  return fields;
}

/** Begins a skill: with an example, with a copy, or with what is in a file. What is sent again begins none besides. */
export function useBegin(onDone: (draft: Draft) => void) {
  const queries = useQueryClient();
  const sent = useMutation({
    mutationFn: ({ beginning, key }: { beginning: Beginning | File; key: string }) => {
      const header = { 'Idempotency-Key': key };
      return taken(
        beginning instanceof File
          ? api.POST('/api/workbench/from-file', {
              params: { header },
              body: { file: '' },
              bodySerializer: () => form(beginning),
            })
          : api.POST('/api/workbench', { params: { header }, body: beginning }),
      );
    },
    onSuccess: (draft) => {
      queries.setQueryData(draftKey(draft.id), draft);
      void queries.invalidateQueries({ queryKey: ['workbench'], exact: true });
      onDone(draft);
    },
  });
  return { sent, begin: (beginning: Beginning | File) => sent.mutate({ beginning, key: newKey() }) };
}

export type FilePlan = Schemas['FilePlan'];

/** What a file would begin a skill with; the file stays with what was said of it. */
export const useFilePlan = () =>
  useMutation({
    mutationFn: async (file: File) => ({
      file,
      plan: await taken(
        api.POST('/api/workbench/from-file/plan', { body: { file: '' }, bodySerializer: () => form(file) }),
      ),
    }),
    retry: false,
  });

export const useDraft = (id: string) =>
  useQuery({
    queryKey: draftKey(id),
    queryFn: () => taken(api.GET('/api/workbench/{id}', { params: { path: { id } } })),
  });

function textOf(value: unknown): string | null {
  return typeof value === 'object' && value !== null && 'text' in value && typeof value.text === 'string'
    ? value.text
    : null;
}

/** The text of a draft as it is written: kept on the server, and here until it is. */
export function useText(draft: Draft) {
  const queries = useQueryClient();
  const { id } = draft;
  return useTyped<string>(
    {
      source: draftKey(id),
      place: `workbench/${id}`,
      slot: `draft/${id}`,
      words: 'Your skill',
      letter: (text) => letter('put', '/api/workbench/{id}', { id }, { text }),
      typed: textOf,
      copy: (text) => text,
      onDone: (kept) => {
        queries.setQueryData(draftKey(id), kept);
        void queries.invalidateQueries({ queryKey: ['workbench'], exact: true });
      },
    },
    draft.text,
    draft.tag,
  );
}

/** An item of the draft, or why there is none; the last one stays until the next is there. */
export const useLive = (draft: Draft, tier: number, seed: number) =>
  useQuery({
    queryKey: [...draftKey(draft.id), 'item', draft.tag, tier, seed],
    queryFn: () =>
      taken(api.GET('/api/workbench/{id}/item/{tier}/{seed}', { params: { path: { id: draft.id, tier, seed } } })),
    placeholderData: keepPreviousData,
  });

/** What is said to entries, as it would be to a student's. */
export const useTry = (id: string, tier: number, seed: number, part: number) =>
  useMutation({
    mutationFn: (entries: Record<string, string>) =>
      taken(
        api.POST('/api/workbench/{id}/item/{tier}/{seed}', {
          params: { path: { id, tier, seed } },
          body: { part, entries },
        }),
      ),
  });

const isUnderWay = (proof: Proof | undefined) => proof?.state === 'WAITING' || proof?.state === 'RUNNING';
const LOOK_AGAIN = 400;

/** How far the proof of a draft has come; looked at again and again while it runs. */
export function useProof(draft: Draft) {
  const queries = useQueryClient();
  const key = [...draftKey(draft.id), 'proof', draft.tag];
  const path = { params: { path: { id: draft.id } } };
  const proof = useQuery({
    queryKey: key,
    queryFn: async () => {
      const now = await taken(api.GET('/api/workbench/{id}/proof', path));
      if (now.state === 'DONE' && now.holds && draft.state === 'DRAFT') {
        void queries.invalidateQueries({ queryKey: draftKey(draft.id), exact: true });
      }
      return now;
    },
    refetchInterval: (query) => (isUnderWay(query.state.data) ? LOOK_AGAIN : false),
  });
  const start = useMutation({
    mutationFn: () => taken(api.POST('/api/workbench/{id}/proof', path)),
    onSuccess: (now) => queries.setQueryData(key, now),
  });
  return { proof: proof.data, isUnderWay: isUnderWay(proof.data), start };
}

/** Puts a draft to use in the class, takes it out again, or deletes it. */
export function useStanding(id: string, onGone: () => void) {
  const queries = useQueryClient();
  const path = { params: { path: { id } } };
  const took = (draft: Draft) => {
    queries.setQueryData(draftKey(id), draft);
    void queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'workbench' });
    void queries.invalidateQueries({ queryKey: ['workbench'], exact: true });
  };
  const use = useMutation({
    mutationFn: () => taken(api.POST('/api/workbench/{id}/use', path)),
    onSuccess: took,
  });
  const withdraw = useMutation({
    mutationFn: () => taken(api.DELETE('/api/workbench/{id}/use', path)),
    onSuccess: took,
  });
  const remove = useMutation({
    mutationFn: async () => {
      const { error, response } = await api.DELETE('/api/workbench/{id}', path);
      return taken(Promise.resolve({ data: response.ok ? true : undefined, error, response }));
    },
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['workbench'], exact: true });
      onGone();
    },
  });
  return { use, withdraw, remove };
}
