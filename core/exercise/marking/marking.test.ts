import { predict } from '../record/state/predict';
import type { EntryContent } from '../record/entry/kinds';
import { readSheet } from '../sheet/sheet';
import {
  cutOf,
  goodSteps,
  HANDED_IN,
  measuredAt,
  plannedCuts,
  plannedWork,
  recordOf,
  SCHEME,
  sheetOf,
  stepDone,
} from '@/core/test/record';
import { confirmMark } from './confirm-mark';
import { proposeMark } from './propose-mark';
import { readMark } from './mark';
import { readOlderScheme, type OlderScheme } from './older/older-scheme';
import { shareOut, type MarkProposal } from './mark-line';
import { olderScheme } from '@/core/test/older-scheme';

const sheet = sheetOf();
const steps = goodSteps(sheet);
const beforeCut = steps.slice(0, -2);
const [pitchCheck, cleanUp] = steps.slice(-2) as [EntryContent, EntryContent];
const [scratch, ...cuts] = plannedWork(sheet) as [EntryContent, ...EntryContent[]];
const final = measuredAt(sheet, sheet.wires.overWires.target, 'final');
const whole = [...beforeCut, scratch, pitchCheck, ...cuts, cleanUp, final];

const isSpring = (n: number | null) => sheet.passes.find((pass) => pass.n === n)?.kind === 'spring';
const propose = (contents: EntryContent[]) => proposeMark(sheet, SCHEME, recordOf(contents));
const line = (proposal: MarkProposal, id: string) => {
  const found = proposal.lines.find((candidate) => candidate.id === id);
  if (found === undefined) throw new Error(`no line ${id}`);
  return found;
};

test('work without a fault earns 100, every line with a reason', () => {
  const proposal = propose(whole);
  expect(proposal.total).toBe(100);
  expect(proposal.cap).toBeNull();
  // A reason is a sentence of its own with what was judged: a figure, or how it was done.
  proposal.lines.forEach((each) =>
    expect(each.reason).toMatch(
      /(\d.*|Done in its place|Readings only go in|open hold point|out of the way is recorded|when it is closed)\.$/,
    ),
  );
  expect(new Set(proposal.lines.map(({ id }) => id)).size).toBe(proposal.lines.length);
});

test('points follow the scheme of the plan', () => {
  const { lines } = proposeMark(
    sheet,
    olderScheme({ setUp: 20, passes: 20, result: 60 }, undefined, [sheet]),
    [],
  );
  const sum = (section: string) =>
    lines.filter((each) => each.section === section).reduce((all, each) => all + each.max, 0);
  expect([sum('set-up'), sum('passes'), sum('result')]).toEqual([20, 20, 60]);
});

test('an empty record earns nothing and is not capped', () => {
  expect(propose([])).toMatchObject({ total: 0, cap: null });
});

test('over-cut: the pitch diameter earns nothing, with the figures and the entry as evidence', () => {
  const proposal = propose([
    ...whole.slice(0, -1),
    measuredAt(sheet, sheet.wires.overWires.min - 0.0005, 'final'),
  ]);
  const pitch = line(proposal, 'result:pitch-diameter');
  expect(pitch.proposed).toBe(0);
  expect(pitch.reason).toMatch(/^Over-cut: start 0\.7024/);
  expect(pitch.evidence).toEqual([`e${whole.length}`]);
});

test('exactly on a limit is in', () => {
  expect(
    line(
      propose([...whole.slice(0, -1), measuredAt(sheet, sheet.wires.overWires.min, 'final')]),
      'result:pitch-diameter',
    ).proposed,
  ).toBe(20);
  expect(
    line(
      propose([...whole.slice(0, -1), measuredAt(sheet, sheet.wires.overWires.max, 'final')]),
      'result:pitch-diameter',
    ).proposed,
  ).toBe(20);
});

test('oversize could still be cut: a quarter of the points', () => {
  const proposal = propose([
    ...whole.slice(0, -1),
    measuredAt(sheet, sheet.wires.overWires.max + 0.002, 'final'),
  ]);
  expect(line(proposal, 'result:pitch-diameter')).toMatchObject({ max: 20, proposed: 5 });
});

