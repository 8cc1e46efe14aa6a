import { formWith, planFor, sheetOf, type Leaves } from '@/core/test/record';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { readPlan } from './read/read-plan';
import { readStoredPlan } from './plan';
import { reliefsOf } from './relief';

/** What an instructor plans is what is expected; where it disagrees with the standard she is told at the field. */
const says = (field: string, leaves: Leaves, lathe = usualLathe('in')) =>
  readPlan(formWith(leaves), lathe)
    .warnings.filter((warning) => warning.field === field)
    .map(({ message }) => message)
    .join(' ');
const step = (id: string, leaves: Leaves, lathe = usualLathe('in')) =>
  sheetOf(leaves, lathe).steps.find((each) => each.id === id);

describe('the blank', () => {
  const M14 = { 'thread.designation': 'M14x2-6g' };
  const expected = (diameter: string) => step('blank', { ...M14, 'work.diameter': diameter })?.expected;

  /** ISO 965-1: M14x2-6g major 13.682 to 13.962. */
  test('inside its limits is expected inside them', () =>
    expect(expected('13.85')).toMatchObject({ value: 13.85, min: 13.682, max: 13.962 }));
  test('planned at nominal is right at nominal, and she is told', () => {
    expect(expected('14')).toMatchObject({ value: 14, min: 13.682, max: 14.01 });
    expect(says('work.diameter', { ...M14, 'work.diameter': '14' })).toContain('It is asked for as planned');
  });
  test('planned under its limit is right there too', () =>
    expect(expected('13.6')).toMatchObject({ value: 13.6, min: 13.59, max: 13.962 }));
  test('a bore planned under its smallest is right there', () => {
    const bore = { 'thread.designation': '3/4-16 UNF-2B', 'work.diameter': '0.6800' };
    expect(step('blank', bore)?.expected).toMatchObject({ value: 0.68, min: 0.6795, max: 0.696 });
  });
});

describe('the speed', () => {
  const FAST = { 'technique.speed': '400' };
  const speed = (leaves: Leaves) => sheetOf(leaves).speed;

  test('that is typed is given, with what it leaves, and she is warned', () => {
    expect(speed(FAST).rpm).toBe(400);
    expect(speed(FAST).timeInRunOut).toBeLessThan(1.2);
    expect(says('technique.speed', FAST)).toContain('It is given as planned');
    const { expected, instruction, caution } = step('speed', FAST)!;
    expect(expected).toMatchObject({ max: 400 });
    expect(instruction).toMatch(/^Only 0\.\d s will be left/);
    expect(caution).toContain('A hand usually needs 1.2 s');
  });
  test('gives way to the hand where she wants it to, or types the time that a hand needs', () => {
    const lathe = { ...usualLathe('in'), spindle: { ...usualLathe('in').spindle, speeds: SPEEDS } };
    const rpm = (leaves: Leaves) => sheetOf({ ...FAST, ...leaves }, lathe).speed.rpm;
    expect(rpm({})).toBe(400);
    expect(rpm({ 'technique.handLimit': 'keeps' })).toBe(100);
    expect(rpm({ 'technique.reaction': '1.2' })).toBe(100);
    expect(rpm({ 'technique.reaction': '1.2', 'technique.handLimit': 'set-aside' })).toBe(400);
  });
  test('that is proposed gives way to the hand, and so did every speed of older plans', () => {
    expect(planFor().technique).toMatchObject({ spindleSpeedRpm: 70, handLimit: 'keeps' });
    const { handLimit, ...technique } = planFor(FAST).technique;
    expect(handLimit).toBe('set-aside');
    const older = { ...planFor(FAST), version: 8, technique };
    expect(readStoredPlan(older).technique.handLimit).toBe('keeps');
  });
  test('of carbide has a lowest, too', () => {
    const carbide = { 'tool.tip.kind': 'insert', 'work.material': 'mild steel' };
    // 20 m/min on 0.7438 in: 337 rpm.
    expect(says('technique.speed', { ...carbide, 'technique.speed': '300' })).toContain(
      'Slow for carbide: under 337 rpm',
    );
    expect(says('technique.speed', { ...carbide, 'technique.speed': '340' })).not.toContain('carbide');
    expect(says('technique.speed', { 'work.material': 'mild steel' })).toBe('');
  });
  const SPEEDS = [60, 100, 200, 400].map((rpm) => ({
    rpm,
    set: '',
    by: null,
    runDownTurns: null,
    real: null,
    upTo: null,
    powerW: null,
    torqueNm: null,
  }));
});

