import { refuse } from './checks';

const DEEPEST = 64;

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const COMMA = 0x2c;
const OPENS: ReadonlySet<number> = new Set([0x5b, 0x7b]);
const CLOSES: ReadonlySet<number> = new Set([0x5d, 0x7d]);

/** Counts the values of a JSON text while it comes, piece by piece: what holds too many is refused before anything is made of it. */
export class AmountOf {
  private values = 0;
  private depth = 0;
  private inText = false;
  private escaped = false;

  constructor(private readonly most: number) {}

  /** @throws BorderError 422 */
  add(text: string): void {
    for (let i = 0; i < text.length; i++) {
      const c = text.charCodeAt(i);
      if (this.inText) {
        if (this.escaped) this.escaped = false;
        else if (c === BACKSLASH) this.escaped = true;
        else if (c === QUOTE) this.inText = false;
      } else if (c === QUOTE) this.inText = true;
      else if (c === COMMA) this.values += 1;
      else if (OPENS.has(c)) {
        this.values += 1;
        this.depth += 1;
      } else if (CLOSES.has(c)) this.depth -= 1;
    }
    if (this.depth > DEEPEST)
      refuse('too-deep', '', `lies deeper than ${DEEPEST} levels, which nothing in a holding does`);
    if (this.values > this.most) refuse('too-large', '', `holds more than ${this.most} values in one piece`);
  }
}
