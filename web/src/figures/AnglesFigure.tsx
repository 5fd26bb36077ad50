import type { Schemas } from '../api/client';

const CX = 180;
const CY = 130;
const LENGTH = 118;

const radians = (degrees: number) => (degrees * Math.PI) / 180;
const at = (degrees: number, radius: number) => ({ x: CX + radius * Math.cos(radians(degrees)), y: CY - radius * Math.sin(radians(degrees)) });

/** Lines or rays from one point, with arcs and the square of a right angle. */
export function AnglesFigure({ figure }: { figure: Schemas['FigureAngles'] }) {
  const { top, height } = extent(figure);
  return (
    <svg viewBox={`0 ${top} 360 ${height}`} className="w-full max-w-sm" role="img" aria-label={figure.alt}>
      {figure.rays.map((ray) => {
        const end = at(ray.degrees, LENGTH);
        const start = ray.bothWays ? at(ray.degrees + 180, LENGTH) : { x: CX, y: CY };
        return <line key={ray.degrees} x1={start.x} y1={start.y} x2={end.x} y2={end.y} stroke="var(--color-ink)" strokeWidth="2.2" strokeLinecap="round" />;
      })}
      {figure.arcs.map((arc) => (
        <ArcMark key={`${arc.from} ${arc.to} ${arc.label}`} arc={arc} />
      ))}
      <circle cx={CX} cy={CY} r="3" fill="var(--color-ink)" />
    </svg>
  );
}

const radiusOf = (arc: Schemas['FigureArc']) => (arc.to - arc.from > 120 ? 30 : 40);
const labelOf = (arc: Schemas['FigureArc']) => at((arc.from + arc.to) / 2, radiusOf(arc) + 22);

/** From the topmost to the lowest thing drawn: flat pairs of lines leave no empty box around them. */
export function extent({ rays, arcs }: Schemas['FigureAngles']): { top: number; height: number } {
  const lines = rays.flatMap((ray) => [at(ray.degrees, LENGTH).y, ray.bothWays ? at(ray.degrees + 180, LENGTH).y : CY]);
  const labels = arcs.filter((arc) => !arc.square).flatMap((arc) => [labelOf(arc).y - 16, labelOf(arc).y + 16]);
  const top = Math.min(...lines, ...labels) - 6;
  return { top, height: Math.max(...lines, ...labels) + 6 - top };
}

function ArcMark({ arc }: { arc: Schemas['FigureArc'] }) {
  if (arc.square) {
    const a = at(arc.from, 14);
    const b = at((arc.from + arc.to) / 2, 14 * Math.SQRT2);
    const c = at(arc.to, 14);
    return <path d={`M${a.x} ${a.y}L${b.x} ${b.y}L${c.x} ${c.y}`} fill="none" stroke="var(--color-soft)" strokeWidth="1.5" />;
  }
  const radius = radiusOf(arc);
  const from = at(arc.from, radius);
  const to = at(arc.to, radius);
  const label = labelOf(arc);
  const large = arc.to - arc.from > 180 ? 1 : 0;
  return (
    <>
      <path d={`M${from.x} ${from.y}A${radius} ${radius} 0 ${large} 0 ${to.x} ${to.y}`} fill="none" stroke="var(--color-spruce)" strokeWidth="2.5" />
      <text x={label.x} y={label.y + 6} textAnchor="middle" className="fill-ink text-[18px] font-semibold">
        {arc.label}
      </text>
    </>
  );
}
