import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, type Schemas, taken } from '../../api/client';
import { announce } from '../../ui/announce';
import { counted, listed } from '../../ui/listed';

/** What would go with a class, counted when somebody asks. */
export function useGoingClass(id: string) {
  return useQuery({
    queryKey: ['everything of a class', id],
    queryFn: () => taken(api.GET('/api/classes/{id}/everything', { params: { path: { id } } })),
    staleTime: 0,
    retry: false,
  });
}

/** Deletes a class that is over for good. */
export function useClassErasure(id: string, name: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (typed: string) =>
      done(api.POST('/api/classes/{id}/everything/erase', { params: { path: { id } }, body: { name: typed } })),
    onSuccess: () => {
      announce(`The class “${name}” is deleted.`);
      void queries.invalidateQueries();
    },
    retry: false,
  });
}

/** What goes, in a sentence. */
export function goesWith({ name, students, items, pages }: Schemas['GoingClass']) {
  const parts = [
    counted(students, 'account of a student', 'accounts of students'),
    ...(items === 0 ? [] : [counted(items, 'item with its answers', 'items with all their answers')]),
    ...(pages === 0 ? [] : [counted(pages, 'page of work', 'pages of work')]),
  ];
  return `This deletes “${name}” from this server for good, and with it ${listed(parts)}.`;
}
