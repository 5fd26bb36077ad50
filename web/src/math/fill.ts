import { type MathfieldElement as Field } from 'mathlive';
import { api, taken } from '../api/client';

/** What is written into a field, and how it is to be read. */
type Content = { value: string; kind: string; letters: string[] };

/** The last filling of each field: what the server has read for an earlier one comes too late. */
const fillings = new WeakMap<Field, Content>();

/** Plain typing puts no braces around a power. */
function powersBraced(text: string): string {
  return text.replace(/\^(-?\w+)/g, '^{$1}').replaceAll('*', String.raw`\cdot `);
}

/** What was in each field when it was last filled, or last said that somebody typed. */
const known = new WeakMap<Field, string>();

/** To be called when the field stands on the page: it may write what it was filled with in another way there. */
export function know(field: Field) {
  known.set(field, field.getValue('latex'));
}

/** To be called when the field says that somebody typed in it: what it was filled with is gone. */
export function heard(field: Field) {
  know(field);
  fillings.delete(field);
}

/** A field says only a moment after a key that it was pressed: until then, what it holds is nobody's but that key's. */
export const isAheadOfItsEvent = (field: Field) => (known.get(field) ?? '') !== field.getValue('latex');

/**
 * Text that was typed elsewhere is shown at once, and as mathematics as soon as the server has read it. A key that was
 * pressed before stands.
 */
export function fill(field: Field, content: Content) {
  const { value } = content;
  if (isAheadOfItsEvent(field)) {
    return;
  }
  fillings.set(field, content);
  replace(field, value.includes('\\') ? value : powersBraced(value));
  if (value.trim() !== '' && !value.includes('\\')) {
    void asLatex(field, content);
  }
}

/**
 * What was typed as text is read by the server's parser, so that it means the same in the field; what was typed there
 * meanwhile stands.
 */
async function asLatex(field: Field, content: Content) {
  const { kind, letters, value } = content;
  const read = await taken(api.POST('/api/reading', { body: { kind, letters, entry: value } })).catch(() => null);
  const isLast = fillings.get(field) === content;
  if (read !== null && read.at < 0 && field.isConnected && isLast && !isAheadOfItsEvent(field)) {
    replace(field, read.latex);
  }
}

/** Other text, or the same in another form: where all was selected, the next key still replaces all. */
function replace(field: Field, latex: string) {
  const [from, to] = field.selection.ranges[0] ?? [0, 0];
  const isAll = from !== to && Math.min(from, to) === 0 && Math.max(from, to) === field.lastOffset;
  field.value = latex;
  know(field);
  if (isAll) {
    field.select();
  }
}
