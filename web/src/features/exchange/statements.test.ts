import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import warningsOf from 'xapi-validation';

const KEPT = '../app/src/test/resources/exchange/statements.jsonl';

/** What the server makes of each kind of event, read by the validation library xapi-validation. */
const statements: unknown[] = readFileSync(KEPT, 'utf8')
  .trim()
  .split('\n')
  .map((line) => JSON.parse(line) as unknown);

it.each(statements)('statement %# is one of xAPI 1.0.3', (statement) => {
  expect(warningsOf(statement)).toEqual([]);
});

it('finds what is none', () => {
  const broken = { ...(statements[0] as object), actor: { objectType: 'Agent', name: 'Wim' } };
  expect(warningsOf(broken)).not.toEqual([]);
});
