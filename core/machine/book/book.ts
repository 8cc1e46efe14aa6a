import { readGauge, GAUGE_KINDS } from '@/core/measuring/gauging/gauge';
import { readMaterial } from '../shop/material';
import { readWorkHolding, HOLDING_KINDS } from '../shop/work-holding';
import { readToolDocument, TOOL_KINDS } from '@/core/thread/tool/tool-document';
import type { BookField } from './book-field';

/** A document of the shop's book, whichever kind. */
export type BookDocument = Record<string, unknown> & { name: string; format: string; version: number };

/** One kind of record of the shop's book: its document and its fields, in the order of form and table. */
export interface Book {
  title: string;
  one: string;
  format: string;
  version: number;
  read: (stored: unknown) => BookDocument;
  fields: readonly BookField[];
}

export const BOOK_KINDS = ['tool', 'holding', 'gauge', 'material'] as const;
export type BookKind = (typeof BOOK_KINDS)[number];

const words = (name: string, label: string, most: number, more: Partial<BookField> = {}): BookField => ({
  name,
  label,
  takes: 'words',
  most,
  ...more,
});
const NAME = words('name', 'Name', 80, { required: true, inTable: true });
const NOTE = words('note', 'Note', 500);
const length = (name: string, label: string, more: Partial<BookField> = {}): BookField => ({
  name,
  label,
  takes: 'length',
  ...more,
});
const choice = (
  name: string,
  label: string,
  options: readonly string[],
  more: Partial<BookField> = {},
): BookField => ({
  name,
  label,
  takes: 'choice',
  options,
  ...more,
});

/** Every kind but the lathes, which have a page of their own; the only place that lists them. */
export const BOOKS: Record<BookKind, Book> = {
  tool: {
    title: 'Tools',
    one: 'tool',
    format: 'oyakata-tool',
    version: 2,
    read: readToolDocument,
    fields: [
      NAME,
      choice('kind', 'Kind', TOOL_KINDS, { required: true, inTable: true }),
      words('material', 'Material', 80, { inTable: true }),
      choice('hand', 'Hand', ['right', 'left', 'neutral'], { inTable: true }),
      length('flat', 'Flat of the tip', { inTable: true }),
      length('radius', 'Radius of the tip', { inTable: true, note: 'Stoned, or as the insert’s box says.' }),
      {
        name: 'pitchFrom',
        label: 'Insert: finest pitch',
        takes: 'advance',
        inTable: true,
        note: '1.5 mm or 16 TPI.',
      },
      { name: 'pitchTo', label: 'Insert: coarsest pitch', takes: 'advance', inTable: true },
      { name: 'cornersLeft', label: 'Corners left', takes: 'whole', most: 100, inTable: true },
      length('barDiameter', 'Bar diameter'),
      length('reach', 'Reach of the bar'),
      { name: 'clearanceDeg', label: 'Side clearance', takes: 'figure', most: 90, unit: '°' },
      NOTE,
    ],
  },
  holding: {
    title: 'Work-holding',
    one: 'work-holding',
    format: 'oyakata-holding',
    version: 1,
    read: readWorkHolding,
    fields: [
      NAME,
      choice('kind', 'Kind', HOLDING_KINDS, { required: true, inTable: true }),
      length('least', 'Takes from', { inTable: true }),
      length('most', 'Takes to', { inTable: true }),
      choice('nose', 'Sits on', ['screwed', 'screwed-locked', 'long-taper', 'camlock', 'drawbar', 'none'], {
        inTable: true,
      }),
      length('runOut', 'Run-out, as measured', { inTable: true }),
      words('fits', 'Fits the lathes', 120, { inTable: true }),
      NOTE,
    ],
  },
  gauge: {
    title: 'Gauges',
    one: 'gauge',
    format: 'oyakata-gauge',
    version: 2,
    read: readGauge,
    fields: [
      NAME,
      choice('kind', 'Kind', GAUGE_KINDS, { required: true, inTable: true }),
      {
        name: 'sizes',
        label: 'Wires',
        takes: 'lengths',
        inTable: true,
        note: 'Diameters with their unit: 0.029 in; 0.725 mm.',
      },
      words('thread', 'Thread', 60, { inTable: true }),
      words('class', 'Class', 20, { inTable: true }),
      choice('side', 'Side', ['go', 'no-go', 'both'], { inTable: true }),
      length('size', 'Its own pitch diameter', { inTable: true }),
      length('uncertainty', 'Known to within'),
      { name: 'calibrated', label: 'Calibrated', takes: 'day', note: '2026-05-01' },
      { name: 'due', label: 'Due again', takes: 'day', inTable: true },
      NOTE,
    ],
  },
  material: {
    title: 'Materials',
    one: 'material',
    format: 'oyakata-material',
    version: 1,
    read: readMaterial,
    fields: [
      NAME,
      words('group', 'Group', 60, { inTable: true }),
      {
        name: 'speedSteel',
        label: 'Threading speed, high-speed steel',
        takes: 'figure',
        most: 2000,
        unit: 'm/min',
        inTable: true,
      },
      {
        name: 'speedCarbide',
        label: 'Threading speed, carbide',
        takes: 'figure',
        most: 2000,
        unit: 'm/min',
        inTable: true,
      },
      {
        name: 'cuttingForce',
        label: 'Specific cutting force kc1.1',
        takes: 'figure',
        most: 20000,
        unit: 'N/mm²',
        inTable: true,
      },
      { name: 'forceExponent', label: 'Exponent mc', takes: 'figure', most: 1, inTable: true },
      words('oil', 'Cutting oil', 80, { inTable: true }),
      words('source', 'Figures from', 120, { inTable: true }),
      NOTE,
    ],
  },
};
