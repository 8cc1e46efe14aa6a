/** A handful of alternatives in one row, one of them in force. */
export function Chips<T extends string>({
  label,
  chosen,
  options,
  onChoose,
}: {
  label: string;
  chosen: T;
  options: readonly { id: T; text: string; title?: string }[];
  onChoose: (id: T) => void;
}) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap items-center gap-1">
      <span className="label mr-1 text-ink-soft">{label}</span>
      {options.map(({ id, text, title }) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === chosen}
          title={title}
          onClick={() => onChoose(id)}
          className="min-h-9 min-w-9 rounded-cut border border-rule-strong bg-paper px-2 text-sm tablet:min-w-12 aria-pressed:bg-dye aria-pressed:text-scribe tablet:min-h-12"
        >
          {text}
        </button>
      ))}
    </div>
  );
}
