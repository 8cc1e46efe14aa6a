import Fraction from 'fraction.js';
import { advanceOfMm, advanceOfTpi } from '../gearing/advance';
import { usualLathe } from '../lathe/usual-lathe';
import type { Lathe } from '../lathe/lathe';
import { USUAL_WORDS } from '../shop/words';
import { driveOn, forbiddenOn, wayConflicts } from './forbidden';
import { holdingsOf } from './holdings';
import { feedAngleOf, slideOf } from './slide-of';
import { leastRunOut, maxRpm, speedLimit, timeLeft, type SpeedCase } from './speed-limit';
import { passCycle } from './pass-cycle';
import { REAL_DRIVES, type RealDrive } from './drives';
import { WORK_ENDS } from './choices';
import { techniqueWords } from './technique-words';
import { threadingSpeed } from './threading-speed';
import { wayHazards } from './hazards';
import type { Way } from './way';

const USUAL: Way = {
  side: 'external',
  hand: 'right',
  starts: 1,
  direction: 'toward-headstock',
  drive: 'half-nut',
  toolSide: 'front',
  clearing: 'cross-slide',
  clearOrder: 'clear-first',
  infeed: 'compound',
  compoundSide: 'usual',
  markRule: 'any-safe',
  end: 'groove',
  holding: 'chuck-and-centre',
};
const words = techniqueWords(USUAL_WORDS, 'blank');
const cycle = (change: Partial<Way>, drive: RealDrive = 'half-nut') =>
  passCycle({ ...USUAL, ...change }, drive, words);

test('what the end is seen by is what the cycle says to watch', () => {
  expect(cycle({ endSeenBy: 'indicator' }).join(' ')).toContain('Watch the carriage indicator. Open');
  expect(cycle({ endSeenBy: 'ear' }, 'reversing').join(' ')).toContain(
    'Listen: the sound changes at the end.',
  );
  expect(cycle({}).join(' ')).toContain('Watch. Open');
});

describe('the pass cycle, in the order of work (common practice)', () => {
  test('half nut by the thread dial: zero and reading, oil, close, open in the groove, clear, back', () => {
    expect(cycle({})).toEqual([
      'Cross slide to zero, and look: a full turn off reads zero too.',
      'Compound in to the next reading.',
      'Oil.',
      'Close the half nut at a safe dial mark; missed it? Wait for the next.',
      'Watch. Open the half nut in the run-out groove.',
      'Cross slide toward you, clear of the thread.',
      'Carriage back well clear of the work.',
    ]);
  });
  test('reversing: clear before the spindle stops, at rest before it runs back', () => {
    const lines = cycle({}, 'reversing').join(' ');
    const order = [
      'stays closed',
      'toward you, clear',
      'then stop',
      'come to rest',
      'Reverse',
      'past the slack',
    ];
    const places = order.map((text) => lines.indexOf(text));
    expect(places.every((place) => place >= 0)).toBe(true);
    expect(places).toEqual([...places].sort((a, b) => a - b));
  });
  test('or stop in the groove, then clear', () => {
    const lines = cycle({ clearOrder: 'stop-first' }, 'reversing').join(' ');
    expect(lines.indexOf('Stop the spindle in the run-out groove')).toBeLessThan(lines.indexOf('toward you'));
  });
  test('reversing between centres puts the dog back on its pin', () =>
    expect(cycle({ holding: 'between-centres' }, 'reversing').at(-1)).toMatch(/^Dog back on its pin/));
  test('pulled out at a line: the tool is drawn before the half nut opens', () => {
    const line = cycle({ end: 'mark' }).find((text) => text.includes('At the line')) ?? '';
    expect(line.indexOf('toward you')).toBeLessThan(line.indexOf('open the half nut'));
  });
  test('away from the headstock it starts in the groove and ends beyond the blank', () => {
    const lines = cycle({ direction: 'away-from-headstock' });
    expect(lines).toContain('Carriage back into the groove.');
    expect(lines.join(' ')).toContain('beyond the end of the blank');
  });
  test('a bore clears away from the operator, its far side toward', () => {
    const bore = { side: 'internal', end: 'recess', holding: 'chuck' } as const;
    expect(cycle(bore).join(' ')).toContain('Cross slide away from you');
    expect(cycle({ ...bore, toolSide: 'back' }).join(' ')).toContain('Cross slide toward you');
  });
  test('clearing with the compound comes in past the backlash and leaves the cross slide alone', () => {
    const lines = cycle({ clearing: 'compound' }).join(' ');
    expect(lines).toContain('in past the backlash');
    expect(lines.toLowerCase()).not.toContain('cross slide');
  });
  test('a readout shows figures, a dial is counted in turns', () => {
    expect(cycle({ infeed: 'readout' })[0]).toContain('figure on the readout');
    expect(cycle({ infeed: 'plunge' })[0]).toContain('turns counted');
  });
  test('the trip needs no half nut opened', () =>
    expect(cycle({}, 'trip').join(' ')).not.toContain('Open the half nut'));
  test('in the words of the shop', () => {
    const shop = techniqueWords({ ...USUAL_WORDS, compound: 'top slide', halfNut: 'split nut' }, 'blank');
    const lines = passCycle(USUAL, 'half-nut', shop).join(' ');
    expect(lines).toContain('Top slide in to the next reading');
    expect(lines).toContain('split nut');
    expect(lines).not.toMatch(/compound|half nut/i);
  });
  test('no way of driving leaves a line empty or doubles a stop', () => {
    for (const drive of REAL_DRIVES)
      for (const end of WORK_ENDS)
        for (const line of cycle({ end, side: end === 'recess' ? 'internal' : 'external' }, drive))
          expect(line).toMatch(/^[A-Z].*[^.]\.$/);
  });
});

