import { useRef } from 'react';
import type { FieldProps } from '../features/practice/fields/types';
import { RichText } from '../ui/RichText';
import { MathField } from './MathField';
import { Pad } from './Pad';
import type { PadCommand } from './pad';
import { ReadAs } from './ReadAs';
import { SignRow } from './SignRow';
import { fieldLatex, plainText } from './signs';
import type { Typing } from './typing';

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
  /** Puts text in place of what is selected, and the caret behind it. */
  const put = (from: number, to: number, text: string) => {
    onChange(value.slice(0, from) + text + value.slice(to));
    window.requestAnimationFrame(() => {
      input.current?.focus();
      input.current?.setSelectionRange(from + text.length, from + text.length);
    });
  };
  const insert = (text: string) => {
    const at = input.current?.selectionStart ?? value.length;
    put(at, input.current?.selectionEnd ?? at, text);
  };
  const command = (which: PadCommand) => {
    const from = input.current?.selectionStart ?? value.length;
    const to = input.current?.selectionEnd ?? from;
    if (which === 'back') {
      put(from === to ? Math.max(0, from - 1) : from, to, '');
    } else {
      const next = Math.min(value.length, Math.max(0, which === 'left' ? from - 1 : to + 1));
      input.current?.focus();
      input.current?.setSelectionRange(next, next);
    }
  };
  return (
    <>
      <div className="flex items-center gap-2">
        <input
          ref={input}
          id={`field-${field.id}`}
          data-answer={disabled ? undefined : ''}
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
      <Pad kind={field.answerKind} letters={field.letters} palette={palette} onType={insert} onCommand={command}>
        <SignRow signs={palette} onSign={(sign) => insert(plainText(sign))} />
      </Pad>
    </>
  );
}

const FIELD_COMMANDS = { back: 'deleteBackward', left: 'moveToPreviousChar', right: 'moveToNextChar' } as const;

function Rich({ field, value, onChange, onEnter, palette, first = false }: FieldProps & { palette: string[] }) {
  const typing = useRef<Typing | null>(null);
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
        takesFocus={first}
        onReady={(ready) => {
          typing.current = ready;
        }}
      />
      <Pad
        kind={field.answerKind}
        letters={field.letters}
        palette={palette}
        onType={(character) => typing.current?.type(character)}
        onCommand={(which) => typing.current?.command(FIELD_COMMANDS[which])}
      >
        <SignRow signs={palette} onSign={(sign) => typing.current?.insert(fieldLatex(sign))} />
      </Pad>
    </>
  );
}
