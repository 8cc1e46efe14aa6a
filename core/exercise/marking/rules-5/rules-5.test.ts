import { HANDED_IN, planFor, recordOf, sheetOf, type Leaves } from '@/core/test/record';
import { Work } from '@/core/test/work';
import { SCHEME_STARTS, type SchemeStart } from '../../plan/plan-names';
import { SCHEME_BEGINNINGS } from '../../plan/scheme-starts';
import type { Entry } from '../../record/entry/entry';
import { JUDGED } from '../../record/entry/judged';
import type { EntryContent } from '../../record/entry/kinds';
import { confirmMark } from '../confirm-mark';
import { band, levels, shareAt, steps, wrongInFall, ALL } from '../fall';
import { readMark } from '../mark';
import { proposeMark } from '../propose-mark';
import { gradeOf, SCALES, wrongInScale, type Scale } from '../scale';
import { readAnyScheme, readScheme, type Scheme } from '../scheme';
import { schemeFor, wrongInScheme } from '../scheme-of-plan';
import { LINE_KINDS } from './lines';

const NUT: Leaves = { 'proof.evidence.0.kind': 'nut', 'proof.evidence.0.nut': '2B' };

function schemeAt(id: SchemeStart, leaves: Leaves = {}): Scheme {
  const { worksheet: _, ...points } = SCHEME_BEGINNINGS[id].points;
  return schemeFor({ ...points, scheme: id }, planFor(leaves));
}

const look = (subject: string, level: number, asked = ''): EntryContent => {
  const of = JUDGED.find(({ id }) => id === subject)?.levels ?? [];
  return { kind: 'look', subject, level, of: of.length, sentence: of[level] ?? '', asked };
};

/** What the instructor finds, behind what the student recorded. */
function record(student: readonly EntryContent[], instructor: readonly EntryContent[] = []): Entry[] {
  const after = recordOf(instructor, 'instructor').map((entry) => ({ ...entry, id: `i${entry.id}` }));
  return [...recordOf(student), ...after];
}

const GOOD_LOOKS = [
  look('look:flanks', 0),
  look('look:burrs', 0),
  look('look:finish', 0),
  look('ask', 0, 'Why?'),
];

describe.each(SCHEME_STARTS.map((id) => [id]))('%s', (id) => {
  test('reads back as it was made, its points make 100 and its numbers are in order', () => {
    const scheme = schemeAt(id);
    expect(readScheme(JSON.parse(JSON.stringify(scheme)))).toEqual(scheme);
    expect(readAnyScheme(JSON.parse(JSON.stringify(scheme)))).toEqual(scheme);
    expect(scheme.sections.reduce((sum, { points }) => sum + points, 0)).toBe(100);
    expect(scheme.lines.map(({ fall }) => wrongInFall(fall)).filter((wrong) => wrong !== null)).toEqual([]);
    expect(wrongInScale(scheme.scale)).toBeNull();
    expect(wrongInScheme(scheme, sheetOf())).toBeNull();
  });

  test.each([
    ['wires', {}],
    ['a nut', NUT],
    ['a gauge', { 'proof.evidence.0.kind': 'gauge' }],
    ['a bore', { 'thread.designation': 'M30x2-6H' }],
    ['reversing', { 'technique.drive': 'reversing' }],
  ] as [string, Leaves][])('a faultless record has all points: %s', (_, leaves) => {
    const sheet = sheetOf(leaves);
    const work = new Work(sheet);
    const kind = sheet.proof[0]?.kind;
    const proof =
      kind === 'nut'
        ? work.tried('free', 'final', null, sheet.workDiameter)
        : kind === 'gauge'
          ? work.found('right', 'final')
          : work.measured(work.target, 'final');
    const done = [...work.setUp(), ...work.begun(99), proof, ...work.cleanUp, HANDED_IN];
    const proposal = proposeMark(sheet, schemeAt(id, leaves), record(done, GOOD_LOOKS));
    expect(proposal.lines.filter(({ seen, proposed, max }) => seen && proposed < max)).toEqual([]);
    expect(proposal).toMatchObject({ total: 100, blocked: null, cap: null });
  });
});

