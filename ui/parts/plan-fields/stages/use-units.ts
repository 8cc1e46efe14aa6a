import { usePlanning } from '../planning-context';

/** Units in which the fields of a plan are typed: the thread's. */
export function useUnits() {
  const { read } = usePlanning();
  return { thread: read.evaluation.thread?.unit ?? ('in' as const) };
}
