import { useRef } from 'react';
import type { FieldProps } from '../features/practice/fields/types';
import { RichText } from '../ui/RichText';
import { MathField } from './MathField';
import { ReadAs } from './ReadAs';
import { SignRow } from './SignRow';
import { fieldLatex, plainText } from './signs';

const RICH = new Set(['expression', 'equation', 'pair', 'set', 'domain']);

/** A typed answer: a light text field for numbers, a math field for what is not a line. */
export function TypedField(props: FieldProps & { palette: string[] }) {
  const { field, value, disabled } = props;
  return (
    <div className="grid gap-1.5">
      <label className="text-sm text-soft" htmlFor={`field-${field.id}`}>
        {field.label}
      </label>
      {RICH.has(field.answerKind) ? <Rich {...props} /> : <Plain {...props} />}
      {!disabled && <ReadAs kind={field.answerKind} letters={field.letters} entry={value} />}
      {field.wanted !== '' && (
        <p id={`${field.id}-wanted`} className="max-w-2xl text-[0.95rem]">
          Wanted: <RichText text={field.wanted} />
        </p>
      )}
    </div>
  );
}

function Plain({ field, value, onChange, onEnter, disabled, palette }: FieldProps & { palette: string[] }) {
  const input = useRef<HTMLInputElement>(null);
  const insert = (sign: string) => {
    const at = input.current?.selectionStart ?? value.length;
    onChange(value.slice(0, at) + plainText(sign) + value.slice(input.current?.selectionEnd ?? at));
    input.current?.focus();
  };
  return (
    <>
      <div className="flex items-center gap-2">
        <input
          ref={input}
          id={`field-${field.id}`}
          data-answer
          className="w-full max-w-md rounded-slip border-2 border-ink bg-leaf px-4 py-2 font-serif text-2xl disabled:border-rule"
          value={value}
          disabled={disabled}
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          aria-describedby={`${field.id}-wanted`}
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
      <SignRow signs={palette} onSign={insert} />
    </>
  );
}

function Rich({ field, value, onChange, onEnter, palette }: FieldProps & { palette: string[] }) {
  const insert = useRef<(latex: string) => void>(() => {});
  return (
    <>
      <MathField
        id={`field-${field.id}`}
        label={field.label}
        kind={field.answerKind}
        letters={field.letters}
        value={value}
        describedBy={`${field.id}-wanted`}
        onChange={onChange}
        onEnter={onEnter}
        onReady={(put) => {
          insert.current = put;
        }}
      />
      <SignRow signs={palette} onSign={(sign) => insert.current(fieldLatex(sign))} />
    </>
  );
}
