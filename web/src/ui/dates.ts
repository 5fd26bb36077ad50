/** A day, from a date or an instant: `5 Mar`. */
export function day(at: string): string {
  return local(at).toLocaleDateString('en', { day: 'numeric', month: 'short' });
}

/** A day with its weekday: `Thu, 5 Mar`. */
export function weekday(at: string): string {
  return local(at).toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' });
}

/** A day with its time: `5 Mar, 14:30`. */
export function moment(at: string): string {
  const time = new Date(at).toLocaleTimeString('en', { hour: '2-digit', minute: '2-digit', hour12: false });
  return `${day(at)}, ${time}`;
}

/** A date alone is meant where the reader is, not at Greenwich. */
function local(at: string): Date {
  return new Date(at.length === 10 ? `${at}T12:00:00` : at);
}

/** The last minute of a date, where the reader is, as an instant. */
export function endOf(date: string): string {
  return new Date(`${date}T23:59:00`).toISOString();
}

/** The first minute of a date, where the reader is, as an instant. */
export function beginOf(date: string): string {
  return new Date(`${date}T00:00:00`).toISOString();
}

/** The date of an instant where the reader is, as a date field takes it. */
export function dateOf(at: Date): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}
