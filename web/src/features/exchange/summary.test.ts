import { expect, it } from 'vitest';
import { changes, changesFirst, summary } from './summary';

const lines = (...whats: ('ADDED' | 'RENAMED' | 'TAKEN_OUT' | 'BACK' | 'SAME' | 'REFUSED')[]) =>
  whats.map((what) => ({ what }));

it('counts what becomes of everybody, changes first', () => {
  expect(summary(lines('SAME', 'ADDED', 'SAME', 'RENAMED', 'ADDED'))).toBe('2 added, 1 renamed, 2 as before');
  expect(summary(lines('REFUSED', 'TAKEN_OUT', 'BACK'))).toBe('1 taken out, 1 back in the class, 1 not taken in');
  expect(summary([])).toBe('');
});

it('knows when there is nothing to do', () => {
  expect(changes(lines('SAME', 'REFUSED'))).toBe(false);
  expect(changes(lines('SAME', 'BACK'))).toBe(true);
});

it('puts what changes before what stays', () => {
  expect(changesFirst(lines('SAME', 'ADDED', 'SAME', 'REFUSED')).map(({ what }) => what)).toEqual([
    'ADDED',
    'REFUSED',
    'SAME',
    'SAME',
  ]);
});
