import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { enter } from '../session/useSession';

export type SchoolClass = Schemas['SchoolClass'];

/** The classes that an instructor teaches, and what can be done with them. */
export function useClasses() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const all = useQuery({ queryKey: ['classes'], queryFn: () => taken(api.GET('/api/classes')) });
  const show = (rows: SchoolClass[]) => queries.setQueryData(['classes'], rows);
  /** Another class is open now, or has another name: who is here has changed. */
  const turn = async (rows: SchoolClass[]) => {
    enter(queries, await taken(api.GET('/api/session')), true);
    show(rows);
  };
  const make = useMutation({
    mutationFn: (name: string) => taken(api.POST('/api/classes', { body: { name } })),
    onSuccess: turn,
    retry: false,
  });
  const open = useMutation({
    mutationFn: (id: string) => taken(api.POST('/api/classes/{id}/open', { params: { path: { id } } })),
    onSuccess: async (rows) => {
      await turn(rows);
      await navigate('/class');
    },
    retry: false,
  });
  const rename = useMutation({
    mutationFn: ({ id, name }: { id: string; name: string }) =>
      taken(api.PUT('/api/classes/{id}/name', { params: { path: { id } }, body: { name } })),
    onSuccess: turn,
    retry: false,
  });
  const over = useMutation({
    mutationFn: ({ id, is }: { id: string; is: boolean }) =>
      taken(api.PUT('/api/classes/{id}/over', { params: { path: { id } }, body: { over: is } })),
    onSuccess: show,
    retry: false,
  });
  const aim = useMutation({
    mutationFn: (goal: Schemas['Aim'] | undefined) =>
      taken(api.PUT('/api/classes/goal', { body: goal === undefined ? {} : { goal } })),
    onSuccess: show,
    retry: false,
  });
  return { all, make, open, rename, over, aim };
}

export type ClassesHand = ReturnType<typeof useClasses>;

/** Who else teaches the open class. */
export function useColleagues() {
  const queries = useQueryClient();
  const all = useQuery({ queryKey: ['colleagues'], queryFn: () => taken(api.GET('/api/classes/colleagues')) });
  const again = () => {
    void queries.invalidateQueries({ queryKey: ['colleagues'] });
    void queries.invalidateQueries({ queryKey: ['codes'] });
  };
  const invite = useMutation({
    mutationFn: (body: Schemas['NewColleague']) => taken(api.POST('/api/classes/colleagues', { body })),
    onSuccess: again,
    retry: false,
  });
  const code = useMutation({
    mutationFn: (id: string) => taken(api.POST('/api/classes/colleagues/{id}/code', { params: { path: { id } } })),
    onSuccess: again,
    retry: false,
  });
  const remove = useMutation({
    mutationFn: (id: string) => taken(api.DELETE('/api/classes/colleagues/{id}', { params: { path: { id } } })),
    onSuccess: again,
    retry: false,
  });
  return { all, invite, code, remove };
}
