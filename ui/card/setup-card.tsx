'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { capital, MEASURING_WORDS } from '@/core/gauging';
import { derivePlan, type Plan } from '@/core/plan';
import { setupSteps, showExpected } from '@/core/steps';
import { crestLimits, printTpi } from '@/core/thread';
import { Button, buttonClass } from '../kit/button';
import { dialFigures, dialText } from '../units/dial-text';
import { useShowLength } from '../units/display-unit';
import { CardSection } from './card-section';

export interface SetupCardProps {
  plan: Plan;
  /** Null for a draft. */
  revision: number | null;
  student: string | null;
  tryNumber: number | null;
  back: string;
}

/** The set-up and pass card for the machine: black on white, one sheet, with room for what was set. */
export function SetupCard({ plan, revision, student, tryNumber, back }: SetupCardProps) {
  const derived = useMemo(() => derivePlan(plan), [plan]);
  const show = useShowLength();
  const unit = derived.thread.unit;
  const { limits, overWires, passes } = derived;
  const { perTurn } = plan.dial;
  const words = MEASURING_WORDS[derived.thread.side];
  const crest = crestLimits(limits);
  const band = (low: number, high: number) => `${show.figures(low, unit)} – ${show.figures(high, unit)}`;
  const shown = show.unitOf(unit);
  const facts: [string, string][] = [
    [capital(words.crest), `${band(crest.min, crest.max)} ${shown}`],
    [
      'Pitch diameter',
      `${show.figures(derived.target, unit)}  (${band(limits.pitchDiameter.min, limits.pitchDiameter.max)}) ${shown}`,
    ],
    [
      `${capital(words.over)} of ${show.figures(derived.wire, unit, 1)}`,
      `${show.figures(overWires.target, unit)}  (${band(overWires.min, overWires.max)}) ${shown}`,
    ],
    [
      'Radial depth / compound feed',
      `${show.figures(derived.radialDepth, unit)} / ${show.figures(derived.compoundFeed, unit)} ${shown}`,
    ],
    [
      'Compound: mark to set',
      `${Number(derived.swivelMarkDeg.toFixed(3))}°  (${plan.compoundAngleDeg}° from the cross slide)`,
    ],
    ['Pitch', unit === 'in' ? `${printTpi(derived.thread)} TPI` : `${derived.thread.pitch.valueOf()} mm`],
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
              {plan.title} <span className="figures font-normal">{plan.thread}</span>
            </h1>
            <p>
              Set-up and pass card · {revision === null ? 'draft' : `revision ${revision}`}
              {tryNumber !== null && ` · try ${tryNumber}`}
            </p>
          </div>
          <p className="text-right">
            Student: {student ?? '______________________'}
            <br />
            Lathe: ____________ Date: ____________
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
          <CardSection derived={derived} />
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
                {setupSteps(derived).map((step, index) => (
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
              Passes · compound dial in {perTurn.unit}, {plan.dial.graduation.value} a graduation
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
                      {pass.n} <span className="text-[11px]">{pass.kind}</span>
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
        <p className="mt-3 border-t border-black pt-1">
          Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed
          half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your
          shop’s rules, the machine’s manual and local law; a qualified instructor decides.
        </p>
      </main>
    </div>
  );
}
