import { ChevronRight } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { useSay } from './shop-words';

/** What is proposed and seldom changed, folded away with its one-line result. */
export function Fold({
  title,
  result,
  open: opened = false,
  attend = false,
  children,
}: {
  title: string;
  result?: string | undefined;
  open?: boolean;
  /** Something in it wants attention: it opens, and can not be closed as long. */
  attend?: boolean;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(opened);
  // Open it stays when all is mended: whoever types in it is not shut out.
  if (attend && !open) setOpen(true);
  const say = useSay();
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen} className="border-t border-rule pt-1">
      <Collapsible.Trigger className="flex min-h-9 w-full items-center gap-1.5 text-left tablet:min-h-12">
        <ChevronRight
          aria-hidden
          className={`size-4 shrink-0 transition-transform ${open ? 'rotate-90' : ''}`}
        />
        <span className="font-medium">{say(title)}</span>
        {!open && result !== undefined && (
          <span className="ml-auto min-w-0 truncate text-sm text-ink-soft">{say(result)}</span>
        )}
      </Collapsible.Trigger>
      <Collapsible.Content className="grid gap-3 pt-1 pb-2">{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
