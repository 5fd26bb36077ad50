import { describe, expect, it } from 'vitest';
import { again, lookAgain } from './again';
import { Refusal } from './client';

const refused = (status: number) => new Refusal('no', status);

describe('another try', () => {
  it.each([0, 429, 503])('is made after %i, but not for ever', (status) => {
    expect(again(0, refused(status))).toBe(true);
    expect(again(29, refused(status))).toBe(true);
    expect(again(30, refused(status))).toBe(false);
    expect(lookAgain(29, refused(status))).toBe(true);
  });

  it.each([400, 401, 403, 404, 409, 412, 500])('is not made of a deed that was refused with %i', (status) => {
    expect(again(0, refused(status))).toBe(false);
  });

  it('is made twice of a look that met another one', () => {
    expect([0, 1, 2].map((count) => lookAgain(count, refused(409)))).toEqual([true, true, false]);
    expect(lookAgain(0, refused(404))).toBe(false);
  });

  it('is not made of a fault of ours', () => {
    expect(lookAgain(0, new TypeError('x'))).toBe(false);
  });
});
