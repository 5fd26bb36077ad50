import { render } from '@testing-library/react';
import { useState } from 'react';
import { vi } from 'vitest';
import type { Schemas } from '../api/client';
import { FieldInput } from '../features/practice/fields/FieldInput';

export type Response = Schemas['ShownResponse'];

const fieldOf = (response: Response): Schemas['FieldView'] => ({
  id: 'f',
  label: 'The answer',
  wanted: '',
  answerKind: 'value',
  letters: [],
  suffix: '',
  response,
  spoken: {},
});

/** A field that remembers what is entered, and tells. */
export function shown(response: Response, value = '', disabled = false, right?: string[]) {
  const told = vi.fn();
  function Field() {
    const [now, setNow] = useState(value);
    const change = (next: string) => {
      told(next);
      setNow(next);
    };
    return (
      <FieldInput
        field={fieldOf(response)}
        value={now}
        onChange={change}
        onEnter={() => told('enter')}
        disabled={disabled}
        right={right}
      />
    );
  }
  render(<Field />);
  return told;
}
