import { draftDocument, EMPTY_PLAN_FORM, formFrom, withLeaf, type PlanForm } from './draft';

/** A way of working to begin a plan with: what differs from the usual one, field by field. */
export interface Starter {
  id: string;
  name: string;
  says: string;
  leaves: Readonly<Record<string, string>>;
}

/** The ways that most shops teach (common practice); a plan begun with one is edited like any other. */
export const STARTERS: readonly Starter[] = [
  {
    id: 'usual',
    name: 'Thread dial, compound, wires',
    says: 'Half nut opened over a run-out groove, compound half a degree under the flank, proved over wires.',
    leaves: {},
  },
  {
    id: 'reversing-nut',
    name: 'Half nut closed, proved by the nut',
    says: 'The spindle is reversed, the nut is tried before the last cuts. For metric on an inch lead screw too.',
    leaves: { 'technique.drive': 'reversing', 'proof.evidence.0.kind': 'nut' },
  },
  {
    id: 'until-nut',
    name: 'So much each time until the nut goes',
    says: 'Plunged, the same infeed again and again; a check ends it, not a count.',
    leaves: {
      'infeed.way': 'plunge',
      'schedule.school': 'until',
      'proof.evidence.0.kind': 'nut',
    },
  },
  {
    id: 'away',
    name: 'Away from the headstock',
    says: 'Out of its groove, tool upside down, no race against the shoulder.',
    leaves: {
      'technique.direction': 'away-from-headstock',
      'technique.speed': '150',
      'technique.handLimit': 'keeps',
      'holding.kind': 'chuck',
    },
  },
  {
    id: 'between-centres',
    name: 'Between centres, thread micrometer',
    says: 'With a dog; the part can come out and go back by its marks.',
    leaves: { 'holding.kind': 'between-centres', 'proof.evidence.0.kind': 'thread-micrometer' },
  },
  {
    id: 'insert',
    name: 'Insert, plunged, pulled out at a line',
    says: 'Constant infeed, no scratch of a thousandth, no dry passes, no groove.',
    leaves: {
      'tool.tip.kind': 'insert',
      'infeed.way': 'plunge',
      'work.end.kind': 'mark',
      'schedule.school': 'constant-infeed',
    },
  },
  {
    id: 'through-bore',
    name: 'Through bore, far side, plug',
    says: 'An internal thread cut on its far side, tool upside down, compound as outside; a plug decides.',
    leaves: {
      'work.end.kind': 'through',
      'technique.side': 'back',
      'proof.evidence.0.kind': 'gauge',
    },
  },
  {
    id: 'trip-readout',
    name: 'Threading trip, readout',
    says: 'For a lathe that is built with a trip: plunged to absolute figures, rings decide.',
    leaves: {
      'technique.drive': 'trip',
      'infeed.way': 'readout',
      'proof.evidence.0.kind': 'gauge',
    },
  },
];

/** The form of a starter; title and thread that were typed before stay. */
export function startWith({ leaves }: Starter, typed: Pick<PlanForm, 'title' | 'thread'>): PlanForm {
  const begun = Object.entries(leaves).reduce((form, [field, text]) => withLeaf(form, field, text), {
    ...EMPTY_PLAN_FORM,
    ...typed,
  });
  return formFrom(draftDocument(begun));
}

/** The way of working of an exercise for another piece: what belongs to the piece is left out. */
export function wayOnly(form: PlanForm, typed: Pick<PlanForm, 'title' | 'thread'>): PlanForm {
  return {
    ...form,
    ...typed,
    work: { ...EMPTY_PLAN_FORM.work, end: { ...EMPTY_PLAN_FORM.work.end, kind: form.work.end.kind } },
    tool: {
      ...form.tool,
      tip: { ...EMPTY_PLAN_FORM.tool.tip, kind: form.tool.tip.kind },
    },
    schedule: {
      ...EMPTY_PLAN_FORM.schedule,
      school: form.schedule.school === 'chart' || form.schedule.school === 'own' ? '' : form.schedule.school,
      until: form.schedule.until,
      atMost: form.schedule.atMost,
    },
    proof: {
      target: '',
      evidence: form.proof.evidence.map((each) => ({
        ...each,
        wire: '',
        nut: '',
        nutUncertainty: '',
        least: '',
        most: '',
        fromReading: '',
      })),
    },
  };
}
