import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../../api/client';
import { FilePicker } from '../../ui/FilePicker';

const FILES: [string, string][] = [
  ['txt', 'Lines as plain text'],
  ['tex', 'Lines as LaTeX'],
  ['svg', 'Ink as a picture (SVG)'],
  ['inkml', 'Ink as strokes (InkML)'],
];

/** The page as files in open formats. @param own whether ink may be brought in */
export default function PageFiles({ itemId, own }: { itemId: string; own: boolean }) {
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: async (file: File) =>
      taken(
        api.POST('/api/items/{itemId}/ink/import', {
          params: { path: { itemId } },
          body: { inkml: await file.text() },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['ink', itemId] });
      void queries.invalidateQueries({ queryKey: ['work', itemId] });
    },
    retry: false,
  });
  return (
    <div className="grid justify-items-start gap-2 p-2">
      <p>Take this page with you:</p>
      <ul className="grid gap-1">
        {FILES.map(([kind, name]) => (
          <li key={kind}>
            <a href={`/api/items/${itemId}/work.${kind}`} download>
              {name}
            </a>
          </li>
        ))}
      </ul>
      {own && (
        <>
          <p className="mt-2">Drawn elsewhere?</p>
          <FilePicker
            label="InkML file"
            accept=".inkml,.xml,application/inkml+xml"
            disabled={bring.isPending}
            onFiles={([file]) => file !== undefined && bring.mutate(file)}
          >
            Bring in an InkML file
          </FilePicker>
          {bring.isSuccess && (
            <p role="status">
              It is on the sheet: {bring.data.strokes === 1 ? 'one stroke' : `${bring.data.strokes} strokes`} now.
            </p>
          )}
          {bring.isError && (
            <p role="alert" className="text-rust">
              {bring.error.message}
            </p>
          )}
        </>
      )}
    </div>
  );
}
