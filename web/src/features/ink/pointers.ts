/** Something on the sheet: @param size of what touches, in CSS pixels, 0 where it is not known. */
export type Contact = { id: number; kind: 'mouse' | 'pen' | 'touch'; x: number; y: number; size: number };
/** @param penSeen whether a pen was ever used here: from then on fingers only move the sheet */
export type Hands = { penSeen: boolean; down: Contact[]; writer: number | null };
/**
 * What a new contact is for. `cancel` takes back what the first finger has begun, because a second one came: both move
 * the sheet.
 */
export type Act = 'write' | 'move' | 'cancel' | 'ignore';

/** A touch wider than this is the side of a hand. Common practice; no source. */
const PALM_PX = 60;

export const NO_HANDS: Hands = { penSeen: false, down: [], writer: null };

function meaning(hands: Hands, contact: Contact, mayWrite: boolean): Act {
  if (contact.kind !== 'touch') {
    return mayWrite ? 'write' : 'move';
  }
  const penDown = hands.down.some((c) => c.kind === 'pen');
  if (contact.size > PALM_PX || penDown) {
    return 'ignore';
  }
  if (hands.penSeen || hands.down.length > 0) {
    return hands.writer === null ? 'move' : 'cancel';
  }
  return mayWrite ? 'write' : 'move';
}

/** @param mayWrite false for the hand tool, and for buttons of a mouse other than the first */
export function contactDown(hands: Hands, contact: Contact, mayWrite: boolean): [Hands, Act] {
  const act = meaning(hands, contact, mayWrite);
  const penSeen = hands.penSeen || contact.kind === 'pen';
  if (act === 'ignore') {
    return [{ ...hands, penSeen }, act];
  }
  const writer = act === 'write' ? contact.id : act === 'cancel' ? null : hands.writer;
  const others = contact.kind === 'pen' ? [] : hands.down;
  return [{ penSeen, down: [...others, contact], writer }, act];
}

export function contactMoved(hands: Hands, contact: Contact): Hands {
  return { ...hands, down: hands.down.map((c) => (c.id === contact.id ? contact : c)) };
}

export function contactUp(hands: Hands, id: number): Hands {
  return { ...hands, down: hands.down.filter((c) => c.id !== id), writer: hands.writer === id ? null : hands.writer };
}
