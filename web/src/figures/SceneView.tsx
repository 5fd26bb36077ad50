import { type PointerEvent, type ReactNode, useId } from 'react';
import type { Schemas } from '../api/client';
import { arcPath, linePath } from './geometry';
import { Hatching, paintOf } from './paint';

export type Scene = Schemas['ShownScene'];
export type Spot = Schemas['ShownSpot'];

type Props = {
  scene: Scene;
  /** Drawn on top, such as what stands in the spots. */
  children?: ReactNode;
  /** Whether something in it can be pressed. */
  interactive?: boolean;
  /** Told where the pointer came down, in coordinates of the grid. */
  onPlace?: (x: number, y: number) => void;
  /** Told where the pointer came down, in units of the picture. */
  onTouch?: (x: number, y: number) => void;
  /** Named by what stands around it. */
  silent?: boolean;
};

/** Draws any picture of the server. */
export function SceneView({ scene, children, interactive = false, onPlace, onTouch, silent = false }: Props) {
  const hatch = useId();
  const { plot } = scene;
  const place = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const x = ((event.clientX - box.left) / box.width) * scene.width;
    const y = ((event.clientY - box.top) / box.height) * scene.height;
    onTouch?.(x, y);
    if (plot !== undefined) {
      onPlace?.(
        plot.xMin + ((x - plot.left) / plot.width) * (plot.xMax - plot.xMin),
        plot.yMax - ((y - plot.top) / plot.height) * (plot.yMax - plot.yMin),
      );
    }
  };
  return (
    <svg
      viewBox={`0 0 ${scene.width} ${scene.height}`}
      className={`block h-auto w-full font-sans ${onPlace === undefined && onTouch === undefined ? '' : 'cursor-crosshair touch-none'}`}
      style={{ maxWidth: scene.width }}
      {...(silent ? { 'aria-hidden': true } : { role: interactive ? 'group' : 'img', 'aria-label': scene.alt })}
      onPointerDown={place}
    >
      <Hatching id={hatch} />
      {scene.shapes.map((shape, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- shapes are drawn in a fixed order
        <ShapeView key={i} shape={shape} hatch={hatch} rimmed={plot !== undefined} />
      ))}
      {children}
    </svg>
  );
}

const ANCHORS = { START: 'start', MIDDLE: 'middle', END: 'end' } as const;
const STYLES = {
  PLAIN: 'fill-ink',
  BOLD: 'fill-ink font-semibold',
  SOFT: 'fill-soft',
  LETTER: 'fill-ink font-serif italic',
};

/** @param rimmed whether letters have a rim of paper, since lines run behind them */
function ShapeView({ shape, hatch, rimmed }: { shape: Schemas['ShownShape']; hatch: string; rimmed: boolean }) {
  switch (shape.kind) {
    case 'Path':
      return (
        <path d={linePath(shape.points, shape.closed)} fill={paintOf(shape.fill, hatch)} {...strokeOf(shape.stroke)} />
      );
    case 'Arc':
      return <path d={arcPath(shape)} fill="none" {...strokeOf(shape.stroke)} />;
    case 'Disc':
      return (
        <circle
          cx={shape.x}
          cy={shape.y}
          r={shape.radius}
          fill={paintOf(shape.fill, hatch)}
          {...strokeOf(shape.stroke)}
        />
      );
    case 'Text':
      return (
        <text
          x={shape.x}
          y={shape.y}
          fontSize={shape.size}
          textAnchor={ANCHORS[shape.anchor]}
          className={STYLES[shape.style]}
          {...(rimmed && {
            stroke: 'var(--color-leaf)',
            strokeWidth: 3,
            paintOrder: 'stroke',
            strokeLinejoin: 'round',
          })}
        >
          {shape.text}
        </text>
      );
    case 'Image':
      return (
        <image
          x={shape.x}
          y={shape.y}
          width={shape.width}
          height={shape.height}
          href={shape.data}
          preserveAspectRatio="none"
        />
      );
    default: {
      const never: never = shape;
      return never;
    }
  }
}

function strokeOf({ paint, width, dashed }: Schemas['ShownStroke']) {
  return {
    stroke: paintOf(paint, ''),
    strokeWidth: width,
    strokeLinecap: dashed ? 'butt' : 'round',
    strokeLinejoin: 'round',
    ...(dashed && { strokeDasharray: '7 5' }),
  } as const;
}
