import { type RefObject, useEffect, useRef } from 'react';
import { type Contact, contactDown, contactMoved, contactUp, type Hands, NO_HANDS } from './pointers';

/** What happens on the sheet, in CSS pixels from its corner. */
export type SheetEvents = {
  /** Whether the tool writes at all, or only moves the sheet. */
  writes: boolean;
  onBegin: (event: PointerEvent) => void;
  onFollow: (events: PointerEvent[]) => void;
  onEnd: () => void;
  /** A second finger came: what the first has begun does not count. */
  onCancel: () => void;
  onPan: (dx: number, dy: number) => void;
  onZoom: (factor: number, x: number, y: number) => void;
};

function contactOf(event: PointerEvent, place: DOMRect): Contact {
  const kind = event.pointerType === 'pen' || event.pointerType === 'touch' ? event.pointerType : 'mouse';
  return {
    id: event.pointerId,
    kind,
    x: event.clientX - place.left,
    y: event.clientY - place.top,
    size: kind === 'touch' ? Math.max(event.width, event.height) : 0,
  };
}

const middle = (contacts: Contact[]) => ({
  x: contacts.reduce((s, c) => s + c.x, 0) / contacts.length,
  y: contacts.reduce((s, c) => s + c.y, 0) / contacts.length,
});

/** Two fingers apart or together; 0 for fewer. */
function spread([a, b]: Contact[]): number {
  return a === undefined || b === undefined ? 0 : Math.hypot(a.x - b.x, a.y - b.y);
}

/** Listens to pens, fingers, mouse and wheel over an element. */
export function useSheetPointers(element: RefObject<HTMLElement | null>, events: SheetEvents) {
  const latest = useRef(events);
  useEffect(() => {
    latest.current = events;
  });
  useEffect(() => {
    const root = element.current;
    if (root === null) {
      return undefined;
    }
    let hands: Hands = NO_HANDS;
    const down = (event: PointerEvent) => {
      const mayWrite = latest.current.writes && event.button !== 1 && event.button !== 2;
      const [next, act] = contactDown(hands, contactOf(event, root.getBoundingClientRect()), mayWrite);
      hands = next;
      root.setPointerCapture(event.pointerId);
      if (act === 'write') {
        latest.current.onBegin(event);
      } else if (act === 'cancel') {
        latest.current.onCancel();
      }
    };
    const move = (event: PointerEvent) => {
      const before = hands.down;
      if (!before.some((c) => c.id === event.pointerId)) {
        return;
      }
      hands = contactMoved(hands, contactOf(event, root.getBoundingClientRect()));
      if (hands.writer === event.pointerId) {
        latest.current.onFollow(event.getCoalescedEvents?.().length > 0 ? event.getCoalescedEvents() : [event]);
      } else if (hands.writer === null) {
        const from = middle(before);
        const to = middle(hands.down);
        latest.current.onPan(to.x - from.x, to.y - from.y);
        if (spread(before) > 0) {
          latest.current.onZoom(spread(hands.down) / spread(before), to.x, to.y);
        }
      }
    };
    const up = (event: PointerEvent) => {
      const wrote = hands.writer === event.pointerId;
      hands = contactUp(hands, event.pointerId);
      if (wrote) {
        latest.current[event.type === 'pointercancel' ? 'onCancel' : 'onEnd']();
      }
    };
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const place = root.getBoundingClientRect();
      if (event.ctrlKey) {
        latest.current.onZoom(Math.exp(-event.deltaY / 300), event.clientX - place.left, event.clientY - place.top);
      } else {
        latest.current.onPan(-event.deltaX, -event.deltaY);
      }
    };
    const none = (event: Event) => event.preventDefault();
    root.addEventListener('pointerdown', down);
    root.addEventListener('pointermove', move);
    root.addEventListener('pointerup', up);
    root.addEventListener('pointercancel', up);
    root.addEventListener('wheel', wheel, { passive: false });
    root.addEventListener('contextmenu', none);
    return () => {
      root.removeEventListener('pointerdown', down);
      root.removeEventListener('pointermove', move);
      root.removeEventListener('pointerup', up);
      root.removeEventListener('pointercancel', up);
      root.removeEventListener('wheel', wheel);
      root.removeEventListener('contextmenu', none);
    };
  }, [element]);
}