describe('a piece without a log', () => {
  const sheet = sheetOf(NUT);
  const work = new Work(sheet);
  const nut = work.tried('free', 'final');
  const found = [...GOOD_LOOKS.slice(0, 2), nut];

  test('is marked from part and talk where the scheme asks for no log', () => {
    const scheme = schemeAt('part-alone', NUT);
    const proposal = proposeMark(sheet, scheme, record([], found));
    expect(proposal).toMatchObject({ total: 100, blocked: null });
    const tight = [...GOOD_LOOKS.slice(0, 2), work.tried('tight', 'final')];
    const less = proposeMark(sheet, scheme, record([], tight));
    expect(less.total).toBeLessThan(50);
    expect(less.lines.find(({ id }) => id === 'evidence:nut')?.needed).toContain('runs free');
  });

  test('loses what the scheme asks of the log, and keeps what the part shows', () => {
    const { lines, total } = proposeMark(sheet, schemeAt('usual', NUT), record([], found));
    const of = (section: string) =>
      lines.filter((line) => line.section === section).reduce((sum, { proposed }) => sum + proposed, 0);
    expect([of('set-up'), of('passes')]).toEqual([0, 0]);
    expect(of('result')).toBeGreaterThan(20);
    expect(total).toBeLessThan(50);
    expect(lines.filter(({ section, seen }) => section !== 'result' && seen)).toEqual([]);
  });
});

test('a tick of the student alone is said; whoever signs after it has looked it over', () => {
  const sheet = sheetOf();
  const work = new Work(sheet);
  const line = (signed: boolean, id: string) =>
    proposeMark(
      sheet,
      schemeAt('usual'),
      record([...work.setUp(signed ? {} : { 'instructor-look': null }), ...work.begun(2)]),
    ).lines.find((each) => each.id === id);
  const [seen, said] = [line(true, 'step:tool-square'), line(false, 'step:tool-square')];
  expect(seen?.proposed).toBe(seen?.max);
  expect(said?.proposed).toBe((said?.max ?? 0) / 2);
  expect(said?.reason).toContain('nobody has looked it over');
  // A value is no tick.
  const blank = line(false, 'step:blank');
  expect(blank?.proposed).toBe(blank?.max);
});

describe('a size in doubt is decided by the scheme', () => {
  const sheet = sheetOf();
  const work = new Work(sheet);
  const by = (doubt: Scheme['doubt'], over: number, looks = 1) => {
    const finals = Array.from({ length: looks }, () => work.measured(work.limits.max + over, 'final'));
    return proposeMark(sheet, { ...schemeAt('usual'), doubt }, record([], finals));
  };
  const share = (...of: Parameters<typeof by>) => {
    const { proposed = 0, max = 1 } = by(...of).lines.find(({ id }) => id === 'size') ?? {};
    return proposed / max;
  };
  test('as it reads, with the benefit of the doubt, with a guard band', () => {
    expect(share('as-read', 0.0002)).toBeLessThan(1);
    expect(share('as-read', -0.0002)).toBe(1);
    expect(share('benefit', 0.0004)).toBe(1);
    expect(share('benefit', 0.0006)).toBeLessThan(1);
    expect(share('guard', -0.0002)).toBeLessThan(1);
    expect(share('guard', -0.0006)).toBe(1);
    const reason = (over: number) => by('guard', over).lines.find(({ id }) => id === 'size')?.reason;
    // Inside on the side where nothing brings metal back: not proved, and not called over-cut.
    expect(reason(work.limits.min - work.limits.max + 0.0002)).toMatch(/^Inside, and not by enough/);
    expect(reason(work.limits.min - work.limits.max - 0.0002)).toMatch(/^Over-cut/);
    expect(reason(0.0002)).toMatch(/^Not finished/);
  });
  test('or it is measured again, and until then no mark is closed', () => {
    expect(by('again', 0.0002).blocked).toContain('second measurement');
    expect(by('again', 0.0002, 2).blocked).toBeNull();
    expect(by('again', -0.002).blocked).toBeNull();
  });
});

test('whose measurement counts is the scheme’s to say', () => {
  const sheet = sheetOf();
  const work = new Work(sheet);
  const entries = record(
    [work.measured(work.target, 'final')],
    [work.measured(work.limits.max + 0.002, 'final')],
  );
  const size = (measuredBy: Scheme['measuredBy']) => {
    const found = proposeMark(sheet, { ...schemeAt('usual'), measuredBy }, entries).lines;
    const { proposed, max } = found.find(({ id }) => id === 'size') ?? {};
    return proposed === max;
  };
  expect([size('reference'), size('student'), size('last')]).toEqual([false, true, false]);
});

