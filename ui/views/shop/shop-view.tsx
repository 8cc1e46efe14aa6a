'use client';

import { readCsv } from '@/core/base/csv/csv';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { BOOK_KINDS, BOOKS, type BookKind } from '@/core/machine/book/book';
import type { ShopWords } from '@/core/machine/shop/words-document';
import { Button, buttonClass } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { PageLink } from '@/ui/kit/page-link';
import { useToast } from '@/ui/kit/toast';
import { Tabs } from '@/ui/kit/tabs';
import { Header } from '@/ui/shell/header';
import { rememberedClass } from '@/ui/shell/class-on-view';
import { send } from '@/ui/shell/send';
import { useRefresh } from '@/ui/shell/use-refresh';
import type { BookItem } from './book/book-item';
import { BookTable } from './book/book-table';
import { LatheTable, type LatheItem } from './lathe-table';
import { SignInRules, type SignInRulesProps } from './sign-in-rules';
import { WordsForm } from './words-form';

export interface ShopViewProps {
  lathes: readonly LatheItem[];
  timeZone: string;
  timeZones: readonly string[];
  words: ShopWords;
  signInRules: SignInRulesProps;
  book: Record<BookKind, BookItem[]>;
  who: { name: string; role: string };
}

const TABS = [
  { id: 'lathes', title: 'Lathes' },
  ...BOOK_KINDS.map((id) => ({ id, title: BOOKS[id].title })),
  { id: 'words', title: 'Words and times' },
  { id: 'sign-in', title: 'Signing in' },
];

/** What the shop keeps: its lathes, tools, work-holding, gauges and materials, its words, and the time zone in which times are shown. */
export function ShopView({ lathes, timeZone, timeZones, words, signInRules, book, who }: ShopViewProps) {
  const router = useRouter();
  const refresh = useRefresh();
  const say = useToast();
  const file = useRef<HTMLInputElement>(null);
  const [tab, setTab] = useState('lathes');
  const chosen = BOOK_KINDS.find((kind) => kind === tab);
  const [problem, setProblem] = useState<string | null>(null);

  async function takeFile(chosen: File) {
    const content = await chosen.text();
    if (/\.csv$/i.test(chosen.name)) {
      const rows = readCsv(content);
      const taken = await send<{ count: number }>('POST', '/api/lathes', { rows });
      if (!taken.ok) return setProblem(`${chosen.name}: ${taken.message}`);
      setProblem(null);
      say(`${taken.value.count} taken from the file.`);
      return refresh();
    }
    let document: unknown;
    try {
      document = JSON.parse(content);
    } catch {
      return setProblem(`${chosen.name} is not a JSON file.`);
    }
    // What “Save as JSON” gives is a list of lathes.
    if (Array.isArray(document)) {
      for (const [index, each] of document.entries()) {
        const taken = await send('POST', '/api/lathes', { document: each as unknown });
        if (!taken.ok) return setProblem(`${chosen.name}, no. ${index + 1}: ${taken.message}`);
      }
      setProblem(null);
      say(`${document.length} taken from the file.`);
      return refresh();
    }
    const isPlan = (document as { format?: unknown } | null)?.format === 'oyakata-plan';
    const sent = isPlan
      ? await send<{ id: number }>('POST', `/api/plans${ofClass()}`, { plan: document })
      : await send<{ id: number }>('POST', '/api/lathes', { document });
    if (!sent.ok) return setProblem(`${chosen.name}: ${sent.message}`);
    setProblem(null);
    if (isPlan) return router.push(`/exercises/${sent.value.id}`);
    say('Lathe taken from the file.');
    await refresh();
  }

  async function chooseZone(zone: string) {
    const sent = await send('PUT', '/api/shop', { timeZone: zone });
    if (!sent.ok) return setProblem(sent.message);
    setProblem(null);
    say(`Times are shown in ${zone}.`);
    await refresh();
  }

  return (
    <div className="min-h-dvh">
      <Header who={who} title="Shop" />
      <main className="border-t border-rule">
        <Tabs label="The shop’s book" tabs={TABS} value={tab} onChange={setTab}>
          <div className="grid gap-6 p-4">
            {chosen !== undefined && <BookTable key={chosen} kind={chosen} items={book[chosen]} />}
            {tab === 'lathes' && (
              <section aria-label="Lathes" className="grid gap-2">
                <div className="flex flex-wrap items-center gap-3">
                  <h2 className="text-2xl">Lathes</h2>
                  <PageLink href="/shop/new-lathe" className={buttonClass('main')}>
                    New lathe
                  </PageLink>
                  <Button onClick={() => file.current?.click()}>From a file…</Button>
                  <input
                    ref={file}
                    type="file"
                    accept="application/json,.json,.csv,text/csv"
                    className="sr-only"
                    aria-label="File of a lathe or a plan"
                    onChange={(event) => {
                      const chosen = event.target.files?.[0];
                      event.target.value = '';
                      if (chosen !== undefined) void takeFile(chosen);
                    }}
                  />
                  <span className="text-sm text-ink-soft">
                    A lathe’s file, or a plan’s: that becomes an exercise; or a CSV of lathes.
                  </span>
                  <span className="ml-auto flex gap-3 text-sm">
                    <a className="underline underline-offset-2" href="/api/lathes?as=csv" download>
                      Save as CSV
                    </a>
                    <a className="underline underline-offset-2" href="/api/lathes?as=json" download>
                      Save as JSON
                    </a>
                  </span>
                </div>
                {problem !== null && <Message tone="error">{problem}</Message>}
                {lathes.length === 0 ? (
                  <p>No lathe yet. Make the first one: its dial and its swivel scale are enough.</p>
                ) : (
                  <LatheTable lathes={lathes} />
                )}
              </section>
            )}
            {tab === 'sign-in' && <SignInRules {...signInRules} />}
            {tab === 'words' && (
              <>
                <WordsForm words={words} />
                <section aria-label="Times" className="grid max-w-md gap-2">
                  <h2 className="text-2xl">Times</h2>
                  <label className="grid gap-1">
                    <span className="label text-ink-soft">Time zone of the shop</span>
                    <select
                      value={timeZone}
                      onChange={(event) => void chooseZone(event.target.value)}
                      className="min-h-9 rounded-cut border border-rule-strong bg-paper-raised px-2 tablet:min-h-12"
                    >
                      {[...new Set([timeZone, 'UTC', ...timeZones])].map((zone) => (
                        <option key={zone} value={zone}>
                          {zone}
                        </option>
                      ))}
                    </select>
                  </label>
                  <p className="text-sm text-ink-soft">
                    Times are stored in UTC and shown in this zone, on every device. The shop’s wires are kept
                    under Tables.
                  </p>
                </section>
              </>
            )}
          </div>
        </Tabs>
      </main>
    </div>
  );
}

/** A plan is taken into the class that was looked at last. */
function ofClass(): string {
  const classId = rememberedClass();
  return classId === null ? '' : `?class=${classId}`;
}