describe('where the thread ends', () => {
  test('a groove narrower than the speed asks is said as planned, and never two widths', () => {
    const leaves = { 'work.end.width': '0.100', 'technique.speed': '200' };
    expect(step('run-out', leaves)?.instruction).toMatch(/^0\.1000 in wide, and down/);
    expect(step('run-out', {})?.instruction).toMatch(/^0\.1880 in wide, not under 0\.1\d+ in, and down/);
  });

  /** Printed minors: common practice; the tool's root is of a flat of P/8 at mid pitch diameter, computed. */
  test('the printed minors stand beside the root of this tool, with how deep it cuts in each', () => {
    const thread = { 'thread.designation': '5/16-18 UNC-2A', 'tool.tip.flat': '0.00694' };
    const { inputs, evaluation } = readPlan(formWith(thread));
    const options = reliefsOf(inputs.thread!, inputs.limits!, evaluation.rootDiameter!);
    expect(options.map(({ by, diameter }) => [by, Number(diameter.toFixed(4))])).toEqual([
      ['planned-root', 0.2371],
      ['printed-minor', 0.2512],
      ['root-rounded-unr', 0.2451],
      ['root-rounded-h6', 0.2431],
      ['root-flat-p8', 0.2391],
    ]);
    expect(options.map(({ toolCuts }) => toolCuts > 0)).toEqual([false, true, true, true, true]);
    const relief = (leaves: Leaves) => sheetOf({ ...thread, ...leaves }).reliefDiameter;
    expect(relief({})).toBeCloseTo(0.2371, 4);
    expect(relief({ 'work.end.reliefBy': 'root-rounded-h6' })).toBe(0.2431);
    expect(relief({ 'work.end.reliefBy': 'root-rounded-h6', 'work.end.diameter': '0.230' })).toBe(0.23);
    expect(says('work.end.diameter', { ...thread, 'work.end.reliefBy': 'printed-minor' })).toContain(
      'still cuts in the groove',
    );
  });

  test.each([
    ['0.750', ''],
    ['0.745', 'does not reach the major diameter'],
  ])('inside, a mouth chamfered to %s: %s', (diameter, said) => {
    const bore = { 'thread.designation': '3/4-16 UNF-2B', 'work.chamfer.diameter': diameter };
    expect(says('work.chamfer.diameter', bore)).toContain(said);
    if (said === '') expect(says('work.chamfer.diameter', bore)).toBe('');
  });
});

