/** Where each field of the flat form of version 1 stands in the tree of version 2. */
const PLACES: Record<string, readonly string[]> = {
  title: ['title'],
  thread: ['thread', 'designation'],
  blankDiameter: ['work', 'diameter'],
  runOutWidth: ['work', 'end', 'width'],
  tipKind: ['tool', 'tip', 'kind'],
  tipFlat: ['tool', 'tip', 'flat'],
  tipRadius: ['tool', 'tip', 'radius'],
  insertFrom: ['tool', 'tip', 'pitchFrom'],
  insertTo: ['tool', 'tip', 'pitchTo'],
  compoundAngle: ['infeed', 'angle'],
  targetPitchDiameter: ['proof', 'target'],
  scratchInfeed: ['schedule', 'scratch'],
  roughingPasses: ['schedule', 'roughing'],
  largestInfeed: ['schedule', 'largest'],
  finishingPasses: ['schedule', 'finishing'],
  finishingInfeed: ['schedule', 'finishingInfeed'],
  springPasses: ['schedule', 'spring'],
  spindleSpeed: ['technique', 'speed'],
  markSetUp: ['marking', 'setUp'],
  markPasses: ['marking', 'passes'],
  markResult: ['marking', 'result'],
  swivelZero: ['typedBefore', 'swivelZero'],
  dialUnit: ['typedBefore', 'dialUnit'],
  dialGraduation: ['typedBefore', 'dialGraduation'],
  dialPerTurn: ['typedBefore', 'dialPerTurn'],
};

/**
 * The tree of version 2 out of the flat form of version 1, which carried no format. Infeeds were typed in the dial's
 * unit, which need not be the thread's: they take it along, where one was chosen.
 */
export function liftDraft1(older: object): object {
  const found = older as Record<string, unknown>;
  const tree: Record<string, unknown> = {};
  for (const [name, path] of Object.entries(PLACES)) {
    if (!Object.hasOwn(found, name)) continue;
    let at = tree;
    path.slice(0, -1).forEach((branch) => {
      at = (at[branch] ??= {}) as Record<string, unknown>;
    });
    at[path.at(-1) ?? ''] = withUnit(name, found[name], found.dialUnit);
  }
  if (Object.hasOwn(found, 'wireDiameter'))
    tree.proof = {
      ...(tree.proof as object | undefined),
      evidence: [{ kind: 'wires', wire: found.wireDiameter, places: '' }],
    };
  return tree;
}

const DIAL_LENGTHS: ReadonlySet<string> = new Set(['scratchInfeed', 'largestInfeed', 'finishingInfeed']);

function withUnit(name: string, typed: unknown, dialUnit: unknown): unknown {
  const plainFigure = typeof typed === 'string' && /^[\d.]+$/.test(typed.trim());
  return DIAL_LENGTHS.has(name) && plainFigure && (dialUnit === 'in' || dialUnit === 'mm')
    ? `${typed.trim()} ${dialUnit}`
    : typed;
}
