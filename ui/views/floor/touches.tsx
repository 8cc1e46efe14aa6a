import { Button } from '@/ui/kit/button';

const wide = (count: number) => (count > 3 ? 'grid-cols-3' : count === 2 ? 'grid-cols-2' : 'grid-cols-3');

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
    <div className="grid gap-1">
      <p className="flex items-baseline justify-between gap-3">
        <strong className="text-lg">{label}</strong>
        <span className="text-sm text-ink-soft">{hint}</span>
      </p>
      <div role="group" aria-label={label} className={`grid gap-2 ${wide(options.length)}`}>
        {options.map(({ id, text }) => (
          <Button
            key={id}
            size="bench"
            tone={chosen === id ? 'main' : 'plain'}
            aria-pressed={chosen === id}
            className="text-base leading-tight"
            onClick={() => onChoose(id)}
          >
            {text.charAt(0).toUpperCase() + text.slice(1)}
          </Button>
        ))}
      </div>
    </div>
  );
}
