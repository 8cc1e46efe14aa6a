'use client';

import Link from 'next/link';
import { Fragment } from 'react';
import { capital } from '@/core/gauging';
import { dialFigures } from '@/core/lathe';
import { NUT_ANSWERS, NUT_ANSWER_WORDS } from '@/core/nut';
import { EVIDENCE_DATA } from '@/core/proof';
import { showExpected, shownOnSheet, type Sheet, type SheetStep } from '@/core/sheet';
import { Button, buttonClass } from '../kit/button';
import { useShowLength } from '../units/display-unit';
import { slideWord } from '../recording/slide-word';
import { CardSection } from './card-section';

export interface SetupCardProps {
  sheet: Sheet;
  /** Null for a draft. */
  revision: number | null;
  student: string | null;
  tryNumber: number | null;
  back: string;
}

/** The set-up and pass card for the machine: black on white, one sheet, with room for what was set. */
export function SetupCard({ sheet, revision, student, tryNumber, back }: SetupCardProps) {
  const show = useShowLength();
  const { thread, limits, passes, words, compound } = sheet;
  const { unit, starts } = thread;
  const { overWires, diameter } = sheet.wires;
  const { dial } = sheet.lathe;
  const slide = slideWord(sheet);
  const wires = sheet.proof.some(({ kind }) => kind === 'wires');
  const { crest } = limits;
  const band = (low: number, high: number) => `${show.figures(low, unit)} – ${show.figures(high, unit)}`;
  const shown = show.unitOf(unit);
  const sizeOf = ({ overWires: over, pitchDiameter }: Sheet['passes'][number]) => {
    const size = wires ? over : pitchDiameter;
    return size === null ? '' : show.figures(size, unit);
  };
  const facts: [string, string][] = [
    [capital(words.crest), `${band(crest.min, crest.max)} ${shown}`],
    [
      'Pitch diameter',
      `${show.figures(sheet.targetPitchDiameter, unit)}  (${band(limits.pitchDiameter.min, limits.pitchDiameter.max)}) ${shown}`,
    ],
    ...(wires
      ? [
          [
            `${capital(words.over)} of ${show.figures(diameter, unit, 1)}`,
            `${show.figures(overWires.target, unit)}  (${band(overWires.min, overWires.max)}) ${shown}`,
          ] as [string, string],
        ]
      : []),
    [
      `Radial depth / ${slide} feed`,
      `${show.figures(sheet.radialDepth, unit)} / ${show.figures(sheet.compoundFeed, unit)} ${shown}`,
    ],
    ...(sheet.feed.slide === 'compound'
      ? [
          [
            `${capital(words.compound)}: mark to set`,
            `${Number(compound.markDeg.toFixed(3))}°  (${compound.angleDeg}° from the ${words.crossSlide})`,
          ] as [string, string],
        ]
      : []),
    [
      'Pitch',
      starts > 1
        ? `${thread.pitchText}, ${starts} starts, lead ${show.figures(thread.lead, unit)} ${shown}`
        : thread.pitchText,
    ],
  ];
  return (
    <div className="mx-auto max-w-[52rem] bg-white p-6 text-black print:max-w-none print:p-0">
      <nav aria-label="Card" className="mb-4 flex gap-2 print:hidden">
        <Link href={back} className={buttonClass('plain')}>
          Back
        </Link>
        <Button tone="main" onClick={() => window.print()}>
          Print
        </Button>
      </nav>
      <main className="text-[13px] leading-tight">
        <header className="flex items-end justify-between border-b-2 border-black pb-1">
          <div>
            <h1 className="text-2xl">
              {sheet.title} <span className="figures font-normal">{thread.designation}</span>
            </h1>
            <p>
              Set-up and pass card · {revision === null ? 'draft' : `revision ${revision}`}
              {tryNumber !== null && ` · try ${tryNumber}`}
            </p>
          </div>
          <p className="text-right">
            Student: {student ?? '______________________'}
            <br />
            Lathe: {sheet.lathe.name} · Date: ____________
          </p>
        </header>
        <div className="mt-2 grid grid-cols-[1fr_15rem] gap-4">
          <dl className="grid grid-cols-[auto_1fr] content-start gap-x-3 gap-y-0.5">
            {facts.map(([name, value]) => (
              <div key={name} className="contents">
                <dt>{name}</dt>
                <dd className="figures font-medium">{value}</dd>
              </div>
            ))}
          </dl>
          <CardSection sheet={sheet} />
        </div>
        <div className="mt-3 grid grid-cols-[1fr_1fr] gap-4">
          <section>
            <h2 className="mb-0.5 text-base">Set-up, in this order</h2>
            <table className="w-full border-collapse">
              <thead>
                <tr className="border-y border-black text-left">
                  <th scope="col" className="py-0.5">
                    Step
                  </th>
                  <th scope="col">Expected</th>
                  <th scope="col" className="w-16">
                    Set
                  </th>
                </tr>
              </thead>
              <tbody>
                {sheet.steps.map((step, index) => (
                  <tr key={step.id} className="border-b border-[#999] align-top">
                    <td className="py-1 pr-1">
                      {index + 1}. {step.title}
                      {AFTER_WORDS[step.when] ?? ''}
                    </td>
                    <td className="figures py-1 pr-1 text-[11px]">
                      {step.expected === null
                        ? step.hold
                          ? 'HOLD: instructor signs'
                          : ''
                        : step.shows === 'shown'
                          ? showExpected(step.expected)
                          : 'work it out'}
                    </td>
                    <td className="py-1">{step.kind === 'confirm' ? '☐' : '________'}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <section>
            <h2 className="mb-0.5 text-base">
              Passes · {slide}
              {sheet.feed.as === 'figure' ? '' : ' dial'} in {dial.graduation.unit}, {dial.graduation.value} a
              graduation{dial.reads === 'diameter' ? ', on the diameter' : ''}
            </h2>
            <table className="w-full border-collapse">
              <thead>
                <tr className="border-y border-black text-left">
                  <th scope="col" className="py-0.5">
                    Pass
                  </th>
                  <th scope="col" className="text-right">
                    Reading
                  </th>
                  <th scope="col" className="text-right">
                    Infeed
                  </th>
                  <th scope="col" className="text-right">
                    {wires ? capital(words.over) : 'PD'}
                  </th>
                  <th scope="col" className="w-14 pl-2">
                    Cut
                  </th>
                </tr>
              </thead>
              <tbody className="figures">
                {passes.map((pass) => (
                  <Fragment key={pass.n}>
                    <tr className="border-b border-[#999]">
                      <td className="py-0.5">
                        {pass.n}{' '}
                        <span className="text-[11px]">
                          {pass.kind}
                          {starts > 1 && `, start ${pass.start}`}
                        </span>
                      </td>
                      <td className="text-right text-[13px] font-medium">
                        {shownOnSheet(pass.dialReading, sheet)}
                      </td>
                      <td className="text-right">{dialFigures(pass.dialInfeed)}</td>
                      <td className="text-right">{sizeOf(pass)}</td>
                      <td className="pl-2">☐</td>
                    </tr>
                    {sheet.stops
                      .filter(({ after }) => after === pass.n)
                      .map((stop) => (
                        <tr key={stop.id} className="border-b border-[#999]">
                          <td colSpan={4} className="py-0.5 font-medium">
                            ▸ Stop{stop.hold ? ', HOLD' : ''}: {stop.title}
                            {stop.onward ? ', and after every cut from here' : ''}
                          </td>
                          <td className="pl-2">☐</td>
                        </tr>
                      ))}
                  </Fragment>
                ))}
              </tbody>
            </table>
            <ProofLines sheet={sheet} />
          </section>
        </div>
        <section className="mt-3">
          <h2 className="mb-0.5 text-base">Between two cuts</h2>
          <p>{words.cycle}</p>
        </section>
        {sheet.note !== null && <p className="mt-2 font-medium">{sheet.note}</p>}
        <p className="mt-3 border-t border-black pt-1">{words.hazards}</p>
      </main>
    </div>
  );
}

const AFTER_WORDS: Partial<Record<SheetStep['when'], string>> = {
  'after-scratch': ' (after the first cut)',
  'mid-course': ' (in mid-course)',
  'after-cutting': ' (after cutting)',
};

/** Room for what the plan asks for as proof, and for nothing else. */
function ProofLines({ sheet }: { sheet: Sheet }) {
  const { words } = sheet;
  return (
    <div className="mt-3 grid gap-2">
      {sheet.proof.map((evidence) => {
        const { recordedAs } = EVIDENCE_DATA[evidence.kind];
        return (
          <p key={evidence.id}>
            <span className="font-medium">{evidence.title}</span>
            {': '}
            {recordedAs === 'measurement'
              ? `${evidence.places.map((place) => `${place} ________`).join(' ')} ${capital(words.crest)} ________`
              : recordedAs === 'trial'
                ? NUT_ANSWERS.map((answer) => `☐ ${NUT_ANSWER_WORDS[answer]}`).join('  ')
                : recordedAs === 'gauge'
                  ? '☐ GO goes  ☐ NO-GO stops'
                  : recordedAs === 'yes-no'
                    ? '☐ yes  ☐ no'
                    : '________'}
          </p>
        );
      })}
    </div>
  );
}
