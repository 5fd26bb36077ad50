import { Link } from 'react-router';

/** The name and the sign of the application; leads home. */
export function Mark() {
  return (
    <Link to="/due" className="flex items-center gap-2 rounded font-bold text-ink no-underline">
      <img src="/mark.svg" alt="" width="28" height="20" />
      <span>Little Summit</span>
    </Link>
  );
}
