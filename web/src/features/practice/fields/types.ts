import type { Schemas } from '../../../api/client';

export type FieldProps = {
  field: Schemas['FieldView'];
  value: string;
  onChange: (value: string) => void;
  onEnter: () => void;
  disabled: boolean;
  /** Ids of the right options, once the part is closed. */
  right?: string[] | undefined;
  /** Whether it is the first of its part, which takes the keyboard. */
  first?: boolean;
};

/** Ids separated by commas, as choices are entered. */
export function idsOf(value: string): Set<string> {
  return new Set(value.split(',').filter((id) => id !== ''));
}

export function toggled(value: string, id: string): string {
  const ids = idsOf(value);
  if (!ids.delete(id)) {
    ids.add(id);
  }
  return [...ids].toSorted((a, b) => a.localeCompare(b, 'en', { numeric: true })).join(',');
}
