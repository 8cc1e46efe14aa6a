'use client';

import { useId, useState } from 'react';
import { checkWords } from '@/core/machine/shop/check-words';
import type { ShopWords, WordKey } from '@/core/machine/shop/words-document';
import { USUAL_WORDS, WORD_SUGGESTIONS } from '@/core/machine/shop/words';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { useToast } from '@/ui/kit/toast';
import { send } from '@/ui/shell/send';

const KEYS = Object.keys(WORD_SUGGESTIONS) as WordKey[];

/** The words of the shop: chosen once, used everywhere, on the printed sheet too. What was handed out keeps its words. */
export function WordsForm({ words }: { words: ShopWords }) {
  const say = useToast();
  const list = useId();
  const [typed, setTyped] = useState<Record<WordKey, string>>(
    () => Object.fromEntries(KEYS.map((key) => [key, words[key]])) as Record<WordKey, string>,
  );
  const [problems, setProblems] = useState<Record<string, string>>({});

  async function save() {
    const checked = checkWords(typed);
    if (!checked.ok)
      return setProblems(Object.fromEntries(checked.issues.map(({ field, message }) => [field, message])));
    const sent = await send('PUT', '/api/shop/words', typed);
    if (!sent.ok)
      return setProblems(
        Object.fromEntries(
          sent.fields.length > 0
            ? sent.fields.map(({ field, message }) => [field, message])
            : [[KEYS[0] ?? 'compound', sent.message]],
        ),
      );
    setProblems({});
    say('These words are used from the next page on.');
    // Every page takes its words from the layout.
    window.location.reload();
  }

  return (
    <section aria-label="Words" className="grid max-w-3xl gap-2">
      <h2 className="text-2xl">Words of the shop</h2>
      <p className="text-sm text-ink-soft">
        What the shop calls things, chosen once and used everywhere, on the printed sheet too. What was handed
        out keeps its words.
      </p>
      <form
        className="grid grid-cols-2 gap-x-4 gap-y-2"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        {KEYS.map((key) => (
          <div key={key} className="grid content-start gap-1">
            <label htmlFor={`${list}-${key}`} className="label text-ink-soft">
              {MEANINGS[key]}
            </label>
            <input
              id={`${list}-${key}`}
              list={`${list}-${key}-list`}
              value={typed[key]}
              placeholder={USUAL_WORDS[key]}
              aria-invalid={problems[key] !== undefined}
              aria-describedby={problems[key] === undefined ? undefined : `${list}-${key}-message`}
              onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
              className="min-h-9 rounded-cut border border-rule-strong bg-paper-raised px-2 tablet:min-h-12"
            />
            <datalist id={`${list}-${key}-list`}>
              {WORD_SUGGESTIONS[key].map((word) => (
                <option key={word} value={word} />
              ))}
            </datalist>
            {problems[key] !== undefined && (
              <Message id={`${list}-${key}-message`} tone="error">
                {problems[key]}
              </Message>
            )}
          </div>
        ))}
        <div className="col-span-2">
          <Button type="submit">Use these words</Button>
        </div>
      </form>
    </section>
  );
}

/** What each thing is, said without its name. */
const MEANINGS: Record<WordKey, string> = {
  compound: 'Small slide on the swivel',
  crossSlide: 'Slide across the bed',
  halfNut: 'What closes on the lead screw',
  threadDial: 'Dial that turns with the lead screw',
  carriage: 'What runs along the bed',
  runOutGroove: 'Groove at the end of the thread',
  centreGauge: 'Gauge for the tool’s angle',
};
