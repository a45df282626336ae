// The worker's mirror of the bank and what it finds there; late answers are held against newer ones.
import type { Finding, Item, Layout } from '../../../core/model';
import type { Core } from '../../../workers/client';
import type { FindingsAnswer } from '../../../workers/protocol';
import { pause } from '../../parts/pause';

/** So many questions go to the worker at a time; more would hold the page up while they are copied. */
const CHUNK = 400;
/** From here on a check is worth waiting with, so that the page paints an edit first. */
const LARGE = 2000;
const LARGE_PAUSE_MS = 120;

export class Checking {
  private generation = 0;
  private asked = 0;
  private readonly askedFor = new Map<string, number>();
  private readonly perItem = new Map<string, Finding[]>();
  private together: Finding[] = [];
  /** What the worker is being told; settled when it has heard it. */
  private telling: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly core: () => Core,
    private readonly layouts: () => Layout[],
    /** Checks of the craft that this bank does without. */
    private readonly craftOff: () => readonly string[],
    private readonly publish: (findings: ReadonlyMap<string, readonly Finding[]>) => void,
  ) {}

  /** Another bank: nothing that was asked before counts any more. */
  async clear(): Promise<void> {
    this.generation++;
    this.askedFor.clear();
    this.perItem.clear();
    this.together = [];
    this.publish(new Map());
    await this.core().mirror([], [], true);
  }

  /** Resolves when the worker has heard of everything that this page told it, or was lost before. */
  async inStep(): Promise<void> {
    let heard;
    do {
      heard = this.telling;
      await heard;
    } while (heard !== this.telling);
  }

  /**
   * One telling after the other, so that no question as it was overtakes the same as it is now; what was to be told of
   * another bank is dropped.
   */
  private tell(telling: (isCurrent: () => boolean) => Promise<void>): Promise<void> {
    const { generation } = this;
    const isCurrent = (): boolean => generation === this.generation;
    const told = this.telling.then(() => (isCurrent() ? telling(isCurrent) : undefined));
    this.telling = told.catch(() => undefined);
    return told;
  }

  /** Hands all questions to a worker that knows none. */
  anew(items: () => readonly Item[]): Promise<void> {
    return this.tell(async (isCurrent) => {
      await this.core().mirror([], [], true);
      await this.handOut(items(), [], isCurrent);
    });
  }

  /** Hands questions to the worker. */
  mirror(items: readonly Item[]): Promise<void> {
    return this.tell((isCurrent) => this.handOut(items, [], isCurrent));
  }

  /** In bites; stops where another bank was opened meanwhile. */
  private async handOut(
    items: readonly Item[],
    gone: readonly string[],
    isCurrent: () => boolean,
  ): Promise<void> {
    for (let from = 0; isCurrent() && (from < items.length || from === 0); from += CHUNK) {
      const removed = from === 0 ? [...gone] : [];
      await this.core().mirror(items.slice(from, from + CHUNK), removed, false);
      if (items.length > CHUNK) {
        await pause();
      }
    }
  }

  /** After an edit: the worker learns of it, and says what it finds in the questions of it. */
  async after(
    changed: readonly Item[],
    gone: readonly string[],
    all: boolean,
    of: number,
  ): Promise<void> {
    const { generation } = this;
    gone.forEach((id) => this.perItem.delete(id));
    await this.tell(async (isCurrent) => {
      if (of > LARGE) {
        await pause(LARGE_PAUSE_MS);
      }
      await this.handOut(changed, gone, isCurrent);
    });
    if (generation === this.generation) {
      await this.check(all ? undefined : changed.map(({ id }) => id));
    }
  }

  /** Asks for findings: of some questions after an edit, of all after a load or a change of layouts. */
  async check(ids?: string[]): Promise<void> {
    const { generation } = this;
    const asked = ++this.asked;
    ids?.forEach((id) => this.askedFor.set(id, asked));
    const answer = await this.core().check(asked, this.layouts(), ids, this.craftOff());
    if (generation === this.generation) {
      this.take(answer, asked, ids !== undefined);
    }
  }

  private take({ byItem, together }: FindingsAnswer, asked: number, some: boolean): void {
    const isLatest = asked === this.asked;
    if (some) {
      // A question that was asked about again since keeps the newer answer.
      byItem
        .filter(([id]) => this.askedFor.get(id) === asked)
        .forEach(([id, findings]) => this.keep(id, findings));
    } else if (isLatest) {
      this.perItem.clear();
      byItem.forEach(([id, findings]) => this.keep(id, findings));
    }
    if (isLatest) {
      this.together = together;
    }
    this.publish(this.merged());
  }

  private keep(id: string, findings: Finding[]): void {
    if (findings.length) {
      this.perItem.set(id, findings);
    } else {
      this.perItem.delete(id);
    }
  }

  private merged(): Map<string, Finding[]> {
    const findings = new Map(this.perItem);
    for (const finding of this.together) {
      if (finding.item) {
        findings.set(finding.item, [...(findings.get(finding.item) ?? []), finding]);
      }
    }
    return findings;
  }
}
