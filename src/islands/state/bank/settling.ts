// What becomes of a step once the disk has it, and what other tabs do to the bank.
import type { Conflict, Written } from '../../../store/port';
import { sameValue } from '../../../core/shared/fields';
import { areRenamed, stepAsWritten, withMine, type Bases } from './clashes';
import type { OpenBank } from './open-bank';
import { MANY, recordsOf, storedOf } from './stored';
import type { Move } from './undoing';

export class Settling {
  constructor(private readonly open: OpenBank) {}

  /** What the disk made of a step: other places and references for new questions, clashes with another tab. */
  async settle(bank: string, move: Move, written: Written, meant: Bases): Promise<void> {
    if (this.open.state.info.id !== bank) {
      this.open.addConflicts(bank, withMine(written.conflicts, meant));
      return;
    }
    const clashing = new Set(
      written.conflicts.filter(({ kind }) => kind === 'items').map(({ id }) => id),
    );
    const stored = written.items.filter(({ id }) => !clashing.has(id));
    const isOther = written.conflicts.length > 0 || areRenamed(move, stored);
    this.takeStored(bank, stored, written.gone);
    if (isOther) {
      await this.amend(bank, move, written);
    }
    if (written.conflicts.length) {
      await this.takeTheirs(bank, written.conflicts, meant);
    }
  }

  /** The step in the list says what the disk has, so that taking it back finds what it expects. */
  private async amend(bank: string, { entry }: Move, written: Written): Promise<void> {
    const amended = this.open.undoing.amend(entry.n, stepAsWritten(entry.step, written));
    if (amended) {
      this.open.set(this.open.steps());
      const journal = { tab: this.open.surroundings.tab(), put: [amended], drop: [] };
      await this.open.queue.push(bank, { items: [], records: [], journal });
    }
  }

  /** The store's word on questions, where no later step of this tab waits; the bank may have been loaded anew meanwhile. */
  private takeStored(bank: string, stored: Written['items'], gone: readonly string[]): void {
    const pending = new Set(this.open.queue.pending(bank).map(({ id }) => id));
    const settled = stored.filter(({ id }) => !pending.has(id));
    const other = settled.filter(({ id, item }) => !sameValue(this.open.item(id), item));
    const left = gone.filter((id) => !pending.has(id) && this.open.item(id));
    this.open.held.take(settled, left);
    this.open.set({ items: this.open.held.items });
    if (other.length || left.length) {
      this.open.checkAfter(
        other.map(({ item }) => item),
        left,
      );
    }
  }

  /** Another tab was first: its text is shown, and this tab's is kept in view to be taken or let go. */
  private async takeTheirs(
    bank: string,
    conflicts: readonly Conflict[],
    meant: Bases,
  ): Promise<void> {
    const told = withMine(conflicts, meant);
    await this.readAgain(
      bank,
      told.filter(({ kind }) => kind === 'items').map(({ id }) => id),
      told.some(({ kind }) => kind !== 'items'),
    );
    this.open.addConflicts(bank, told);
  }

  /** Reads questions and records again that were written elsewhere, under what this tab has not written yet. */
  async readAgain(bank: string, ids: readonly string[], records: boolean): Promise<void> {
    const isCurrent = this.open.openings.watch();
    const { stored, gone } = await storedOf(this.open.store, bank, ids);
    const lists = records ? await recordsOf(this.open.store, bank) : {};
    if (!isCurrent()) {
      return;
    }
    this.open.held.take(stored, gone);
    this.open.rebase(bank);
    this.open.set(lists);
    // What this tab has not written yet may have brought a question back, or taken it away again.
    const touched = [...stored.map(({ id }) => id), ...gone];
    const items = touched.flatMap((id) => this.open.item(id) ?? []);
    const left = touched.filter((id) => !this.open.item(id));
    this.open.checkAfter(items, left, records || ids.length > MANY);
  }
}
