/** How the tabs of a page look, the one on top with a line below it. */
export const TAB =
  'cursor-pointer px-2 pt-1 pb-1.5 text-soft data-[state=active]:border-b-2 data-[state=active]:pb-1 data-[state=active]:border-larch-mark data-[state=active]:font-semibold data-[state=active]:text-ink';
