import { Ban, Info, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import { useSay } from './shop-words';

export type MessageTone = 'error' | 'warning' | 'note';

const LOOK = {
  error: { Icon: Ban, text: 'text-nogo', word: 'Error: ' },
  warning: { Icon: TriangleAlert, text: 'text-brass', word: 'Attend to: ' },
  note: { Icon: Info, text: 'text-ink-soft', word: '' },
};

/** A message at its place: shape and colour say how serious it is, and a hidden word for those who hear it. */
export function Message({ tone, id, children }: { tone: MessageTone; id?: string; children: ReactNode }) {
  const { Icon, text, word } = LOOK[tone];
  const say = useSay();
  return (
    <p id={id} className={`flex gap-1.5 text-sm leading-snug ${text}`}>
      <Icon aria-hidden className="mt-0.5 size-3.5 shrink-0" />
      <span>
        {word !== '' && <span className="sr-only">{word}</span>}
        {typeof children === 'string' ? say(children) : children}
      </span>
    </p>
  );
}
