import { describe, expect, it } from 'vitest';
import { beginOf, dateOf, day, endOf, moment, weekday } from './dates';

describe('dates', () => {
  it('says a date alone as the day it is, wherever the reader is', () => {
    expect(day('2026-03-05')).toBe('Mar 5');
    expect(weekday('2026-03-05')).toBe('Thu, Mar 5');
  });
  it('says a moment with hours and minutes, where the reader is', () => {
    expect(moment('2026-03-05T09:05:00')).toBe('Mar 5, 09:05');
    expect(moment('2026-03-05T14:30:00')).toBe('Mar 5, 14:30');
  });
  it('keeps a day whole between its first and its last minute', () => {
    const minutes = (Date.parse(endOf('2026-05-04')) - Date.parse(beginOf('2026-05-04'))) / 60_000;
    expect(minutes).toBe(24 * 60 - 1);
  });
  it.each(['2026-01-01', '2026-05-04', '2026-12-31'])('comes back from %s to the same date', (date) => {
    expect(dateOf(new Date(beginOf(date)))).toBe(date);
    expect(dateOf(new Date(endOf(date)))).toBe(date);
  });
});
