import { useState, type ReactNode } from 'react';
import type { Why } from '@/core/base/explain/why';
import { fetchedPart } from './fetched-part';
import { useSay } from './shop-words';

export interface WhyProps {
  why: Why;
  children: ReactNode;
  className?: string | undefined;
}

const WhyOpened = fetchedPart(
  () => import('./why-opened'),
  (props: WhyProps) => <Figure {...props} />,
  {
    ahead: true,
  },
);

/**
 * Opens the reason behind a figure: formula, numbers put in, source, assumptions. Until it was opened once it is a plain
 * button: a view has many of them, and they are drawn again with every key stroke.
 */
export function WhyPopover(props: WhyProps) {
  const [wanted, setWanted] = useState(false);
  return wanted ? <WhyOpened {...props} /> : <Figure {...props} onClick={() => setWanted(true)} />;
}

function Figure({ why, children, className, onClick }: WhyProps & { onClick?: () => void }) {
  const say = useSay();
  return (
    <button
      type="button"
      aria-label={`Why: ${say(why.title)}`}
      aria-haspopup="dialog"
      aria-expanded={false}
      onClick={onClick}
      className={className}
    >
      {children}
    </button>
  );
}
