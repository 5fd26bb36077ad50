import type { ComponentProps } from 'react';

type Look = 'main' | 'plain' | 'quiet';

const LOOKS: Record<Look, string> = {
  main: 'bg-spruce text-on-spruce border-spruce font-semibold hover:brightness-110',
  plain: 'bg-leaf border-edge text-ink hover:bg-spruce-wash',
  quiet: 'bg-transparent border-transparent text-ink underline underline-offset-4 hover:bg-spruce-wash',
};

type Props = ComponentProps<'button'> & {
  look?: Look;
  /** The key that does the same. */
  hint?: string;
  /** For tools that stand close together. */
  small?: boolean;
};

/**
 * A button. One that is disabled does nothing and keeps the focus, so that nobody who has just pressed it is thrown
 * back to the top of the page.
 */
export function Button({
  look = 'plain',
  hint,
  small = false,
  disabled = false,
  className = '',
  children,
  onClick,
  ...rest
}: Props) {
  return (
    <button
      type="button"
      {...rest}
      {...(disabled && { 'aria-disabled': true })}
      onClick={disabled ? (event) => event.preventDefault() : onClick}
      className={`inline-flex cursor-pointer items-center gap-2 rounded-slip border ${small ? 'min-h-8 px-2 text-sm' : 'min-h-10 px-4 py-1.5 text-base'} aria-disabled:cursor-default aria-disabled:opacity-60 ${LOOKS[look]} ${className}`}
    >
      {children}
      {hint !== undefined && (
        <kbd className="rounded border border-current/50 px-1.5 font-sans text-xs font-normal opacity-90">{hint}</kbd>
      )}
    </button>
  );
}
