'use client';

import { memo, useMemo, useState, type ReactNode } from 'react';
import { Choice } from '../kit/choice';
import { Dialog } from '../kit/dialog';
import { useDisplayUnit, type DisplayUnit } from '../units/display-unit';
import { StillHere } from './still-here';
import { TouchLine } from './touch-line';
import { PageLink } from '@/ui/kit/page-link';
import { writeSetting } from '@/ui/kit/settings';
import { useKeys, useSingleKeysOn, type KeyBinding } from './use-keys';

const UNITS: { value: DisplayUnit; text: string }[] = [
  { value: 'own', text: 'as planned' },
  { value: 'in', text: 'inch' },
  { value: 'mm', text: 'mm' },
];

const NO_KEYS: readonly KeyBinding[] = [];

/** The thin header: where one is, inch or mm, who, and `?`. */
export function Header({
  who,
  title,
  keys = NO_KEYS,
  children,
}: {
  who: { name: string; role: string };
  title: string;
  /** Single keys of this view. */
  keys?: readonly KeyBinding[];
  children?: ReactNode;
}) {
  const [help, setHelp] = useState(false);
  const all = useMemo(
    () => [...keys, { key: '?', does: 'Show this list', run: () => setHelp(true) }],
    [keys],
  );
  useKeys(all);
  return (
    <div className="print:hidden">
      <header className="flex min-h-11 items-center gap-4 bg-paper px-4 py-1 tablet:gap-2.5">
        <Home />
        <h1 className="min-w-0 truncate text-xl font-medium">{title}</h1>
        {children}
        <Places name={who.name} role={who.role} />
        <button
          type="button"
          aria-label="Keys and help"
          onClick={() => setHelp(true)}
          className="grid size-9 place-items-center rounded-full border border-rule-strong bg-paper-raised font-semibold tablet:size-12"
        >
          ?
        </button>
        <HelpDialog open={help} onOpenChange={setHelp} keys={all} />
      </header>
      <TouchLine />
      <StillHere role={who.role} />
    </div>
  );
}

const Home = memo(function Home() {
  return (
    <PageLink href="/" className="flex items-center gap-2 font-head text-xl font-semibold tracking-wide">
      <Seal />
      Oyakata
    </PageLink>
  );
});

/** Where one can go from everywhere, inch or mm, and who works here. */
const Places = memo(function Places({ name, role }: { name: string; role: string }) {
  const { unit, setUnit } = useDisplayUnit();
  return (
    <>
      {role !== 'student' && (
        <PageLink
          href="/floor"
          className="ml-auto inline-flex min-h-9 items-center text-sm underline underline-offset-2 tablet:min-h-12"
        >
          Floor
        </PageLink>
      )}
      {role === 'instructor' && (
        <PageLink
          href="/shop"
          className="inline-flex min-h-9 items-center text-sm underline underline-offset-2 tablet:min-h-12"
        >
          Shop
        </PageLink>
      )}
      <PageLink
        href="/tables"
        className={`${role === 'student' ? 'ml-auto ' : ''}inline-flex min-h-9 items-center text-sm underline underline-offset-2 tablet:min-h-12`}
      >
        Tables
      </PageLink>
      <label className="flex items-center gap-1.5 text-sm">
        <span className="text-ink-soft tablet:sr-only">Lengths</span>
        <select
          value={unit}
          onChange={(event) => setUnit(event.target.value as DisplayUnit)}
          className="min-h-9 rounded-cut border border-rule-strong bg-paper-raised px-2 tablet:min-h-12"
        >
          {UNITS.map(({ value, text }) => (
            <option key={value} value={value}>
              {text}
            </option>
          ))}
        </select>
      </label>
      <PageLink
        href="/account"
        className="inline-flex min-h-9 items-center text-sm whitespace-nowrap underline underline-offset-2 tablet:min-h-12"
      >
        <span className="sr-only">Working here: </span>
        {name}
        <span className="ml-1 text-ink-soft tablet:sr-only">({role})</span>
      </PageLink>
    </>
  );
});

/** A scribed centre with its arcs: the mark from which all work is laid out. */
function Seal() {
  return (
    <svg aria-hidden viewBox="0 0 24 24" width="24" height="24" className="text-dye">
      <rect x="1" y="1" width="22" height="22" fill="currentColor" />
      <path d="M12 4 V20 M4 12 H20" stroke="var(--color-scribe)" strokeWidth="1.2" />
      <path
        d="M6.5 15.5 A6.5 6.5 0 0 1 15.5 6.5"
        fill="none"
        stroke="var(--color-brass-bright)"
        strokeWidth="2"
      />
    </svg>
  );
}

const HelpDialog = memo(function HelpDialog({
  open,
  onOpenChange,
  keys,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  keys: readonly KeyBinding[];
}) {
  const on = useSingleKeysOn();
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Keys"
      description="They work while no field has the focus. Tab goes from field to field; Escape closes what is open. A dotted label opens the reason behind its figure."
    >
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
        {keys.map(({ key, does }) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="figures inline-block min-w-8 rounded-cut border border-rule-strong bg-paper-sunk px-2 text-center">
                {key}
              </kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <Choice
        label="Single keys"
        value={on ? 'on' : 'off'}
        options={[
          { value: 'on', text: 'On' },
          { value: 'off', text: 'Off' },
        ]}
        onChange={(value) => writeSetting('single-keys', value)}
      />
    </Dialog>
  );
});
