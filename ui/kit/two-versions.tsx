'use client';

import { useState } from 'react';
import { Button } from './button';
import { Dialog } from './dialog';

/** A field in which two versions differ, in words. */
export interface Differing {
  id: string;
  label: string;
  here: string;
  there: string;
}

type Side = 'here' | 'there';

/** Both versions of what two windows changed, field by field; nothing is saved before a person has chosen. */
export function TwoVersions({
  title,
  description,
  fields,
  onSettle,
  open,
  onOpenChange,
}: {
  title: string;
  description: string;
  fields: readonly Differing[];
  /** The ids of the fields that are taken as they were saved there. */
  onSettle: (there: string[]) => void;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const [sides, setSides] = useState<Partial<Record<string, Side>>>({});
  const sideOf = (id: string): Side => sides[id] ?? 'here';
  const chooseAll = (side: Side) => setSides(Object.fromEntries(fields.map(({ id }) => [id, side])));
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title={title} description={description}>
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
              <tr key={field.id} className="border-b border-rule">
                <th scope="row" className="py-1 pr-2 text-left font-medium">
                  {field.label}
                </th>
                {(['here', 'there'] as const).map((side) => (
                  <td key={side} className="py-1 pr-2">
                    <label className="flex min-h-9 items-center gap-2">
                      <input
                        type="radio"
                        name={`version-of-${field.id}`}
                        className="size-5 accent-dye"
                        checked={sideOf(field.id) === side}
                        aria-label={`${field.label} ${side}: ${field[side] || 'empty'}`}
                        onChange={() => setSides({ ...sides, [field.id]: side })}
                      />
                      <span className="figures whitespace-pre-line wrap-anywhere">
                        {field[side] || <em>empty</em>}
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
        <Button
          tone="main"
          onClick={() => onSettle(fields.filter(({ id }) => sideOf(id) === 'there').map(({ id }) => id))}
        >
          Save what is chosen
        </Button>
      </div>
    </Dialog>
  );
}
