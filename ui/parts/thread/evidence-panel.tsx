'use client';

import type { Evidence, NutFinding } from '@/core/cutting/fault/evidence-of';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { Side } from '@/core/thread/standards/thread';
import type { LengthUnit } from '@/core/base/units/length';
import { useShowLength } from '@/ui/units/display-unit';

/** What is shown of an evidence: the figures of a what-if, or those that a puzzle has frozen. */
export type ShownEvidence = Omit<Evidence, 'measured' | 'overWires' | 'flankAngles'> & {
  overWires: readonly (number | null)[];
  flankAngles: readonly (number | null)[];
  rootDiameter: number;
  /** The root that the log promises. */
  loggedRoot: number;
};

/** What pitch gauge, wires, nut and eye find on a thread. */
export function EvidencePanel({
  evidence,
  held,
  side,
  unit,
}: {
  evidence: ShownEvidence;
  held: { overWires: Band; crest: Band };
  side: Side;
  unit: LengthUnit;
}) {
  const show = useShowLength();
  const figures = (value: number) => show.figures(value, unit);
  const [start, middle, end] = evidence.overWires;
  const alike = start === middle && middle === end;
  const { overWires, crest } = held;
  const inside = (value: number | null | undefined) =>
    value == null ? '' : value > overWires.max ? ' over' : value < overWires.min ? ' under' : ' inside';
  const angles = evidence.flankAngles
    .map((angle) => (angle === null ? '—' : `${angle.toFixed(1)}°`))
    .join(' and ');
  const crestOut =
    evidence.crestDiameter > crest.max + 1e-9
      ? ', over its limit'
      : evidence.crestDiameter < crest.min - 1e-9
        ? ', under its limit'
        : '';
  const mate = side === 'external' ? 'Nut' : 'Plug';
  const rows: [string, string][] = [
    [
      'Log',
      `root ⌀ ${figures(evidence.loggedRoot)} by the dials; ${figures(evidence.rootDiameter)} is found`,
    ],
    ['Pitch gauge', PITCH_WORDS[evidence.pitchGauge]],
    [
      side === 'external' ? 'Over wires' : 'Over balls',
      start == null
        ? 'finds no groove'
        : alike
          ? `${figures(start)}${inside(start)} ${figures(overWires.min)} to ${figures(overWires.max)}`
          : `free end ${figures(start)}, middle ${middle == null ? '—' : figures(middle)}, chuck ${end == null ? '—' : figures(end)}; limits ${figures(overWires.min)} to ${figures(overWires.max)}`,
    ],
    [mate, NUT_WORDS[evidence.nut]],
    [
      'Eye',
      evidence.flanks === 'doubled'
        ? FLANK_WORDS.doubled
        : `${FLANK_WORDS[evidence.flanks]}; half angles ${angles}`,
    ],
    [
      'Crest',
      `⌀ ${figures(evidence.crestDiameter)}${crestOut}; ${evidence.crestFlat > 0 ? `flat ${figures(evidence.crestFlat)}` : 'comes to a point, or is wiped away'}`,
    ],
  ];
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-0.5">
      {rows.map(([name, found]) => (
        <div key={name} className="contents">
          <dt className="label pt-0.5 text-ink-soft">{name}</dt>
          <dd className="figures text-sm">{found}</dd>
        </div>
      ))}
    </dl>
  );
}

const PITCH_WORDS: Record<Evidence['pitchGauge'], string> = {
  agrees: 'agrees',
  'shows-light': 'shows light: another pitch',
  doubled: 'finds two grooves where one should be',
};

const NUT_WORDS: Record<NutFinding, string> = {
  'will-not-start': 'will not start',
  jams: 'starts, then jams',
  tight: 'goes on tight',
  free: 'runs on free',
  wobbles: 'runs on and wobbles',
};

const FLANK_WORDS: Record<Evidence['flanks'], string> = {
  alike: 'both flanks look the same',
  unlike: 'the flanks are unlike',
  stepped: 'steps on a flank',
  leaning: 'the thread leans',
  doubled: 'a second groove, thin crests',
};
