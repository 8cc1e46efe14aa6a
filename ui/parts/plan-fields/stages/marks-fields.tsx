'use client';

import { WORKSHEET_ASKS } from '@/core/learning/worksheet/asks';
import type { PlanField } from '@/core/exercise/plan/draft';
import { SCHEME_STARTS } from '@/core/exercise/plan/plan-names';
import { SCHEME_BEGINNINGS } from '@/core/exercise/plan/scheme-starts';
import { Select } from '@/ui/kit/select';
import { PlanTextField } from '../plan-field';
import { useFieldMessage, usePlanning } from '../planning-context';

/** The scheme by which it is marked, and the points of its sections. */
export function MarksFields() {
  const { form, values } = usePlanning();
  const asked = WORKSHEET_ASKS.some((ask) => values.worksheet[ask] === 'yes');
  const chosen = SCHEME_STARTS.find((each) => each === values.marking.scheme) ?? 'usual';
  const { error } = useFieldMessage('marking.scheme');
  const set = (name: PlanField, text: string) =>
    form.setValue(name, text, { shouldDirty: true, shouldTouch: true });
  const { says } = SCHEME_BEGINNINGS[chosen];
  return (
    <>
      <Select
        label="Marked by"
        value={chosen}
        options={SCHEME_STARTS.map((value) => ({ value, text: SCHEME_BEGINNINGS[value].name }))}
        note={says}
        error={error}
        onChange={(value) => {
          const next = SCHEME_STARTS.find((each) => each === value) ?? 'usual';
          set('marking.scheme', next === 'usual' ? '' : next);
          const { setUp, passes, result, talk } = SCHEME_BEGINNINGS[next].points;
          // The worksheet keeps its points: the result gives them.
          const worksheet = asked ? Number(values.marking.worksheet) || 0 : 0;
          set('marking.setUp', String(setUp));
          set('marking.passes', String(passes));
          set('marking.result', String(Math.max(0, result - worksheet)));
          set('marking.talk', String(talk));
        }}
      />
      <p className="text-sm text-ink-soft">
        Points of its sections; together 100. A section of 0 is not judged.
      </p>
      {asked && <PlanTextField field="marking.worksheet" label="Worksheet" unit="points" />}
      <PlanTextField field="marking.setUp" label="Set-up" unit="points" />
      <PlanTextField field="marking.passes" label="Passes" unit="points" />
      <PlanTextField field="marking.result" label="Result" unit="points" />
      <PlanTextField field="marking.talk" label="Questions" unit="points" />
    </>
  );
}
