'use client';

import { createColumnHelper, getCoreRowModel, useReactTable } from '@tanstack/react-table';
import { useState, type ReactNode } from 'react';
import { ATTEMPT_STATES } from '@/core/exercise/record/state/record-state';
import type { Why } from '@/core/base/explain/why';
import { SectionDrawing } from '@/ui/drawing/section-drawing';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Dialog } from '@/ui/kit/dialog';
import { Field } from '@/ui/kit/field';
import { Figure } from '@/ui/kit/figure';
import { Message } from '@/ui/kit/message';
import type { RibbonPass } from '@/ui/kit/ribbon-pass';
import { PassRibbon } from '@/ui/kit/pass-ribbon';
import { RuledTable } from '@/ui/kit/ruled-table';
import { StageRail } from '@/ui/kit/stage-rail';
import { StandingMark, StateMark } from '@/ui/kit/state-mark';
import { Table } from '@/ui/kit/table';
import { Tabs } from '@/ui/kit/tabs';
import { TargetStrip } from '@/ui/kit/target-strip';
import { useToast } from '@/ui/kit/toast';

const WHY: Why = {
  title: 'Compound feed',
  formula: 'c = h / cos θ',
  numbers: '0.0396 / cos 29.5° = 0.0455 in',
  source: 'Geometry; θ counts from the cross-slide axis',
  assumes: 'The dial reads the compound’s own travel.',
};

const PASSES: RibbonPass[] = [
  { n: 1, kind: 'scratch', infeed: 2, chip: 0.3, reading: '0.002' },
  { n: 2, kind: 'rough', infeed: 10, chip: 1.9, reading: '0.012' },
  { n: 3, kind: 'rough', infeed: 7, chip: 1.8, reading: '0.019' },
  { n: 4, kind: 'rough', infeed: 6, chip: 1.9, reading: '0.025' },
  { n: 5, kind: 'finish', infeed: 1, chip: 0.4, reading: '0.026' },
  { n: 6, kind: 'spring', infeed: 0, chip: 0, reading: '0.026' },
];

const COLOURS = [
  'dye',
  'dye-deep',
  'dye-soft',
  'scribe',
  'paper',
  'paper-raised',
  'paper-sunk',
  'ink',
  'ink-soft',
  'rule',
  'rule-strong',
  'brass',
  'brass-bright',
  'go',
  'nogo',
];

const column = createColumnHelper<RibbonPass>();
const COLUMNS = [
  column.accessor('n', { header: 'Pass', meta: { number: true } }),
  column.accessor('kind', { header: 'Kind' }),
  column.accessor('reading', { header: 'Dial reading, in', meta: { number: true } }),
];

const TABS = [
  { id: 'one', title: 'One' },
  { id: 'two', title: 'Two' },
];

/** The parts of which every view is built. */
const FEEDS = [0.002, 0.012, 0.019, 0.025, 0.032, 0.046].map((reading) => ({ reading, start: 0 }));

