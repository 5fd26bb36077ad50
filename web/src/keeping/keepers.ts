import { Keepers, type Store } from './keeper';

/** A full store is no reason to stop: the value still goes to the server. */
const onThisDevice: Store = {
  read: (name) => {
    try {
      return JSON.parse(localStorage.getItem(name) ?? 'null');
    } catch {
      return null;
    }
  },
  write: (name, value) => {
    try {
      localStorage.setItem(name, JSON.stringify(value));
    } catch (full) {
      console.warn('this device cannot keep more', full);
    }
  },
  remove: (name) => localStorage.removeItem(name),
};

export const keepers = new Keepers(onThisDevice);

const flush = () => void keepers.settled();
window.addEventListener('online', flush);
window.addEventListener('pagehide', flush);
document.addEventListener('visibilitychange', flush);
