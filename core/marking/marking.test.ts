import { goodSteps, measuredAt, planFor, plannedCuts, recordOf } from '../test/record';
import type { EntryContent } from '../attempt';
import { CRITICAL_CAP } from './judge-set-up';
import { confirmMark, proposeMark, shareOut, type MarkProposal } from './index';

const derived = planFor({});
const steps = goodSteps(derived);
const beforeCut = steps.slice(0, -1);
const pitchCheck = steps.at(-1) as EntryContent;
const [scratch, ...cuts] = plannedCuts(derived) as [EntryContent, ...EntryContent[]];
const final = measuredAt(derived, derived.overWires.target, 'final');
const whole = [...beforeCut, scratch, pitchCheck, ...cuts, final];

const propose = (contents: EntryContent[]) => proposeMark(derived, recordOf(contents));
const line = (proposal: MarkProposal, id: string) => {
  const found = proposal.lines.find((candidate) => candidate.id === id);
  if (found === undefined) throw new Error(`no line ${id}`);
  return found;
};

test('work without a fault earns 100, every line with a reason', () => {
  const proposal = propose(whole);
  expect(proposal.total).toBe(100);
  expect(proposal.cap).toBeNull();
  proposal.lines.forEach((each) => expect(each.reason.length).toBeGreaterThan(5));
});

test('points follow the scheme of the plan', () => {
  const other = planFor({ markSetUp: '20', markPasses: '20', markResult: '60' });
  const { lines } = proposeMark(other, []);
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
    measuredAt(derived, derived.overWires.min - 0.0005, 'final'),
  ]);
  const pitch = line(proposal, 'result:pitch-diameter');
  expect(pitch.proposed).toBe(0);
  expect(pitch.reason).toMatch(/^Over-cut: start 0\.7024/);
  expect(pitch.evidence).toEqual([`e${whole.length}`]);
});

test('exactly on a limit is in', () => {
  expect(
    line(
      propose([...whole.slice(0, -1), measuredAt(derived, derived.overWires.min, 'final')]),
      'result:pitch-diameter',
    ).proposed,
  ).toBe(20);
  expect(
    line(
      propose([...whole.slice(0, -1), measuredAt(derived, derived.overWires.max, 'final')]),
      'result:pitch-diameter',
    ).proposed,
  ).toBe(20);
});

test('oversize could still be cut: a quarter of the points', () => {
  const proposal = propose([
    ...whole.slice(0, -1),
    measuredAt(derived, derived.overWires.max + 0.002, 'final'),
  ]);
  expect(line(proposal, 'result:pitch-diameter')).toMatchObject({ max: 20, proposed: 5 });
});

test('spring passes left out', () => {
  const noSpring = cuts.filter((_, index) => derived.passes[index + 1]?.kind !== 'spring');
  const proposal = propose([...beforeCut, scratch, pitchCheck, ...noSpring, final]);
  expect(line(proposal, 'passes:spring')).toMatchObject({ proposed: 0, reason: '0 taken, 2 planned.' });
  expect(line(proposal, 'passes:schedule').proposed).toBe(line(proposal, 'passes:schedule').max);
});

test('a large infeed and a reversed compound', () => {
  const wild: EntryContent[] = [
    { kind: 'pass', plannedPass: 2, reading: 0.02, asPlanned: false },
    { kind: 'pass', plannedPass: 3, reading: 0.015, asPlanned: false },
  ];
  const proposal = propose([...beforeCut, scratch, pitchCheck, ...wild, final]);
  expect(line(proposal, 'passes:infeed').proposed).toBe(0);
  expect(line(proposal, 'passes:reversal')).toMatchObject({
    proposed: 0,
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
  expect(line(propose([...late, scratch, final]), 'step:compound').reason).toBe('Not recorded.');
  const lateLine = line(propose([...late, scratch, compound, final]), 'step:compound');
  expect(lateLine.proposed).toBe(lateLine.max / 2);
});

test('a critical step after the first cut caps the mark', () => {
  const unsafe = [...whole.filter((each) => !(each.kind === 'step' && each.stepId === 'safety'))];
  const proposal = propose(unsafe);
  expect(proposal.cap?.most).toBe(CRITICAL_CAP);
  expect(proposal.total).toBe(CRITICAL_CAP);
});

test('the instructor’s measurement counts, and the student’s is compared with it', () => {
  const student = recordOf([...whole.slice(0, -1), measuredAt(derived, derived.overWires.target, 'final')]);
  const instructor = recordOf(
    [measuredAt(derived, derived.overWires.min - 0.001, 'final')],
    'instructor',
  ).map((entry) => ({ ...entry, id: 'i1' }));
  const proposal = proposeMark(derived, [...student, ...instructor]);
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
    reason: 'No pass is recorded.',
  });
  expect(line(proposal, 'result:none')).toMatchObject({
    max: 40,
    proposed: 0,
    reason: 'No final measurement is recorded.',
  });
});

