import { outerRadius, outline, type PartShape } from '@/core/machine/blank/part-shape';
import type { WorkEnd } from '@/core/machine/technique/choices';
import { at, round, type Sketch, type SketchPath, type SketchText } from './sketch';

const END_WORDS: Record<WorkEnd, string> = {
  groove: 'groove',
  recess: 'recess',
  mark: 'imperfect thread',
  through: 'free behind',
  boss: 'boss',
};

/** The size of a note under the drawing, whose letters are 0.6 of it wide, and the height of its line. */
const NOTE = 8.5;
const LINE = 11;

/** The part before the thread, dimensioned and to scale, its free end on the right. @param show a length as it is written */
export function blankSketch(
  part: PartShape,
  show: (length: number) => string,
  width: number,
  height: number,
): Sketch {
  const { points, length, threadFrom, registerLater } = outline(part);
  const threadTo = threadFrom + part.threadLength;
  const external = part.side === 'external';
  const outer = outerRadius(part, points);
  const free = part.end === 'through' ? part.endLength : 0;
  const notes = [
    `${external ? 'blank' : 'bore'} Ø ${show(part.diameter)}`,
    ...(part.end === 'groove' || part.end === 'recess'
      ? [`${END_WORDS[part.end]} Ø ${show(part.relief)}`]
      : []),
    `chamfer to Ø ${show(part.chamfer.diameter)}`,
    ...(part.register === null
      ? []
      : [
          `register Ø ${show(part.register.diameter)} × ${show(part.register.length)}${part.register.made === 'after' ? ', after the thread' : ''}`,
        ]),
  ];
  const under = lines(notes, width);
  const below = Math.max(38, 5 + under.length * LINE);
  const scale = Math.min((width - 24) / (length + free), (height - 40 - below) / (2 * outer));
  const axis = 40 + outer * scale;
  const right = width / 2 + ((length + free) * scale) / 2;
  const x = (z: number) => right - z * scale;
  const y = (r: number) => axis - r * scale;
  const line = (sign: 1 | -1) => points.map(([z, r]) => at(x(z), y(sign * r)));
  const body: SketchPath[] = external
    ? [{ d: `M${line(1).join('L')}L${line(-1).reverse().join('L')}Z`, stroke: 1.1, fill: 0.93 }]
    : ([1, -1] as const).map((sign) => ({
        d: `M${at(x(0), y(sign * outer))}L${line(sign).join('L')}L${at(x(length), y(sign * outer))}Z`,
        stroke: 1.1,
        fill: 0.93,
      }));
  const root = ([1, -1] as const).map((sign): SketchPath => ({
    d: `M${at(x(threadFrom), y((sign * part.root) / 2))}H${round(x(threadTo))}`,
    stroke: 0.5,
    dash: [4, 2],
  }));
  const later = ([1, -1] as const).flatMap((sign): SketchPath[] =>
    registerLater.length === 0
      ? []
      : [
          {
            d: `M${registerLater.map(([z, r]) => at(x(z), y(sign * r))).join('L')}`,
            stroke: 0.6,
            dash: [5, 3],
          },
        ],
  );
  const thread = part.threadLengthKnown ? `thread ${show(part.threadLength)}` : 'thread, length not said';
  const dims = [
    ...dimension(x(threadTo), x(threadFrom), 26, thread),
    ...dimension(
      x((part.end === 'through' ? length : threadTo) + part.endLength),
      x(part.end === 'through' ? length : threadTo),
      12,
      `${END_WORDS[part.end]} ${show(part.endLength)}`,
    ),
  ];
  return {
    title: `The part before the thread: ${[...notes, thread].join(', ')}.`,
    width,
    height,
    paths: [
      ...body,
      ...root,
      ...later,
      { d: `M${at(x(length + free) - 6, axis)}H${round(x(0) + 8)}`, stroke: 0.5, dash: [8, 2, 2, 2] },
      ...dims.flatMap(({ paths }) => paths),
    ],
    texts: [
      ...dims.flatMap(({ texts }) => texts),
      ...under.map((text, index): SketchText => ({
        x: width / 2,
        y: axis + outer * scale + 13 + index * LINE,
        text,
        size: NOTE,
        anchor: 'middle',
      })),
    ],
  };
}

/** The notes as lines that find room: two in one where they do, a long one broken behind its comma. */
function lines(notes: readonly string[], width: number): string[] {
  const most = Math.floor(width / (0.6 * NOTE));
  const pieces = notes.flatMap((note) =>
    note.length > most ? note.replace(', ', ',\n').split('\n') : [note],
  );
  return pieces.reduce<string[]>((all, piece) => {
    const both = `${all.at(-1) ?? ''}   ${piece}`;
    return all.length > 0 && both.length <= most ? [...all.slice(0, -1), both] : [...all, piece];
  }, []);
}

function dimension(
  from: number,
  to: number,
  y: number,
  text: string,
): { paths: SketchPath[]; texts: SketchText[] }[] {
  const [a, b] = from < to ? [from, to] : [to, from];
  return [
    {
      paths: [{ d: `M${at(a, y - 3)}v6M${at(b, y - 3)}v6M${at(a, y)}H${round(b)}`, stroke: 0.6 }],
      texts: [{ x: (a + b) / 2, y: y - 3, text, size: 8, anchor: 'middle' }],
    },
  ];
}
