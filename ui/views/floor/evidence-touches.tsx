'use client';

import { useState } from 'react';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { NUT_ANSWERS, NUT_ANSWER_WORDS } from '@/core/measuring/nut/nut-answer';
import { isKind, type Entry } from '@/core/exercise/record/entry/entry';
import { GAUGE_ANSWERS, GAUGE_WORDS } from '@/core/exercise/record/entry/kinds/finding';
import type { SheetProof } from '@/core/exercise/sheet/sheet';
import { Tick } from '@/ui/kit/tick';
import { useSay } from '@/ui/kit/shop-words';
import { Touches } from './touches';

/** Whoever tries from both ends does so at every piece: said once, it stands for the next one, in sight. */
let bothEndsIsMyWay = false;

/** A piece of the proof that is answered by a touch: gauge, nut, mate, yes or no. What is measured has its form below. */
export function EvidenceTouches({
  evidence,
  live,
  onAnswer,
}: {
  evidence: SheetProof;
  live: readonly Entry[];
  onAnswer: (fields: Record<string, string>) => Promise<void>;
}) {
  const say = useSay();
  const [both, setBoth] = useState(bothEndsIsMyWay);
  const [shoulder, setShoulder] = useState<'yes' | 'no' | ''>('');
  const { recordedAs } = EVIDENCE_DATA[evidence.kind];
  const mine = live.filter(
    (entry) =>
      (isKind('trial')(entry) || isKind('finding')(entry)) &&
      entry.author.role !== 'student' &&
      entry.content.evidenceId === evidence.id,
  );
  const last = mine.at(-1)?.content;
  const chosen = last !== undefined && 'answer' in last ? last.answer : null;
  const students = studentsAnswer(evidence, live);
  const title = say(evidence.title);
  if (recordedAs === 'trial')
    return (
      <div className="grid gap-2">
        <Touches
          label={title}
          hint={students}
          chosen={chosen}
          options={NUT_ANSWERS.map((id) => ({ id, text: NUT_ANSWER_WORDS[id] }))}
          onChoose={(answer) =>
            void onAnswer({
              kind: 'trial',
              evidenceId: evidence.id,
              purpose: 'final',
              answer,
              end: both ? 'both' : 'one',
              toShoulder: shoulder,
            })
          }
        />
        <div className="flex flex-wrap gap-3">
          <Tick
            size="bench"
            label="from both ends"
            on={both}
            onSet={(on) => {
              bothEndsIsMyWay = on;
              setBoth(on);
            }}
          />
          {evidence.toShoulder && (
            <>
              <Tick
                size="bench"
                label="reaches the shoulder"
                on={shoulder === 'yes'}
                onSet={(on) => setShoulder(on ? 'yes' : '')}
              />
              <Tick
                size="bench"
                label="stops short of it"
                on={shoulder === 'no'}
                onSet={(on) => setShoulder(on ? 'no' : '')}
              />
            </>
          )}
        </div>
      </div>
    );
  const options =
    recordedAs === 'gauge'
      ? GAUGE_ANSWERS.map((id) => ({ id: id as string, text: GAUGE_WORDS[id] }))
      : recordedAs === 'yes-no'
        ? [
            { id: 'yes', text: 'Yes' },
            { id: 'no', text: 'No' },
          ]
        : null;
  return options === null ? null : (
    <Touches
      label={title}
      hint={students}
      chosen={chosen}
      options={options}
      onChoose={(answer) =>
        void onAnswer({ kind: 'finding', evidenceId: evidence.id, purpose: 'final', answer })
      }
    />
  );
}

/** What the student found, beside what is found now. */
function studentsAnswer(evidence: SheetProof, live: readonly Entry[]): string {
  const own = live.findLast(
    (entry) =>
      (isKind('trial')(entry) || isKind('finding')(entry)) &&
      entry.author.role === 'student' &&
      entry.content.evidenceId === evidence.id,
  );
  if (own === undefined) return 'the student recorded nothing of it';
  if (isKind('trial')(own)) return `the student: ${NUT_ANSWER_WORDS[own.content.answer]}`;
  return isKind('finding')(own) && own.content.answer !== null
    ? `the student: ${GAUGE_WORDS[own.content.answer]}`
    : '';
}
