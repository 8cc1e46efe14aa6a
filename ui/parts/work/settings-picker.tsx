'use client';

import { useState } from 'react';
import { settingText, wantedChoice } from '@/core/exercise/sheet/wanted-choice';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import { Button } from '@/ui/kit/button';
import { Select } from '@/ui/kit/select';

/**
 * Levers and gears by the machine's own names: one touch where all stand as the sheet shows, else what really stands is
 * chosen, one by one.
 */
export function SettingsPicker({ step, onDone }: { step: SheetStep; onDone: (choice: string) => void }) {
  const shown = step.shows === 'shown';
  const [own, setOwn] = useState<Record<string, string> | null>(shown ? null : {});
  const wanted = wantedChoice(step) ?? '';
  if (own === null)
    return (
      <div className="grid gap-3">
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1 border-l-4 border-dye pl-3">
          {step.settings.map((setting) => (
            <div key={setting.name} className="contents">
              <dt className="text-lg text-ink-soft">{setting.name}</dt>
              <dd className="figures text-2xl font-medium">{setting.wanted}</dd>
            </div>
          ))}
        </dl>
        <Button tone="main" size="bench" autoFocus onClick={() => onDone(wanted)}>
          All stand so
        </Button>
        <div>
          <Button onClick={() => setOwn({})}>Something stands otherwise…</Button>
        </div>
      </div>
    );
  const chosen = step.settings.map(({ name }) => own[name] ?? '');
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3">
        {step.settings.map(({ name, positions }) => (
          <Select
            key={name}
            label={name}
            value={own[name] ?? ''}
            options={[
              { value: '', text: 'choose' },
              ...positions.map((each) => ({ value: each, text: each })),
            ]}
            onChange={(position) => setOwn({ ...own, [name]: position })}
          />
        ))}
      </div>
      <div className="flex flex-wrap gap-2">
        <Button
          tone="main"
          size="bench"
          disabled={chosen.includes('')}
          onClick={() =>
            onDone(step.settings.map(({ name }, index) => settingText(name, chosen[index] ?? '')).join('; '))
          }
        >
          Record what stands
        </Button>
        {shown && <Button onClick={() => setOwn(null)}>Back</Button>}
      </div>
    </div>
  );
}