const speedCase = (change: Partial<SpeedCase> = {}): SpeedCase => ({
  way: USUAL,
  drive: 'half-nut',
  lead: 1 / 13,
  reactionSeconds: 0.7,
  endLength: 3 / 13,
  toolWidth: 0,
  room: null,
  runDownTurns: null,
  ...change,
});

describe('what limits the speed', () => {
  test('13 TPI in a groove of three pitches at 256 rpm leaves 0.70 s (common practice)', () => {
    const limit = speedLimit(speedCase());
    expect(timeLeft(limit, 1 / 13, 256)).toBeCloseTo(0.703, 3);
    expect(maxRpm(limit, 1 / 13, 0.703125)).toBeCloseTo(256, 6);
  });
  test('a groove of 0.1 in at 20 TPI and 240 rpm: 0.5 s by its width, 0.28 s less the tool (common practice)', () => {
    // The width at the surface of a P/8 flat 0.038 down a flank of 30 degrees: P/8 + 2 x 0.038 cos 30 tan 30.
    const toolWidth = 0.05 / 8 + 2 * 0.038 * Math.cos(Math.PI / 6) * Math.tan(Math.PI / 6);
    const at = (width: number) =>
      timeLeft(speedLimit(speedCase({ lead: 0.05, endLength: 0.1, toolWidth: width })), 0.05, 240);
    expect(at(0)).toBeCloseTo(0.5, 9);
    expect(at(toolWidth)).toBeCloseTo(0.279, 3);
  });
  test('stopping in the groove holds the run-down too', () => {
    const way = { ...USUAL, clearOrder: 'stop-first' } as const;
    const limit = speedLimit(speedCase({ way, drive: 'reversing', runDownTurns: 1 }));
    // Three leads less one turn of run-down leave two turns: at 60 rpm two seconds.
    expect(timeLeft(limit, 1 / 13, 60)).toBeCloseTo(2, 9);
    expect(leastRunOut(limit, 1 / 13, 60, 1, 0)).toBeCloseTo(2 / 13, 9);
  });
  test('clearing first: the groove holds the reaction, the room to the shoulder the run-down', () => {
    const limit = (room: number) =>
      speedLimit(speedCase({ drive: 'reversing', room: room / 13, runDownTurns: 2 }));
    expect(timeLeft(limit(10), 1 / 13, 60)).toBeCloseTo(3, 9);
    expect(timeLeft(limit(4), 1 / 13, 60)).toBeCloseTo(2, 9);
  });
  test('a run-down that nobody has looked up is said', () => {
    expect(speedLimit(speedCase({ drive: 'reversing' })).runDownUnknown).toBe(true);
    expect(speedLimit(speedCase()).runDownUnknown).toBe(false);
  });
  test('away from the headstock: the way to the live centre, none without one', () => {
    const away = { ...USUAL, direction: 'away-from-headstock' } as const;
    expect(timeLeft(speedLimit(speedCase({ way: away, room: 4 / 13 })), 1 / 13, 60)).toBeCloseTo(4, 9);
    const free = speedLimit(speedCase({ way: { ...away, holding: 'chuck' }, room: 4 / 13 }));
    expect(maxRpm(free, 1 / 13, 1)).toBeNull();
  });
  test('away and reversing: the return runs at the shoulder, the run-down limits it', () => {
    const way = { ...USUAL, direction: 'away-from-headstock' } as const;
    const limit = speedLimit(speedCase({ way, drive: 'reversing', runDownTurns: 1 }));
    expect(limit.endsBy).toBe('stopping');
    expect(timeLeft(limit, 1 / 13, 60)).toBeCloseTo(2, 9);
  });
  test('away and reversing: the cut too comes to rest before the live centre, where there is one', () => {
    const way = { ...USUAL, direction: 'away-from-headstock' } as const;
    const near = { drive: 'reversing', runDownTurns: 1, room: 2 / 13 } as const;
    expect(timeLeft(speedLimit(speedCase({ way, ...near })), 1 / 13, 60)).toBeCloseTo(1, 9);
    const free = speedLimit(speedCase({ way: { ...way, holding: 'collet' }, ...near }));
    expect(timeLeft(free, 1 / 13, 60)).toBeCloseTo(2, 9);
  });
  test('pulled out at a line: the imperfect length, the tool takes nothing from it', () => {
    const way = { ...USUAL, end: 'mark' } as const;
    expect(speedLimit(speedCase({ way, toolWidth: 0.02 }))).toMatchObject({
      endsBy: 'imperfect-length',
      usable: 3 / 13,
    });
  });
  test('a trip has no limit of the hand; a groove narrower than the tool leaves nothing', () => {
    expect(maxRpm(speedLimit(speedCase({ drive: 'trip' })), 1 / 13, 1)).toBeNull();
    expect(maxRpm(speedLimit(speedCase({ toolWidth: 1 })), 1 / 13, 1)).toBe(0);
  });
});

