'use client';

import { useState } from 'react';
import { differingFields, leafOf, stageOf, withLeaf, type PlanForm } from '@/core/plan';
import { Button } from '../kit/button';
import { Dialog } from '../kit/dialog';
import type { DraftConflict } from './draft-backup';
import { stageTitle } from './stage-results';

type Side = 'here' | 'there';

/** Both versions of a draft that two windows changed, field by field; nothing is saved before a person has chosen. */
export function ConflictDialog({
  conflict,
  onSettle,
  open,
  onOpenChange,
}: {
  conflict: DraftConflict;
  onSettle: (chosen: PlanForm) => void;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const [sides, setSides] = useState<Partial<Record<string, Side>>>({});
  const fields = differingFields(conflict.here, conflict.there);
  const sideOf = (field: string): Side => sides[field] ?? 'here';

  function chooseAll(side: Side) {
    setSides(Object.fromEntries(fields.map((field) => [field, side])));
  }

  function settle() {
    const there = fields.filter((field) => sideOf(field) === 'there');
    onSettle(
      there.reduce((form, field) => withLeaf(form, field, leafOf(conflict.there, field)), conflict.here),
    );
  }

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Two versions of this exercise"
      description="Another window saved while you typed here. Both are kept: choose for each field, then save."
    >
      <div
        className="max-h-[50vh] overflow-y-auto"
        role="region"
        aria-label="Fields that differ"
        tabIndex={0}
      >
        <table className="w-full border-collapse text-sm">
          <thead>
            <tr className="border-b border-rule-strong text-left">
              <th scope="col" className="label py-1 pr-2 text-ink-soft">
                Field
              </th>
              <th scope="col" className="py-1 pr-2">
                <Button tone="quiet" onClick={() => chooseAll('here')}>
                  All typed here
                </Button>
              </th>
              <th scope="col" className="py-1">
                <Button tone="quiet" onClick={() => chooseAll('there')}>
                  All saved there
                </Button>
              </th>
            </tr>
          </thead>
          <tbody>
            {fields.map((field) => (
              <tr key={field} className="border-b border-rule">
                <th scope="row" className="py-1 pr-2 text-left font-medium">
                  {placeOf(field)}
                </th>
                {(['here', 'there'] as const).map((side) => (
                  <td key={side} className="py-1 pr-2">
                    <label className="flex min-h-9 items-center gap-2">
                      <input
                        type="radio"
                        name={`version-of-${field}`}
                        className="size-5 accent-dye"
                        checked={sideOf(field) === side}
                        aria-label={`${wordsOf(field)} ${side}: ${leafOf(conflict[side], field) || 'empty'}`}
                        onChange={() => setSides({ ...sides, [field]: side })}
                      />
                      <span className="figures wrap-anywhere">
                        {leafOf(conflict[side], field) || <em>empty</em>}
                      </span>
                    </label>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="flex justify-end gap-2">
        <Button onClick={() => onOpenChange(false)}>Not yet</Button>
        <Button tone="main" onClick={settle}>
          Save what is chosen
        </Button>
      </div>
    </Dialog>
  );
}

/** Stage and field, once where they are called alike. */
function placeOf(field: string): string {
  if (field === 'title') return 'Exercise';
  const stage = stageTitle(stageOf(field), null);
  return stage.toLowerCase() === wordsOf(field) ? stage : `${stage}: ${wordsOf(field)}`;
}

/** @example wordsOf('work.end.width') // 'end width' */
function wordsOf(field: string): string {
  if (field === 'title') return 'exercise';
  const names = field.split('.').filter((name) => !/^\d+$/.test(name));
  const said = names.length > 1 ? names.slice(1) : names;
  return said.join(' ').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}
