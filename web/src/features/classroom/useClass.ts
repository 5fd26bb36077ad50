import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';

export type Glance = Schemas['Glance'];
export type AssignmentRow = Schemas['AssignmentRow'];
export type NewAssignment = Schemas['NewAssignment'];

/** The class at a glance, and what changes who is in it. */
export function useClass() {
  const queries = useQueryClient();
  const glance = useQuery({ queryKey: ['class'], queryFn: () => taken(api.GET('/api/class')) });
  const refresh = () => void queries.invalidateQueries({ queryKey: ['class'] });
  const invite = useMutation({ mutationFn: (body: Schemas['NewStudent']) => taken(api.POST('/api/class/students', { body })), onSuccess: refresh, retry: false });
  const roster = useMutation({ mutationFn: (csv: string) => taken(api.POST('/api/class/roster', { body: { csv } })), onSuccess: refresh, retry: false });
  const code = useMutation({ mutationFn: (id: string) => taken(api.POST('/api/class/students/{id}/code', { params: { path: { id } } })), onSuccess: refresh, retry: false });
  const extra = useMutation({
    mutationFn: ({ id, percent }: { id: string; percent: number }) => taken(api.PUT('/api/class/students/{id}/extra-time', { params: { path: { id } }, body: { percent } })),
    onSuccess: (now) => queries.setQueryData(['class'], now),
    retry: false,
  });
  return { glance, invite, roster, code, extra };
}

/** What is set for the class. */
export function useAssignments() {
  const queries = useQueryClient();
  const name = ['class-assignments'];
  const all = useQuery({ queryKey: name, queryFn: () => taken(api.GET('/api/class/assignments')) });
  const show = (rows: AssignmentRow[]) => {
    queries.setQueryData(name, rows);
    void queries.invalidateQueries({ queryKey: ['marks'] });
  };
  const add = useMutation({ mutationFn: (body: NewAssignment) => taken(api.POST('/api/class/assignments', { body })), onSuccess: show, retry: false });
  const move = useMutation({
    mutationFn: ({ id, due, student }: { id: string; due: string; student?: string }) =>
      taken(api.PUT('/api/class/assignments/{id}/due', { params: { path: { id } }, body: { due, ...(student !== undefined && { student }) } })),
    onSuccess: show,
    retry: false,
  });
  return { all, add, move };
}
