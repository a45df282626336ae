// Of things that are asked for one after the other, only the last one counts: what comes late is held against it.

export class Latest {
  private turn = 0;

  /** Begins another turn; gives whether it is still the last one when it is asked. */
  begin(): () => boolean {
    this.turn++;
    return this.watch();
  }

  /** Whether the turn of now is still the last one when it is asked. */
  watch(): () => boolean {
    const { turn } = this;
    return () => turn === this.turn;
  }

  /** Nothing that is under way counts any more. */
  drop(): void {
    this.turn++;
  }

  /** The number of the turn, for those who must be told of it. */
  get number(): number {
    return this.turn;
  }
}
