import { array, mixed, object } from 'yup';
import Fraction from 'fraction.js';
import { good, type Result } from '@/core/base/errors/field-issue';
import { findTrains } from '@/core/machine/gearing/find-trains';
import { MOST_GEARS, refusedTeeth } from '@/core/machine/gearing/read-stock';
import { NO_LIMITS } from '@/core/machine/gearing/mounting';
import { ratioWanted, trainRatio } from '@/core/machine/gearing/train';
import { advance, count, exactOf, readAdvance } from './advance-request';
import { shape, withoutId } from './request';

const schema = object({
  stock: array(
    mixed<number>()
      .required('A gear is missing.')
      .test(
        'teeth',
        '${path}: give its teeth, a whole number of 10 to 400.',
        (teeth) => typeof teeth === 'number' && refusedTeeth(teeth) === null,
      ),
  )
    .strict()
    .typeError('stock must be a list of teeth.')
    .min(2, 'stock needs two gears at least.')
    .max(MOST_GEARS, `stock holds ${MOST_GEARS} gears at most.`)
    .required('stock is missing.'),
  leadScrew: advance('leadScrew'),
  thread: advance('thread'),
  starts: count(100),
  fixedRatio: mixed<number | string>().test(
    'ratio',
    'fixedRatio must be greater than 0, such as "1" or "2/3".',
    (value) => value === undefined || exactOf(value) !== null,
  ),
  most: count(100),
  mounting: object({
    leastPair: count(1000),
    mostPair: count(1000),
    mostOnStud: count(1000),
    mostOnScrew: count(1000),
    clearance: count(1000),
  })
    .noUnknown('mounting has a field that is not known: ${unknown}.')
    .default(undefined),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/**
 * `{"stock":[20,24,28],"leadScrew":{"tpi":8},"thread":{"pitch":1.5},"fixedRatio":"1","most":5}`: simple and compound
 * trains, the best first. Each entry of the stock is one gear; `fixedRatio` is what gears inside the machine do besides.
 */
export function calcGears(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const { stock, starts = 1, fixedRatio = '1', most = 5, mounting } = read.value;
  const screw = readAdvance('leadScrew', read.value.leadScrew);
  if (!screw.ok) return screw;
  const thread = readAdvance('thread', read.value.thread);
  if (!thread.ok) return thread;
  const lead = { ...thread.value, mm: thread.value.mm.mul(starts) };
  const wanted = ratioWanted(lead, screw.value, exactOf(fixedRatio) ?? new Fraction(1));
  const found = findTrains({
    stock,
    wanted,
    most,
    mounting: { ...NO_LIMITS, ...mounting },
  });
  return good({
    exact: found[0]?.errorPpm === 0,
    ratioWanted: wanted.valueOf(),
    trains: found.map(({ drivers, driven, errorPpm }) => ({
      drivers,
      driven,
      ratio: trainRatio({ drivers, driven }).valueOf(),
      errorPpm,
    })),
  });
}