test('spring passes left out', () => {
  const noSpring = cuts.filter((each) => !(each.kind === 'pass' && isSpring(each.plannedPass)));
  const proposal = propose([...beforeCut, scratch, pitchCheck, ...noSpring, final]);
  expect(line(proposal, 'passes:spring')).toMatchObject({
    proposed: 0,
    reason: '0 at no infeed, 2 planned.',
  });
  expect(line(proposal, 'passes:schedule').proposed).toBe(line(proposal, 'passes:schedule').max);
});

test('a large infeed and a reversed compound', () => {
  const wild = [cutOf(sheet.passes[1]!, 0.02), cutOf(sheet.passes[2]!, 0.015)];
  const proposal = propose([...beforeCut, scratch, pitchCheck, ...wild, final]);
  expect(line(proposal, 'passes:infeed').proposed).toBe(0);
  expect(line(proposal, 'passes:reversal')).toMatchObject({
    // Once: half of what was seen of the plan.
    proposed: 1.5,
    evidence: [`e${beforeCut.length + 4}`],
  });
});

test('a wrong step, a missing step and a late step', () => {
  const wrong = beforeCut.map((each) =>
    each.kind === 'step' && each.stepId === 'compound' ? { ...each, value: 60.5 } : each,
  );
  expect(line(propose([...wrong, scratch, final]), 'step:compound')).toMatchObject({ proposed: 0 });
  const late = beforeCut.filter((each) => !(each.kind === 'step' && each.stepId === 'compound'));
  const compound = beforeCut.find(
    (each) => each.kind === 'step' && each.stepId === 'compound',
  ) as EntryContent;
  expect(line(propose([...late, scratch, final]), 'step:compound')).toMatchObject({
    seen: false,
    reason: 'Not seen: no entry shows it.',
  });
  const lateLine = line(propose([...late, scratch, compound, final]), 'step:compound');
  expect(lateLine.proposed).toBe(lateLine.max / 2);
});

test('a critical step after the first cut caps the mark', () => {
  const unsafe = [...whole.filter((each) => !(each.kind === 'step' && each.stepId === 'safety'))];
  const proposal = propose(unsafe);
  expect(proposal.cap?.most).toBe(40);
  expect(proposal.total).toBe(40);
});

test('the instructor’s measurement counts, and the student’s is compared with it', () => {
  const student = recordOf([...whole.slice(0, -1), measuredAt(sheet, sheet.wires.overWires.target, 'final')]);
  const instructor = recordOf(
    [measuredAt(sheet, sheet.wires.overWires.min - 0.001, 'final')],
    'instructor',
  ).map((entry) => ({ ...entry, id: 'i1' }));
  const proposal = proposeMark(sheet, SCHEME, [...student, ...instructor]);
  expect(line(proposal, 'result:pitch-diameter').proposed).toBe(0);
  expect(line(proposal, 'result:measuring')).toMatchObject({
    proposed: 0,
    evidence: [`e${whole.length}`, 'i1'],
  });
});

test('without a pass or a final measurement the section earns nothing, and says so', () => {
  const proposal = propose(beforeCut);
  expect(line(proposal, 'passes:none')).toMatchObject({
    max: 30,
    proposed: 0,
    reason: 'Not seen: no pass is recorded.',
  });
  const result = proposal.lines.filter(({ section }) => section === 'result');
  expect(result.map(({ id, proposed, seen }) => [id, proposed, seen])).toEqual([
    ['result:pitch-diameter', 0, false],
    ['result:target', 0, false],
    ['result:taper', 0, false],
    // As the blank was measured.
    ['result:crest', 10, true],
  ]);
  expect(result.reduce((sum, { max }) => sum + max, 0)).toBe(40);
});

