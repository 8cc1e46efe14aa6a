import { useMemo } from 'react';
import { EMPTY_STEP, type PlanForm } from '@/core/exercise/plan/draft';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import { useShopWords } from '@/ui/kit/shop-words';
import { usePlanning } from './planning-context';
import { useList } from './stages/use-list';

type StepForm = PlanForm['steps'][number];

/** A step of the plan: as the student will be given it, and what the instructor typed of it. */
export interface PlannedStep {
  id: string;
  /** Null where it is switched off, or this way of working does not need it. */
  step: SheetStep | null;
  typed: StepForm;
}

/**
 * The steps of the plan on the lathe looked at, in their order. The first change writes the whole list down; until then
 * nothing is stored and the proposal follows the other stages.
 */
export function usePlannedSteps() {
  const { read, lathe, book } = usePlanning();
  const words = useShopWords();
  const { rows, set } = useList('steps');
  const { plan } = read;
  const { given, proposed } = useMemo(() => {
    if (plan === null) return { given: [], proposed: [] };
    const on = { lathe, book, words };
    return {
      given: sheetFor({ plan, ...on }).steps,
      proposed: sheetFor({ plan: { ...plan, steps: [] }, ...on }).steps,
    };
  }, [plan, lathe, book, words]);
  const steps = useMemo(() => {
    const typedOf = (id: string): StepForm => rows.find((row) => row.id === id) ?? { ...EMPTY_STEP, id };
    const off = rows
      .filter(({ on, id }) => on === 'no' && proposed.some((step) => step.id === id))
      .map(({ id }): PlannedStep => ({ id, step: null, typed: typedOf(id) }));
    return [...given.map((step): PlannedStep => ({ id: step.id, step, typed: typedOf(step.id) })), ...off];
  }, [given, proposed, rows]);
  /** The list as it would be stored now. */
  const written = (): StepForm[] => steps.map(({ typed }) => typed);
  return {
    steps,
    proposed,
    ready: plan !== null,
    arranged: rows.length > 0,
    move: (from: number, to: number) => {
      const list = written();
      const [row] = list.splice(from, 1);
      if (row === undefined || to < 0 || to > list.length) return;
      list.splice(to, 0, row);
      set(list);
    },
    change: (id: string, part: Partial<StepForm>) =>
      set(written().map((row) => (row.id === id ? { ...row, ...part } : row))),
    add: (title: string): string => {
      const id = `own-${1 + rows.filter((row) => row.id.startsWith('own-')).length}-${rows.length}`;
      // Before the hold point: whoever signs it has seen this step too.
      const hold = steps.findIndex(({ step }) => step?.when === 'before-cutting' && step.hold);
      const own = { ...EMPTY_STEP, id, title, evidence: 'seen', group: 'before-cutting' };
      set(written().toSpliced(hold < 0 ? written().length : hold, 0, own));
      return id;
    },
    remove: (id: string) => set(written().filter((row) => row.id !== id)),
    reset: () => set([]),
  };
}
