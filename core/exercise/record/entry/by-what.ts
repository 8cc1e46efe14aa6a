/** One thing that a step may say of how it was done: nobody has to. */
export interface ByWhat {
  asks: string;
  options: readonly string[];
}

/** Steps that are done in several ways, all of them good; what was used is recorded where it is said (common practice). */
const BY_WHAT: Readonly<Record<string, readonly ByWhat[]>> = {
  holding: [{ asks: 'Seen to run true by', options: ['eye', 'dial indicator', 'as chucked'] }],
  'tool-square': [
    { asks: 'On centre by', options: ['pinched rule', 'parallel', 'tail centre', 'height gauge'] },
    { asks: 'Square by', options: ['centre gauge', 'parallel', 'V-gauge'] },
  ],
  travel: [
    { asks: 'Start found by', options: ['eye', 'carriage stop', 'carriage indicator', 'mark on the bed'] },
  ],
};

export const byWhat = (stepId: string): readonly ByWhat[] => BY_WHAT[stepId] ?? [];

/** What was said, as one choice: `On centre by tail centre; Square by V-gauge`; empty where nothing was. */
export function byWhatSaid(stepId: string, said: Readonly<Record<string, string>>): string {
  return byWhat(stepId)
    .flatMap(({ asks }) => ((said[asks] ?? '') === '' ? [] : [`${asks} ${said[asks]}`]))
    .join('; ');
}
