import { calc } from '@/core/calc';
import { EMPTY_PLAN_FORM, readPlan } from '@/core/plan';
import { sectionGeometry } from '@/ui/drawing/section-geometry';
import { benchReaders } from './bench/readers';

/** ./oyakata bench: how long the computations take that must feel instant. */
function time(name: string, rounds: number, run: (round: number) => void): void {
  run(0);
  const begin = performance.now();
  for (let round = 1; round <= rounds; round += 1) run(round);
  const each = (performance.now() - begin) / rounds;
  console.log(
    `${name.padEnd(44)} ${each.toFixed(3)} ms each, ${(each * rounds).toFixed(0)} ms for ${rounds}`,
  );
}

const form = { ...EMPTY_PLAN_FORM, title: 'Bench', thread: 'M20x1.5-6g' };
const groove = {
  pitch: 1.5,
  tip: { kind: 'radius', radius: 0.2 },
  flankAngleDeg: 30,
  compoundAngleDeg: 29.5,
} as const;
const readings = Array.from({ length: 20 }, (_, index) => 0.05 * (index + 1));

time('calc limits', 1000, () => calc('limits', '{"thread":"3/4-16 UNF-2A"}'));
time('calc wires, with a reading', 1000, () => calc('wires', '{"thread":"M20x2.5-6g","measured":20.57}'));
time('a key stroke while planning (readPlan)', 300, (round) =>
  readPlan({ ...form, blankDiameter: `19.8${round % 10}` }),
);
time('the same, crests meeting (integrated)', 20, () =>
  readPlan({ ...form, blankDiameter: '20.2', tipKind: 'sharp' }),
);
time('section of 20 passes', 50, (round) =>
  sectionGeometry({ groove, side: 'external', workDiameter: 19.85, readings, chosen: round % 20 }, 760, 500),
);

console.log('Ten times the text, at most 15 times the time:');
if (benchReaders() > 0) process.exitCode = 1;
