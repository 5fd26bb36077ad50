/**
 * On a narrow screen the item and the page of work lie side by side, one swipe apart: which there are, and the way
 * between them.
 */
export function LeafSwitch({ names }: { names: string[] }) {
  const go = (at: number) =>
    document.querySelectorAll('main > section')[at]?.scrollIntoView({ inline: 'start', block: 'nearest' });
  return (
    <div
      role="group"
      aria-label="Sides of this page"
      className="flex gap-2 border-b border-rule px-4 py-1 md:hidden print:hidden"
    >
      {names.map((name, i) => (
        <button
          key={name}
          type="button"
          className="min-h-9 flex-1 cursor-pointer rounded-slip border border-edge bg-leaf px-3"
          onClick={() => go(i)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
