'use client';

import { useMemo } from 'react';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { PartDrawing } from './part-drawing';
import { partShape } from './part-geometry';

/** The blank or the bore with its end, chamfer and register. */
export function BlankDrawing() {
  const { read } = usePlanning();
  const part = useMemo(() => partShape(read), [read]);
  return part === null ? null : (
    <PartDrawing
      part={part}
      unit={read.evaluation.thread?.unit ?? 'in'}
      holding={null}
      title="The part before the thread"
    />
  );
}
