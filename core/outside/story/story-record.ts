import type { FieldIssue, Result } from '@/core/base/errors/field-issue';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import type { Advice } from '@/core/exercise/record/advice/advice';
import { liveEntries, type Entry } from '@/core/exercise/record/entry/entry';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import { readEntry } from '@/core/exercise/record/entry/read-entry';
import { predict, type Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { Role } from '@/core/people/role';

/** Where a story begins; each entry comes ten seconds after the one before. */
const BEGIN = Date.UTC(2026, 8, 1, 8);

/** A record that a story writes, read as a device reads what is typed. */
export class StoryRecord {
  readonly entries: Entry[] = [];
  /** The entries that each item of the story has made, by its place. */
  readonly madeBy: string[][] = [];
  device: string | null = null;
  #prediction: Prediction | null = null;
  #advice: Advice | null = null;

  constructor(
    readonly sheet: Sheet,
    readonly role: Role,
  ) {}

  get prediction(): Prediction {
    return (this.#prediction ??= predict(this.sheet, this.entries));
  }

  get advice(): Advice {
    return (this.#advice ??= adviseOn(this.sheet, this.entries, this.prediction));
  }

  /** Reads what is typed against the record so far. */
  read(fields: EntryFields): Result<EntryContent> {
    // Most kinds are read without it: it is worked out when it is asked for.
    const predicted = () => this.prediction;
    return readEntry(fields, {
      sheet: this.sheet,
      entries: this.entries,
      standing: liveEntries(this.entries),
      get prediction() {
        return predicted();
      },
    });
  }

  /** Reads and records; null when it is recorded. */
  add(fields: EntryFields, role: Role = this.role): FieldIssue | null {
    const read = this.read(fields);
    if (!read.ok) return read.issues[0] ?? { field: '', code: 'failed', message: '' };
    this.record(read.value, role);
    return null;
  }

  record(content: EntryContent, role: Role = this.role): void {
    const id = `e${this.entries.length + 1}`;
    const time = new Date(BEGIN + this.entries.length * 10_000).toISOString();
    this.entries.push({
      id,
      device: this.device,
      sequence: null,
      after: null,
      author: { id: role === 'student' ? 2 : 1, name: role, role },
      deviceTime: time,
      serverTime: time,
      late: false,
      content,
    });
    this.madeBy.at(-1)?.push(id);
    [this.#prediction, this.#advice] = [null, null];
  }
}
