/** What was refused, below the thing that was tried. */
export function Refused({ by }: { by: { isError: boolean; error: Error | null }[] }) {
  const failed = by.find((m) => m.isError);
  return failed?.error == null ? null : (
    <p role="alert" className="text-rust">
      {failed.error.message}
    </p>
  );
}
