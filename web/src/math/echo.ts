/**
 * Tells what somebody else wrote into a field from what was typed in it and comes back as its value. Values come back
 * late, one after the other or only the last of several; a page may also be drawn once more with a value that was true
 * before the last key was pressed. None of that may replace what was typed.
 */
export class Echo {
  private given: string;
  private readonly underWay: string[] = [];

  /** @param first value that the field is filled with */
  constructor(first: string) {
    this.given = first;
  }

  typed(text: string) {
    this.underWay.push(text);
  }

  /**
   * To be asked whenever the page is drawn.
   *
   * @returns whether the field has to be filled with this value
   */
  isNews(value: string): boolean {
    if (value === this.given) {
      return false;
    }
    this.given = value;
    const at = this.underWay.indexOf(value);
    this.underWay.splice(0, at < 0 ? this.underWay.length : at + 1);
    return at < 0;
  }
}
