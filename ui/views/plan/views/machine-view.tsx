'use client';

import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';
import { Fold } from '@/ui/kit/fold';
import MachinePanel from '@/ui/parts/machine/machine-panel';
import { OtherTrains } from '@/ui/parts/machine/other-trains';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { useSheet } from '@/ui/parts/plan-fields/use-sheet';

/** The lathe looked at, for this plan: gearing, thread dial, speed and travel; and what other gears would give. */
export default function MachineView() {
  const { lathe, read } = usePlanning();
  const sheet = useSheet();
  const { thread } = read.evaluation;
  if (sheet === null || thread === null) return <p className="p-4">A field of the plan is still to mend.</p>;
  return (
    <MachinePanel
      sheet={sheet}
      underGears={
        sheet.gearing.from !== 'quick-change' &&
        lathe.leadScrew !== null && (
          <Fold title="Other trains of change gears">
            <OtherTrains key={lathe.name} lathe={lathe} lead={leadOfThread(thread)} />
          </Fold>
        )
      }
    />
  );
}
