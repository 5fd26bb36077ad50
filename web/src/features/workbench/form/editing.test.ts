import { describe, expect, it } from 'vitest';
import { edited, type Field, type Read } from './editing';

const TEXT = 'draw: {n: 3..9, size: 4..12}\nask: "How many?"\n';

const field = (id: string, value: string, inText: string): Field => ({
  id,
  label: id,
  kind: 'WORDS',
  value,
  from: TEXT.indexOf(inText),
  to: TEXT.indexOf(inText) + inText.length,
  line: 1,
  plain: value === inText,
  whole: true,
  latex: 'x',
  fault: 'so far',
});

const N = field('n', '3..9', '3..9');
const SIZE = field('size', '4..12', '4..12');
const ASK = field('ask', 'How many?', '"How many?"');
const READ: Read = {
  text: TEXT,
  form: {
    variants: [
      { id: 'v', tiers: '1', sections: [{ title: 't', path: '', rows: [{ number: -1, fields: [N, SIZE, ASK] }] }] },
    ],
  },
};

const fieldOf = (read: Read, id: string) => {
  const found = read.form.variants[0]?.sections[0]?.rows[0]?.fields.find((f) => f.id === id);
  if (found === undefined) {
    throw new Error(`there is no field ${id}`);
  }
  return found;
};

describe('a field of a form', () => {
  it('changes its own place in the text and nothing else', () => {
    expect(edited(READ, SIZE, '5..20').text).toBe('draw: {n: 3..9, size: 5..20}\nask: "How many?"\n');
  });

  it('leaves every other field where it stands in the new text', () => {
    const next = edited(edited(READ, N, '10..1000'), fieldOf(edited(READ, N, '10..1000'), 'ask'), 'So?');
    expect(next.text).toBe('draw: {n: 10..1000, size: 4..12}\nask: "So?"\n');
    for (const [id, written] of [
      ['n', '10..1000'],
      ['size', '4..12'],
      ['ask', '"So?"'],
    ] as const) {
      const { from, to } = fieldOf(next, id);
      expect(next.text.slice(from, to)).toBe(written);
    }
  });

  it.each([
    ['a, b', '"a, b"'],
    ['a: b', '"a: b"'],
    ['{n} cans', '"{n} cans"'],
    ['', '""'],
    ['n * ', '"n * "'],
    ['# 3', '"# 3"'],
    ['say "x"', '"say \\"x\\""'],
    ['two\nlines', '"two\\nlines"'],
    ['n * size', 'n * size'],
    ['(a + b)/2', '(a + b)/2'],
    ['2.50', '2.50'],
  ])('writes %j as it must stand in a document', (value, written) => {
    expect(edited(READ, N, value).text).toContain(`{n: ${written}, size`);
  });

  it('keeps its quotation marks where it had some', () => {
    expect(edited(READ, ASK, 'Why').text).toContain('ask: "Why"');
  });

  it('says nothing of how it is read until the server has read it again', () => {
    const next = edited(READ, N, '1..2');
    expect(fieldOf(next, 'n').latex).toBeUndefined();
    expect(fieldOf(next, 'n').fault).toBeUndefined();
    expect(fieldOf(next, 'size').latex).toBe('x');
  });
});
