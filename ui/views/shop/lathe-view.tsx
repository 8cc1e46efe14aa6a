'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { latheFormOf } from '@/core/machine/lathe/form/lathe-form-of';
import { readLathe } from '@/core/machine/lathe/lathe';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import { LATHE_PARTS } from '@/core/machine/lathe/form/lathe-field';
import { LATHE_FIELDS, latheField } from '@/core/machine/lathe/form/lathe-fields';
import { LATHE_TABLES, type LatheForm, type LatheTable } from '@/core/machine/lathe/form/lathe-form';
import { Button, buttonClass } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { PageLink } from '@/ui/kit/page-link';
import { Tabs } from '@/ui/kit/tabs';
import { useToast } from '@/ui/kit/toast';
import type { Differing } from '@/ui/kit/two-versions';
import { Header } from '@/ui/shell/header';
import { KeptUnder, useKept } from '@/ui/shell/kept';
import { send } from '@/ui/shell/send';
import { keptMeanwhile, MeanwhileDialog } from './kept-meanwhile';
import { GearingTab } from './lathe/gearing-tab';
import { LatheFormProvider, type LatheFormState } from './lathe/lathe-form-context';
import { ScrewTab } from './lathe/screw-tab';
import { SlidesTab } from './lathe/slides-tab';
import { SpindleTab } from './lathe/spindle-tab';

export interface LatheViewProps {
  /** Null for a new one. */
  id: number | null;
  number: number;
  form: LatheForm;
  archived: boolean;
  /** Exercises handed out on it. */
  usedIn?: readonly string[];
  who: { name: string; role: string };
}

/** A lathe of the shop: what is known of it, each field with its message; what is not known stays empty. */
export function LatheView(props: LatheViewProps) {
  return (
    <KeptUnder name={`lathe-${props.id ?? 'new'}`}>
      <LatheFields {...props} />
    </KeptUnder>
  );
}

const TABS = [
  { id: 'slides', title: 'Slides and scale' },
  { id: 'spindle', title: 'Spindle, trip, readout' },
  { id: 'screw', title: 'Lead screw and dial' },
  { id: 'gearing', title: 'Gearing' },
] as const;
type TabId = (typeof TABS)[number]['id'];

/** The tab on which a field or a table stands. */
function tabOf(name: string): TabId {
  const table = LATHE_TABLES.find((each) => each === name);
  if (table !== undefined) return TAB_OF_TABLE[table];
  const field = LATHE_FIELDS.find((each) => each === name);
  return field === undefined ? 'slides' : LATHE_PARTS[latheField(field).part];
}

const TAB_OF_TABLE: Record<LatheTable, TabId> = {
  speeds: 'spindle',
  dialGears: 'screw',
  plate: 'screw',
  quickChange: 'gearing',
  levers: 'gearing',
  placards: 'gearing',
  changeGears: 'gearing',
};

/** Fields of two forms that are not the same; a table is shown as its rows. */
function differing(here: LatheForm, there: LatheForm): Differing[] {
  const text = (value: LatheForm[keyof LatheForm]) =>
    typeof value === 'string' ? value : value.map((row) => row.join(' | ')).join('\n');
  return (Object.keys(here) as (keyof LatheForm)[])
    .filter((name) => JSON.stringify(here[name]) !== JSON.stringify(there[name]))
    .map((name) => ({
      id: name,
      label: capital(name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)),
      here: text(here[name]),
      there: text(there[name]),
    }));
}

