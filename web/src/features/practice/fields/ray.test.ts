import { describe, expect, it } from 'vitest';
import { rayOf, saidOf, sentOf } from './ray';

describe('a ray', () => {
  it.each(['>,filled,3', '<,open,0', ',,5', ',open,5', '>,,'])('comes back from %s', (sent) => {
    expect(sentOf(rayOf(sent))).toBe(sent);
  });

  it('is nothing as long as nothing is chosen', () => {
    expect(sentOf({ way: '', end: '', tick: '' })).toBe('');
    expect(rayOf('')).toEqual({ way: '', end: '', tick: '' });
    expect(rayOf('?,half,7')).toEqual({ way: '', end: '', tick: '7' });
  });

  it('says what is missing, one thing after the other', () => {
    expect(saidOf(rayOf(''), '')).toBe('Mark where the ray ends.');
    expect(saidOf(rayOf(',,5'), 'at 2')).toBe('It ends at 2. Does that number belong to it?');
    expect(saidOf(rayOf(',open,5'), '1 tick after 2')).toBe(
      'It ends 1 tick after 2. That number does not belong to it. Which way does it run?',
    );
    expect(saidOf(rayOf('<,filled,5'), 'at 2')).toBe('It ends at 2. That number belongs to it. It runs to the left.');
  });
});
