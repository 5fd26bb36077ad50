import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { type Column, found, sorted } from './sorting';

function row(
  name: string,
  known: number,
  late: number,
  minutesThisWeek: number,
  lastAt?: string,
): Schemas['StudentRow'] {
  return {
    student: { id: name, username: name, name, family: '', extraTime: 0, waiting: false },
    known,
    open: known + late,
    late,
    minutesThisWeek,
    stuckOn: [],
    ...(lastAt !== undefined && { lastAt }),
  };
}

const ROWS = [
  row('Isa', 3, 0, 20, '2026-05-02T08:00:00Z'),
  row('Åke', 3, 2, 0),
  row('Bero', 7, 1, 45, '2026-05-03T08:00:00Z'),
];
const names = (column: Column, down: boolean) => sorted(ROWS, column, down).map((r) => r.student.name);

describe('sorted', () => {
  it.each<[Column, boolean, string[]]>([
    ['name', false, ['Åke', 'Bero', 'Isa']],
    ['name', true, ['Isa', 'Bero', 'Åke']],
    ['known', true, ['Bero', 'Åke', 'Isa']],
    ['open', false, ['Isa', 'Åke', 'Bero']],
    ['late', true, ['Åke', 'Bero', 'Isa']],
    ['minutes', false, ['Åke', 'Isa', 'Bero']],
    ['last', true, ['Bero', 'Isa', 'Åke']],
  ])('by %s, down %s', (column, down, expected) => {
    expect(names(column, down)).toEqual(expected);
  });
  it('goes by the family name where it is known', () => {
    const [isa, ake, bero] = ROWS.map((r, i) => ({
      ...r,
      student: { ...r.student, family: ['Marl', 'Quill', 'Linden'][i] ?? '' },
    }));
    expect(
      sorted(
        [isa, ake, bero].filter((r) => r !== undefined),
        'name',
        false,
      ).map((r) => r.student.name),
    ).toEqual(['Bero', 'Isa', 'Åke']);
  });
  it.each([
    ['', ['Isa', 'Åke', 'Bero']],
    ['ak', ['Åke']],
    [' BERO ', ['Bero']],
    ['nobody', []],
  ])('finds %s whatever the case and the marks', (text, expected) => {
    expect(found(ROWS, text).map((r) => r.student.name)).toEqual(expected);
  });
  it('finds the name to sign in with too', () => {
    const [first] = ROWS;
    expect(first && found([{ ...first, student: { ...first.student, username: 'imarl' } }], 'imarl')).toHaveLength(1);
  });
  it('leaves the rows as they were', () => {
    sorted(ROWS, 'known', true);
    expect(ROWS.map((r) => r.student.name)).toEqual(['Isa', 'Åke', 'Bero']);
  });
});
