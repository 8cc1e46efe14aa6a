'use client';

import { TargetField } from '../planning/stages/target-field';
import { WiresFields } from '../planning/stages/wires-fields';

/** Target pitch diameter, and the wires or balls in hand. */
export function TargetAndWires() {
  return (
    <>
      <TargetField />
      <WiresFields field="proof.evidence.0.wire" />
    </>
  );
}
