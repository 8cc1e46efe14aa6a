'use client';

import { useMemo } from 'react';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { PartDrawing } from './part-drawing';
import { partShape } from './part-geometry';

/** The part as it is held. */
export function HoldingDrawing() {
  const { read } = usePlanning();
  const part = useMemo(() => partShape(read), [read]);
  const holding = read.inputs.chosen?.way.holding;
  return part === null || holding === undefined ? null : (
    <PartDrawing
      part={part}
      unit={read.evaluation.thread?.unit ?? 'in'}
      holding={holding}
      title="The part as it is held"
    />
  );
}