describe('the measured result by degrees', () => {
  const tolerance = sheet.limits.pitchDiameterTolerance;
  const { target } = sheet.wires.overWires;
  /** Final readings at start, middle and end, as distances from the target. */
  const finalAt = (start: number, middle: number, end: number): EntryContent => ({
    kind: 'measurement',
    purpose: 'final',
    method: 'wires',
    evidenceId: null,
    wire: { value: sheet.wires.diameter, unit: 'in' },
    overWires: { start: target + start, middle: target + middle, end: target + end },
    crest: sheet.workDiameter,
    instrument: null,
    zero: null,
    questioned: [],
  });
  const earned = (id: string, ...places: [number, number, number]) => {
    const { proposed, max } = line(propose([...whole.slice(0, -1), finalAt(...places)]), id);
    return proposed / max;
  };

  test('near the target: full to a quarter of the tolerance, half at a half, none at three quarters', () => {
    const at = (share: number) =>
      earned('result:target', share * tolerance, share * tolerance, share * tolerance);
    expect([at(0), at(0.2), at(-0.2)]).toEqual([1, 1, 1]);
    // The line has a whole number of points, given in steps of a half.
    const { max } = line(propose(whole), 'result:target');
    expect(Math.abs(at(0.5) - 0.5)).toBeLessThanOrEqual(0.25 / max + 1e-9);
    expect([at(0.76), at(-0.9)]).toEqual([0, 0]);
  });

  test('even along the length: full to a quarter of the tolerance, half to a half, none beyond', () => {
    const spread = (share: number) => earned('result:taper', 0, (share / 2) * tolerance, share * tolerance);
    expect([spread(0.2), spread(0.4), spread(0.6)]).toEqual([1, 0.5, 0]);
  });

  test('one place over the band could still be cut, and two places count', () => {
    const proposal = propose([...whole.slice(0, -1), finalAt(0, 0, tolerance)]);
    expect(line(proposal, 'result:pitch-diameter')).toMatchObject({ max: 20, proposed: 10 });
    expect(line(proposal, 'result:pitch-diameter').reason).toContain('Not finished');
  });

  test('one place under the band is over-cut, whatever the others read', () => {
    expect(earned('result:pitch-diameter', 0, 0, -tolerance)).toBe(0);
  });

  test('a crest over its limit says burrs', () => {
    const burred = { ...finalAt(0, 0, 0), crest: (sheet.limits.major.max ?? NaN) + 0.001 } as EntryContent;
    const crest = line(propose([...whole.slice(0, -1), burred]), 'result:crest');
    expect(crest.proposed).toBe(0);
    expect(crest.reason).toContain('burrs');
  });
});

test('an own measurement that agrees with the instructor’s earns its points', () => {
  const student = recordOf(whole);
  const near = measuredAt(sheet, sheet.wires.overWires.target + 0.0004, 'final');
  const instructor = recordOf([near], 'instructor').map((entry) => ({ ...entry, id: 'i1' }));
  const measuring = line(proposeMark(sheet, SCHEME, [...student, ...instructor]), 'result:measuring');
  expect(measuring.proposed).toBe(measuring.max);
  expect(measuring.max).toBeGreaterThan(0);
});

test('a compound backed off several times is counted', () => {
  const back = [0.01, 0.008, 0.012, 0.009].map((reading, index) => cutOf(sheet.passes[index + 1]!, reading));
  expect(line(propose([...beforeCut, scratch, ...back, final]), 'passes:reversal').reason).toContain(
    '2 times',
  );
});

test('points are shared out whole and lose nothing', () => {
  const judgement = { title: '', reason: '', evidence: [], share: 1 };
  const scheme = {
    ...SCHEME,
    ...olderScheme({ setUp: 45, passes: 10, result: 45 }),
    unlisted: 'weight-1' as const,
  };
  const lines = shareOut(
    scheme,
    'passes',
    ['a', 'b', 'c'].map((id) => ({ ...judgement, id })),
  );
  expect(lines.map((each) => each.max)).toEqual([4, 3, 3]);
});

