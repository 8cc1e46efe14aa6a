import { calc } from '@/core/outside/calc/calc';
import type { GrooveCase } from '@/core/cutting/groove/groove-case';
import { EMPTY_PLAN_FORM, withLeaf } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { sectionAt, sectionLayout } from '@/ui/drawing/section-geometry';

const form = withLeaf({ ...EMPTY_PLAN_FORM, title: 'Bench' }, 'thread.designation', 'M20x1.5-6g');
const sharp = withLeaf(form, 'tool.tip.kind', 'sharp');
const groove: GrooveCase = {
  pitch: 1.5,
  starts: 1,
  tip: { kind: 'radius', radius: 0.2 },
  flankAngleDeg: 30,
  compoundAngleDeg: 29.5,
  fed: 1,
};
const feeds = Array.from({ length: 20 }, (_, index) => ({ reading: 0.05 * (index + 1), start: 0 }));
const section = { groove, side: 'external', workDiameter: 19.85, feeds } as const;

/** How long the computations take that must feel instant. */
export function measureComputations(): void {
  time('calc limits', 1000, () => calc('limits', '{"thread":"3/4-16 UNF-2A"}'));
  time('calc wires, with a reading', 1000, () => calc('wires', '{"thread":"M20x2.5-6g","measured":20.57}'));
  time('a key stroke while planning (readPlan)', 300, (round) =>
    readPlan(withLeaf(form, 'work.diameter', `19.8${round % 10}`)),
  );
  time('the same, crests meeting', 100, (round) =>
    readPlan(withLeaf(sharp, 'work.diameter', `20.2${round % 10}`)),
  );
  time('section of 20 passes, laid out', 50, () => sectionLayout(section, 760, 500));
  const layout = sectionLayout(section, 760, 500);
  time('the slider moved to another of its passes', 300, (round) => sectionAt(layout, round % 20));
}

function time(name: string, rounds: number, run: (round: number) => void): void {
  run(0);
  const begin = performance.now();
  for (let round = 1; round <= rounds; round += 1) run(round);
  const each = (performance.now() - begin) / rounds;
  console.log(
    `${name.padEnd(44)} ${each.toFixed(3)} ms each, ${(each * rounds).toFixed(0)} ms for ${rounds}`,
  );
}
