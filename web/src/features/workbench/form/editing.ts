import type { Schemas } from '../../../api/client';

export type Form = Schemas['FormView'];
export type Field = Schemas['FormField'];
/** A form, and the text that it was read from. */
export type Read = { text: string; form: Form };

/** What may stand in a document without quotation marks, whatever is around it. */
const PLAIN = /^[A-Za-z0-9(]([A-Za-z0-9 .+*/^()-]*[A-Za-z0-9)])?$/;

/** A value as it stands in a document: with quotation marks, unless it does without them. */
const written = (field: Field, value: string) => (field.plain && PLAIN.test(value) ? value : JSON.stringify(value));

const moved = (field: Field, after: number, by: number): Field =>
  field.from > after ? { ...field, from: field.from + by, to: field.to + by } : field;

/**
 * Puts a value into the text. Where the other fields stand is known at once; how the formulas are read comes from the
 * server a moment later.
 */
export function edited({ text, form }: Read, field: Field, value: string): Read {
  const inText = written(field, value);
  const by = inText.length - (field.to - field.from);
  const change = (other: Field): Field =>
    other.id === field.id
      ? { ...other, value, to: other.to + by, latex: undefined, fault: undefined }
      : moved(other, field.from, by);
  return {
    text: text.slice(0, field.from) + inText + text.slice(field.to),
    form: {
      variants: form.variants.map((variant) => ({
        ...variant,
        sections: variant.sections.map((section) => ({
          ...section,
          rows: section.rows.map((row) => ({ ...row, fields: row.fields.map(change) })),
        })),
      })),
    },
  };
}
