import { useState } from 'react';
import type { Schemas } from '../../../api/client';
import { FractionFigure } from '../../../figures/FractionFigure';
import { ShapesFigure } from '../../../figures/ShapesFigure';
import { type FieldProps, idsOf, toggled } from './types';

/** How many parts an earlier entry had shaded: its numerator. */
function countOf(value: string): number {
  const count = Number.parseInt(value, 10);
  return Number.isNaN(count) ? 0 : count;
}

/** Parts of a whole to shade; sends shaded parts over the parts of one whole. */
export function Shade({ field, value, onChange, disabled, picture }: FieldProps & { picture: Schemas['FigureFractionPicture'] }) {
  const [chosen, setChosen] = useState(() => new Set(Array.from({ length: countOf(value) }, (_, i) => i)));
  const toggle = (part: number) => {
    const next = new Set(chosen);
    if (!next.delete(part)) {
      next.add(part);
    }
    setChosen(next);
    onChange(next.size === 0 ? '' : `${next.size}/${picture.cuts.length}`);
  };
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">{field.label}</p>
      <FractionFigure figure={picture} chosen={chosen} onToggle={disabled ? undefined : toggle} />
      <p aria-live="polite">{chosen.size === 1 ? '1 part is shaded.' : `${chosen.size} parts are shaded.`}</p>
    </div>
  );
}

/** Shapes to choose in a picture. */
export function SelectShapes({ value, onChange, disabled, right, shapes }: FieldProps & { shapes: Schemas['FigureShapes'] }) {
  return <ShapesFigure figure={shapes} chosen={idsOf(value)} right={right} onToggle={disabled ? undefined : (id) => onChange(toggled(value, id))} />;
}
