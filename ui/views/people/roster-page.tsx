'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { showCode } from '@/core/people/spoken-code';
import type { Member, RosterView, Slip } from '@/core/people/roster';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Fold } from '@/ui/kit/fold';
import { useToast } from '@/ui/kit/toast';
import { Header } from '@/ui/shell/header';
import { send } from '@/ui/shell/send';
import { useRefresh } from '@/ui/shell/use-refresh';
import { AddPeople } from './add-people';
import { MemberTable } from './member-table';
import { SlipsDialog } from './slips-dialog';

/** A class and who is in it: its code, its people, their slips; the instructor's. */
export function RosterPage({ who, ...roster }: RosterView & { who: { name: string; role: string } }) {
  const { classId, className, code, archived, members, elsewhere, viewerId } = roster;
  const say = useToast();
  const refresh = useRefresh();
  const [slips, setSlips] = useState<Slip[]>([]);
  const url = `/api/classes/${classId}`;

  async function done(sent: { ok: true } | { ok: false; message: string }, words: string): Promise<boolean> {
    say(sent.ok ? words : sent.message, sent.ok ? 'good' : 'bad');
    if (sent.ok) await refresh();
    return sent.ok;
  }

  async function giveSlips(people: readonly Member[]) {
    const sent = await send<{ slips: Slip[] }>('POST', `${url}/slips`, {
      personIds: people.map(({ id }) => id),
    });
    if (sent.ok) setSlips(sent.value.slips);
    await done(sent, people.length === 1 ? 'A slip is made.' : `${people.length} slips are made.`);
  }

  async function endBenches({ name, benches }: Member) {
    for (const { id } of benches) {
      const sent = await send('DELETE', `/api/grants/${id}`);
      if (!sent.ok && sent.code !== 'refused') return void done(sent, '');
    }
    await done({ ok: true }, `${name} signs in again at the bench: what was not sent yet goes then.`);
  }

  const here = members.filter((each) => !each.archived);
  const without = here.filter(({ secret, role }) => secret === null && role === 'student');
  return (
    <>
      <Header who={who} title={`${className}: class and people`} />
      <main className="mx-auto grid max-w-7xl grid-cols-[minmax(0,1fr)_22rem] gap-8 px-6 py-4">
        <section aria-label="People" className="grid content-start gap-3">
          <div className="flex flex-wrap items-center gap-3">
            <h2 className="text-2xl">
              {here.length} {here.length === 1 ? 'person' : 'people'}
            </h2>
            {without.length > 0 && (
              <Button onClick={() => void giveSlips(without)}>
                Slips for the {without.length} without a PIN
              </Button>
            )}
          </div>
          <MemberTable
            members={here}
            viewerId={viewerId}
            onSlip={(member) => void giveSlips([member])}
            onEndBenches={(member) => void endBenches(member)}
            onChange={(personId, change, words) =>
              send('PUT', `${url}/members`, { personId, ...change }).then((sent) => done(sent, words))
            }
          />
          {members.length > here.length && (
            <Fold title={`Archived (${members.length - here.length})`}>
              <MemberTable
                members={members.filter((each) => each.archived)}
                viewerId={viewerId}
                onChange={(personId, change, words) =>
                  send('PUT', `${url}/members`, { personId, ...change }).then((sent) => done(sent, words))
                }
              />
            </Fold>
          )}
        </section>
        <div className="grid content-start gap-6">
          <section aria-label="Code of the class" className="bg-dye p-4 text-scribe">
            <h2 className="label">Code of the class</h2>
            <p className="figures text-5xl tracking-wide">{showCode(code)}</p>
            <p className="mt-1 text-sm text-scribe-dim">
              Students type it at the bench, touch their name and give their PIN.
            </p>
            <Button
              tone="on-dye"
              className="mt-2"
              onClick={() =>
                void send('PUT', url, { newCode: true }).then((sent) =>
                  done(sent, 'The class has a new code; the one before is worth nothing.'),
                )
              }
            >
              Another code
            </Button>
          </section>
          <AddPeople
            key={members.length}
            there={members.map(({ name }) => name)}
            elsewhere={elsewhere}
            onAdd={(joining) => send<{ added: number }>('POST', `${url}/members`, joining)}
            onAdded={(added) => void done({ ok: true }, `${added} added.`)}
          />
          <ClassNames
            key={className}
            {...roster}
            onRename={(name) =>
              send('PUT', url, { name }).then((sent) => done(sent, 'The class has another name.'))
            }
            onArchive={() =>
              void send('PUT', url, { archived: !archived }).then((sent) =>
                done(sent, archived ? 'The class is back.' : 'Archived. Nothing of it is deleted.'),
              )
            }
          />
        </div>
      </main>
      <SlipsDialog slips={slips} classCode={code} className={className} onClose={() => setSlips([])} />
    </>
  );
}

/** The name of the class, its end, and the other classes. */
function ClassNames({
  classId,
  className,
  archived,
  classes,
  onRename,
  onArchive,
}: RosterView & { onRename: (name: string) => Promise<boolean>; onArchive: () => void }) {
  const router = useRouter();
  const say = useToast();
  const [name, setName] = useState(className);
  const [fresh, setFresh] = useState('');

  async function make() {
    const sent = await send<{ id: number }>('POST', '/api/classes', { name: fresh });
    if (sent.ok) router.push(`/classes/${sent.value.id}`);
    else say(sent.message, 'bad');
  }

  return (
    <section aria-label="Classes" className="grid content-start gap-3">
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void onRename(name);
        }}
      >
        <Field
          label="Name of this class"
          value={name}
          className="grow"
          onChange={(event) => setName(event.target.value)}
        />
        <Button type="submit">Rename</Button>
      </form>
      <div>
        <Button onClick={onArchive}>{archived ? 'Take this class back' : 'Archive this class'}</Button>
      </div>
      <Fold title={`Other classes (${classes.length - 1})`}>
        <ul className="grid gap-1">
          {classes
            .filter(({ id }) => id !== classId)
            .map((each) => (
              <li key={each.id}>
                <a href={`/classes/${each.id}`} className="underline underline-offset-2">
                  {each.name}
                </a>
                {each.archived && <span className="text-sm text-ink-soft"> archived</span>}
              </li>
            ))}
        </ul>
        <form
          className="mt-2 flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void make();
          }}
        >
          <Field
            label="A new class"
            value={fresh}
            className="grow"
            onChange={(event) => setFresh(event.target.value)}
          />
          <Button type="submit">Make it</Button>
        </form>
      </Fold>
    </section>
  );
}
