import type { Schemas } from '../../../api/client';
import { Button } from '../../../ui/Button';
import type { Field } from './editing';
import { FieldShown } from './FieldShown';

type Props = {
  section: Schemas['FormSection'];
  readOnly: boolean;
  onChange: (field: Field, value: string) => void;
  onRow: (change: { path: string; row: number }) => void;
  onLine: (line: number) => void;
};

/** Rows of the document that belong together. */
export function SectionShown({ section, readOnly, onChange, onRow, onLine }: Props) {
  const canGrow = section.path !== '';
  return (
    <fieldset className="grid gap-2 border-t border-rule pt-2">
      <legend className="font-semibold">{section.title}</legend>
      {section.rows.map((row) => (
        <div key={row.fields.map((f) => f.id).join()} className="flex items-end gap-2">
          <div className={`grid min-w-0 flex-1 gap-1.5 ${row.fields.length > 1 ? 'border-l-2 border-edge pl-3' : ''}`}>
            {row.fields.map((field) => (
              <FieldShown
                key={field.id}
                field={field}
                readOnly={readOnly}
                onChange={(value) => onChange(field, value)}
                onLine={onLine}
              />
            ))}
          </div>
          {canGrow && section.rows.length > 1 && (
            <Button
              small
              look="quiet"
              disabled={readOnly}
              aria-label={`Take out row ${row.number + 1} of ${section.title}`}
              onClick={() => onRow({ path: section.path, row: row.number })}
            >
              ×
            </Button>
          )}
        </div>
      ))}
      {canGrow && (
        <Button small className="w-fit" disabled={readOnly} onClick={() => onRow({ path: section.path, row: -1 })}>
          One more
          <span className="sr-only"> of {section.title}</span>
        </Button>
      )}
    </fieldset>
  );
}
