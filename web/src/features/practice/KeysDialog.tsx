import { Dialog } from 'radix-ui';
import { SingleKeys } from '../../ui/SingleKeys';

const KEYS: [string, string][] = [
  ['Enter', 'check, or go on when the item is finished'],
  ['H', 'next hint; press it twice'],
  ['E', 'worked example'],
  ['R', 'read the item aloud'],
  ['C', 'calculator, where it is allowed'],
  ['Q', 'ask about this item'],
  ['W', 'to your page'],
  ['A', 'to the answer'],
  ['L', 'another like it, after a miss'],
  ['N', 'next item'],
  ['G', 'next skill of the assignment, once the target is reached'],
  ['K', 'skip: leave this skill for now, everything is kept'],
  ['T', 'the numbers as a table'],
  ['?', 'this list'],
  ['Esc', 'leave a field, so that single keys work'],
];

/** The list is opened by a key as well: the focus goes to the button that opens it. */
function backToButton(event: Event) {
  event.preventDefault();
  document.querySelector<HTMLElement>('[data-keys]')?.focus();
}

/** All keys of the practice screen. */
export default function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/30" />
        <Dialog.Content
          onCloseAutoFocus={backToButton}
          className="fixed top-16 right-6 max-h-[calc(100vh-5rem)] w-96 max-w-[calc(100vw-3rem)] overflow-y-auto rounded-slip border border-edge bg-leaf p-6"
          aria-describedby={undefined}
        >
          <Dialog.Title className="font-serif text-xl font-semibold">Keys</Dialog.Title>
          <p className="mt-1 text-sm text-soft">While you type in a field, hold Alt.</p>
          <SingleKeys />
          <dl className="mt-3 grid grid-cols-[4rem_1fr] gap-y-1.5">
            {KEYS.map(([key, what]) => (
              <div key={key} className="contents">
                <dt>
                  <kbd className="rounded border border-edge px-1.5 text-sm">{key}</kbd>
                </dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="mt-4 cursor-pointer rounded underline">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
