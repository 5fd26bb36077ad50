import { describe, expect, test } from 'vitest';
import { characterOf, padKeys } from './pad';

const shown = (kind: string, letters: string[] = [], palette: string[] = []) =>
  padKeys(kind, letters, palette)
    .flat()
    .map((key) => key.show);

describe('the pad', () => {
  test('has every digit and the ways back, whatever the field', () => {
    expect(shown('number')).toEqual(expect.arrayContaining([...'0123456789', '⌫', '←', '→']));
  });
  test('has the letters that the field knows, and no others', () => {
    expect(shown('expression', ['x', 'n'])).toEqual(expect.arrayContaining(['x', 'n']));
    expect(shown('number')).not.toContain('x');
  });
  test('has no sign that the entry cannot need', () => {
    expect(shown('number')).not.toContain('=');
    expect(shown('expression')).not.toContain('=');
    expect(shown('equation')).toContain('=');
    expect(shown('pair')).toContain(',');
    expect(shown('number')).not.toContain(',');
  });
  test('does not repeat what stands in the row of signs', () => {
    expect(shown('number', [], ['/', '−']).filter((key) => key === '/' || key === '−')).toEqual([]);
  });
  test('types plain characters', () => {
    const keys = padKeys('expression', ['x'], []).flat();
    expect(keys.filter((key) => key.does === 'type').map(characterOf)).toEqual(
      expect.arrayContaining(['-', '*', '7', 'x', '^']),
    );
  });
  test('gives every key a name', () => {
    expect(
      padKeys('domain', ['x'], [])
        .flat()
        .every((key) => key.name !== ''),
    ).toBe(true);
  });
});
