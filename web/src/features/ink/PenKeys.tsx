/** How one draws without a pointer; a student may write lines instead, a reader has the comment. */
export function PenKeys({ id, isReader }: { id: string; isReader: boolean }) {
  return (
    <p id={id} className="mt-1 text-sm text-soft">
      By keys: arrows move the pen, Space puts it down and lifts it.{' '}
      {isReader
        ? 'What you write as a comment reaches the student just as well.'
        : 'Or write lines instead: they count just the same.'}
    </p>
  );
}
