import { type Vector, distance } from './vector';

/** Places in squares as wide as what is near, so that of thousands only those round about are looked at. */
export class Near {
  private readonly squares = new Map<string, Vector[]>();

  /** @param within  what is nearer than this is near, m */
  constructor(private readonly within: number) {}

  private square(v: number): number {
    return Math.floor(v / this.within);
  }

  add(p: Vector): void {
    const key = `${this.square(p.x)} ${this.square(p.y)}`;
    const inSquare = this.squares.get(key);
    if (inSquare) inSquare.push(p);
    else this.squares.set(key, [p]);
  }

  /** Whether one of those that were added is near. */
  has(p: Vector): boolean {
    const [x, y] = [this.square(p.x), this.square(p.y)];
    for (let i = x - 1; i <= x + 1; i++)
      for (let j = y - 1; j <= y + 1; j++)
        if (this.squares.get(`${i} ${j}`)?.some((q) => distance(p, q) < this.within)) return true;
    return false;
  }
}
