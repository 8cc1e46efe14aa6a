import { feedDial } from './feed-dial';
import { readingShown, shownReading, type ShownBy } from './shown-reading';
import { usualLathe } from './usual-lathe';
import type { Lathe } from './lathe';

const inch = (value: number) => ({ value, unit: 'in' }) as const;
const dial = (change: Partial<ShownBy> = {}): ShownBy => ({
  as: 'turns',
  counts: 'up',
  perTurn: inch(0.1),
  zeroFigure: 0,
  ...change,
});

describe('a reading as the dial shows it', () => {
  test('turns and reading', () => expect(shownReading(inch(0.247), dial())).toBe('2 turns + 0.047'));
  test('a dial that runs down shows the figure that stands there', () => {
    const down = dial({ counts: 'down' });
    expect(shownReading(inch(0.03), down)).toBe('0.070');
    expect(shownReading(inch(0.1), down)).toBe('1 turn + 0.000');
    expect(shownReading(inch(0.13), down)).toBe('1 turn + 0.070');
    expect(shownReading(inch(0), down)).toBe('0.000');
  });
  test('a figure before the zero is the one that stands there, with the turns before it', () => {
    expect(shownReading(inch(-0.084), dial())).toBe('0.016, 1 turn before 0');
    expect(shownReading(inch(-0.084), dial({ counts: 'down' }))).toBe('0.084, 1 turn before 0');
    expect(shownReading(inch(-0.2), dial())).toBe('0.000, 2 turns before 0');
  });
  test('a readout shows its absolute figure, up or down from its zero', () => {
    const up = dial({ as: 'figure', zeroFigure: 0.75 });
    expect(shownReading(inch(0.03), up)).toBe('0.780');
    expect(shownReading(inch(0.03), { ...up, counts: 'down' })).toBe('0.720');
  });
  test('what was typed off a readout is read back', () => {
    const down = dial({ as: 'figure', counts: 'down', zeroFigure: 20 });
    expect(readingShown(18.5, down, inch(0))).toBe(1.5);
    expect(readingShown(2.25, dial({ as: 'figure', zeroFigure: 0.75 }), inch(0))).toBe(1.5);
  });
  test('zeroed at touch, a minus sign means the same; before the zero it is the nearer one', () => {
    const zeroed = dial({ as: 'figure' });
    expect([0.034, -0.034].map((typed) => readingShown(typed, zeroed, inch(0.03)))).toEqual([0.034, 0.034]);
    expect(readingShown(0.028, zeroed, inch(-0.03))).toBe(-0.028);
  });
  test('what was typed off a dial is what stands there, in the turn in which the slide is', () => {
    const down = dial({ counts: 'down' });
    expect(readingShown(0.03, dial(), inch(0.02))).toBe(0.03);
    expect(readingShown(0.052, dial(), inch(0.247))).toBe(0.252);
    expect(readingShown(0.002, dial(), inch(0.098))).toBe(0.102);
    expect(readingShown(0.094, down, inch(0.01))).toBe(0.006);
    expect(readingShown(0.094, down, inch(0.11))).toBe(0.106);
    expect(readingShown(0, down, inch(0.1))).toBe(0.1);
    // Turns counted in, as it is also written down.
    expect(readingShown(0.252, dial(), inch(0.247))).toBe(0.252);
  });
  test('every reading that a dial shows is read back from its figure, up and down', () => {
    for (const by of [dial(), dial({ counts: 'down' })])
      for (let graduations = 0; graduations <= 260; graduations += 1) {
        const reading = Math.round(graduations) / 1000;
        const figure = Number(/[\d.]+$/.exec(shownReading(inch(reading), by))?.[0]);
        expect([by.counts, readingShown(figure, by, inch(reading + 0.004))]).toEqual([by.counts, reading]);
      }
  });
});

describe('the dial of the slide that feeds', () => {
  const lathe: Lathe = usualLathe('mm');
  test('of a cross slide that nobody has looked up the usual one is taken, and said', () =>
    expect(feedDial(lathe, 'cross-slide')).toEqual({ dial: lathe.compound.dial, known: false }));
  test('its own where it is known', () => {
    const own = { ...lathe.compound.dial, reads: 'diameter' } as const;
    expect(feedDial({ ...lathe, crossSlide: { dial: own, backlash: null } }, 'cross-slide')).toEqual({
      dial: own,
      known: true,
    });
  });
  test('a readout has its resolution, no turns that matter, and reads what it is set to', () => {
    const readout: Lathe['readout'] = {
      axes: [],
      resolution: { value: 0.005, unit: 'mm' },
      reads: 'diameter',
    };
    const { dial: shown } = feedDial({ ...lathe, readout }, 'readout');
    expect(shown.graduation).toEqual(readout.resolution);
    expect(shown.reads).toBe('diameter');
    expect(shown.perTurn.value).toBeGreaterThan(100);
  });
});
