import { ChevronDown } from 'lucide-react';
import { memo, useId } from 'react';
import { useSay } from './shop-words';
import { sameChoice, type ChoiceOption } from './choice';
import { Message } from './message';

export interface SelectProps {
  label: string;
  value: string;
  options: readonly ChoiceOption[];
  onChange: (value: string) => void;
  error?: string | undefined;
  warning?: string | undefined;
  note?: string | undefined;
  labelHidden?: boolean | undefined;
}

/** One of many, folded away. */
export const Select = memo(function Select({
  label,
  value,
  options,
  onChange,
  error,
  warning,
  note,
  labelHidden,
}: SelectProps) {
  const id = useId();
  const say = useSay();
  const message = error ?? warning ?? note;
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className={labelHidden === true ? 'sr-only' : 'label text-ink-soft'}>
        {say(label)}
      </label>
      <div
        className={`relative rounded-cut border bg-paper-raised focus-within:outline-3 focus-within:outline-dye ${error === undefined ? 'border-rule-strong' : 'border-2 border-nogo'}`}
      >
        <select
          id={id}
          value={value}
          aria-invalid={error !== undefined}
          aria-describedby={message === undefined ? undefined : `${id}-message`}
          onChange={(event) => onChange(event.target.value)}
          className="min-h-9 w-full appearance-none bg-transparent pr-7 pl-2 text-base focus-visible:shadow-none focus-visible:outline-none tablet:min-h-12"
        >
          {value !== '' && options.every((option) => option.value !== value) && (
            <option value={value}>
              {value === 'unknown' ? 'Of a later release' : `Not known here: ${value}`}
            </option>
          )}
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {say(option.text)}
            </option>
          ))}
        </select>
        <ChevronDown
          aria-hidden
          className="pointer-events-none absolute top-1/2 right-2 size-4 -translate-y-1/2"
        />
      </div>
      {message !== undefined && (
        <Message
          id={`${id}-message`}
          tone={error !== undefined ? 'error' : warning !== undefined ? 'warning' : 'note'}
        >
          {message}
        </Message>
      )}
    </div>
  );
}, sameChoice);
