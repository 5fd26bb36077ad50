import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, type Schemas, taken } from '../../api/client';
import { announce } from '../../ui/announce';
import { counted, listed } from '../../ui/listed';

/** What would go with an account, counted when somebody asks. */
export function useGoing(id: string) {
  return useQuery({
    queryKey: ['everything', id],
    queryFn: () => taken(api.GET('/api/class/students/{id}/everything', { params: { path: { id } } })),
    staleTime: 0,
  });
}

/** Deletes a student for good. */
export function useErasure({ id, name }: Pick<Schemas['Student'], 'id' | 'name'>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => done(api.DELETE('/api/class/students/{id}/everything', { params: { path: { id } } })),
    onSuccess: () => {
      announce(`${name} is deleted.`);
      void queries.invalidateQueries();
    },
    retry: false,
  });
}

/** What goes, in sentences. */
export function goes({ name, items, pages, quizzes }: Schemas['Going']) {
  const parts = [
    counted(items, 'item with its answers', 'items with all their answers'),
    ...(pages === 0 ? [] : [counted(pages, 'page of work', 'pages of work')]),
    ...(quizzes === 0 ? [] : [counted(quizzes, 'quiz', 'quizzes')]),
  ];
  return items === 0
    ? `This deletes the account of ${name} for good. Nobody can bring it back.`
    : `This deletes the account of ${name} for good, and with it ${listed(parts)}. Nobody can bring it back.`;
}
