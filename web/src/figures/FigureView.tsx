import type { Schemas } from '../api/client';
import { BarFigure } from './BarFigure';

/** Draws any figure of the server: one component a kind. */
export function FigureView({ figure }: { figure: Schemas['Figure'] }) {
  switch (figure.kind) {
    case 'Bar':
      return <BarFigure figure={figure} />;
    default:
      return <p className="border-l-4 border-edge pl-3">{figure.alt}</p>;
  }
}
