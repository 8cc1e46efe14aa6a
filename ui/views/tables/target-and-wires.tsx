'use client';

import { TargetField } from '@/ui/parts/plan-fields/stages/target-field';
import { WiresFields } from '@/ui/parts/plan-fields/stages/wires-fields';

/** Target pitch diameter, and the wires or balls in hand. */
export function TargetAndWires() {
  return (
    <>
      <TargetField />
      <WiresFields field="proof.evidence.0.wire" />
    </>
  );
}
