/** A refusal that another try cannot change: the place is gone, or has moved on. */
const FINAL = new Set([400, 403, 404, 409, 410, 413]);

/** Throws while a save may still succeed: no connection, a session that has ended, a server that is busy or starting. */
export function keptOrGone(response: Response): boolean {
  if (response.ok) {
    return true;
  }
  if (FINAL.has(response.status)) {
    return false;
  }
  throw new Error(`not kept: ${response.status}`);
}
