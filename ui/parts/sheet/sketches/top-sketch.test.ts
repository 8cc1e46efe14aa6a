import { sheetOf, type Leaves } from '@/core/test/record';
import { sheetFrame } from '@/core/exercise/sheet/sheet-geometry';
import { swingOf } from '@/core/machine/technique/swing';
import { topSketch } from './top-sketch';

const WAYS: readonly [string, Leaves][] = [
  ['outside', { 'thread.designation': '3/4-16 UNF-2A' }],
  ['outside, left-hand', { 'thread.designation': '3/4-16 UNF-2A LH' }],
  ['bore', { 'thread.designation': '3/4-16 UNF-2B' }],
  ['bore, left-hand', { 'thread.designation': '3/4-16 UNF-2B LH' }],
  ['bore, far side', { 'thread.designation': '3/4-16 UNF-2B', 'technique.side': 'back' }],
];

const numbers = (path: string) => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

test.each(WAYS)(
  'seen from where one stands, the handle is on the near side and swung as it is said: %s',
  (_, leaves) => {
    const sheet = sheetOf(leaves);
    const { paths } = topSketch(sheet, 300, 260);
    // The tool begins at its tip; the compound is the only other shape that is filled white at 0.9.
    const tool = numbers(paths.find(({ fill }) => fill === 1)!.d);
    const body = numbers(paths.find(({ fill, d }) => fill === 0.9 && d.endsWith('Z'))!.d);
    const knob = numbers(paths.find(({ d }) => /a/i.test(d) && !/H/.test(d))!.d);
    const [bodyX, bodyY] = [0, 1].map(
      (at) => (body[at]! + body[at + 2]! + body[at + 4]! + body[at + 6]!) / 4,
    );
    const handle = { x: knob[0]! - bodyX!, y: knob[1]! - bodyY! };
    expect(handle.y).toBeGreaterThan(0);
    expect(swingOf(sheetFrame(sheet))).toBe(handle.x < 0 ? 'clockwise' : 'counter-clockwise');
    // No compound lies over the work: in a bore it stands beside it, its tool reaching in.
    if (sheet.thread.side === 'internal')
      expect(Math.max(...tool.filter((_n, at) => at % 2 === 0))).toBeGreaterThan(tool[0]!);
  },
);
