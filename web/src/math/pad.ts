/** A key of the pad on the screen: a character to type, a sign of the palette, or a command. */
export type PadKey = { show: string; name: string; does: 'type' | 'sign' | 'command' };

export type PadCommand = 'back' | 'left' | 'right';

const COMMANDS: PadKey[] = [
  { show: '⌫', name: 'back', does: 'command' },
  { show: '←', name: 'left', does: 'command' },
  { show: '→', name: 'right', does: 'command' },
];

const NAMES: Record<string, string> = {
  '.': 'point',
  ',': 'comma',
  '+': 'plus',
  '-': 'minus',
  '*': 'times',
  '/': 'divided by',
  '(': 'open bracket',
  ')': 'close bracket',
  '^': 'to the power',
  '=': 'equals',
  '<': 'less than',
  '>': 'greater than',
};

const SHOWN: Record<string, string> = { '-': '−', '*': '×' };

/** Signs between and around numbers, by what the field is for. */
const SIGNS: Record<string, string> = {
  number: '.-/',
  quantity: '.-/',
  expression: '.+-*/()^',
  equation: '.+-*/()^=',
  pair: '.-/(),',
  set: '.-/,',
  domain: '.-/(),<>',
};

function typed(character: string): PadKey {
  return { show: SHOWN[character] ?? character, name: NAMES[character] ?? character, does: 'type' };
}

/** The keys that this entry may need, digits first. @param palette signs that stand beside the field already */
export function padKeys(kind: string, letters: readonly string[], palette: readonly string[]): PadKey[][] {
  const signs = [...(SIGNS[kind] ?? '.-/'), ...letters].filter((c) => !palette.includes(SHOWN[c] ?? c));
  return [[...'1234567890'].map(typed), signs.map(typed), COMMANDS];
}

/** The character that a key types. */
export function characterOf(key: PadKey): string {
  return Object.entries(SHOWN).find(([, shown]) => shown === key.show)?.[0] ?? key.show;
}
