// The part that questions to come stand in: its title, and what the lines above them say of all of them.
import type { Draft } from './draft';
import { partOf, titleOf, type Part } from './part';

/** What stands above the questions to come. */
export class PartAbove {
  heading: string | undefined;
  /** Whether the heading names a matter, and not only what is to be done. */
  private isTitle = false;
  /** What the lines above say of the questions to come. */
  private part: Part | undefined;
  /** Whether 'Topic: …' says that the heading is a category. */
  private isNamed = false;

  /** A line that heads the questions to come. */
  head(text: string): void {
    const part = partOf(text);
    // What is to be done stands within the part that a title names, and takes nothing from it.
    const isWithin = part.isTask && this.isTitle;
    this.heading = isWithin ? this.heading : titleOf(text);
    this.isTitle = isWithin || !part.isTask;
    this.part = part;
  }

  /** A category that is called so. */
  name(category: string): void {
    this.isNamed = true;
    this.isTitle = true;
    this.heading = category;
  }

  /** A line above questions that is no title may say what is to be done with them. */
  tell(text: string): void {
    const part = partOf(text);
    this.part = part.isTask || part.isOrdered ? part : this.part;
  }

  /** What a question below has of the part. */
  give(): Partial<Draft> {
    return {
      ...(this.heading ? { category: this.heading, isNamedPart: this.isNamed } : {}),
      ...(this.part?.isTask || this.part?.isOrdered ? { part: this.part } : {}),
    };
  }
}