describe('confirming', () => {
  const proposal = propose(whole);
  const form = (lines: { id: string; points: string; reason: string }[], capReason = '') => ({
    lines,
    capReason,
    comment: ' well done ',
  });

  test('the proposal as it is', () => {
    expect(confirmMark(proposal, SCHEME, form([]))).toMatchObject({
      ok: true,
      value: { total: 100, comment: 'well done' },
    });
  });
  test('an override with its reason', () => {
    const confirmed = confirmMark(
      proposal,
      SCHEME,
      form([{ id: 'passes:spring', points: '2.5', reason: 'rushed them' }]),
    );
    expect(confirmed.ok && confirmed.value.total).toBe(100 - line(proposal, 'passes:spring').max + 2.5);
    expect(confirmed.ok && confirmed.value.lines.find((each) => each.id === 'passes:spring')).toMatchObject({
      awarded: 2.5,
      overrideReason: 'rushed them',
    });
  });
  test.each([
    ['passes:spring', '2', '', 'lines.passes:spring.reason'],
    ['passes:spring', '99', 'generous', 'lines.passes:spring.points'],
    ['passes:spring', '-1', 'harsh', 'lines.passes:spring.points'],
    ['passes:spring', '2.3', 'precise', 'lines.passes:spring.points'],
    ['passes:spring', 'two', 'words', 'lines.passes:spring.points'],
    ['passes:none-such', '1', 'why not', 'lines.passes:none-such.points'],
  ])('%s with %s points and reason “%s” is refused at %s', (id, points, reason, field) => {
    expect(confirmMark(proposal, SCHEME, form([{ id, points, reason }]))).toMatchObject({
      ok: false,
      issues: [{ field }],
    });
  });
  test('a cap holds unless it is lifted with a reason', () => {
    const capped: MarkProposal = { ...proposal, cap: { most: 40, reason: 'unsafe' }, total: 40 };
    expect(confirmMark(capped, SCHEME, form([]))).toMatchObject({
      ok: true,
      value: { total: 40, capLiftedReason: null },
    });
    expect(confirmMark(capped, SCHEME, form([], 'I saw the goggles'))).toMatchObject({
      ok: true,
      value: { total: 100 },
    });
  });
});

describe('an internal thread', () => {
  const nut = sheetOf({ 'thread.designation': '3/4-16 UNF-2B' });
  const proposeFor = (over: number, crest?: number) =>
    proposeMark(
      nut,
      SCHEME,
      recordOf([...goodSteps(nut), ...plannedCuts(nut), measuredAt(nut, over, 'final', crest)]),
    );

  test('over the band is over-cut, under it can still be cut', () => {
    const reason = (over: number) => line(proposeFor(over), 'result:pitch-diameter').reason;
    expect(reason(nut.wires.overWires.max + 0.001)).toMatch(/^Over-cut/);
    expect(reason(nut.wires.overWires.min - 0.001)).toMatch(/^Not finished/);
    expect(line(proposeFor(nut.wires.overWires.target), 'result:pitch-diameter').proposed).toBe(20);
  });

  test('the bore is judged by the minor limits', () => {
    expect(line(proposeFor(nut.wires.overWires.target), 'result:crest')).toMatchObject({
      title: 'Minor diameter as planned',
      proposed: 10,
    });
    expect(line(proposeFor(nut.wires.overWires.target, 0.68), 'result:crest').reason).toMatch(/under: burrs/);
  });
});

