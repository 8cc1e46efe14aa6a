'use client';

import type { WorksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import { StateMark } from '@/ui/kit/state-mark';
import { Header } from '@/ui/shell/header';
import { useRefresh } from '@/ui/shell/use-refresh';
import { useWorksheet } from '@/ui/parts/worksheet/use-worksheet';
import { WorksheetPanel } from '@/ui/parts/worksheet/worksheet-panel';
import type { AttemptShown } from '@/ui/parts/work/attempt-shown';
import { LathePanel } from '@/ui/parts/work/lathe-panel';
import { useRecord } from '@/ui/parts/work/use-record';

/** Nothing of the sheet is here before its worksheet is through. */
export function WorksheetFirst({
  id,
  title,
  student,
  who,
  worksheet,
}: AttemptShown & { worksheet: WorksheetShown }) {
  const refresh = useRefresh();
  const answer = useWorksheet(id, refresh);
  return (
    <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_minmax(0,1fr)]">
      <Header who={who} title={`${title}: ${student.name}`}>
        <span className="text-sm text-ink-soft">Worksheet: the sheet opens when it is through</span>
      </Header>
      <main className="min-h-0 border-t border-rule bg-paper-raised">
        <WorksheetPanel worksheet={worksheet} canAnswer={who.role === 'student'} answer={answer} />
      </main>
    </div>
  );
}

/** The lathe is chosen before there is a sheet. */
export function LatheFirst({
  id,
  title,
  lathes,
  student,
  tryNumber,
  revision,
  entries,
  marked,
  who,
}: AttemptShown) {
  const refresh = useRefresh();
  const record = useRecord(id, { sheet: null, entries, marked, onSheet: () => void refresh() });
  return (
    <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_minmax(0,1fr)]">
      <Header who={who} title={`${title}: ${student.name}`}>
        <StateMark state="not-begun" />
        <span className="text-sm text-ink-soft tablet:hidden">
          try {tryNumber} · revision {revision}
        </span>
      </Header>
      <main className="border-t border-rule bg-paper-raised">
        {lathes.length === 0 ? (
          <p className="p-6 text-xl">
            This exercise can not be worked out any more: its plan was changed outside of the program. Tell
            the instructor; nothing that was recorded is lost.
          </p>
        ) : (
          <LathePanel
            lathes={lathes}
            chosen={null}
            canChange={who.role !== 'helper'}
            add={record.add}
            onDone={() => void refresh()}
          />
        )}
      </main>
    </div>
  );
}
