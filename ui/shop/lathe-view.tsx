'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { readLatheForm, usualLathe, type LatheField, type LatheForm } from '@/core/lathe';
import { Button, buttonClass } from '../kit/button';
import { Choice } from '../kit/choice';
import { Field } from '../kit/field';
import { Message } from '../kit/message';
import { useToast } from '../kit/toast';
import { Header } from '../shell/header';
import { KeptUnder, useKept } from '../shell/kept';
import { useSay } from '../shell/shop-words';
import { send } from '../shell/send';

export interface LatheViewProps {
  /** Null for a new one. */
  id: number | null;
  number: number;
  form: LatheForm;
  archived: boolean;
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

const INCH_MM = [
  { value: 'in', text: 'Inch' },
  { value: 'mm', text: 'mm' },
];
const READS = [
  { value: 'travel', text: 'its own travel' },
  { value: 'diameter', text: 'the diameter' },
];
const COUNTS = [
  { value: 'up', text: 'up' },
  { value: 'down', text: 'down' },
];

function LatheFields({ id, number, form: first, archived, who }: LatheViewProps) {
  const router = useRouter();
  const say = useToast();
  const [form, setForm] = useKept<LatheForm>('form', first);
  const [shown, setShown] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const read = useMemo(() => readLatheForm(form), [form]);
  const errors = new Map(read.ok ? [] : read.issues.map(({ field, message }) => [field, message]));
  const usual = usualLathe(form.dialUnit === 'mm' ? 'mm' : 'in').compound.dial;

  const text = (
    name: LatheField,
    label: string,
    more: { unit?: string; proposed?: string; note?: string } = {},
  ) => (
    <Field
      label={label}
      unit={more.unit}
      placeholder={more.proposed}
      note={more.note}
      value={form[name]}
      error={shown || form[name] !== first[name] ? errors.get(name) : undefined}
      onChange={(event) => setForm({ ...form, [name]: event.target.value })}
    />
  );
  const choice = (
    name: LatheField,
    label: string,
    options: { value: string; text: string }[],
    stacked = false,
  ) => (
    <Choice
      label={label}
      value={form[name]}
      options={options}
      stacked={stacked}
      error={errors.get(name)}
      onChange={(value) => setForm({ ...form, [name]: value })}
    />
  );

  async function keep() {
    setShown(true);
    if (!read.ok) return setProblem('A field is still to mend.');
    const sent = await send<{ id: number }>(
      id === null ? 'POST' : 'PUT',
      id === null ? '/api/lathes' : `/api/lathes/${id}`,
      {
        form,
      },
    );
    if (!sent.ok) return setProblem(sent.message);
    setForm(first);
    say(
      id === null
        ? `${form.name} is in the shop.`
        : `${form.name} is kept. Sheets handed out before stay as they are.`,
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
          <div className="grid grid-cols-4 items-start gap-5 tablet:grid-cols-2">
            <Part title="Compound">
              {text('name', 'Name in the shop', { proposed: 'Lathe 3' })}
              {choice('dialUnit', 'Dial', INCH_MM)}
              {text('graduation', 'Graduation', {
                unit: form.dialUnit,
                proposed: String(usual.graduation.value),
              })}
              {text('perTurn', 'One turn', { unit: form.dialUnit, proposed: String(usual.perTurn.value) })}
              {choice('reads', 'The dial reads', READS)}
              {choice('counts', 'Its figures run toward the work', COUNTS)}
            </Part>
            <Part title="Swivel scale">
              {choice(
                'zeroAlong',
                'Reads 0 with the compound',
                [
                  { value: 'cross-slide', text: 'along the cross slide' },
                  { value: 'bed', text: 'along the bed' },
                ],
                true,
              )}
              {text('swivelGraduation', 'Marked every', { unit: '°', note: 'Empty: not known.' })}
              {text('swivelRange', 'Reaches to', { unit: '°' })}
            </Part>
            <Part title="Cross slide and readout">
              {choice('crossUnit', 'Dial of the cross slide', [{ value: '', text: 'Not known' }, ...INCH_MM])}
              {form.crossUnit !== '' && (
                <>
                  {text('crossGraduation', 'Graduation', { unit: form.crossUnit })}
                  {text('crossPerTurn', 'One turn', { unit: form.crossUnit })}
                  {choice('crossReads', 'The dial reads', READS)}
                  {choice('crossCounts', 'Its figures run toward the work', COUNTS)}
                </>
              )}
              {choice(
                'readoutUnit',
                'Digital readout',
                [{ value: '', text: 'None or not known' }, ...INCH_MM],
                true,
              )}
              {form.readoutUnit !== '' && (
                <>
                  {text('readoutResolution', 'Resolution', { unit: form.readoutUnit })}
                  {choice('readoutReads', 'It reads', [
                    { value: 'diameter', text: 'diameter' },
                    { value: 'radius', text: 'radius' },
                  ])}
                </>
              )}
            </Part>
            <Part title="Drive">
              {choice(
                'nose',
                'The chuck sits on a nose that is',
                [
                  { value: '', text: 'not known' },
                  { value: 'screwed', text: 'screwed' },
                  { value: 'screwed-locked', text: 'screwed and locked' },
                  { value: 'long-taper', text: 'a long taper' },
                  { value: 'camlock', text: 'a camlock' },
                ],
                true,
              )}
              {text('leadScrew', 'Lead screw', { note: '8 TPI, or 6 mm.' })}
              <div className="grid grid-cols-2 gap-2">
                {text('dialTeeth', 'Thread dial: teeth')}
                {text('dialMarks', 'marks')}
              </div>
              {choice('trip', 'Automatic threading trip', [
                { value: '', text: 'not known' },
                { value: 'yes', text: 'yes' },
                { value: 'no', text: 'no' },
              ])}
              {text('runDownTurns', 'Turns after switching off')}
            </Part>
          </div>
          {problem !== null && <Message tone="error">{problem}</Message>}
          <div className="flex flex-wrap gap-2">
            <Button tone="main" type="submit" className="min-h-12">
              {id === null ? 'Put it in the shop' : 'Keep as the next revision'}
            </Button>
            <Link href="/shop" className={buttonClass('plain', 'desk', 'min-h-12')}>
              Back
            </Link>
            {id !== null && (
              <Button tone="quiet" className="min-h-12" onClick={() => void putAway()}>
                {archived ? 'Offer it again' : 'Put it away'}
              </Button>
            )}
          </div>
          <p className="text-sm text-ink-soft">
            What is not known stays empty. A sheet that was handed out keeps the lathe as it was then.
          </p>
        </form>
      </main>
    </div>
  );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  const say = useSay();
  return (
    <fieldset className="grid content-start gap-3">
      <legend className="mb-2 w-full border-b border-rule-strong text-xl">{say(title)}</legend>
      {children}
    </fieldset>
  );
}
