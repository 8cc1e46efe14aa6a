import { Popover } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import type { Why } from '@/core/base/explain/why';
import { useSay } from './shop-words';

/**
 * Opens the reason behind a figure: formula, numbers put in, source, assumptions. Until it was opened once it is a plain
 * button: a view has many of them, and they are drawn again with every key stroke.
 */
export function WhyPopover({
  why,
  children,
  className,
}: {
  why: Why;
  children: ReactNode;
  className?: string;
}) {
  const [wanted, setWanted] = useState(false);
  const say = useSay();
  const label = `Why: ${say(why.title)}`;
  if (!wanted)
    return (
      <button
        type="button"
        aria-label={label}
        aria-haspopup="dialog"
        aria-expanded={false}
        onClick={() => setWanted(true)}
        className={className}
      >
        {children}
      </button>
    );
  return (
    <Popover.Root defaultOpen>
      <Popover.Trigger aria-label={label} className={className}>
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          collisionPadding={8}
          sideOffset={6}
          aria-label={say(why.title)}
          className="z-50 grid w-96 max-w-[92vw] gap-2 rounded-cut border border-ink bg-paper-raised p-4 text-sm text-ink shadow-lg"
        >
          <h3 className="text-lg">{say(why.title)}</h3>
          <dl className="grid gap-2">
            <Part name="Formula" figures>
              {say(why.formula)}
            </Part>
            <Part name="With these numbers" figures>
              {why.numbers}
            </Part>
            <Part name="Source">{say(why.source)}</Part>
            {why.assumes !== null && <Part name="Assumes">{say(why.assumes)}</Part>}
          </dl>
          <Popover.Close className="justify-self-end underline">Close</Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Part({ name, figures = false, children }: { name: string; figures?: boolean; children: ReactNode }) {
  return (
    <div>
      <dt className="label text-ink-soft">{name}</dt>
      <dd className={figures ? 'figures text-[0.8125rem] leading-snug' : ''}>{children}</dd>
    </div>
  );
}
