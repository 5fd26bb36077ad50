import { RadioGroup } from 'radix-ui';
import type { Schemas } from '../../api/client';
import { ReadAs } from '../../math/ReadAs';
import { RichText } from '../../ui/RichText';

export type FieldProps = {
  field: Schemas['FieldView'];
  value: string;
  onChange: (value: string) => void;
  onEnter: () => void;
  disabled: boolean;
};

/** The right control for a field. */
export function FieldInput(props: FieldProps) {
  const { response } = props.field;
  return response.kind === 'ChooseOne' ? <ChooseOne {...props} options={response.options} /> : <TypedLine {...props} />;
}

function TypedLine({ field, value, onChange, onEnter, disabled }: FieldProps) {
  const describes = `${field.id}-wanted`;
  return (
    <div>
      <label className="block text-sm text-soft" htmlFor={`field-${field.id}`}>
        {field.label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={`field-${field.id}`}
          data-answer
          className="w-full max-w-md rounded-slip border-2 border-ink bg-leaf px-4 py-2 font-serif text-2xl disabled:border-rule"
          value={value}
          disabled={disabled}
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          aria-describedby={describes}
          onChange={(e) => onChange(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault();
              onEnter();
            }
          }}
        />
        {field.suffix !== '' && <span className="text-2xl">{field.suffix}</span>}
      </div>
      {!disabled && <ReadAs kind={field.answerKind} letters={field.letters} entry={value} />}
      {field.wanted !== '' && (
        <p id={describes} className="text-[0.95rem]">
          Wanted: <RichText text={field.wanted} />
        </p>
      )}
    </div>
  );
}

function ChooseOne({ field, value, onChange, onEnter, disabled, options }: FieldProps & { options: Schemas['Option'][] }) {
  return (
    <RadioGroup.Root value={value} onValueChange={onChange} disabled={disabled} aria-label={field.label} className="grid max-w-xl gap-2">
      {options.map((option) => (
        <RadioGroup.Item
          key={option.id}
          value={option.id}
          data-answer
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault();
              onEnter();
            }
          }}
          className="group flex min-h-12 cursor-pointer items-center gap-3 rounded-slip border border-edge bg-leaf px-4 py-2 text-left text-lg data-[state=checked]:border-2 data-[state=checked]:border-ink disabled:cursor-default"
        >
          <span className="flex size-5 shrink-0 items-center justify-center rounded-full border-2 border-ink">
            <RadioGroup.Indicator className="size-2.5 rounded-full bg-ink" />
          </span>
          <RichText text={option.text} />
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
