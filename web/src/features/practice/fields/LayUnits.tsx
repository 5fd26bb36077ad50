import type { Schemas } from '../../../api/client';
import { MeasuredFigure } from '../../../figures/MeasuredFigure';
import { Button } from '../../../ui/Button';
import type { FieldProps } from './types';

/** Units laid end to end along an object; sends how many lie there. */
export function LayUnits({ field, value, onChange, disabled, object }: FieldProps & { object: Schemas['FigureMeasured'] }) {
  const laid = Number.parseInt(value, 10) || 0;
  const most = Math.ceil(object.length) + 3;
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">{field.label}</p>
      <MeasuredFigure figure={object} laid={laid} />
      <div className={`items-center gap-3 ${disabled ? 'hidden' : 'flex'}`}>
        <Button data-answer={disabled ? undefined : ''} onClick={() => onChange(String(Math.min(most, laid + 1)))} disabled={laid >= most}>
          Lay one more {object.unit}
        </Button>
        <Button onClick={() => onChange(laid <= 1 ? '' : String(laid - 1))} disabled={laid === 0}>
          Take one away
        </Button>
        <span aria-live="polite">{laid} laid</span>
      </div>
    </div>
  );
}
