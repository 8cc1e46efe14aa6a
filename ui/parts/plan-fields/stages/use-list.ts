import type { PlanForm } from '@/core/exercise/plan/draft';
import { usePlanning } from '../planning-context';

type Lists = {
  'schedule.rows': PlanForm['schedule']['rows'];
  'schedule.stops': PlanForm['schedule']['stops'];
  'proof.evidence': PlanForm['proof']['evidence'];
  steps: PlanForm['steps'];
};

/** A list of the form and the ways to change it. What is typed in a row goes with it. */
export function useList<N extends keyof Lists>(name: N) {
  const { form, values } = usePlanning();
  const rows = (
    name === 'steps'
      ? values.steps
      : name === 'proof.evidence'
        ? values.proof.evidence
        : name === 'schedule.rows'
          ? values.schedule.rows
          : values.schedule.stops
  ) as Lists[N];
  const set = (next: Lists[N]) =>
    form.setValue(name, next as never, { shouldDirty: true, shouldTouch: true });
  return {
    rows,
    set,
    add: (row: Lists[N][number]) => set([...rows, row] as Lists[N]),
    remove: (index: number) => set(rows.filter((_, at) => at !== index) as Lists[N]),
    move: (from: number, to: number) => {
      if (to < 0 || to >= rows.length) return;
      const next = [...rows];
      const [row] = next.splice(from, 1);
      if (row !== undefined) next.splice(to, 0, row);
      set(next as Lists[N]);
    },
  };
}