describe('the measured result by degrees', () => {
  const { pitchDiameter: tolerance } = derived.limits.tolerance;
  const { target } = derived.overWires;
  /** Final readings at start, middle and end, as distances from the target. */
  const finalAt = (start: number, middle: number, end: number): EntryContent => ({
    kind: 'measurement',
    purpose: 'final',
    wire: { value: derived.wire, unit: 'in' },
    overWires: { start: target + start, middle: target + middle, end: target + end },
    crest: derived.blank,
  });
  const earned = (id: string, ...places: [number, number, number]) => {
    const { proposed, max } = line(propose([...whole.slice(0, -1), finalAt(...places)]), id);
    return proposed / max;
  };

  test('near the target: full to a quarter of the tolerance, half at a half, none at three quarters', () => {
    const at = (share: number) =>
      earned('result:target', share * tolerance, share * tolerance, share * tolerance);
    expect([at(0), at(0.2), at(-0.2)]).toEqual([1, 1, 1]);
    expect(at(0.5)).toBeCloseTo(0.5, 1);
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
    const burred = { ...finalAt(0, 0, 0), crest: (derived.limits.major.max ?? NaN) + 0.001 } as EntryContent;
    const crest = line(propose([...whole.slice(0, -1), burred]), 'result:crest');
    expect(crest.proposed).toBe(0);
    expect(crest.reason).toContain('burrs');
  });
});

test('an own measurement that agrees with the instructor’s earns its points', () => {
  const student = recordOf(whole);
  const near = measuredAt(derived, derived.overWires.target + 0.0004, 'final');
  const instructor = recordOf([near], 'instructor').map((entry) => ({ ...entry, id: 'i1' }));
  const measuring = line(proposeMark(derived, [...student, ...instructor]), 'result:measuring');
  expect(measuring.proposed).toBe(measuring.max);
  expect(measuring.max).toBeGreaterThan(0);
});

test('a compound backed off several times is counted', () => {
  const back = [0.01, 0.008, 0.012, 0.009].map((reading, index): EntryContent => ({
    kind: 'pass',
    plannedPass: index + 2,
    reading,
    asPlanned: false,
  }));
  expect(line(propose([...beforeCut, scratch, ...back, final]), 'passes:reversal').reason).toContain(
    '2 times',
  );
});

test('points are shared out whole and lose nothing', () => {
  const judgement = { title: '', reason: '', evidence: [], share: 1 };
  const lines = shareOut(
    'passes',
    10,
    ['a', 'b', 'c'].map((id) => ({ ...judgement, id, weight: 1 })),
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
    expect(confirmMark(proposal, form([]))).toMatchObject({
      ok: true,
      value: { total: 100, comment: 'well done' },
    });
  });
  test('an override with its reason', () => {
    const confirmed = confirmMark(
      proposal,
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
    expect(confirmMark(proposal, form([{ id, points, reason }]))).toMatchObject({
      ok: false,
      issues: [{ field }],
    });
  });
  test('a cap holds unless it is lifted with a reason', () => {
    const capped: MarkProposal = { ...proposal, cap: { most: 40, reason: 'unsafe' }, total: 40 };
    expect(confirmMark(capped, form([]))).toMatchObject({
      ok: true,
      value: { total: 40, capLiftedReason: null },
    });
    expect(confirmMark(capped, form([], 'I saw the goggles'))).toMatchObject({
      ok: true,
      value: { total: 100 },
    });
  });
});

describe('an internal thread', () => {
  const nut = planFor({ thread: '3/4-16 UNF-2B' });
  const proposeFor = (over: number, crest?: number) =>
    proposeMark(
      nut,
      recordOf([...goodSteps(nut), ...plannedCuts(nut), measuredAt(nut, over, 'final', crest)]),
    );

  test('over the band is over-cut, under it can still be cut', () => {
    const reason = (over: number) => line(proposeFor(over), 'result:pitch-diameter').reason;
    expect(reason(nut.overWires.max + 0.001)).toMatch(/^Over-cut/);
    expect(reason(nut.overWires.min - 0.001)).toMatch(/^Not finished/);
    expect(line(proposeFor(nut.overWires.target), 'result:pitch-diameter').proposed).toBe(20);
  });

  test('the bore is judged by the minor limits', () => {
    expect(line(proposeFor(nut.overWires.target), 'result:crest')).toMatchObject({
      title: 'Minor diameter in limits',
      proposed: 10,
    });
    expect(line(proposeFor(nut.overWires.target, 0.68), 'result:crest').reason).toMatch(/under: burrs/);
  });
});
