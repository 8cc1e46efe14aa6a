import { readRecord } from './read-record';
import type { FieldIssue } from '@/core/base/errors/field-issue';
import { REGISTER_MADE, REGISTER_PLACES, type RegisterShape } from '@/core/machine/blank/part-shape';
import type { WorkEnd } from '@/core/machine/technique/choices';
import { parseAngleDeg } from '@/core/base/units/parse-angle';
import { parseLength } from '@/core/base/units/parse-length';
import { saidText } from '@/core/base/documents/visible-text';
import type { Length, LengthUnit } from '@/core/base/units/length';
import { leafOf, type PlanField, type PlanForm } from '../draft';
import { RELIEFS } from '../plan-names';
import { readChoice } from './read-choice';

/** What the plan says of the part beside its diameter; null where it says nothing, undefined where it could not be read. */
export interface WorkInput {
  threadLength: Length | null | undefined;
  totalLength: Length | null | undefined;
  room: Length | null | undefined;
  reliefDiameter: Length | null | undefined;
  reliefBy: (typeof RELIEFS)[number];
  chamfer: { angleDeg: number | null; diameter: Length | null };
  register: {
    diameter: Length | null;
    length: Length | null;
    seatsOnFace: boolean;
  } & Pick<RegisterShape, 'at' | 'made'>;
  material: string | null;
  stickOut: Length | null | undefined;
  toolMaterial: string | null;
  /** Number of the tool in the shop's book. */
  toolRecord: number | null;
  /** Of a boring bar. */
  bar: { diameter: Length | null | undefined; reach: Length | null | undefined };
}

/** The field that holds the length of an end: each kind keeps its own, so that it comes back with the choice. */
export const END_LENGTH_FIELD: Record<WorkEnd, 'width' | 'boss' | 'standOff' | 'imperfect'> = {
  groove: 'width',
  recess: 'width',
  boss: 'boss',
  through: 'standOff',
  mark: 'imperfect',
};

export function readWork(form: PlanForm, unit: LengthUnit, issues: FieldIssue[]): WorkInput {
  const length = (field: PlanField): Length | null | undefined => {
    const text = leafOf(form, field);
    if (text.trim() === '') return null;
    const read = parseLength(field, text, unit);
    if (read.ok && read.value.length.value > 0) return read.value.length;
    issues.push(
      ...(read.ok
        ? [{ field, code: 'out-of-range' as const, message: 'Type a length greater than 0.' }]
        : read.issues),
    );
    return undefined;
  };
  const text = (field: PlanField): string | null => {
    const said = saidText(leafOf(form, field));
    if (said.length > 120) issues.push({ field, code: 'too-long', message: 'At most 120 characters.' });
    return said === '' ? null : said.slice(0, 120);
  };
  const angle = (field: PlanField): number | null => {
    const typed = leafOf(form, field);
    if (typed.trim() === '') return null;
    const read = parseAngleDeg(field, typed, 5, 85);
    if (read.ok) return read.value;
    issues.push(...read.issues);
    return null;
  };
  const hasRelief = ['', 'groove', 'recess'].includes(form.work.end.kind);
  return {
    threadLength: length('work.threadLength'),
    totalLength: length('work.totalLength'),
    room: length('work.end.room'),
    reliefDiameter: length('work.end.diameter'),
    reliefBy: readChoice(form, 'work.end.reliefBy', RELIEFS, hasRelief ? issues : null) ?? 'planned-root',
    chamfer: {
      angleDeg: angle('work.chamfer.angle'),
      diameter: length('work.chamfer.diameter') ?? null,
    },
    register: {
      diameter: length('work.register.diameter') ?? null,
      length: length('work.register.length') ?? null,
      seatsOnFace: form.work.register.face === 'yes',
      at: readChoice(form, 'work.register.at', REGISTER_PLACES, issues) ?? 'behind',
      made: readChoice(form, 'work.register.made', REGISTER_MADE, issues) ?? 'before',
    },
    material: text('work.material'),
    stickOut: length('holding.stickOut'),
    toolMaterial: text('tool.material'),
    toolRecord: readRecord(form.tool.record),
    bar: { diameter: length('tool.bar.diameter'), reach: length('tool.bar.reach') },
  };
}
