import type { FieldProps } from './types';

const MOST = 500;

/** A sentence or two; with `picture`, to one that is drawn on the page. */
export function InWords({ field, value, onChange, disabled, picture = false }: FieldProps & { picture?: boolean }) {
  return (
    <div className="grid max-w-2xl gap-1.5">
      <label className="text-sm text-soft" htmlFor={`field-${field.id}`}>
        {field.label}
      </label>
      <textarea
        id={`field-${field.id}`}
        data-answer={disabled ? undefined : ''}
        className="min-h-24 w-full rounded-slip border-2 border-ink bg-leaf px-4 py-2 font-serif text-lg disabled:border-rule"
        rows={3}
        maxLength={MOST}
        value={value}
        disabled={disabled}
        aria-describedby={`${field.id}-wanted`}
        onChange={(e) => onChange(e.target.value)}
      />
      <p id={`${field.id}-wanted`} className="text-[0.95rem]">
        Wanted: {field.wanted}
        {picture ? ', and a picture on your page. Your instructor reads both.' : '. Your instructor reads it.'}
      </p>
    </div>
  );
}