describe('defects that were mended', () => {
  const stepOf = (id: string) =>
    beforeCut.find((each) => 'stepId' in each && each.stepId === id) as EntryContent & { stepId: string };
  const { target } = sheet.wires.overWires;

  test('“Done” on Safety once more after the first cut costs nothing', () => {
    expect(propose([...whole, stepOf('safety')])).toMatchObject({ total: 100, cap: null });
  });

  test('to measure the blank again, or to sign off again, costs nothing', () => {
    expect(propose([...whole, stepOf('blank'), stepOf('instructor-look')]).total).toBe(100);
  });

  test('a wrong value that was corrected before it mattered is worth what the scheme says', () => {
    const wrong: EntryContent = stepDone('compound', 60.5);
    const corrected = [wrong, ...whole];
    expect(line(propose(corrected), 'step:compound')).toMatchObject({ proposed: 4, max: 4 });
    const strict: OlderScheme = { ...SCHEME, judging: { ...SCHEME.judging, corrected: 0.5 } };
    expect(line(proposeMark(sheet, strict, recordOf(corrected)), 'step:compound').proposed).toBe(2);
  });

  test('struck out before the first cut is a correction; struck out later it is evidence', () => {
    const wrong: EntryContent = stepDone('compound', 60.5);
    const rest = beforeCut.filter((each) => each !== stepOf('compound'));
    const strike: EntryContent = { kind: 'strike', entryId: 'e1', reason: 'misread' };
    const early = propose([wrong, strike, stepOf('compound'), ...rest, scratch, pitchCheck, ...cuts, final]);
    expect(line(early, 'step:compound')).toMatchObject({
      proposed: 4,
      reason: expect.stringMatching(/^Right/) as string,
    });
    const late = propose([wrong, ...rest, scratch, strike, pitchCheck, ...cuts, final]);
    expect(line(late, 'step:compound').proposed).toBe(0);
  });

  test('one scratch pass alone earns next to nothing for the passes: the share is of those planned', () => {
    const { lines } = propose([...beforeCut, scratch]);
    const earned = lines
      .filter(({ section }) => section === 'passes')
      .reduce((sum, { proposed }) => sum + proposed, 0);
    expect(earned).toBeLessThan(4);
  });

  test('finishing by measurement is right conduct: cuts after a check are judged against what was left', () => {
    const springCuts = cuts.filter((each) => each.kind === 'pass' && isSpring(each.plannedPass));
    const feeding = cuts.filter((each) => !springCuts.includes(each));
    const springs = springCuts;
    const passesFed = feeding.filter(({ kind }) => kind === 'pass').length;
    const bottom = sheet.passes.at(-1)!;
    // Measured at the planned end: 0.002 over wires too large, so 0.001 deeper and a thousandth more on the compound.
    const check = measuredAt(sheet, target + 0.002, 'mid');
    const further = cutOf(sheet.passes[passesFed]!, bottom.dialReading.value + 0.001);
    const proposal = propose([
      ...beforeCut,
      scratch,
      pitchCheck,
      ...feeding,
      check,
      further,
      ...springs.map(() => further),
      cleanUp,
      final,
    ]);
    expect(line(proposal, 'passes:schedule').proposed).toBe(line(proposal, 'passes:schedule').max);
    expect(proposal.total).toBe(100);
    // Without a measurement the same cut is off the plan.
    const blind = propose([
      ...beforeCut,
      scratch,
      pitchCheck,
      ...feeding,
      cutOf(sheet.passes[passesFed]!, bottom.dialReading.value + 0.004),
      final,
    ]);
    expect(line(blind, 'passes:schedule').proposed).toBeLessThan(line(blind, 'passes:schedule').max);
  });

  test('rows left uncut when the measurement says that size is reached count as kept', () => {
    const until = cuts.slice(
      0,
      cuts.findIndex((each) => each.kind === 'measurement'),
    );
    const reached = measuredAt(sheet, target, 'mid');
    const proposal = propose([...beforeCut, scratch, pitchCheck, ...until, reached, final]);
    const kept = line(proposal, 'passes:schedule');
    expect(kept.proposed).toBe(kept.max);
    const open = propose([...beforeCut, scratch, pitchCheck, ...until]);
    expect(line(open, 'passes:schedule').proposed).toBeLessThan(line(open, 'passes:schedule').max);
  });

  test('a pass at no infeed in mid-course is one of those planned, and costs nothing', () => {
    const look = cutOf(sheet.passes[4]!, sheet.passes[3]?.dialReading.value);
    const withLook = propose([
      ...beforeCut,
      scratch,
      pitchCheck,
      ...cuts.slice(0, 4),
      look,
      ...cuts.slice(4),
      cleanUp,
      final,
    ]);
    expect(withLook.total).toBe(100);
    const noSpring = cuts.filter((each) => !(each.kind === 'pass' && isSpring(each.plannedPass)));
    const only = propose([
      ...beforeCut,
      scratch,
      pitchCheck,
      ...noSpring.slice(0, 4),
      look,
      ...noSpring.slice(4),
      final,
    ]);
    const { proposed, max, reason } = line(only, 'passes:spring');
    expect([2 * proposed, reason]).toEqual([max, '1 at no infeed, 2 planned.']);
  });

  test('95 rpm where at most 70 was planned is right: there was time enough', () => {
    const fast = beforeCut.map((each) => (each === stepOf('speed') ? stepDone('speed', 95) : each));
    const proposal = propose([...fast, scratch, pitchCheck, ...cuts, final]);
    expect(line(proposal, 'step:speed')).toMatchObject({
      proposed: 1,
      reason: expect.stringContaining('1.4 s left') as string,
    });
  });

  test('a pass struck out after the next cut is evidence still', () => {
    const deep = cutOf(sheet.passes[1]!, 0.03);
    const strike: EntryContent = { kind: 'strike', entryId: `e${beforeCut.length + 3}`, reason: 'not so' };
    const hidden = propose([...beforeCut, scratch, pitchCheck, deep, cuts[0]!, strike, ...cuts, final]);
    expect(line(hidden, 'passes:infeed').proposed).toBe(0);
    const tapped = propose([...beforeCut, scratch, pitchCheck, deep, strike, ...cuts, final]);
    expect(line(tapped, 'passes:infeed').proposed).toBe(line(tapped, 'passes:infeed').max);
  });
});

