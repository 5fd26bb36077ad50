import type { Schemas } from '../api/client';
import { AnglesFigure } from './AnglesFigure';
import { BarFigure } from './BarFigure';
import { FractionFigure } from './FractionFigure';
import { GridFigure } from './GridFigure';
import { MeasuredFigure } from './MeasuredFigure';
import { NumberLineFigure } from './NumberLineFigure';
import { ShapesFigure } from './ShapesFigure';
import { StraightFigure, StraightsFigure } from './StraightFigure';
import { BalanceFigure, ScaleFigure } from './WeighFigures';

/** Draws any figure of the server: one component a kind. */
export function FigureView({ figure }: { figure: Schemas['Figure'] }) {
  switch (figure.kind) {
    case 'Bar':
      return <BarFigure figure={figure} />;
    case 'FractionPicture':
      return <FractionFigure figure={figure} />;
    case 'NumberLine':
      return <NumberLineFigure figure={figure} />;
    case 'Angles':
      return <AnglesFigure figure={figure} />;
    case 'Straight':
      return <StraightFigure figure={figure} />;
    case 'Straights':
      return <StraightsFigure figure={figure} />;
    case 'Shapes':
      return <ShapesFigure figure={figure} />;
    case 'Grid':
      return <GridFigure figure={figure} />;
    case 'Balance':
      return <BalanceFigure figure={figure} />;
    case 'Scale':
      return <ScaleFigure figure={figure} />;
    case 'Measured':
      return <MeasuredFigure figure={figure} />;
    default: {
      const never: never = figure;
      return never;
    }
  }
}