export function KitPage() {
  const say = useToast();
  const [choice, setChoice] = useState('flat');
  const [pass, setPass] = useState(3);
  const [stage, setStage] = useState('blank');
  const [tab, setTab] = useState('one');
  const [open, setOpen] = useState(false);
  const table = useReactTable({ data: PASSES, columns: COLUMNS, getCoreRowModel: getCoreRowModel() });
  return (
    <main className="mx-auto grid max-w-6xl gap-6 p-6">
      <h1 className="text-4xl">Kit</h1>
      <Part name="Colours">
        <ul className="grid grid-cols-5 gap-2">
          {COLOURS.map((colour) => (
            <li key={colour} className="flex items-center gap-2 text-sm">
              <span
                aria-hidden
                className="size-8 border border-rule-strong"
                style={{ background: `var(--color-${colour})` }}
              />
              {colour}
            </li>
          ))}
        </ul>
      </Part>
      <Part name="Type">
        <p className="font-head text-2xl font-semibold">Headings: condensed</p>
        <p>Text: what to do, short, in the imperative.</p>
        <p className="figures text-2xl">Figures 0.7054 16.317</p>
        <p className="label">Label</p>
      </Part>
      <Part name="Field">
        <div className="grid grid-cols-4 gap-3">
          <Field label="Plain" unit="in" defaultValue="0.748" />
          <Field label="Proposed" unit="in" placeholder="0.7438 proposed" note="A little under nominal." />
          <Field label="Attend" unit="rpm" defaultValue="300" warning="Only 0.6 s in the run-out groove." />
          <Field label="Wrong" unit="in" defaultValue="0,748" error="Use a decimal point: 0.748." />
        </div>
        <Field size="bench" label="At the lathe" unit="mm" defaultValue="15.88" className="mt-3 w-80" />
      </Part>
      <Part name="Choice and buttons">
        <div className="grid grid-cols-2 gap-3">
          <Choice
            label="Tip of the tool"
            value={choice}
            onChange={setChoice}
            options={[
              { value: 'flat', text: 'Flat' },
              { value: 'radius', text: 'Radius' },
              { value: 'sharp', text: 'Sharp' },
            ]}
          />
          <div className="flex items-end gap-2">
            <Button tone="main">Main</Button>
            <Button>Plain</Button>
            <Button tone="quiet">Quiet</Button>
            <Button disabled>Not now</Button>
            <Button tone="main" size="bench">
              At the lathe
            </Button>
          </div>
        </div>
      </Part>
      <Part name="Messages">
        <Message tone="error">What is wrong, and what would be right.</Message>
        <Message tone="warning">Attend to this; it does not stop you.</Message>
        <Message tone="note">How the entry was read.</Message>
      </Part>
      <Part name="Figure with its why">
        <div className="flex gap-10">
          <Figure label="Compound feed" value="0.0455" unit="in" why={WHY} />
          <Figure label="Compound feed" size="large" value="0.0455" unit="in" sub="dial to 0.046" why={WHY} />
          <Figure label="Not yet" value={null} />
        </div>
      </Part>
      <Part name="Target strip">
        <TargetStrip label="Example of a target strip">
          <Figure
            onDye
            size="large"
            label="Pitch diameter"
            value="0.7054"
            unit="in"
            sub="0.7029 – 0.7079"
            why={WHY}
          />
          <Figure onDye size="large" label="Graduation to set" value="60.5°" sub="0 along the bed" />
          <Figure onDye size="large" label="Compound left" value="0.0000" unit="in" attend />
        </TargetStrip>
      </Part>
      <Part name="Stage rail and marks of standing">
        <div className="grid grid-cols-[14rem_1fr] gap-6">
          <div className="h-52">
            <StageRail
              label="Example of a rail"
              chosen={stage}
              onChoose={setStage}
              stages={[
                { id: 'thread', title: 'Thread', result: '3/4-16 UNF-2A', standing: 'good' },
                { id: 'blank', title: 'Blank', result: '⌀ 0.7500 in', standing: 'attend' },
                { id: 'tool', title: 'Tool', result: 'mend the field', standing: 'bad' },
                { id: 'passes', title: 'Passes', result: '—', standing: 'open' },
              ]}
            />
          </div>
          <div className="grid content-start gap-3">
            <p className="flex gap-4">
              {(['open', 'done', 'good', 'attend', 'bad'] as const).map((standing) => (
                <span key={standing} className="flex items-center gap-1.5">
                  <StandingMark standing={standing} /> {standing}
                </span>
              ))}
            </p>
            <p className="flex flex-wrap gap-4">
              {ATTEMPT_STATES.map((state) => (
                <StateMark key={state} state={state} total={state === 'marked' ? 92 : null} passed />
              ))}
              <StateMark state="marked" total={38} passed={false} />
            </p>
          </div>
        </div>
      </Part>
      <Part name="Drawing frame">
        <div className="h-72">
          <SectionDrawing
            width={1080}
            height={288}
            groove={{
              pitch: 0.0625,
              starts: 1,
              fed: 1,
              tip: { kind: 'flat', flat: 0.0078 },
              flankAngleDeg: 30,
              compoundAngleDeg: 29.5,
            }}
            unit="in"
            side="external"
            workDiameter={0.744}
            pitchDiameter={{ min: 0.7029, max: 0.7079, target: 0.7054 }}
            rootDiameter={0.6648}
            feeds={FEEDS}
            chosen={pass}
            pitchText="P 0.0625"
          />
        </div>
      </Part>
      <Part name="Pass ribbon">
        <PassRibbon passes={PASSES} chosen={pass} onChoose={setPass} />
      </Part>
      <Part name="Table">
        <Table
          table={table}
          caption="Example of a table"
          rowClass={(row) => (row.original.n === pass ? 'bg-brass-wash' : '')}
          onRowClick={(row) => setPass(row.original.n)}
        />
      </Part>
      <Part name="Ruled table">
        <RuledTable
          titled
          caption="Example of a ruled table"
          columns={[{ title: 'Quantity' }, { title: 'min – max, in', number: true }]}
        >
          <tr className="border-t border-rule">
            <th scope="row" className="px-2 py-1 text-left font-medium">
              Pitch diameter
            </th>
            <td className="figures px-2 text-right">0.7029 – 0.7079</td>
          </tr>
        </RuledTable>
      </Part>
      <Part name="Tabs">
        <div className="h-28">
          <Tabs label="Example of tabs" value={tab} onChange={setTab} tabs={TABS}>
            <p className="p-3">{tab === 'one' ? 'The first of a few views of one thing.' : 'The second.'}</p>
          </Tabs>
        </div>
      </Part>
      <Part name="Dialog and toast">
        <div className="flex gap-2">
          <Button onClick={() => setOpen(true)}>Open a dialog</Button>
          <Button onClick={() => say('Revision 1 handed out to 4 students.')}>Say something</Button>
          <Button onClick={() => say('The server does not answer.', 'bad')}>Say what failed</Button>
        </div>
        <Dialog
          open={open}
          onOpenChange={setOpen}
          title="Confirm 92 points?"
          description="The mark is then final."
        >
          <Button tone="main" onClick={() => setOpen(false)}>
            Confirm
          </Button>
        </Dialog>
      </Part>
    </main>
  );
}

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section aria-label={name}>
      <h2 className="mb-2 border-b border-rule-strong text-xl">{name}</h2>
      {children}
    </section>
  );
}
