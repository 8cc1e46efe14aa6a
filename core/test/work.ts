import { overWires } from '@/core/measuring/gauging/three-wires';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import type { PassContent } from '@/core/exercise/record/entry/kinds/pass';
import { sheetWires } from '@/core/exercise/sheet/sheet-geometry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { cutOf, goodSteps, HANDED_IN, measuredAt } from './record';

/** The parts of a day’s work on one sheet. */
export class Work {
  constructor(readonly sheet: Sheet) {}

  /** Every step before the first cut, with other contents for some, or without them (null). */
  setUp(change: Record<string, EntryContent[] | null> = {}): EntryContent[] {
    return this.steps('before-cutting', change);
  }

  steps(when: string, change: Record<string, EntryContent[] | null> = {}): EntryContent[] {
    const good = goodSteps(this.sheet);
    return this.sheet.steps.flatMap((step, index): EntryContent[] => {
      if (step.when !== when) return [];
      const other = change[step.id];
      if (other === null) return [];
      return other ?? [good[index]!];
    });
  }

  get pitchCheck(): EntryContent[] {
    return this.steps('after-scratch');
  }

  get cleanUp(): EntryContent[] {
    return this.steps('after-cutting');
  }

  /** Rows from one to another, counted from 1, with what each stop in them is answered. */
  rows(
    from: number,
    to = this.sheet.passes.length,
    answer: (check: string) => EntryContent[] | null = () => null,
    cut: (row: Sheet['passes'][number]) => PassContent[] = (row) => [cutOf(row)],
  ): EntryContent[] {
    return this.sheet.passes
      .filter(({ n }) => n >= from && n <= to)
      .flatMap((row) => [
        ...cut(row),
        ...this.sheet.stops
          .filter(({ after }) => after === row.n)
          .flatMap((stop) => answer(stop.check) ?? this.kept(stop, row)),
      ]);
  }

  kept(stop: Sheet['stops'][number], row: Sheet['passes'][number]): EntryContent[] {
    if (stop.check === 'wires') return [this.measured(row.pitchDiameter ?? NaN, 'mid')];
    if (stop.check === 'nut' || stop.check === 'mate') return [this.tried('will-not-start', 'mid', stop.id)];
    return [this.answered(stop.check, 'yes')];
  }

  answered(check: string, answer: string): EntryContent {
    const stop = this.sheet.stops.find((each) => each.check === check);
    return { kind: 'stop', stopId: stop?.id ?? check, answer, reading: null };
  }

  measured(size: number, purpose: 'mid' | 'final', crest = this.sheet.workDiameter): EntryContent {
    return measuredAt(this.sheet, overWires(sheetWires(this.sheet), size), purpose, crest);
  }

  measuredAlong(start: number, middle: number, end: number): EntryContent {
    const over = (size: number) => overWires(sheetWires(this.sheet), size);
    const content = this.measured(middle, 'final');
    return content.kind === 'measurement'
      ? { ...content, overWires: { start: over(start), middle: over(middle), end: over(end) } }
      : content;
  }

  get target(): number {
    return this.sheet.targetPitchDiameter;
  }

  get limits() {
    return this.sheet.limits.pitchDiameter;
  }

  tried(
    answer: 'will-not-start' | 'tight' | 'free' | 'wobbles',
    purpose: 'mid' | 'final',
    stopId: string | null = null,
    crest: number | null = null,
  ): EntryContent {
    const evidenceId = this.sheet.proof[0]?.id ?? 'nut';
    const base = { kind: 'trial', purpose, evidenceId, stopId, answer } as const;
    return { ...base, end: 'both', toShoulder: null, crest, reading: null };
  }

  found(answer: 'right' | 'go-stops' | 'no-go-enters', purpose: 'mid' | 'final'): EntryContent {
    return { kind: 'finding', purpose, evidenceId: this.sheet.proof[0]?.id ?? '', answer, value: null };
  }

  value(id: string): number {
    return this.sheet.steps.find((step) => step.id === id)?.expected?.value ?? NaN;
  }

  springs(kind: 'first' | 'last'): number {
    const at = this.sheet.passes.filter((row) => row.kind === 'spring').map(({ n }) => n);
    return (kind === 'first' ? at[0] : at.at(-1)) ?? 0;
  }

  /** From the first cut to the end as planned, measured at the target. */
  toEnd(from = 1): EntryContent[] {
    const cuts = this.rows(from);
    const first = from === 1 ? cuts.splice(0, 1) : [];
    return [...first, ...(from === 1 ? this.pitchCheck : []), ...cuts, ...this.proof()];
  }

  proof(): EntryContent[] {
    return [this.measured(this.target, 'final'), ...this.cleanUp, HANDED_IN];
  }

  /** Scratched and looked at, rows cut up to one of them. */
  begun(to: number, answer?: (check: string) => EntryContent[] | null): EntryContent[] {
    return [...this.rows(1, 1), ...this.pitchCheck, ...this.rows(2, to, answer)];
  }
}
