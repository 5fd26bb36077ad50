import type { Schemas } from '../api/client';

/** A part that nobody has answered yet. */
export const openPart = (
  prompt: string,
  layout: Schemas['PartView']['layout'],
  fields: Schemas['FieldView'][],
): Schemas['PartView'] => ({
  prompt,
  layout,
  fields,
  triesAllowed: 3,
  triesLeft: 3,
  hints: [],
  hintsInAll: 0,
  status: 'OPEN',
  entries: {},
  feedback: [],
  answers: [],
});
