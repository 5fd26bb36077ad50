import { describe, expect, it } from 'vitest';
import { ordered, type Waiting } from './order';

const page = (itemId: string, student: string, skill: string): Waiting => ({
  itemId,
  studentId: student,
  student,
  assignment: 'Weather log',
  skillId: skill,
  skill,
  since: '2030-01-10T09:00:00Z',
});
const PILE = [page('1', 'Jory', 'The mean'), page('2', 'Ansa', 'Prime factors'), page('3', 'Jory', 'Prime factors')];
const shape = (by: 'skill' | 'student') => ordered(PILE, by).map(([name, pages]) => [name, pages.map((p) => p.itemId)]);

describe('the pile', () => {
  it('by item keeps one kind together, in the order of the alphabet', () =>
    expect(shape('skill')).toEqual([
      ['Prime factors · Weather log', ['2', '3']],
      ['The mean · Weather log', ['1']],
    ]));
  it('by student keeps the order in which pages came', () =>
    expect(shape('student')).toEqual([
      ['Ansa', ['2']],
      ['Jory', ['1', '3']],
    ]));
  it('of nothing is empty', () => expect(ordered([], 'skill')).toEqual([]));
});
