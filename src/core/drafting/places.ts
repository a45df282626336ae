// Where the right options go: each place as often as any other, in an order that shows nothing.
import { shuffled } from '../shared/chance';

/** Gives places from 0, in blocks that hold each place once. */
export class Places {
  private block: number[] = [];
  constructor(
    private readonly size: number,
    private readonly random: () => number,
  ) {}

  next(): number {
    if (!this.block.length) {
      this.block = shuffled(
        Array.from({ length: this.size }, (_, place) => place),
        this.random,
      );
    }
    return this.block.pop()!;
  }
}
