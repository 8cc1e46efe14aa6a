import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { useSay } from './shop-words';
import type { WhyProps } from './why-popover';

/** The reason, open, at the figure that was asked about. */
export default function WhyOpened({ why, children, className }: WhyProps) {
  const say = useSay();
  const label = `Why: ${say(why.title)}`;
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
