import { clsx } from 'clsx';
import { RadioGroup } from 'radix-ui';
import { memo, useId } from 'react';
import { useSay } from './shop-words';
import { Message } from './message';

export interface ChoiceOption {
  value: string;
  text: string;
}

export interface ChoiceProps {
  label: string;
  value: string;
  options: readonly ChoiceOption[];
  onChange: (value: string) => void;
  error?: string | undefined;
  warning?: string | undefined;
  note?: string | undefined;
  /** A narrow column of options instead of a row. */
  stacked?: boolean | undefined;
  /** So many in a row, in equal columns. */
  columns?: number | undefined;
}

/** Whether a choice says the same; its options are listed anew at each drawing. */
export function sameChoice<P extends { options: readonly ChoiceOption[] }>(before: P, now: P): boolean {
  const names = Object.keys(now) as (keyof P)[];
  return (
    names.length === Object.keys(before).length &&
    names.every((name) => name === 'options' || before[name] === now[name]) &&
    before.options.length === now.options.length &&
    before.options.every(
      ({ value, text }, index) => value === now.options[index]?.value && text === now.options[index].text,
    )
  );
}

/** One of a few, all in sight. */
export const Choice = memo(function Choice({
  label,
  value,
  options,
  onChange,
  error,
  warning,
  note,
  stacked = false,
  columns,
}: ChoiceProps) {
  const id = useId();
  const say = useSay();
  // The last option takes what is left of its row.
  const toFill = columns === undefined ? 1 : columns - ((options.length - 1) % columns);
  return (
    <div className="grid gap-1">
      <span id={id} className="label text-ink-soft">
        {say(label)}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        value={value}
        onValueChange={onChange}
        className={clsx(
          'grid gap-px overflow-hidden rounded-cut border border-rule-strong bg-rule-strong',
          !stacked && columns === undefined && 'grid-flow-col auto-cols-fr',
        )}
        style={columns === undefined ? undefined : { gridTemplateColumns: `repeat(${columns}, 1fr)` }}
      >
        {options.map((option, index) => (
          <RadioGroup.Item
            key={option.value}
            style={index === options.length - 1 ? { gridColumnEnd: `span ${toFill}` } : undefined}
            value={option.value}
            className="group flex min-h-9 tablet:min-h-12 items-center gap-2 bg-paper-raised px-2 py-1 text-left text-sm data-[state=checked]:bg-dye data-[state=checked]:text-scribe focus-visible:z-10"
          >
            <span
              aria-hidden
              className="grid size-3.5 shrink-0 place-items-center rounded-full border border-current"
            >
              <RadioGroup.Indicator className="size-1.5 rounded-full bg-current" />
            </span>
            {say(option.text)}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {error !== undefined && <Message tone="error">{error}</Message>}
      {error === undefined && warning !== undefined && <Message tone="warning">{warning}</Message>}
      {error === undefined && warning === undefined && note !== undefined && (
        <Message tone="note">{note}</Message>
      )}
    </div>
  );
}, sameChoice);
