import { Button } from '../../../ui/Button';
import { INPUT, Labelled } from '../../../ui/Labelled';
import { Tex } from '../../../ui/Tex';
import type { Field } from './editing';

type Props = {
  field: Field;
  readOnly: boolean;
  onChange: (value: string) => void;
  /** Shows a line of the text. */
  onLine: (line: number) => void;
};

const LONG = 60;

/** One text of the document, with how it is read; several cases, pictures and tables are left to the text. */
export function FieldShown({ field, readOnly, onChange, onLine }: Props) {
  if (!field.whole) {
    return (
      <p className="flex flex-wrap items-center gap-2 text-sm text-soft">
        {field.label !== '' && <strong className="text-ink">{field.label}</strong>}
        More than one line of words.
        <Button small look="quiet" onClick={() => onLine(field.line)}>
          Change it in the text, line {field.line}
        </Button>
      </p>
    );
  }
  const common = {
    value: field.value,
    readOnly,
    'data-field': field.id,
    onChange: (e: { target: { value: string } }) => onChange(e.target.value),
  };
  return (
    <div className="grid min-w-0 gap-0.5">
      <Labelled name={field.label === '' ? <span className="sr-only">Text</span> : field.label}>
        {field.kind === 'WORDS' && field.value.length > LONG ? (
          <textarea {...common} rows={2} className={INPUT} />
        ) : (
          <input {...common} className={`${INPUT} ${field.kind === 'WORDS' ? '' : 'font-mono'}`} />
        )}
      </Labelled>
      {field.latex !== undefined && (
        <span className="text-sm text-soft">
          read as <Tex latex={field.latex} />
        </span>
      )}
      {field.fault !== undefined && <span className="text-sm text-rust">✗ {field.fault}</span>}
    </div>
  );
}
