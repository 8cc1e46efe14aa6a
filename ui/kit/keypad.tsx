import { Delete } from 'lucide-react';

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;

/** Big keys for oily hands. `point` is the key beside the 0, or null for figures alone. */
export function Keypad({
  onKey,
  onBack,
  point = null,
  label,
}: {
  onKey: (key: string) => void;
  onBack: () => void;
  point?: string | null;
  label: string;
}) {
  const key = (text: string) => (
    <button
      key={text}
      type="button"
      onClick={() => onKey(text)}
      className="figures min-h-14 rounded-cut border border-rule-strong bg-paper-raised text-2xl hover:bg-paper-sunk"
    >
      {text}
    </button>
  );
  return (
    <div role="group" aria-label={label} className="grid grid-cols-3 gap-1.5">
      {KEYS.map(key)}
      {point === null ? <span /> : key(point)}
      {key('0')}
      <button
        type="button"
        aria-label="Back"
        onClick={onBack}
        className="grid min-h-14 place-items-center rounded-cut border border-rule-strong bg-paper-raised hover:bg-paper-sunk"
      >
        <Delete aria-hidden className="size-6" />
      </button>
    </div>
  );
}
