import type { Schemas } from '../api/client';

const COLORS: Record<Schemas['ShownStroke']['paint'], string> = {
  NONE: 'none',
  INK: 'var(--color-ink)',
  SOFT: 'var(--color-soft)',
  GRID: 'var(--color-gridline)',
  MAIN: 'var(--color-spruce)',
  OTHER: 'var(--color-larch-mark)',
  HAND: 'var(--color-rust)',
  PAPER: 'var(--color-leaf)',
  WASH: 'var(--color-glacier-wash)',
  SAND: 'var(--color-larch-wash)',
  HATCH: 'none',
};

/** The colour of a paint; hatching is a pattern of the picture. */
export function paintOf(paint: Schemas['ShownStroke']['paint'], hatch: string): string {
  return paint === 'HATCH' ? `url(#${hatch})` : COLORS[paint];
}

/** Slanted lines, so that no colour is needed to tell shaded parts apart. */
export function Hatching({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={id} width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="8" height="8" fill="var(--color-spruce-wash)" />
        <line x1="0" x2="0" y1="0" y2="8" stroke="var(--color-spruce)" strokeWidth="3" />
      </pattern>
    </defs>
  );
}
