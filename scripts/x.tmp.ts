import { sheetOf, goodSteps, cutOf, recordOf } from '@/core/test/record';
import { summaryOf } from '@/core/exercise/record/shown/summary';
import { cutsOf } from '@/core/exercise/record/state/cuts';
import { predict } from '@/core/exercise/record/state/predict';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import { floorState } from '@/core/exercise/record/shown/floor-state';
import { liveEntries } from '@/core/exercise/record/entry/entry';
const sheet = sheetOf();
const last = sheet.passes.length;
function record(n: number) {
  const steps = goodSteps(sheet).slice(0, -2);
  const out: any[] = [...steps];
  let k = 0;
  while (out.length < n) {
    const row = sheet.passes[Math.min(k, last - 1)]!;
    out.push(k < last ? cutOf(row) : k % 7 === 0 ? { kind: 'trial', purpose: 'mid', evidenceId: 'wires', stopId: null, answer: 'tight', end: 'both', toShoulder: null, crest: null, reading: null } : cutOf(row));
    k += 1;
  }
  return recordOf(out.slice(0, n));
}
const time = (f: () => unknown) => { const t = performance.now(); f(); return +(performance.now() - t).toFixed(1); };
for (const n of [100, 500, 1000, 2000, 5000]) {
  const r = record(n);
  const other = record(50);
  const whole = time(() => cutsOf(sheet, liveEntries(r)));
  const r1 = [...r.slice(0, -1)];
  cutsOf(sheet, liveEntries(other));
  const w2 = time(() => summaryOf(sheet, r1, null));
  const inc = time(() => summaryOf(sheet, r, null));
  const p = predict(sheet, r);
  const a = time(() => adviseOn(sheet, r, p));
  const adv = adviseOn(sheet, r, p);
  console.log(n, { whole, summaryWhole: w2, summaryNext: inc, predict: time(() => predict(sheet, r)), advise: a, floor: time(() => floorState(sheet, r, p, adv)), live: time(() => liveEntries(r)) });
}
