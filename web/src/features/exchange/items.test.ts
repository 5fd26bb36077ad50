import { expect, it } from 'vitest';
import { itemsFor } from './items';

it('asks for each skill, whatever its title holds', () => {
  expect(itemsFor(['mean', 'both-sides'], 'Huts & peaks')).toBe(
    '/api/exchange/items.zip?skill=mean&skill=both-sides&title=Huts+%26+peaks',
  );
});
