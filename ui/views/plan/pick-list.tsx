'use client';

import { Checkbox } from 'radix-ui';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';

export interface PickItem {
  id: number;
  name: string;
  /** Under its name: why it can not be chosen, or what is special about it. */
  note?: string | undefined;
  bad?: boolean;
  disabled?: boolean;
  /** Chosen by hand only, never with all. */
  byHand?: boolean;
  group: string;
  /** Where its group stands among the others. */
  place?: number;
}

/** From so many on a search is of use. */
const MANY = 9;

/** Some of many, in groups, found by a part of the name; all of those shown in one touch, or one alone. */
export function PickList({
  title,
  find,
  items,
  chosen,
  onSet,
  onOnly,
}: {
  title: string;
  /** What the search is called. */
  find: string;
  items: readonly PickItem[];
  chosen: (id: number) => boolean;
  onSet: (ids: readonly number[], on: boolean) => void;
  /** Takes this one and no other. */
  onOnly?: (id: number) => void;
}) {
  const [typed, setTyped] = useState('');
  const wanted = typed.trim().toLowerCase();
  const shown = items.filter(({ name }) => name.toLowerCase().includes(wanted));
  const groups = [
    ...new Set(shown.toSorted((a, b) => (a.place ?? 0) - (b.place ?? 0)).map(({ group }) => group)),
  ];
  return (
    <fieldset className="grid min-w-0 gap-1">
      <legend className="label flex w-full items-center justify-between text-ink-soft">
        {title}
        <AllOrNone of={shown} chosen={chosen} onSet={onSet} words={['Choose all', 'Choose none']} />
      </legend>
      {items.length >= MANY && (
        <Field
          label={find}
          labelHidden
          placeholder={find}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      )}
      <div className={`grid gap-1 ${items.length >= MANY ? 'max-h-56 overflow-y-auto pr-1' : ''}`}>
        {shown.length === 0 && <p className="text-ink-soft">None is called so.</p>}
        {groups.map((group) => {
          const mine = shown.filter((item) => item.group === group);
          return (
            <section key={group} aria-label={group}>
              {groups.length > 1 && (
                <h3 className="flex min-h-9 items-center justify-between border-b border-rule text-sm font-medium">
                  <span>
                    {group} <span className="figures text-ink-soft">{mine.length}</span>
                  </span>
                  <AllOrNone of={mine} chosen={chosen} onSet={onSet} words={['all', 'none']} name={group} />
                </h3>
              )}
              <div className="grid grid-cols-2 gap-x-4">
                {mine.map((item) => (
                  <Row key={item.id} item={item} on={chosen(item.id)} onSet={onSet} onOnly={onOnly} />
                ))}
              </div>
            </section>
          );
        })}
      </div>
    </fieldset>
  );
}

/** Takes all of some at once, or none of them. */
function AllOrNone({
  of,
  chosen,
  onSet,
  words: [all, none],
  name,
}: {
  of: readonly PickItem[];
  chosen: (id: number) => boolean;
  onSet: (ids: readonly number[], on: boolean) => void;
  words: readonly [string, string];
  name?: string;
}) {
  const ids = of.filter(({ disabled, byHand }) => disabled !== true && byHand !== true).map(({ id }) => id);
  if (ids.length === 0) return null;
  const on = !ids.every(chosen);
  const word = on ? all : none;
  return (
    <Button
      tone="quiet"
      aria-label={name === undefined ? undefined : `${name}: ${word}`}
      onClick={() => onSet(ids, on)}
    >
      {word}
    </Button>
  );
}

function Row({
  item: { id, name, note, bad = false, disabled = false },
  on,
  onSet,
  onOnly,
}: {
  item: PickItem;
  on: boolean;
  onSet: (ids: readonly number[], on: boolean) => void;
  onOnly: ((id: number) => void) | undefined;
}) {
  return (
    <div className="flex min-w-0 items-center gap-2">
      <label className="flex min-h-10 min-w-0 flex-1 items-center gap-2 tablet:min-h-12">
        <Checkbox.Root
          disabled={disabled}
          checked={on}
          onCheckedChange={(now) => onSet([id], now === true)}
          className="grid size-6 shrink-0 place-items-center rounded-cut border border-rule-strong bg-paper-raised disabled:bg-paper-sunk data-[state=checked]:bg-dye data-[state=checked]:text-scribe"
        >
          <Checkbox.Indicator>
            <Check aria-hidden className="size-4" />
          </Checkbox.Indicator>
        </Checkbox.Root>
        <span className={`min-w-0 ${disabled && !bad ? 'text-ink-soft' : ''}`}>
          {name}
          {note !== undefined && <span className={`block text-2xs ${bad ? 'text-nogo' : ''}`}>{note}</span>}
        </span>
      </label>
      {onOnly !== undefined && !disabled && (
        <Button tone="quiet" aria-label={`${name} only`} onClick={() => onOnly(id)}>
          only
        </Button>
      )}
    </div>
  );
}
