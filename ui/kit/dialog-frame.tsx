import { X } from 'lucide-react';
import { Dialog as RadixDialog } from 'radix-ui';
import { useRef } from 'react';
import type { DialogProps } from './dialog';

export default function DialogFrame({ open, onOpenChange, title, description, children }: DialogProps) {
  const before = useRef<Element | null>(null);
  return (
    <RadixDialog.Root open={open} onOpenChange={onOpenChange}>
      <RadixDialog.Portal>
        <RadixDialog.Overlay className="fixed inset-0 z-40 bg-dye-deep opacity-60" />
        <RadixDialog.Content
          onOpenAutoFocus={() => {
            before.current = document.activeElement;
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (before.current instanceof HTMLElement) before.current.focus();
          }}
          className="fixed top-1/2 left-1/2 z-50 flex max-h-[92dvh] w-[34rem] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 flex-col rounded-cut border border-ink bg-paper-raised text-ink shadow-xl"
        >
          <div className="flex items-center justify-between gap-4 bg-dye px-4 py-2 text-scribe">
            <RadixDialog.Title className="text-xl">{title}</RadixDialog.Title>
            <RadixDialog.Close aria-label="Close" className="grid size-9 place-items-center">
              <X aria-hidden className="size-5" />
            </RadixDialog.Close>
          </div>
          <div className="grid gap-3 overflow-y-auto p-4">
            <RadixDialog.Description className="text-ink-soft">{description}</RadixDialog.Description>
            {children}
          </div>
        </RadixDialog.Content>
      </RadixDialog.Portal>
    </RadixDialog.Root>
  );
}
