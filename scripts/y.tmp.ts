import { sheetOf, goodSteps, cutOf, recordOf } from '@/core/test/record';
import { summaryOf } from '@/core/exercise/record/shown/summary';
const sheet = sheetOf();
const last = sheet.passes.length;
const out: any[] = [...goodSteps(sheet).slice(0, -2)];
let k = 0;
while (out.length < 5100) { const row = sheet.passes[Math.min(k, last - 1)]!; out.push(k < last ? cutOf(row) : k % 7 === 0 ? { kind: 'trial', purpose: 'mid', evidenceId: 'wires', stopId: null, answer: 'tight', end: 'both', toShoulder: null, crest: null, reading: null } : cutOf(row)); k += 1; }
const all = recordOf(out);
let t = performance.now();
summaryOf(sheet, all.slice(0, 4990), null);
console.log('whole', performance.now() - t);
for (let n = 4991; n < 5000; n += 1) summaryOf(sheet, all.slice(0, n), null);
t = performance.now();
for (let n = 5000; n < 5100; n += 1) summaryOf(sheet, all.slice(0, n), null);
console.log('next', (performance.now() - t) / 100);
