'use client';

import { capital } from '@/core/measuring/gauging/measuring-words';
import { drawnBlank } from '@/core/exercise/sheet/drawn-blank';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button, buttonClass } from '@/ui/kit/button';
import { PageLink } from '@/ui/kit/page-link';
import { useShowLength } from '@/ui/units/display-unit';
import {
  machineFacts,
  passesTitle,
  passLines,
  proofLines,
  provesByWires,
  stepLines,
  threadFacts,
  type Fact,
} from './sheet-facts';
import { sheetSketches } from './sheet-sketches';
import { sectionSketch } from './sketches/section-sketch';
import { SketchSvg } from './sketches/sketch-svg';

export interface SetupSheetProps {
  sheet: Sheet;
  /** Null for a draft. */
  revision: number | null;
  student: string | null;
  tryNumber: number | null;
  back: string;
  /** Where the same is had as files. */
  files: { pdf: string; svg: string; dxf: string };
}

/** The set-up sheet for the machine: the set-up on the front, passes and checks on the back; black on white. */
export function SetupSheet({ sheet, revision, student, tryNumber, back, files }: SetupSheetProps) {
  const show = useShowLength();
  const { thread, words } = sheet;
  const steps = stepLines(sheet);
  const half = Math.ceil(steps.length / 2);
  const head = (
    <header className="flex items-end justify-between border-b-2 border-black pb-1">
      <div>
        <h1 className="text-2xl">
          {sheet.title} <span className="figures font-normal">{thread.designation}</span>
        </h1>
        <p>
          Set-up sheet · {revision === null ? 'draft' : `revision ${revision}`}
          {tryNumber !== null && ` · try ${tryNumber}`}
        </p>
      </div>
      <p className="text-right">
        Student: {student ?? '______________________'}
        <br />
        Lathe: {sheet.lathe.name} · Date: ____________
      </p>
    </header>
  );
  return (
    <div className="mx-auto max-w-[52rem] bg-white p-6 text-black print:max-w-none print:p-0">
      <nav aria-label="Set-up sheet" className="mb-4 flex flex-wrap gap-2 print:hidden">
        <PageLink href={back} className={buttonClass('plain')}>
          Back
        </PageLink>
        <Button tone="main" onClick={() => window.print()}>
          Print
        </Button>
        <a href={files.pdf} className={buttonClass('plain')}>
          PDF
        </a>
        <a href={`${files.pdf}&size=letter`} className={buttonClass('plain')}>
          PDF, Letter
        </a>
        {drawnBlank(sheet) !== null && (
          <>
            <a href={files.svg} className={buttonClass('plain')}>
              Blank as SVG
            </a>
            <a href={files.dxf} className={buttonClass('plain')}>
              Blank as DXF
            </a>
          </>
        )}
      </nav>
      <main className="text-[12px] leading-tight">
        <section aria-label="Front" className="print:break-after-page">
          {head}
          <div className="mt-2 grid grid-cols-[1fr_15rem] gap-4">
            <Facts facts={threadFacts(sheet, show)} />
            <SketchSvg sketch={sectionSketch(sheet, 240, 116)} className="w-full border border-black" />
          </div>
          <div className="mt-2 flex items-end justify-between gap-3">
            {sheetSketches(sheet, show, 150).map(({ title, sketch }) => (
              <figure key={title} className="min-w-0" style={{ flex: sketch.width }}>
                <SketchSvg sketch={sketch} className="w-full" />
                <figcaption className="text-center text-[11px] font-medium">{title}</figcaption>
              </figure>
            ))}
          </div>
          <div className="mt-2 border-t border-black pt-1">
            <Facts facts={machineFacts(sheet)} />
          </div>
          <h2 className="mt-2 text-base">Set-up, in this order</h2>
          <div className="grid grid-cols-2 gap-x-5">
            {[steps.slice(0, half), steps.slice(half)].map((lines, index) => (
              <table key={index} className="w-full border-collapse self-start">
                <caption className="sr-only">Steps{index === 0 ? '' : ', continued'}</caption>
                <thead>
                  <tr className="border-y border-black text-left">
                    <th scope="col">Step</th>
                    <th scope="col">Expected</th>
                    <th scope="col" className="w-14">
                      Set
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {lines.map(({ title, expected, box }) => (
                    <tr key={title} className="border-b border-[#999] align-top">
                      <td className="py-0.5 pr-1">{title}</td>
                      <td className="figures py-0.5 pr-1 text-[10.5px]">{expected}</td>
                      <td className="py-0.5">{box === 'tick' ? '☐' : '________'}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            ))}
          </div>
          {sheet.note !== null && <p className="mt-1 font-medium">{sheet.note}</p>}
          <p className="mt-2 border-t border-black pt-1 text-[11px]">{words.hazards}</p>
        </section>
        <section aria-label="Back" className="mt-8 print:mt-0">
          <div className="hidden print:block">{head}</div>
          <h2 className="mt-2 text-base">{passesTitle(sheet)}</h2>
          <PassTables sheet={sheet} />
          <div className="mt-3 grid gap-2">
            {proofLines(sheet).map(([title, room]) => (
              <p key={title}>
                <span className="font-medium">{title}</span>: {room}
              </p>
            ))}
          </div>
          {sheet.travel.length > 0 && (
            <>
              <h2 className="mt-3 text-base">Travel, before the first cut</h2>
              <Facts facts={sheet.travel.map(({ what, says }): Fact => [what, says])} />
            </>
          )}
          <h2 className="mt-3 text-base">Between two cuts</h2>
          <p>{words.cycle}</p>
        </section>
      </main>
    </div>
  );
}

function Facts({ facts }: { facts: readonly Fact[] }) {
  return (
    <dl className="grid grid-cols-[auto_1fr] content-start gap-x-3 gap-y-0.5">
      {facts.map(([name, value]) => (
        <div key={name} className="contents">
          <dt>{name}</dt>
          <dd className="figures font-medium">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Many passes stand in two columns, so that the back stays one page. */
function PassTables({ sheet }: { sheet: Sheet }) {
  const show = useShowLength();
  const lines = passLines(sheet, show);
  const columns = lines.length > 24 ? 2 : 1;
  const each = Math.ceil(lines.length / columns);
  const size = provesByWires(sheet) ? capital(sheet.words.over) : 'PD';
  return (
    <div className={columns === 2 ? 'grid grid-cols-2 gap-x-5' : ''}>
      {Array.from({ length: columns }, (_, column) => (
        <table key={column} className="w-full border-collapse self-start">
          <caption className="sr-only">Passes{column === 0 ? '' : ', continued'}</caption>
          <thead>
            <tr className="border-y border-black text-left">
              <th scope="col" className="py-0.5">
                Pass
              </th>
              {['Reading', 'Infeed', size].map((title) => (
                <th key={title} scope="col" className="text-right">
                  {title}
                </th>
              ))}
              <th scope="col" className="w-12 pl-2">
                Cut
              </th>
            </tr>
          </thead>
          <tbody className="figures">
            {lines.slice(column * each, (column + 1) * each).map((line, index) =>
              line.kind === 'stop' ? (
                <tr key={index} className="border-b border-[#999]">
                  <td colSpan={4} className="py-0.5 font-medium">
                    ▸ {line.says}
                  </td>
                  <td className="pl-2">☐</td>
                </tr>
              ) : (
                <tr key={index} className="border-b border-[#999]">
                  <td className="py-0.5">
                    {line.n} <span className="text-[11px]">{line.says}</span>
                  </td>
                  <td className="text-right text-[13px] font-medium">{line.reading}</td>
                  <td className="text-right">{line.infeed}</td>
                  <td className="text-right">{line.size}</td>
                  <td className="pl-2">☐</td>
                </tr>
              ),
            )}
          </tbody>
        </table>
      ))}
    </div>
  );
}
