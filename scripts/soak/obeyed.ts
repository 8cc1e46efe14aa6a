import { asRequest, obey } from '@/core/test/obeyed/obey';
import { none, told, type Finding } from './finding';

const STORIES = 20_000;

/** Many stories of a hand that does what the bench says, as the tests play 300 of them; the failing ones are printed. */
export function soakObeyed(milliseconds: number, seed: number): Finding[] {
  const end = Date.now() + milliseconds;
  const counts = { faults: 0, inside: 0, within: 0, outside: 0, hid: 0, none: 0 };
  let played = 0;
  for (; played < STORIES && Date.now() < end; played += 1) {
    const one = obey(seed + played);
    if (one.fate === 'no-plan') counts.none += 1;
    else if (!one.told) counts.hid += 1;
    else if (one.fate === 'inside') counts.inside += 1;
    else if (one.fate === 'within-a-graduation') counts.within += 1;
    else counts.outside += 1;
    const bad = one.faults.length > 0 || (one.told && (one.fate === 'outside' || one.fate === 'past-saving'));
    if (one.faults.length > 0) counts.faults += 1;
    if (bad)
      console.log(`  seed ${one.seed}: ${[...one.faults, one.fate].join('; ')}\n    ${asRequest(one)}`);
  }
  const known = counts.inside + counts.within + counts.outside;
  const share = known === 0 ? 1 : counts.inside / known;
  return [
    told('stories played', `${played}, ${counts.hid} hid something, ${counts.none} without a plan`),
    none('told against the truth, or against itself', counts.faults),
    none('pieces outside by more than a graduation', counts.outside),
    {
      what: 'pieces inside the limits',
      found: `${(100 * share).toFixed(2)} %`,
      wanted: '99 %',
      good: share >= 0.99,
    },
  ];
}
