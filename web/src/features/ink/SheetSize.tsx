import { Button } from '../../ui/Button';
import { fitted, panned, type SheetView, zoomed } from './view';

type Props = {
  /** Of the window, in pixels. */
  width: number;
  height: number;
  onView: (next: (now: SheetView) => SheetView) => void;
};

/** How large the page is, and which part of it is seen. */
export function SheetSize({ width, height, onView }: Props) {
  return (
    <div className="mt-1 flex items-center gap-1 text-sm text-soft" role="group" aria-label="Size of the sheet">
      <Button small aria-label="Smaller" onClick={() => onView((now) => zoomed(now, 0.8, width / 2, 0, width))}>
        −
      </Button>
      <Button small aria-label="Larger" onClick={() => onView((now) => zoomed(now, 1.25, width / 2, 0, width))}>
        +
      </Button>
      <Button look="quiet" small onClick={() => onView(() => fitted(width))}>
        Whole width, from the top
      </Button>
      <Button look="quiet" small onClick={() => onView((now) => panned(now, 0, -height * 0.7, width))}>
        Further down
      </Button>
    </div>
  );
}
