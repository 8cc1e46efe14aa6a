import { readBookForm, type BookForm } from '@/core/machine/book/read-book-form';
import type { BookDocument, BookKind } from '@/core/machine/book/book';

/** Records as an instructor would type them. */
function records(kind: BookKind, forms: BookForm[]): BookDocument[] {
  return forms.map((form) => {
    const read = readBookForm(kind, form);
    if (!read.ok) throw new Error(`${form.name}: ${read.issues[0]?.field} ${read.issues[0]?.message}`);
    return read.value;
  });
}

/** Tools, work-holding, gauges and materials of the demo shop. */
export const BOOK: Record<BookKind, BookDocument[]> = {
  tool: records('tool', [
    {
      name: 'Ground 60° no. 1',
      kind: 'ground',
      material: 'high-speed steel',
      hand: 'right',
      flat: '0.0078 in',
    },
    { name: 'Ground 60° no. 2, keen', kind: 'ground', material: 'high-speed steel', hand: 'right' },
    { name: 'Ground 60° left', kind: 'ground', material: 'high-speed steel', hand: 'left', radius: '0.2 mm' },
    {
      name: 'Insert, fine',
      kind: 'insert',
      material: 'carbide',
      hand: 'right',
      radius: '0.05 mm',
      pitchFrom: '0.5 mm',
      pitchTo: '1.5 mm',
      cornersLeft: '5',
    },
    {
      name: 'Insert, medium',
      kind: 'insert',
      material: 'carbide',
      hand: 'right',
      radius: '0.11 mm',
      pitchFrom: '1.75 mm',
      pitchTo: '3 mm',
      cornersLeft: '2',
      note: 'One corner chipped on the collar.',
    },
    {
      name: 'Bar 12',
      kind: 'bar-ground',
      material: 'high-speed steel',
      barDiameter: '12 mm',
      reach: '40 mm',
      clearanceDeg: '8',
    },
    {
      name: 'Bar 16, insert',
      kind: 'bar-insert',
      material: 'carbide',
      barDiameter: '16 mm',
      reach: '55 mm',
      radius: '0.11 mm',
      pitchFrom: '1.75 mm',
      pitchTo: '3 mm',
      cornersLeft: '3',
    },
  ]),
  holding: records('holding', [
    {
      name: 'Three-jaw 160',
      kind: 'chuck',
      least: '3 mm',
      most: '160 mm',
      nose: 'camlock',
      runOut: '0.04 mm',
      fits: 'Lathe 1, Lathe 5',
    },
    {
      name: 'Three-jaw 5 in',
      kind: 'chuck',
      least: '0.1 in',
      most: '5 in',
      nose: 'screwed',
      runOut: '0.003 in',
      fits: 'Lathe 2',
    },
    {
      name: 'Four-jaw 200',
      kind: 'four-jaw',
      least: '10 mm',
      most: '200 mm',
      nose: 'camlock',
      fits: 'Lathe 1, Lathe 5',
    },
    {
      name: 'Collets 3 to 25',
      kind: 'collet',
      least: '3 mm',
      most: '25 mm',
      nose: 'drawbar',
      runOut: '0.01 mm',
      fits: 'Lathe 3, Lathe 6',
    },
    { name: 'Dogs 8 to 30', kind: 'dog', least: '8 mm', most: '30 mm', nose: 'none' },
  ]),
  gauge: records('gauge', [
    {
      name: 'Ring pair M16x2',
      kind: 'ring',
      thread: 'M16x2-6g',
      side: 'both',
      calibrated: '2026-02-10',
      due: '2027-02-10',
    },
    {
      name: 'Plug pair 7/8-9',
      kind: 'plug',
      thread: '7/8-9 UNC-2B',
      class: '2B',
      side: 'both',
      calibrated: '2025-09-01',
      due: '2026-09-01',
      note: 'Overdue: send it off.',
    },
    {
      name: 'Nut 3/4-16, shop’s own',
      kind: 'nut',
      thread: '3/4-16 UNF-2B',
      size: '0.7112 in',
      uncertainty: '0.0003 in',
    },
    {
      name: 'Master stud 3/8-24',
      kind: 'master',
      thread: '3/8-24 UNF-3A',
      size: '0.3465 in',
      uncertainty: '0.0002 in',
    },
    { name: 'Micrometer 0-25', kind: 'micrometer', calibrated: '2026-04-20', due: '2027-04-20' },
    {
      name: 'Thread micrometer 0-25',
      kind: 'thread-micrometer',
      calibrated: '2026-04-20',
      due: '2027-04-20',
    },
    { name: 'Centre gauge 60°', kind: 'centre-gauge' },
  ]),
  material: records('material', [
    {
      name: 'Mild steel',
      group: 'steel',
      speedSteel: '10',
      speedCarbide: '60',
      oil: 'sulphured oil',
      source: 'common practice',
    },
    {
      name: 'Bronze',
      group: 'copper alloy',
      speedSteel: '15',
      speedCarbide: '90',
      oil: 'dry',
      source: 'common practice',
    },
    {
      name: 'Free-cutting brass',
      group: 'copper alloy',
      speedSteel: '25',
      speedCarbide: '120',
      oil: 'dry',
      source: 'common practice',
    },
  ]),
};
