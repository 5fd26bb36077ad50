import { useReading } from '../../../math/useReading';
import { Tex } from '../../../ui/Tex';
import type { FieldProps } from './types';

/** A small box inside a formula or a table, with what was understood below it. */
export function SmallTyped({
  field,
  value,
  onChange,
  onEnter,
  disabled,
  wide = false,
}: FieldProps & { wide?: boolean }) {
  const reading = useReading(field.answerKind, field.letters, value);
  const read = value.trim() === '' ? undefined : reading.data;
  return (
    <span className={field.suffix === '' ? 'mx-1 inline-grid' : 'mx-1 inline-flex items-baseline gap-1'}>
      <input
        aria-label={`${field.label}${field.suffix === '' ? '' : `, in ${field.suffix}`}, wanted: ${field.wanted}`}
        data-answer={disabled ? undefined : ''}
        value={value}
        disabled={disabled}
        autoComplete="off"
        spellCheck={false}
        className={`rounded border-2 border-ink bg-leaf px-2 py-1 font-serif ${wide ? 'w-32' : 'w-24'}`}
        onChange={(e) => onChange(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault();
            onEnter();
          }
        }}
      />
      {field.suffix !== '' && <span aria-hidden="true">{field.suffix}</span>}
      {wide && (
        <span className="min-h-6 text-base text-soft">
          {read !== undefined && (read.at < 0 ? <Tex latex={read.latex} /> : 'not read yet')}
        </span>
      )}
    </span>
  );
}
