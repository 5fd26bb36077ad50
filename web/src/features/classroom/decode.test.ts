import { expect, test } from 'vitest';
import { decoded } from './decode';

const NAMES = 'Jürgen Groß, María Peña';
const latin = Uint8Array.from([...NAMES].map((c) => c.codePointAt(0) ?? 0));
const wide = (big: boolean) =>
  Uint8Array.from([
    ...(big ? [0xfe, 0xff] : [0xff, 0xfe]),
    ...[...NAMES].flatMap((c) => (big ? [0, c.codePointAt(0) ?? 0] : [c.codePointAt(0) ?? 0, 0])),
  ]);

test.each([
  ['UTF-8', new TextEncoder().encode(NAMES)],
  ['UTF-8 with a mark', Uint8Array.from([0xef, 0xbb, 0xbf, ...new TextEncoder().encode(NAMES)])],
  ['Windows-1252', latin],
  ['UTF-16 LE', wide(false)],
  ['UTF-16 BE', wide(true)],
])('%s keeps every name', (_, bytes) => expect(decoded(bytes)).toBe(NAMES));
