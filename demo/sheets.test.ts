import type { Plan } from '@/core/exercise/plan/plan';
import { predict } from '@/core/exercise/record/state/predict';
import { readSheet, type Sheet } from '@/core/exercise/sheet/sheet';
import { refusedByLathe } from '@/core/exercise/sheet/refused-by-lathe';
import { wantedChoice } from '@/core/exercise/sheet/wanted-choice';
import { goodSteps, planFor, recordOf } from '@/core/test/record';
import { LATHES, type LatheName } from './lathes';
import { sheetOn } from './load-demo-shop';

jest.mock('server-only', () => ({}), { virtual: true });

/** One plan of each family of techniques, on every lathe of the demo shop. */
const plan = (leaves: Record<string, string>): Plan => planFor(leaves);

const FAMILIES: Record<string, Record<string, string>> = {
  'half nut opened': {},
  'half nut kept closed': { 'technique.drive': 'reversing', 'technique.speed': '60' },
  trip: { 'technique.drive': 'trip' },
  'away from the headstock': { 'technique.direction': 'away-from-headstock' },
  plunge: { 'infeed.way': 'plunge' },
  'alternating flank': { 'infeed.way': 'alternating' },
  internal: { 'thread.designation': '7/8-9 UNC-2B', 'work.end.kind': 'through', 'holding.kind': 'chuck' },
  'left-hand': { 'thread.designation': 'M20x1.5-6g-LH' },
  metric: { 'thread.designation': 'M16x2-6g' },
  'two starts': { 'thread.designation': '3/4-16 UNF-2A (2 starts)' },
};

const NAMES = Object.keys(LATHES) as LatheName[];

describe.each(Object.entries(FAMILIES))('%s', (_, leaves) => {
  test.each(NAMES)('on %s the sheet is whole and can be read again', (name) => {
    const sheet = sheetOn(plan(leaves), name);
    expect(readSheet(JSON.parse(JSON.stringify(sheet)))).toEqual(sheet);
    const { speed, dial, gearing } = sheet;
    // The speed is one of this lathe, not over what was asked, and leaves the time of the level where any does.
    expect(speed.rpm).toBeLessThanOrEqual(Math.max(speed.asked, slowestOf(name)));
    if (speed.timeInRunOut !== null && speed.rpm > slowestOf(name))
      expect(speed.timeInRunOut).toBeGreaterThanOrEqual(speed.reactionSeconds - 1e-6);
    // A dial is only offered where the half nut is opened, and every safe mark brings the lead back.
    if (sheet.way.drive === 'reversing') expect(dial.use).toBe('kept-closed');
    for (const mark of dial.marks.filter(({ group }) => group === 0))
      expect(bringsBack(sheet, name, mark.at)).toBe(true);
    // What is geared gives the lead.
    if (gearing.errorPpm !== null)
      expect(gearing.tooFar).toBe(
        (Math.abs(gearing.errorPpm) / 1e6) * gearing.overLength * Math.sqrt(3) >
          sheet.limits.pitchDiameterTolerance,
      );
    expect(sheet.steps.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['gearing', 'drive', 'speed', 'travel']),
    );
  });
});

function slowestOf(name: LatheName): number {
  return LATHES[name].spindle.speeds[0]?.rpm ?? Infinity;
}

/** By walking: from the first mark to another, in whole leads and whole pitches of the screw, in floating point here. */
function bringsBack({ thread, dial }: Sheet, name: LatheName, at: string): boolean {
  const [over = '0', under = '1'] = at.split('/');
  const turns = (Number(over) / Number(under)) * (dial.gearTeeth ?? 0);
  const advance = LATHES[name].leadScrew?.advance ?? '';
  const pitchMm = advance.endsWith('mm') ? parseFloat(advance) : 25.4 / parseFloat(advance);
  const leadMm = thread.unit === 'in' ? thread.lead * 25.4 : thread.lead;
  const leads = (turns * pitchMm) / leadMm;
  return [turns, leads].every((each) => Math.abs(each - Math.round(each)) < 1e-9);
}

