import { feedDial } from '@/core/machine/lathe/feed-dial';
import { tableOf, withInfeed } from '@/core/exercise/plan/drag-pass';
import type { PlanForm } from '@/core/exercise/plan/draft';
import { slideOf } from '@/core/machine/technique/slide-of';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { isReached, type Reached, type ReachSchool } from '@/core/cutting/bears/fewest-passes';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';

/** The ways in which a schedule is changed by hand or by the solver; each makes one change of the form. */
export function useScheduleChanges() {
  const { form, read, lathe } = usePlanning();
  const { evaluation, inputs } = read;
  const unit = evaluation.thread?.unit ?? 'in';
  const { dial } = feedDial(lathe, slideOf(inputs.chosen?.way.infeed ?? 'compound'));
  const graduation = lengthIn(dial.graduation, unit) / (dial.reads === 'diameter' ? 2 : 1);
  const set = (change: Partial<PlanForm['schedule']>) =>
    form.setValue(
      'schedule',
      { ...form.getValues('schedule'), ...change },
      { shouldDirty: true, shouldTouch: true },
    );
  // The largest infeed stays what it was, also where only the school had proposed it.
  const largest = () =>
    form.getValues('schedule.largest') ||
    (evaluation.asked?.largest == null
      ? ''
      : `${evaluation.asked.largest.value} ${evaluation.asked.largest.unit}`);
  const text = (mm: number) => `${roundTo(lengthIn({ value: mm, unit: 'mm' }, unit), 6)} ${unit}`;
  return {
    /** One graduation of the dial as travel of the slide, in the thread's unit. */
    graduation,
    /** Another infeed for a row; the schedule becomes a table of the instructor's own. */
    setInfeed: (row: number, infeed: number) => {
      const whole = Math.max(1, Math.round(infeed / graduation)) * graduation;
      set({ school: 'own', largest: largest(), rows: withInfeed(evaluation, row, whole, graduation) });
    },
    /** A schedule that was worked out: its school with the figures that make it, or a table. */
    take: (school: ReachSchool, reached: Reached) => {
      if (!isReached(reached)) return;
      const rough = reached.rows.filter(({ kind }) => kind === 'rough');
      const most = Math.max(0, ...rough.map(({ infeed }) => infeed));
      if (school === 'constant-infeed') return set({ school, largest: text(most) });
      const inUnit = (mm: number) => lengthIn({ value: mm, unit: 'mm' }, unit);
      const rows = reached.rows.map(({ kind, infeed, reading }) => ({
        kind,
        infeed: inUnit(infeed),
        reading: inUnit(reading),
      }));
      return set({ school: 'own', largest: largest(), rows: tableOf(evaluation, rows) });
    },
  };
}