function LatheFields({ id, number, form: first, archived, usedIn = [], who }: LatheViewProps) {
  const router = useRouter();
  const say = useToast();
  const [form, setForm] = useKept<LatheForm>('form', first);
  const [shown, setShown] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [meanwhile, setMeanwhile] = useState<{ number: number; form: LatheForm } | null>(null);
  const read = useMemo(() => readLatheForm(form), [form]);
  const [tab, setTab] = useState<string>('slides');
  const errors = new Map(read.ok ? [] : read.issues.map(({ field, message }) => [field, message]));
  const changed = (field: string) => {
    const name = (field.split('.')[0] ?? '') as keyof LatheForm;
    return JSON.stringify(form[name]) !== JSON.stringify(first[name]);
  };
  const state: LatheFormState = {
    form,
    change: (part) => setForm({ ...form, ...part }),
    errorAt: (field) => (shown || changed(field) ? errors.get(field) : undefined),
    lathe: useMemo(() => (read.ok ? read.value : null), [read]),
  };

  /** @param kept what is kept, and the revision that was seen before it */
  async function keep(kept: LatheForm = form, seen: number = number) {
    setShown(true);
    const read = readLatheForm(kept);
    if (!read.ok) {
      const [wrong] = read.issues;
      setTab(tabOf(wrong?.field.split('.')[0] ?? ''));
      return setProblem(`Still to mend: ${wrong?.message ?? ''}`);
    }
    const sent = await send<{ id: number }>(
      id === null ? 'POST' : 'PUT',
      id === null ? '/api/lathes' : `/api/lathes/${id}`,
      { form: kept, seen: id === null ? null : seen },
    );
    if (!sent.ok) {
      const other = keptMeanwhile(sent);
      setMeanwhile(
        other === null ? null : { number: other.number, form: latheFormOf(readLathe(other.document)) },
      );
      return setProblem(sent.message);
    }
    setMeanwhile(null);
    setForm(first);
    say(
      id === null
        ? `${kept.name} is in the shop.`
        : `${kept.name} is kept. Sheets handed out before stay as they are.`,
    );
    router.push('/shop');
    router.refresh();
  }

  async function putAway() {
    const sent = await send('PUT', `/api/lathes/${id}/archive`, { archived: !archived });
    if (!sent.ok) return setProblem(sent.message);
    say(archived ? 'The lathe is offered again.' : 'The lathe is put away; what was cut on it stays.');
    router.push('/shop');
    router.refresh();
  }

  return (
    <div className="min-h-dvh">
      <Header who={who} title={id === null ? 'New lathe' : first.name}>
        {number > 0 && <span className="text-sm text-ink-soft">revision {number}</span>}
        {archived && <span className="text-sm text-ink-soft">put away</span>}
      </Header>
      <main>
        <form
          className="grid gap-4 border-t border-rule p-4"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <LatheFormProvider value={state}>
            <Tabs label="Parts of the lathe" tabs={TABS} value={tab} onChange={setTab}>
              <div className="pt-4">
                {tab === 'slides' && <SlidesTab />}
                {tab === 'spindle' && <SpindleTab />}
                {tab === 'screw' && <ScrewTab />}
                {tab === 'gearing' && <GearingTab />}
              </div>
            </Tabs>
          </LatheFormProvider>
          {problem !== null && <Message tone="error">{problem}</Message>}
          {meanwhile !== null && (
            <MeanwhileDialog
              number={meanwhile.number}
              fields={differing(form, meanwhile.form)}
              onSettle={(there) => {
                const chosen = Object.fromEntries(
                  there.map((name) => [name, meanwhile.form[name as keyof LatheForm]]),
                );
                const settled = { ...form, ...chosen };
                setForm(settled);
                void keep(settled, meanwhile.number);
              }}
              onClose={() => setMeanwhile(null)}
            />
          )}
          <div className="flex flex-wrap gap-2">
            <Button tone="main" type="submit" className="min-h-12">
              {id === null ? 'Put it in the shop' : 'Keep as the next revision'}
            </Button>
            <PageLink href="/shop" className={buttonClass('plain', 'desk', 'min-h-12')}>
              Back
            </PageLink>
            {id !== null && (
              <Button tone="quiet" className="min-h-12" onClick={() => void putAway()}>
                {archived ? 'Offer it again' : 'Put it away'}
              </Button>
            )}
          </div>
          <p className="text-sm text-ink-soft">
            What is not known stays empty. A sheet that was handed out keeps the lathe as it was then.
            {usedIn.length > 0 && ` It is in use in ${usedIn.join(', ')}: it can be put away, not taken out.`}
          </p>
        </form>
      </main>
    </div>
  );
}