describe('what does not go together', () => {
  const codes = (change: Partial<Way>, startsBy: string | null = null) =>
    wayConflicts({ ...USUAL, ...change }, startsBy).map(({ code }) => code);
  test('within a way', () => {
    expect(codes({})).toEqual([]);
    expect(codes({ end: 'recess' })).toEqual(['end-not-of-side']);
    expect(codes({ end: 'mark', direction: 'away-from-headstock' })).toEqual(['away-needs-start']);
    expect(codes({ side: 'internal', end: 'recess' })).toEqual(['no-centre-in-bore']);
    expect(codes({ infeed: 'plunge', clearing: 'compound' })).toEqual(['compound-does-not-feed']);
    expect(codes({}, 'compound')).toEqual(['compound-not-along-bed']);
    expect(codes({ infeed: 'plunge' }, 'compound')).toEqual([]);
  });
  test('a bore has no centre, an outside thread no parallels', () => {
    expect(holdingsOf('internal')).not.toContain('chuck-and-centre');
    expect(holdingsOf('external')).not.toContain('parallels');
  });

  const lathe: Lathe = {
    ...usualLathe('in'),
    leadScrew: { advance: '8 TPI', hand: null, engagedBy: null, mostRpm: null },
    spindle: { ...usualLathe('in').spindle, nose: 'screwed' },
  };
  const on = (change: Partial<Way>, changed: Partial<Lathe> = {}, inch = true) => {
    const lead = inch ? advanceOfTpi(new Fraction(16)) : advanceOfMm(new Fraction('1.5'));
    const way = { ...USUAL, ...change };
    return forbiddenOn(way, way.drive, { ...lathe, ...changed }, lead).map(
      ({ code, severity }) => `${severity} ${code}`,
    );
  };
  test('a chuck that screws on is refused in reverse, unless it is locked or not there', () => {
    expect(on({ drive: 'reversing' })).toEqual(['refuse screwed-chuck-in-reverse']);
    expect(on({ direction: 'away-from-headstock' })).toEqual(['refuse screwed-chuck-in-reverse']);
    expect(on({ drive: 'reversing', holding: 'between-centres' })).toEqual([]);
    expect(on({ drive: 'reversing' }, { spindle: { ...lathe.spindle, nose: 'screwed-locked' } })).toEqual([]);
  });
  test('a trip that the lathe has not is refused, one that nobody has looked up is warned of', () => {
    expect(on({ drive: 'trip' }, { trip: { ...lathe.trip, fitted: false } })).toEqual(['refuse no-trip']);
    expect(on({ drive: 'trip' })).toEqual(['warn no-trip']);
    expect(on({ drive: 'trip' }, { trip: { ...lathe.trip, fitted: true } })).toEqual([]);
  });
  test('a plunge by the readout wants one', () =>
    expect(on({ infeed: 'readout' })).toEqual(['refuse no-readout']));
  test('without a dial the half nut opens only where every pitch of the screw is a whole number of leads', () => {
    const none: Partial<Lathe> = {
      threadDial: { state: 'none', swingsOut: null, gears: [], plate: [] },
      spindle: { ...lathe.spindle, nose: 'camlock' },
    };
    expect(on({}, none)).toEqual([]);
    const bench = { ...lathe, ...none };
    expect(driveOn('half-nut', bench, advanceOfTpi(new Fraction(16)))).toBe('half-nut');
    expect(driveOn('half-nut', bench, advanceOfTpi(new Fraction(20)))).toBe('reversing');
    expect(forbiddenOn(USUAL, 'half-nut', bench, advanceOfTpi(new Fraction(20)))).toEqual([
      { of: 'dial', code: 'no-dial', severity: 'warn' },
    ]);
  });
  test('a metric thread on an inch screw keeps the half nut closed', () => {
    const locked: Partial<Lathe> = { spindle: { ...lathe.spindle, nose: 'camlock' } };
    expect(driveOn('half-nut', lathe, advanceOfMm(new Fraction('1.5')))).toBe('reversing');
    expect(driveOn('free', lathe, advanceOfTpi(new Fraction(13)))).toBe('half-nut');
    expect(on({}, locked, false)).toEqual(['warn no-safe-mark']);
  });
});

