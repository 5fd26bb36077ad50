import type { Schemas } from '../../api/client';
import type { Scene } from '../../figures/SceneView';
import { InkPicture } from '../ink/InkPicture';
import { useInkOf } from '../ink/useInk';
import { LinesShown } from './LineShown';
import { PhotoShown } from './Photos';
import { Under } from './WorkPage';

/** What is written and photographed on a page, to read. */
export function PageShown({ page, lines }: { page: Schemas['Page']; lines: Schemas['ShownLine'][] }) {
  return (
    <div className="grid gap-4">
      <LinesShown lines={lines} />
      {page.photos.map((photo, i) => (
        <PhotoShown key={photo.id} photo={photo} number={i + 1} />
      ))}
      {page.savedAt === undefined && <p className="text-soft">Nothing is on this page.</p>}
    </div>
  );
}

/** What is drawn on a page, with the marks on it. */
export function Drawn({ itemId, figures }: { itemId: string; figures: Scene[] }) {
  const ink = useInkOf(itemId);
  return ink.isSuccess ? (
    <InkPicture ink={ink.data} under={figures.length > 0 ? <Under figures={figures} /> : undefined} />
  ) : (
    <p className="text-soft">Opening the ink.</p>
  );
}
