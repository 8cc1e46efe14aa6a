import { doItem, type Item, type Refused } from '@/core/outside/story/story-item';
import { saidNow } from '@/core/outside/story/said';
import { sheetOfStory, type StoryPlan } from '@/core/outside/story/story-plan';
import { StoryRecord } from '@/core/outside/story/story-record';
import type { Advice } from '@/core/exercise/record/advice/advice';
import type { Sheet } from '@/core/exercise/sheet/sheet';

/** For tests: a plan told in a few words, and what was done on it, item by item. */
export class Told {
  readonly record: StoryRecord;

  constructor(plan: Partial<StoryPlan> = {}, items: readonly Item[] = []) {
    const sheet = sheetOfStory({ thread: '3/4-16 UNF-2A', ...plan });
    if (!sheet.ok)
      throw new Error(sheet.issues.map(({ field, message }) => `${field}: ${message}`).join(' '));
    this.record = new StoryRecord(sheet.value, 'student');
    this.then(...items);
  }

  get sheet(): Sheet {
    return this.record.sheet;
  }

  get advice(): Advice {
    return this.record.advice;
  }

  get says(): Record<string, unknown> {
    return saidNow(this.record) as Record<string, unknown>;
  }

  /** What was advised, in a word: the phase, the first reason, and the figure on the dial where a cut is advised. */
  get told(): (string | number)[] {
    const { phase, because, cut } = this.advice;
    return cut === null ? [phase, because[0] ?? ''] : [phase, because[0] ?? '', cut.reading];
  }

  try(item: Item): Refused | null {
    this.record.madeBy.push([]);
    return doItem(this.record, item);
  }

  then(...items: readonly Item[]): this {
    for (const item of items) {
      const refused = this.try(item);
      if (refused !== null) throw new Error(`${JSON.stringify(item)}: ${refused.message}`);
    }
    return this;
  }

  /** Set up, scratched and looked at: the first row that feeds is next. */
  begun(): this {
    return this.then({ do: 'set-up' }, { do: 'cut' }, { do: 'set-up' });
  }

  /** Does what is told, every look found right, until a row or a phase is reached. */
  until(reached: (told: this) => boolean): this {
    for (let guard = 0; guard < 200 && !reached(this); guard += 1) {
      const { phase, expects } = this.advice;
      if (phase === 'cut') this.then({ do: 'cut' });
      else if (expects?.do === 'stop')
        this.then({ do: 'stop', stop: expects.stop, answer: expects.answers[0] ?? 'done' });
      else throw new Error(`It stays at ${phase}: ${this.advice.because.join(', ')}`);
    }
    return this;
  }

  toRow(n: number): this {
    return this.until(({ advice }) => advice.phase === 'cut' && advice.cut?.row?.n === n);
  }

  toPhase(phase: Advice['phase']): this {
    return this.until(({ advice }) => advice.phase === phase);
  }
}
