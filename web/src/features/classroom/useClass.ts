import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, type Schemas, taken } from '../../api/client';
import { useFirstThenAll } from '../../api/useFirstThenAll';
import { useHeadway } from '../exchange/useHeadway';

export type Glance = Schemas['Glance'];
export type AssignmentRow = Schemas['AssignmentRow'];
export type NewAssignment = Schemas['NewAssignment'];

export function useGlance() {
  return useQuery({ queryKey: ['class'], queryFn: () => taken(api.GET('/api/class')) });
}

/** The class at a glance, and bringing students in. */
export function useClass() {
  const queries = useQueryClient();
  const glance = useGlance();
  const more = () => {
    void queries.invalidateQueries({ queryKey: ['class'] });
    void queries.invalidateQueries({ queryKey: ['codes'] });
  };
  const invite = useMutation({
    mutationFn: (body: Schemas['NewStudent']) => taken(api.POST('/api/class/students', { body })),
    onSuccess: more,
    retry: false,
  });
  const plan = useMutation({
    mutationFn: async (csv: string) => ({
      csv,
      lines: await taken(api.POST('/api/class/roster/plan', { body: { csv } })),
    }),
    retry: false,
  });
  const { headway, during } = useHeadway();
  const roster = useMutation({
    mutationFn: (csv: string) =>
      during((way) =>
        taken(api.POST('/api/class/roster', { params: { header: { 'Headway-Id': way } }, body: { csv } })),
      ),
    onSuccess: () => {
      more();
      void queries.invalidateQueries({ queryKey: ['oneroster'] });
      plan.reset();
    },
    retry: false,
  });
  return { glance, invite, plan, roster, headway };
}

/** First-time codes of the class that were not used yet. */
export function useCodes() {
  return useQuery({ queryKey: ['codes'], queryFn: () => taken(api.GET('/api/class/codes')) });
}

export type ClassHand = ReturnType<typeof useClass>;

/** What an instructor can change about one student. */
export function useStudent(id: string) {
  const queries = useQueryClient();
  const path = { params: { path: { id } } };
  const onSuccess = (now: Glance) => {
    queries.setQueryData(['class'], now);
    void queries.invalidateQueries({ queryKey: ['progress', id] });
  };
  const code = useMutation({
    mutationFn: () => taken(api.POST('/api/class/students/{id}/code', path)),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['codes'] }),
    retry: false,
  });
  const extra = useMutation({
    mutationFn: (percent: number) =>
      taken(api.PUT('/api/class/students/{id}/extra-time', { ...path, body: { percent } })),
    onSuccess,
    retry: false,
  });
  const rename = useMutation({
    mutationFn: (name: string) => taken(api.PUT('/api/class/students/{id}/name', { ...path, body: { name } })),
    onSuccess,
    retry: false,
  });
  const close = useMutation({
    mutationFn: (closed: boolean) => taken(api.PUT('/api/class/students/{id}/closed', { ...path, body: { closed } })),
    onSuccess,
    retry: false,
  });
  const move = useMutation({
    mutationFn: (classId: string) => taken(api.PUT('/api/class/students/{id}/class', { ...path, body: { classId } })),
    onSuccess,
    retry: false,
  });
  const anotherCheck = useMutation({
    mutationFn: () => done(api.POST('/api/class/students/{id}/another-check', path)),
    retry: false,
  });
  return { code, extra, rename, close, move, anotherCheck };
}

/**
 * What is set for the class.
 *
 * @param withPast whether also those whose date is past are asked for
 */
export function useAssignments(withPast: boolean) {
  const queries = useQueryClient();
  const name = ['class-assignments'];
  const load = (past: boolean) => taken(api.GET('/api/class/assignments', { params: { query: { past } } }));
  const { first, all, data: rows } = useFirstThenAll(name, load, withPast);
  const onSuccess = (changed: Schemas['Assignments']) => {
    queries.setQueryData(name, changed);
    void queries.invalidateQueries({ queryKey: [...name, 'all'] });
    void queries.invalidateQueries({ queryKey: ['marks'] });
  };
  const at = (id: string) => ({ params: { path: { id } } });
  const add = useMutation({
    mutationFn: (body: NewAssignment) => taken(api.POST('/api/class/assignments', { body })),
    onSuccess,
    retry: false,
  });
  const move = useMutation({
    mutationFn: ({ id, due, student }: { id: string; due: string; student?: string }) =>
      taken(
        api.PUT('/api/class/assignments/{id}/due', {
          ...at(id),
          body: { due, ...(student !== undefined && { student }) },
        }),
      ),
    onSuccess,
    retry: false,
  });
  const rename = useMutation({
    mutationFn: ({ id, title }: { id: string; title: string }) =>
      taken(api.PUT('/api/class/assignments/{id}/title', { ...at(id), body: { title } })),
    onSuccess,
    retry: false,
  });
  const withdraw = useMutation({
    mutationFn: ({ id, withdrawn }: { id: string; withdrawn: boolean }) =>
      taken(api.PUT('/api/class/assignments/{id}/withdrawn', { ...at(id), body: { withdrawn } })),
    onSuccess,
    retry: false,
  });
  const leaveOut = useMutation({
    mutationFn: ({ id, student, leftOut }: { id: string; student: string; leftOut: boolean }) =>
      taken(api.PUT('/api/class/assignments/{id}/left-out', { ...at(id), body: { student, leftOut } })),
    onSuccess,
    retry: false,
  });
  return { first, all, rows, add, move, rename, withdraw, leaveOut };
}

export type AssignmentsHand = ReturnType<typeof useAssignments>;
