import { expect, it } from 'vitest';
import { itemsAsText, itemsFor } from './items';

it('asks for each skill, whatever its title holds', () => {
  const query = 'skill=mean&skill=both-sides&title=Huts+%26+peaks';
  expect(itemsFor(['mean', 'both-sides'], 'Huts & peaks')).toBe(`/api/exchange/items.zip?${query}`);
  expect(itemsAsText(['mean', 'both-sides'], 'Huts & peaks')).toBe(`/api/exchange/items-text.zip?${query}`);
});
