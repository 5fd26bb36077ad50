import type { Shelf } from './shelf';

/**
 * Texts that stay on this device until they are sent by a button: notes and questions that are being written. Each
 * person sees their own.
 */
export class Jottings {
  private readonly texts = new Map<string, string>();

  constructor(
    private readonly shelf: Shelf,
    private readonly owner: () => string,
  ) {}

  /** What lies on the shelf; what was written here since is newer. */
  found(all: [string, string][]) {
    all.forEach(([name, text]) => this.texts.has(name) || this.texts.set(name, text));
  }

  read(name: string): string {
    return this.texts.get(`${this.owner()}/${name}`) ?? '';
  }

  write(name: string, text: string) {
    this.texts.set(`${this.owner()}/${name}`, text);
    this.shelf.jot(`${this.owner()}/${name}`, text);
  }
}
