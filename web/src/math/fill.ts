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

/** Text that was typed elsewhere is shown at once, and as mathematics as soon as the server has read it. */
export function fill(field: Field, content: Content) {
  const { value } = content;
  fillings.set(field, content);
  field.value = value.includes('\\') ? value : powersBraced(value);
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
  let isTyped = false;
  const typed = () => {
    isTyped = true;
  };
  field.addEventListener('input', typed);
  const read = await taken(api.POST('/api/reading', { body: { kind, letters, entry: value } })).catch(() => null);
  field.removeEventListener('input', typed);
  const isLast = fillings.get(field) === content;
  if (read !== null && read.at < 0 && field.isConnected && isLast && !isTyped) {
    replace(field, read.latex);
  }
}

/** The same in another form: where all was selected, the next key still replaces all. */
function replace(field: Field, latex: string) {
  const [from, to] = field.selection.ranges[0] ?? [0, 0];
  const isAll = from !== to && Math.min(from, to) === 0 && Math.max(from, to) === field.lastOffset;
  field.value = latex;
  if (isAll) {
    field.select();
  }
}