describe('what differs from lathe to lathe', () => {
  test('the inch lathe with a gearbox: levers by name, numbered marks, a speed with its pin', () => {
    const sheet = sheetOn(plan({ 'thread.designation': '7/8-9 UNC-2A' }), 'Lathe 1');
    expect(sheet.gearing.levers).toMatchObject([
      { lever: 'Letter', position: 'B' },
      { lever: 'Number', position: '2' },
      { lever: 'Feed reverse', position: 'R' },
      { lever: 'Lead-screw clutch', position: 'in' },
      { lever: 'Apron selector', position: 'neutral' },
    ]);
    expect(sheet.dial.groups).toEqual(['1, 2, 3, 4', 'the plain marks']);
    expect(sheet.speed.set).toContain('its pin out');
  });

  test('the inch lathe with change gears: a metric thread by 127 teeth, which its chart does not have', () => {
    const sheet = sheetOn(
      plan({ 'thread.designation': 'M16x2-6g', 'holding.kind': 'between-centres' }),
      'Lathe 2',
    );
    expect(sheet.gearing).toMatchObject({ from: 'stock', errorPpm: 0 });
    expect(sheet.gearing.gears.map(({ teeth }) => teeth)).toContain(127);
    expect(sheet.dial).toMatchObject({ use: 'kept-closed' });
    expect(sheet.way.drive).toBe('reversing');
    expect(sheet.compound.markDeg).toBe(60.5);
    expect(sheetOn(plan({}), 'Lathe 2').gearing).toMatchObject({ from: 'change-gears', errorPpm: 0 });
  });

  test('the metric lathe with change gears: which gear of the dial to mesh', () => {
    expect(sheetOn(plan({ 'thread.designation': 'M16x2-6g' }), 'Lathe 3').dial).toMatchObject({
      use: 'marks',
      gearTeeth: 16,
      ofSeveral: true,
      groups: ['every mark'],
    });
    expect(sheetOn(plan({ 'thread.designation': 'M16x2-6g-LH' }), 'Lathe 3').gearing).toMatchObject({
      turns: 'against-spindle',
      levers: [
        { lever: 'Reverse', position: 'II' },
        { lever: 'Screw collar', position: 'right' },
      ],
    });
  });

  test('the small bench lathe: no dial, and its screwed chuck may not be reversed', () => {
    const opened = plan({ 'thread.designation': 'M16x2-6g' });
    // Its screw of 2 mm is one lead: the half nut finds the thread anywhere.
    expect(refusedByLathe(opened, LATHES['Lathe 6'])).toEqual([]);
    expect(sheetOn(opened, 'Lathe 6').dial.use).toBe('any-place');
    const fine = plan({ 'thread.designation': 'M16x1.5-6g' });
    expect(refusedByLathe(fine, LATHES['Lathe 6']).join()).toContain('can unscrew in reverse');
    const held = plan({ 'thread.designation': 'M16x1.5-6g', 'holding.kind': 'between-centres' });
    expect(refusedByLathe(held, LATHES['Lathe 6'])).toEqual([]);
    expect(sheetOn(held, 'Lathe 6')).toMatchObject({
      way: { drive: 'reversing' },
      dial: { use: 'kept-closed', says: [expect.stringContaining('no thread dial') as string] },
    });
  });

  test('the lathe with a trip: found again by its clutch, no limit of the hand, the lead screw’s own limit', () => {
    const sheet = sheetOn(
      plan({ 'technique.drive': 'trip', 'technique.speed': '400', 'thread.designation': 'M30x3-6g' }),
      'Lathe 5',
    );
    expect(sheet.dial.use).toBe('trip');
    expect(sheet.speed).toMatchObject({ timeInRunOut: null, set: 'Gear II, turn the knob' });
    // 250 turns of a 6 mm screw are 500 of the spindle for 3 mm, over what was asked: nothing is said of it.
    expect(sheet.speed.cap).toBeNull();
    const coarse = sheetOn(
      plan({ 'technique.drive': 'trip', 'technique.speed': '900', 'thread.designation': 'M30x3-6g' }),
      'Lathe 5',
    );
    expect(coarse.speed).toMatchObject({
      rpm: 500,
      cap: expect.stringContaining('lead screw forbids') as string,
    });
  });

  test('an own reaction time leaves another speed', () => {
    const speed = (own: string) =>
      sheetOn(
        plan({
          'technique.reaction': own,
          'technique.speed': '400',
          'technique.handLimit': 'keeps',
        }),
        'Lathe 1',
      ).speed;
    expect(speed('').reactionSeconds).toBe(1.2);
    expect(speed('0.4')).toMatchObject({ reactionSeconds: 0.4 });
    expect(speed('0.4').rpm).toBeGreaterThan(speed('').rpm);
  });

  test('a scale that counts one way only shows the graduation that is really there', () => {
    expect(sheetOn(plan({}), 'Lathe 5').compound).toEqual({
      angleDeg: 29.5,
      markDeg: 330.5,
      offScale: false,
    });
    const mirrored = plan({ 'thread.designation': 'M20x1.5-6g-LH', 'infeed.side': 'usual' });
    expect(sheetOn(mirrored, 'Lathe 5').compound.markDeg).toBe(29.5);
  });

  test('levers that are set otherwise stand in the way of the cut; the looks must all be seen', () => {
    const sheet = sheetOn(plan({}), 'Lathe 1');
    const stands = (id: string, choice: string) =>
      predict(
        sheet,
        recordOf(
          goodSteps(sheet).map((content) =>
            'stepId' in content && content.stepId === id ? { ...content, choice } : content,
          ),
        ),
      ).blocks.map((block) => block.id);
    const right = wantedChoice(sheet.steps.find(({ id }) => id === 'gearing')!) ?? '';
    expect(stands('gearing', right)).toEqual([]);
    expect(stands('gearing', right.replace('Letter: C', 'Letter: B'))).toEqual(['gearing']);
    const looks = sheet.steps.find(({ id }) => id === 'drive')?.choices ?? [];
    expect(looks).toHaveLength(3);
    expect(stands('drive', looks.join('; '))).toEqual([]);
    expect(stands('drive', looks[0] ?? '')).toEqual(['drive']);
  });
});
