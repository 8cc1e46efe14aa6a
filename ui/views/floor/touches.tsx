import { Button } from '@/ui/kit/button';

const wide = (count: number) => (count === 5 ? 'grid-cols-5' : count === 2 ? 'grid-cols-2' : 'grid-cols-3');

/** One row of touches; what was touched last stands pressed. */
export function Touches({
  label,
  hint,
  options,
  chosen,
  onChoose,
}: {
  label: string;
  hint: string;
  options: readonly { id: string; text: string }[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  return (
    <div className="grid grid-cols-[5.5rem_minmax(0,1fr)] items-center gap-2">
      <p className="leading-tight">
        <strong className="block text-base">{label}</strong>
        <span className="text-xs text-ink-soft">{hint}</span>
      </p>
      <div role="group" aria-label={label} className={`grid gap-1 ${wide(options.length)}`}>
        {options.map(({ id, text }) => (
          <Button
            key={id}
            size="bench"
            tone={chosen === id ? 'main' : 'plain'}
            aria-pressed={chosen === id}
            className="!px-1 !text-base leading-tight"
            onClick={() => onChoose(id)}
          >
            {text.charAt(0).toUpperCase() + text.slice(1)}
          </Button>
        ))}
      </div>
    </div>
  );
}
