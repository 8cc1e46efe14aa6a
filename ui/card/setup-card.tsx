'use client';

import Link from 'next/link';
import { capital } from '@/core/gauging';
import { dialFigures, dialText } from '@/core/lathe';
import { showExpected, type Sheet } from '@/core/sheet';
import { Button, buttonClass } from '../kit/button';
import { useShowLength } from '../units/display-unit';
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
  const { perTurn } = dial;
  const { crest } = limits;
  const band = (low: number, high: number) => `${show.figures(low, unit)} – ${show.figures(high, unit)}`;
  const shown = show.unitOf(unit);
  const facts: [string, string][] = [
    [capital(words.crest), `${band(crest.min, crest.max)} ${shown}`],
    [
      'Pitch diameter',
      `${show.figures(sheet.targetPitchDiameter, unit)}  (${band(limits.pitchDiameter.min, limits.pitchDiameter.max)}) ${shown}`,
    ],
    [
      `${capital(words.over)} of ${show.figures(diameter, unit, 1)}`,
      `${show.figures(overWires.target, unit)}  (${band(overWires.min, overWires.max)}) ${shown}`,
    ],
    [
      `Radial depth / ${words.compound} feed`,
      `${show.figures(sheet.radialDepth, unit)} / ${show.figures(sheet.compoundFeed, unit)} ${shown}`,
    ],
    [
      `${capital(words.compound)}: mark to set`,
      `${Number(compound.markDeg.toFixed(3))}°  (${compound.angleDeg}° from the ${words.crossSlide})`,
    ],
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
                    </td>
                    <td className="figures py-1 pr-1 text-[11px]">
                      {step.expected === null
                        ? step.kind === 'sign-off'
                          ? 'HOLD: instructor signs'
                          : ''
                        : showExpected(step.expected)}
                    </td>
                    <td className="py-1">{step.kind === 'confirm' ? '☐' : '________'}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <section>
            <h2 className="mb-0.5 text-base">
              Passes · {words.compound} dial in {perTurn.unit}, {dial.graduation.value} a graduation
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
                    {capital(words.over)}
                  </th>
                  <th scope="col" className="w-14 pl-2">
                    Cut
                  </th>
                </tr>
              </thead>
              <tbody className="figures">
                {passes.map((pass) => (
                  <tr key={pass.n} className="border-b border-[#999]">
                    <td className="py-0.5">
                      {pass.n}{' '}
                      <span className="text-[11px]">
                        {pass.kind}
                        {starts > 1 && `, start ${pass.start}`}
                      </span>
                    </td>
                    <td className="text-right text-[13px] font-medium">
                      {dialText(pass.dialReading, perTurn)}
                    </td>
                    <td className="text-right">{dialFigures(pass.dialInfeed)}</td>
                    <td className="text-right">
                      {pass.overWires === null ? '' : show.figures(pass.overWires, unit)}
                    </td>
                    <td className="pl-2">☐</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="mt-3">
              {capital(words.over)}: start ________ middle ________ end ________
              <br />
              <span className="mt-2 inline-block">
                {capital(words.crest)} ________ Remaining feed ________
              </span>
            </p>
          </section>
        </div>
        <p className="mt-3 border-t border-black pt-1">{words.hazards}</p>
      </main>
    </div>
  );
}
