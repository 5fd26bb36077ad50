import { Refusal } from './client';

/** A lost connection is worth another try, and so is a server that is busy: any other refusal stays one. */
const BUSY = [429, 503];
const CONFLICT = 409;

export function again(count: number, error: Error): boolean {
  return error instanceof Refusal && (error.offline || BUSY.includes(error.status)) && count < 30;
}

/** Who only looks may have met another one who opened the same for the first time: a moment later it is there. */
export function lookAgain(count: number, error: Error): boolean {
  return again(count, error) || (error instanceof Refusal && error.status === CONFLICT && count < 2);
}
