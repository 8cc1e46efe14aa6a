'use client';

import { WORKSHEET_ASKS, ASK_TITLES, type WorksheetAsk } from '@/core/learning/worksheet/asks';
import { Button } from '@/ui/kit/button';
import { PlanCheck, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';

/** What is asked in one touch: the sums of a usual thread. */
const USUAL: readonly WorksheetAsk[] = ['radialDepth', 'compoundFeed', 'markToSet', 'overWires', 'safety'];

/** What the student has to find before the sheet opens. The server gives no number of the sheet before. */
export function WorksheetFields() {
  const { form, values } = usePlanning();
  const asked = WORKSHEET_ASKS.filter((ask) => values.worksheet[ask] === 'yes');
  const set = (asks: readonly WorksheetAsk[]) => {
    for (const ask of WORKSHEET_ASKS)
      form.setValue(`worksheet.${ask}`, asks.includes(ask) ? 'yes' : '', {
        shouldDirty: true,
        shouldTouch: true,
      });
  };
  return (
    <>
      <p className="text-sm text-ink-soft">
        {asked.length === 0
          ? 'Nothing is asked: the sheet is open from the start.'
          : 'The sheet opens when these are found. Until then the server gives none of its numbers; a wrong answer gets a hint that names the slip. What a lathe or a way does not have is left out.'}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => set(USUAL)}>Ask the usual ones</Button>
        {asked.length > 0 && <Button onClick={() => set([])}>Ask nothing</Button>}
      </div>
      <div className="grid">
        {WORKSHEET_ASKS.map((ask) => (
          <PlanCheck key={ask} field={`worksheet.${ask}`} label={ASK_TITLES[ask]} />
        ))}
      </div>
      {asked.length > 0 && (
        <PlanTextField
          field="marking.worksheet"
          label="Points of the worksheet"
          unit="points"
          hint="All four sections together make 100."
        />
      )}
      <p className="text-sm text-ink-soft">
        Single values of the set-up are hidden at the step itself: Steps, “Expected”.
      </p>
    </>
  );
}
