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
