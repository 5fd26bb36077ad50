import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refusal, type Schemas, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { FilePicker } from '../../ui/FilePicker';

type Page = Schemas['Page'];
const MOST_BYTES = 8 * 1024 * 1024;

/** One file after another, so that a bad one stops nothing before it. */
async function send(itemId: string, files: File[]): Promise<Page | null> {
  let page: Page | null = null;
  for (const file of files) {
    if (file.size > MOST_BYTES) {
      throw new Refusal(`${file.name} is larger than 8 MB. Make it smaller and add it again.`, 413);
    }
    const form = new FormData();
    form.append('file', file);
    // oxlint-disable-next-line no-await-in-loop -- in their order
    page = await taken(
      api.POST('/api/items/{itemId}/photos', {
        params: { path: { itemId } },
        body: { file: '' },
        bodySerializer: () => form,
      }),
    );
  }
  return page;
}

/** Photos or scans of work on paper: added, turned, taken away. */
export default function Photos({ itemId, page }: { itemId: string; page: Page }) {
  const queries = useQueryClient();
  const [over, setOver] = useState(false);
  const onSuccess = (now: Page | null) => now !== null && queries.setQueryData(['work', itemId], now);
  const refresh = () => void queries.invalidateQueries({ queryKey: ['work', itemId] });
  const add = useMutation({ mutationFn: (files: File[]) => send(itemId, files), onSuccess, onError: refresh, retry: false });
  const turn = useMutation({ mutationFn: (photoId: string) => taken(api.POST('/api/photos/{photoId}/turn', { params: { path: { photoId } } })), onSuccess, retry: false });
  const remove = useMutation({ mutationFn: (photoId: string) => taken(api.DELETE('/api/photos/{photoId}', { params: { path: { photoId } } })), onSuccess, retry: false });
  const failed = [add, turn, remove].find((m) => m.isError);
  return (
    <div
      className="mt-3 grid gap-3"
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        add.mutate([...e.dataTransfer.files]);
      }}
    >
      <div className={`grid justify-items-start gap-2 rounded-slip border-2 border-dashed bg-leaf p-4 ${over ? 'border-spruce' : 'border-edge'}`}>
        <p>Worked on paper? Add a photo or a scan of it.</p>
        <FilePicker label="Pictures of your work" accept="image/png,image/jpeg,image/webp" multiple disabled={add.isPending} onFiles={(files) => add.mutate(files)}>
          {add.isPending ? 'Sending …' : 'Choose pictures'}
        </FilePicker>
        <p className="text-sm text-soft">PNG, JPEG or WebP, up to 8 MB each, several pages. Or drop them here.</p>
      </div>
      {failed !== undefined && <p role="alert" className="bg-leaf text-rust">{failed.error?.message}</p>}
      <ol className="grid gap-3">
        {page.photos.map((photo, i) => (
          <li key={photo.id} className="grid gap-1 bg-leaf">
            <PhotoShown photo={photo} number={i + 1} />
            <span className="flex gap-1">
              <Button small disabled={turn.isPending} onClick={() => turn.mutate(photo.id)}>
                Turn right
              </Button>
              <Button small disabled={remove.isPending} onClick={() => remove.mutate(photo.id)}>
                Take away
              </Button>
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** A page on paper; opens in full size. */
export function PhotoShown({ photo, number }: { photo: Schemas['Photo']; number: number }) {
  const address = `/api/photos/${photo.id}`;
  return (
    <a href={address} target="_blank" rel="noreferrer">
      <img src={`${address}?${photo.width}`} alt={`Your work on paper, page ${number}`} width={photo.width} height={photo.height} className="h-auto w-full rounded-slip border border-rule" />
    </a>
  );
}
