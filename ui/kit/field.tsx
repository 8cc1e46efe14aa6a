import { clsx } from 'clsx';
import { memo, useId, type ComponentProps, type ReactNode } from 'react';
import { useSay } from './shop-words';
import { Message } from './message';

export interface FieldProps extends Omit<ComponentProps<'input'>, 'size'> {
  label: string;
  unit?: ReactNode;
  error?: string | undefined;
  warning?: string | undefined;
  /** How the entry was read, or what is usual. */
  note?: string | undefined;
  size?: 'desk' | 'bench';
  labelHidden?: boolean;
  /** Id of a message that stands elsewhere: of narrow fields side by side it is shown under their row. */
  messageElsewhere?: string | undefined;
}

/** A text field with its unit and its message. What is typed stays, right or wrong. */
export const Field = memo(function Field({
  label,
  unit,
  error,
  warning,
  note,
  size = 'desk',
  labelHidden,
  messageElsewhere,
  className,
  ...input
}: FieldProps) {
  const id = useId();
  const say = useSay();
  const message = messageElsewhere === undefined ? (error ?? warning ?? note) : undefined;
  const messageId = messageElsewhere ?? (message === undefined ? undefined : `${id}-message`);
  return (
    <div className={clsx('grid content-start gap-1', className)}>
      <label htmlFor={id} className={labelHidden === true ? 'sr-only' : 'label text-ink-soft'}>
        {say(label)}
      </label>
      <div
        className={clsx(
          'flex items-stretch rounded-cut border bg-paper-raised focus-within:outline-3 focus-within:outline-dye',
          error === undefined ? 'border-rule-strong' : 'border-2 border-nogo',
        )}
      >
        <input
          id={id}
          aria-invalid={error !== undefined}
          aria-describedby={messageId}
          autoComplete="off"
          spellCheck={false}
          className={clsx(
            'figures w-full min-w-0 bg-transparent focus-visible:shadow-none focus-visible:outline-none',
            size === 'desk' ? 'min-h-9 text-base tablet:min-h-12' : 'min-h-14 text-2xl',
            unit === undefined ? 'px-2' : 'px-2.5',
          )}
          {...input}
        />
        {unit !== undefined && (
          <span
            aria-hidden
            className="flex shrink-0 items-center border-l border-rule px-2 text-sm text-ink-soft"
          >
            {unit}
          </span>
        )}
      </div>
      {message !== undefined && (
        <Message
          id={messageId}
          tone={error !== undefined ? 'error' : warning !== undefined ? 'warning' : 'note'}
        >
          {message}
        </Message>
      )}
    </div>
  );
});
