import { describe, expect, it } from 'vitest';
import { Echo } from './echo';

function typing(first: string, ...texts: string[]): Echo {
  const echo = new Echo(first);
  texts.forEach((text) => echo.typed(text));
  return echo;
}

describe('a value that comes to a field', () => {
  it('is news when it was not typed there', () => {
    expect(typing('x').isNews('y')).toBe(true);
  });

  it('is no news when it is what the field was filled with', () => {
    expect(typing('x').isNews('x')).toBe(false);
  });

  it('is no news when the page is drawn once more as it was before the last key', () => {
    expect(typing('old', 'n').isNews('old')).toBe(false);
  });

  it('is no news when it comes back late, while more is typed', () => {
    const echo = typing('', '1', '12', '123');
    expect(echo.isNews('1')).toBe(false);
    expect(echo.isNews('12')).toBe(false);
    expect(echo.isNews('123')).toBe(false);
  });

  it('is no news when several keys come back as one', () => {
    const echo = typing('', '1', '12', '123');
    expect(echo.isNews('12')).toBe(false);
    expect(echo.isNews('123')).toBe(false);
  });

  it('is news when another window goes back to what stood here before', () => {
    const echo = typing('old', 'new');
    expect(echo.isNews('new')).toBe(false);
    expect(echo.isNews('old')).toBe(true);
  });

  it('is news once, however often the page is drawn', () => {
    const echo = typing('a');
    expect(echo.isNews('b')).toBe(true);
    expect(echo.isNews('b')).toBe(false);
  });

  it('is news when it was typed here before somebody else wrote', () => {
    const echo = typing('', '1', '12');
    expect(echo.isNews('theirs')).toBe(true);
    expect(echo.isNews('1')).toBe(true);
  });
});
