/**
 * The text of a table in whatever encoding a spreadsheet saved it: UTF-8, UTF-16 with its mark, or else Windows-1252.
 */
export function decoded(bytes: Uint8Array): string {
  const mark = (a: number, b: number) => bytes[0] === a && bytes[1] === b;
  if (mark(0xff, 0xfe) || mark(0xfe, 0xff)) {
    return new TextDecoder(mark(0xff, 0xfe) ? 'utf-16le' : 'utf-16be').decode(bytes);
  }
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
