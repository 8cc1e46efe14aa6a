import { fireEvent, render, screen } from '@testing-library/react';
import { BOOK } from '@/demo/book';
import { readGauge } from '@/core/measuring/gauging/gauge';
import { readToolDocument } from '@/core/thread/tool/tool-document';
import { completeBrowser } from '@/ui/test/browser';
import { Planned } from '@/ui/test/planning';
import { ProofFields } from './proof-fields';
import { ToolFields } from './tool-fields';

completeBrowser();

const tools = BOOK.tool.map((document, index) => ({ id: index + 1, document: readToolDocument(document) }));
const gauges = BOOK.gauge.map((document, index) => ({ id: index + 20, document: readGauge(document) }));
const M16 = { 'thread.designation': 'M16x2-6g' };
const insert = tools.find(({ document }) => document.name === 'Insert, medium')!;

test('a tool of the book fills the fields; typed otherwise it says so, and is taken over again', () => {
  render(
    <Planned form={M16} book={{ tools, gauges }}>
      <ToolFields />
    </Planned>,
  );
  fireEvent.change(screen.getByLabelText('Tool of the shop’s book'), {
    target: { value: String(insert.id) },
  });
  const radius = screen.getByLabelText<HTMLInputElement>('Radius of the insert');
  expect(radius.value).toBe(`${insert.document.radius!.value} ${insert.document.radius!.unit}`);
  expect(screen.queryByText(/say otherwise than the book/)).toBeNull();
  fireEvent.change(radius, { target: { value: '0.2' } });
  expect(screen.getByText(/say otherwise than the book/)).not.toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'As in the book' }));
  expect(radius.value).toContain(String(insert.document.radius!.value));
});

test('bars are offered for a bore only; without a book there is nothing to choose', () => {
  const { unmount } = render(
    <Planned form={M16} book={{ tools, gauges }}>
      <ToolFields />
    </Planned>,
  );
  const options = () =>
    screen.getAllByRole('option').map((option) => option.textContent?.replace(/ \(No\. \d+\)$/, ''));
  const outside = tools.filter(({ document }) => !document.kind.startsWith('bar'));
  expect(options()).toEqual(['none, as typed below', ...outside.map(({ document }) => document.name)]);
  unmount();
  render(
    <Planned form={M16}>
      <ToolFields />
    </Planned>,
  );
  expect(screen.queryByLabelText('Tool of the shop’s book')).toBeNull();
});

test('a gauge that is due for calibration is warned of', () => {
  const ring = gauges.find(({ document }) => document.kind === 'ring')!;
  const old = { ...ring, document: { ...ring.document, due: '2020-01-01' } };
  render(
    <Planned
      form={{ ...M16, 'proof.evidence.0.kind': 'gauge', 'proof.evidence.0.record': String(ring.id) }}
      book={{ tools, gauges: [old] }}
    >
      <ProofFields />
    </Planned>,
  );
  expect(screen.getByText(/due 2020-01-01: it is due for calibration/)).not.toBeNull();
});