test('by a band the size falls from the target to the limit, and is nothing beyond, inside and outside', () => {
  for (const designation of ['3/4-16 UNF-2A', 'M30x2-6H']) {
    const leaves = { 'thread.designation': designation };
    const sheet = sheetOf(leaves);
    const work = new Work(sheet);
    const usual = schemeAt('usual', leaves);
    const scheme = {
      ...usual,
      lines: usual.lines.map((line) => (line.id === 'size' ? { ...line, fall: band(0.5, 1, 0.5) } : line)),
    };
    const share = (of: number) => {
      const size = work.target + of * (work.limits.max - work.target);
      const { lines } = proposeMark(sheet, scheme, record([], [work.measured(size, 'final')]));
      const { proposed = 0, max = 1 } = lines.find(({ id }) => id === 'size') ?? {};
      return proposed / max;
    };
    expect(share(0.4)).toBe(1);
    expect(Math.abs(share(0.75) - 0.75)).toBeLessThan(0.05);
    expect(Math.abs(share(0.999) - 0.5)).toBeLessThan(0.05);
    expect(share(1.02)).toBe(0);
  }
});

test('a line that has to be judged keeps the mark open; one of an unknown kind blocks it by its name', () => {
  const sheet = sheetOf();
  const usual = schemeAt('usual');
  const required = {
    ...usual,
    lines: usual.lines.map((line) => (line.id === 'look:flanks' ? { ...line, required: true } : line)),
  };
  expect(proposeMark(sheet, required, []).blocked).toBe(
    '“Flanks” is to be judged before the mark is closed.',
  );
  expect(proposeMark(sheet, required, record([], [look('look:flanks', 1)])).blocked).toBeNull();
  const [first] = usual.lines;
  const later = { ...usual, lines: [...usual.lines, { ...first!, id: 'laser:scan' }] };
  expect(proposeMark(sheet, later, []).blocked).toContain('“laser:scan”');
  expect(proposeMark(sheet, { ...usual, rules: 6 }, []).blocked).toContain('rules 6');
});

test('further tries give less where the scheme says so, and the mark is said in its scale', () => {
  const sheet = sheetOf(NUT);
  const work = new Work(sheet);
  const part = schemeAt('part-alone', NUT);
  const scheme = { ...part, tries: { less: 0.1, least: 0.75 }, scale: SCALES['one-best'] as Scale };
  const entries = record([], [work.tried('free', 'final'), ...GOOD_LOOKS]);
  const at = (tryNumber: number) => proposeMark(sheet, scheme, entries, { tryNumber });
  expect([1, 2, 3, 5].map((tryNumber) => at(tryNumber).total)).toEqual([100, 90, 80, 75]);
  const confirmed = confirmMark(at(2), scheme, { lines: [], capReason: '', comment: '' });
  if (!confirmed.ok) throw new Error('refused');
  expect(confirmed.value).toMatchObject({ version: 3, rules: 5, total: 90, grade: '1.5' });
  expect(readMark(JSON.parse(JSON.stringify(confirmed.value)))).toEqual(confirmed.value);
});

test('questions are judged by the mean of their last answers; other levels than the scheme’s say nothing', () => {
  const sheet = sheetOf(NUT);
  const ask = (...looks: EntryContent[]) =>
    proposeMark(sheet, schemeAt('part-alone', NUT), record([], looks)).lines.find(({ id }) => id === 'ask');
  const points = (...looks: EntryContent[]) => (ask(...looks)?.proposed ?? 0) / (ask(...looks)?.max ?? 1);
  expect(points(look('ask', 2, 'Why?'), look('ask', 0, 'Why?'))).toBe(1);
  expect(Math.abs(points(look('ask', 2, 'Why?'), look('ask', 0, 'How?')) - 0.5)).toBeLessThan(0.05);
  const other = { ...look('ask', 1), of: 5 } as EntryContent;
  expect(ask(other)?.reason).toContain('other levels');
  expect(ask(other)?.seen).toBe(false);
});