test('hazards follow the way', () => {
  const hazards = (change: Partial<Way>, drive: RealDrive) =>
    wayHazards({ ...USUAL, ...change }, drive, words).join(' ');
  expect(hazards({}, 'half-nut')).not.toContain('unscrew');
  expect(hazards({}, 'reversing')).toContain('unscrew in reverse');
  expect(hazards({ holding: 'between-centres' }, 'reversing')).toContain('driving plate');
  expect(hazards({ holding: 'chuck' }, 'half-nut')).not.toContain('Live centre');
  expect(hazards({}, 'half-nut')).toContain('does not slip');
});

test('the compound feeds at its angle, every other slide straight in', () => {
  expect([slideOf('compound'), slideOf('alternating')]).toEqual(['compound', 'compound']);
  expect([slideOf('plunge'), slideOf('axial'), slideOf('readout')]).toEqual([
    'cross-slide',
    'cross-slide',
    'readout',
  ]);
  expect(feedAngleOf('compound', 29.5)).toBe(29.5);
  expect(feedAngleOf('plunge', 29.5)).toBe(0);
});

/** Common practice, from memory. */
test('surface speeds for threading guide by material and tool', () => {
  expect(threadingSpeed('mild steel', false)).toBe(10);
  expect(threadingSpeed('Stainless steel', false)).toBe(6);
  expect(threadingSpeed('bronze', true)).toBe(60);
  expect(threadingSpeed(null, false)).toBeNull();
  expect(threadingSpeed('unobtainium', false)).toBeNull();
});
