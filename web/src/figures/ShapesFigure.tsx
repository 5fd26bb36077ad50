import type { Schemas } from '../api/client';

type Props = { figure: Schemas['FigureShapes']; chosen?: Set<string>; /** Those that fit, once that may be said. */ right?: string[] | undefined; onToggle?: ((id: string) => void) | undefined };

/** Many shapes, lettered. With `onToggle` each is a checkbox; a chosen one gets a thick edge and a check mark. */
export function ShapesFigure({ figure, chosen = new Set(), right, onToggle }: Props) {
  return (
    <div role="group" aria-label={figure.alt} className="grid max-w-2xl grid-cols-3 gap-2 sm:grid-cols-4">
      {figure.items.map((shape) => {
        const on = chosen.has(shape.id);
        return (
          <button
            key={shape.id}
            type="button"
            role="checkbox"
            data-answer={onToggle === undefined ? undefined : ''}
            aria-checked={on}
            aria-label={`shape ${shape.id}: ${shape.alt}${right?.includes(shape.id) === true ? ', fits' : ''}`}
            disabled={onToggle === undefined}
            onClick={() => onToggle?.(shape.id)}
            className={`relative cursor-pointer rounded-slip border bg-leaf p-1 ${on ? 'border-4 border-spruce' : 'border-rule hover:border-edge'}`}
          >
            <span className="absolute top-1 left-2 text-sm text-soft">{shape.id}</span>
            {right?.includes(shape.id) === true && <span className="absolute right-2 bottom-0.5 text-sm font-semibold text-spruce">fits</span>}
            {on && <span className="absolute top-0.5 right-2 font-bold text-spruce" aria-hidden="true">✓</span>}
            <svg viewBox="-8 -8 116 116" className="w-full" aria-hidden="true">
              <Shape shape={shape} />
            </svg>
          </button>
        );
      })}
    </div>
  );
}

function Shape({ shape }: { shape: Schemas['FigurePolygon'] }) {
  const n = shape.corners.length / 2;
  const corner = (i: number) => ({ x: shape.corners[2 * (i % n)] ?? 0, y: shape.corners[2 * (i % n) + 1] ?? 0 });
  const toward = (from: { x: number; y: number }, to: { x: number; y: number }, by: number) => {
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    return { x: from.x + ((to.x - from.x) / length) * by, y: from.y + ((to.y - from.y) / length) * by };
  };
  return (
    <g fill="none" stroke="var(--color-ink)" strokeWidth="2.4" strokeLinejoin="round">
      <polygon points={Array.from({ length: n }, (_, i) => `${corner(i).x},${corner(i).y}`).join(' ')} fill="var(--color-glacier-wash)" />
      {shape.ticks.map((ticks, i) => {
        const [a, b] = [corner(i), corner(i + 1)];
        const [mx, my] = [(a.x + b.x) / 2, (a.y + b.y) / 2];
        const length = Math.hypot(b.x - a.x, b.y - a.y);
        const [nx, ny] = [-(b.y - a.y) / length, (b.x - a.x) / length];
        return ticks === 0 ? null : <line key={`t${mx} ${my}`} x1={mx - nx * 5} y1={my - ny * 5} x2={mx + nx * 5} y2={my + ny * 5} />;
      })}
      {shape.right.map((i) => {
        const c = corner(i);
        const a = toward(c, corner(i + n - 1), 9);
        const b = toward(c, corner(i + 1), 9);
        return <path key={`r${i}`} d={`M${a.x} ${a.y}L${a.x + b.x - c.x} ${a.y + b.y - c.y}L${b.x} ${b.y}`} strokeWidth="1.5" />;
      })}
    </g>
  );
}