test('what is looked at has levels of its own, each with its sentence', () => {
  const of = (id: string) => schemeAt('usual').lines.find((line) => line.id === id)?.fall.levels;
  expect(of('look:burrs')).toEqual([
    { share: 1, sentence: 'No burr' },
    { share: 0.5, sentence: 'Some burr' },
    { share: 0, sentence: 'Burrs: to be filed' },
  ]);
  expect(of('look:flanks')?.[2]?.sentence).toBe('Torn, stepped or leaning');
});

test('falls and grades at their borders', () => {
  expect([0, 1, 1.25, 1.5, 1.51].map((at) => shareAt(band(1, 1.5, 0.5), at))).toEqual([1, 1, 0.75, 0.5, 0]);
  expect([0, 1, 2].map((at) => shareAt(steps([0, 1], [1, 0.5]), at))).toEqual([1, 0.5, 0]);
  expect([0, 0.1].map((at) => shareAt(ALL, at))).toEqual([1, 0]);
  const { letters, competent } = SCALES as Record<string, Scale>;
  expect([100, 90, 89.5, 60, 59.5, 0].map((at) => gradeOf(letters!, at))).toEqual([
    'A',
    'A',
    'B',
    'D',
    'F',
    'F',
  ]);
  expect([80, 79.5].map((at) => gradeOf(competent!, at))).toEqual(['Competent', 'Not yet competent']);
  expect(gradeOf(SCALES['six-best'] as Scale, 50)).toBe('3.5');
});

test('points go where something is judged: questions with points of their own, a section without lines is named', () => {
  const usual = schemeFor({ setUp: 30, passes: 30, result: 30, talk: 10 }, planFor());
  expect(usual.lines.find(({ id }) => id === 'ask')?.section).toBe('talk');
  expect(wrongInScheme(usual, sheetOf())).toBeNull();
  const idle = schemeFor({ scheme: 'competences', setUp: 30, passes: 0, result: 70 }, planFor());
  expect(wrongInScheme(idle, sheetOf())).toBe(
    '“Set-up” has 30 points, and “Competences: yes or not yet” judges nothing of this plan there: give it 0.',
  );
});

test('numbers out of order are named', () => {
  expect(wrongInFall(band(1, 0.5))).toContain('limit');
  expect(wrongInFall(steps([1, 1], [1, 0.5]))).toContain('beyond');
  expect(wrongInFall(steps([0, 0.5], [1, 1]))).toContain('no more');
  expect(wrongInFall(levels([1, 'Good']))).toContain('two levels');
  expect(wrongInFall(levels([0, 'Poor'], [1, 'Good']))).toContain('best');
  const { letters } = SCALES as Record<string, Scale>;
  expect(wrongInScale({ ...letters!, grades: letters!.grades.toReversed() })).toContain('Borders');
  expect(wrongInScale({ ...letters!, grades: letters!.grades.slice(0, -1) })).toContain('lowest');
  const usual = schemeAt('usual');
  const [first] = usual.lines;
  const wrong = (change: Partial<Scheme>) => wrongInScheme({ ...usual, ...change }, sheetOf());
  expect(wrong({ sections: usual.sections.slice(1) })).toContain('they must make 100');
  expect(wrong({ lines: [{ ...first!, fall: band(1, 0.5) }] })).toContain('The line');
  expect(wrong({ scale: { ...letters!, grades: [] } })).toContain('The scale “Letters”');
  const more = Array.from({ length: 61 - usual.lines.length }, () => first!);
  expect(wrong({ lines: [...usual.lines, ...more] })).toMatch(/would have \d\d lines; at most 60/);
});

test('every kind of line has its words, and its usual way is one of its own', () => {
  for (const { falls, usual, judges, cases, counts, kind } of LINE_KINDS) {
    expect(falls).toContain(usual.by);
    expect(judges).not.toBe('');
    expect(usual.cases.every(({ when }) => cases?.[when] !== undefined)).toBe(true);
    expect([kind, falls.some((by) => by === 'band' || by === 'steps') && counts === undefined]).toEqual([
      kind,
      false,
    ]);
  }
  expect(new Set(LINE_KINDS.map(({ kind }) => kind)).size).toBe(LINE_KINDS.length);
});
