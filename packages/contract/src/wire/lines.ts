import { LONGEST_LINE } from './line';

/** Takes what comes of a stream in pieces, and gives it in lines; of one longer than a line may be only so much is held. */
export class Lines {
  private rest = '';
  private skipping = false;

  take(piece: string): string[] {
    const parts = (this.rest + piece).split(/\r\n|\n|\r/);
    this.rest = parts.pop() ?? '';
    const first = parts[0];
    if (first !== undefined && this.skipping) {
      parts.shift();
      this.skipping = false;
    }
    if (this.rest.length > LONGEST_LINE) {
      if (!this.skipping) parts.push(this.rest);
      this.rest = '';
      this.skipping = true;
    }
    return parts.filter((line) => line.trim() !== '');
  }
}