describe('the register', () => {
  const REGISTER = {
    'thread.designation': '7/8-9 UNC-2B',
    'work.register.diameter': '1.000',
    'work.register.length': '0.200',
  };
  test('lies behind and is made with the blank unless it is said otherwise', () => {
    expect(planFor(REGISTER).work.register).toMatchObject({ at: 'behind', made: 'before' });
    expect(step('register', REGISTER)).toMatchObject({ when: 'before-cutting' });
    expect(step('register', REGISTER)?.instruction).toContain('behind the thread to 1.0000 in');
  });
  test.each([
    ['7/8-9 UNC-2B', '0.900', ''],
    ['7/8-9 UNC-2B', '0.870', 'tool and screw pass through it'],
    ['7/8-9 UNC-2A', '0.700', ''],
    ['7/8-9 UNC-2A', '0.800', 'tool and nut pass over it'],
  ])('before the thread it lets tool and mate pass: %s, %s', (designation, diameter, said) => {
    const mouth = {
      ...REGISTER,
      'thread.designation': designation,
      'work.register.diameter': diameter,
      'work.register.at': 'mouth',
    };
    expect(says('work.register.diameter', mouth)).toContain(said);
    expect(says('work.register.diameter', mouth) === '').toBe(said === '');
  });
  test('at the mouth, after the thread: its step comes when the thread is done, before the part comes out', () => {
    const after = { ...REGISTER, 'work.register.at': 'mouth', 'work.register.made': 'after' };
    const steps = sheetOf(after).steps.filter(({ when }) => when === 'after-cutting');
    expect(steps.map(({ id }) => id)).toEqual(['register', 'clean-up']);
    expect(steps[0]?.instruction).toContain('at the mouth');
    expect(sheetOf(after).blank?.register).toEqual({ diameter: 1, length: 0.2, at: 'mouth', made: 'after' });
  });
});

describe('an insert', () => {
  test.each([
    ['its own pitch', {}, 0.009],
    ['a range: its finest pitch decides', { 'tool.tip.pitchFrom': '28-8 TPI' }, 0.0051],
    [
      'a coarser finest pitch is not given more than the root bears',
      { 'tool.tip.pitchFrom': '16-8 TPI' },
      0.009,
    ],
  ])('%s', (_, leaves, radius) => {
    const { tip } = planFor({ 'tool.tip.kind': 'insert', ...leaves }).tool;
    expect(tip.radius).toEqual({ value: radius, unit: 'in' });
  });
});

describe('until the nut goes', () => {
  const UNTIL = { 'schedule.school': 'until', 'infeed.way': 'plunge', 'proof.evidence.0.kind': 'nut' };
  const bites = (leaves: Leaves = {}) =>
    planFor({ ...UNTIL, ...leaves }).schedule.rows.flatMap(({ what, infeed }) =>
      what === 'repeat' ? [infeed!.value] : [],
    );

  test('near size the bites are small: half of the band at most', () => {
    const { min, max } = sheetOf().limits.pitchDiameter;
    expect(2 * bites().at(-1)!).toBeLessThanOrEqual((max - min) / 2 + 1e-9);
    expect(bites()[0]).toBe(0.002);
    expect(says('schedule.second', UNTIL)).toBe('');
  });
  test('a bite that is more than the band can take is warned of', () => {
    const large = { 'schedule.largest': '0.010', 'schedule.second': '0.004' };
    expect(bites(large).at(-1)).toBe(0.004);
    expect(says('schedule.second', { ...UNTIL, ...large })).toContain(
      'One bite takes the pitch diameter 0.0080 down; the band is 0.0050 in wide',
    );
    const inside = { ...UNTIL, ...large, 'thread.designation': '3/4-16 UNF-2B' };
    expect(says('schedule.second', inside)).toContain('One bite takes the pitch diameter 0.0080 up');
    expect(says('schedule.second', { ...UNTIL, 'schedule.second': '0.0025' })).toBe('');
  });
  test('the trials begin where the small bites begin', () => {
    const { rows } = planFor(UNTIL).schedule;
    const stop = rows.findIndex(({ check, what }) => what === 'check' && check === 'nut');
    expect(rows[stop - 1]?.infeed?.value).toBe(0.002);
    expect(rows[stop + 1]?.infeed?.value).toBe(0.001);
  });
  test('how often may be said: then it is no more', () =>
    expect(bites({ 'schedule.atMost': '7' })).toHaveLength(7));
});

test('“always the first mark” can be planned where the drive is left to the student', () =>
  expect(planFor({ 'technique.drive': 'free', 'technique.markRule': 'same' }).technique.markRule).toBe(
    'same',
  ));
