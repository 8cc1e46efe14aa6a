'use client';

import { Printer } from 'lucide-react';
import { showCode } from '@/core/people/spoken-code';
import type { Slip } from '@/core/people/roster';
import { Button } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';

/** Slips to cut apart and hand out; they are shown this once. */
export function SlipsDialog({
  slips,
  classCode,
  className,
  onClose,
}: {
  slips: readonly Slip[];
  classCode: string;
  className: string;
  onClose: () => void;
}) {
  return (
    <Dialog
      open={slips.length > 0}
      onOpenChange={(open) => !open && onClose()}
      title={slips.length === 1 ? 'A slip' : `${slips.length} slips`}
      description="Print or copy them now: the codes are not kept and can not be shown again. A student’s slip is good for 30 days, an instructor’s or helper’s for two."
    >
      <ul className="slips grid gap-2">
        {slips.map(({ personId, name, role, code }) => (
          <li key={personId} className="border border-dashed border-ink p-3">
            <p className="flex justify-between">
              <strong>{name}</strong>
              <span className="text-sm text-ink-soft">{className}</span>
            </p>
            <p className="figures text-3xl">{showCode(code)}</p>
            <p className="text-sm">
              {role === 'student'
                ? `At the bench: class code ${showCode(classCode)}, your name, “I have a new slip”, this code, and choose a PIN.`
                : 'On the sign-in page: “I have a one-time code”, this code, and choose a password.'}
            </p>
          </li>
        ))}
      </ul>
      <div className="flex gap-3 print:hidden">
        <Button tone="main" onClick={() => window.print()}>
          <Printer aria-hidden className="size-4" /> Print
        </Button>
        <Button onClick={onClose}>Done</Button>
      </div>
    </Dialog>
  );
}
