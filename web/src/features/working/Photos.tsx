import { useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Stuck } from '../../outbox/Stuck';
import { Button } from '../../ui/Button';
import { FilePicker } from '../../ui/FilePicker';
import { usePhotos } from './usePhotos';

type Page = Schemas['Page'];
const MOST_BYTES = 8 * 1024 * 1024;

/** Photos or scans of work on paper: added, turned, taken away. */
export default function Photos({ itemId, place, page }: { itemId: string; place: string; page: Page }) {
  const [over, setOver] = useState(false);
  const [tooLarge, setTooLarge] = useState<string[]>([]);
  const root = useRef<HTMLDivElement>(null);
  const { add, turn, remove } = usePhotos(itemId, place, () => root.current?.querySelector('button')?.focus());
  /** Each is a deed of its own, so that a bad one stops none of the others. */
  const bring = (files: File[]) => {
    setTooLarge(files.filter((file) => file.size > MOST_BYTES).map((file) => file.name));
    files.filter((file) => file.size <= MOST_BYTES).forEach((file) => add.mutate(file));
  };
  const failed = [add, turn, remove].find((m) => m.isError);
  return (
    <div
      ref={root}
      className="mt-3 grid gap-3"
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        bring([...e.dataTransfer.files]);
      }}
    >
      <div
        className={`grid justify-items-start gap-2 rounded-slip border-2 border-dashed bg-leaf p-4 ${over ? 'border-spruce' : 'border-edge'}`}
      >
        <p>Worked on paper? Add a photo or a scan of it.</p>
        <FilePicker
          label="Pictures of your work"
          accept="image/png,image/jpeg,image/webp"
          multiple
          disabled={false}
          onFiles={bring}
        >
          {add.isPending ? 'Sending …' : 'Choose pictures'}
        </FilePicker>
        <p className="text-sm text-soft">PNG, JPEG or WebP, up to 8 MB each, several pages. Or drop them here.</p>
      </div>
      {tooLarge.length > 0 && (
        <p role="alert" className="text-rust">
          {tooLarge.join(', ')}: larger than 8 MB. Make it smaller and add it again.
        </p>
      )}
      <Stuck what="A photo" done={add} />
      {failed !== undefined && (
        <p role="alert" className="bg-leaf text-rust">
          {failed.error?.message}
        </p>
      )}
      <ol className="grid gap-3">
        {page.photos.map((photo, i) => (
          <li key={photo.id} className="grid gap-1 bg-leaf">
            <span className="flex items-center gap-1">
              <span className="mr-2 text-sm text-soft">Photo {i + 1}</span>
              <Button small disabled={turn.isPending} onClick={() => turn.mutate(photo.id)}>
                Turn right
              </Button>
              <Button small disabled={remove.isPending} onClick={() => remove.mutate(photo.id)}>
                Take away
              </Button>
            </span>
            <PhotoShown photo={photo} number={i + 1} />
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
      <img
        src={`${address}?${photo.width}`}
        alt={`Your work on paper, page ${number}`}
        width={photo.width}
        height={photo.height}
        className="h-auto w-full rounded-slip border border-rule"
      />
    </a>
  );
}