describe('what no entry shows', () => {
  const scheme: OlderScheme = {
    ...SCHEME,
    lines: [...SCHEME.lines, { id: 'look:finish', section: 'result', weight: 10, title: 'Finish' }],
  };
  test('is marked from a look, else it is not seen and out of the sum', () => {
    const unseen = proposeMark(sheet, scheme, recordOf(whole));
    expect(line(unseen, 'look:finish')).toMatchObject({ seen: false, max: 0, proposed: 0 });
    expect(unseen.total).toBe(100);
    const looked = proposeMark(
      sheet,
      scheme,
      recordOf([
        ...whole,
        { kind: 'look', subject: 'look:finish', level: 1, of: 3, sentence: 'fair', asked: '' },
      ]),
    );
    expect(line(looked, 'look:finish')).toMatchObject({ seen: true, max: 8, proposed: 4 });
    expect(looked.total).toBe(96);
  });
});

test('evidence and a holding of a later release open as unknown; the evidence blocks the mark by its title', () => {
  const [proof, ...more] = sheet.proof;
  const later = {
    ...sheet,
    way: { ...sheet.way, holding: 'magnet' },
    proof: [{ ...proof, kind: 'laser-scan', title: 'Laser scan' }, ...more],
  };
  const entries = recordOf(whole);
  const read = readSheet(later);
  expect([read.way.holding, read.proof[0]?.kind]).toEqual(['unknown', 'unknown']);
  expect(predict(read, entries).cuts).toEqual(predict(sheet, entries).cuts);
  expect(proposeMark(read, SCHEME, entries).blocked).toContain('“Laser scan”');
  const onlyHeld = readSheet({ ...sheet, way: { ...sheet.way, holding: 'magnet' } });
  expect(proposeMark(onlyHeld, SCHEME, entries)).toEqual(proposeMark(sheet, SCHEME, entries));
});

test('an entry of a kind that is not known blocks the mark, and so does a scheme of later rules', () => {
  const [entry] = recordOf([HANDED_IN]);
  const unknown = { ...entry!, content: { kind: 'unknown' as const, named: 'photo', format: 2, name: null } };
  const proposal = proposeMark(sheet, SCHEME, [...recordOf(whole), unknown]);
  expect(proposal.blocked).toContain('Update the program');
  expect(confirmMark(proposal, SCHEME, { lines: [], capReason: '', comment: '' })).toMatchObject({
    ok: false,
  });
  expect(proposeMark(sheet, { ...SCHEME, rules: 99 }, []).blocked).toContain('rules 99');
});

test('stored marks and schemes are read as they were written; a mark of version 1 is lifted', () => {
  expect(readOlderScheme(JSON.parse(JSON.stringify(SCHEME)))).toEqual(SCHEME);
  const confirmed = confirmMark(propose(whole), SCHEME, { lines: [], capReason: '', comment: 'x' });
  if (!confirmed.ok) throw new Error('refused');
  expect(readMark(JSON.parse(JSON.stringify(confirmed.value)))).toEqual(confirmed.value);
  const { format, version, rules, passMark, sections, factor, grade, ...old } = confirmed.value;
  expect([format, version, rules, passMark, sections.length]).toEqual(['oyakata-mark', 3, 4, 50, 3]);
  expect([factor, grade]).toEqual([null, null]);
  const lines = old.lines.map(({ seen, needed, ...each }) => {
    expect(needed).toBeNull();
    return { ...each, seen: seen ? undefined : false };
  });
  expect(readMark({ ...old, lines: JSON.parse(JSON.stringify(lines)) as object })).toEqual({
    ...confirmed.value,
    rules: 1,
  });
});
