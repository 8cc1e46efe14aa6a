import { bad, type Result } from '@/core/base/errors/field-issue';
import { allFinite } from '@/core/base/json/all-finite';
import { readJson } from '@/core/base/json/read-json';
import { calcBore } from './calc-bore';
import { calcCompound } from './calc-compound';
import { calcDepth } from './calc-depth';
import { calcDial } from './calc-dial';
import { calcGears } from './calc-gears';
import { calcGroove } from './calc-groove';
import { calcIdentify } from './calc-identify';
import { calcLimits } from './calc-limits';
import { calcNext } from './calc-next';
import { calcNut } from './calc-nut';
import { calcRescue } from './calc-rescue';
import { calcSchedule } from './calc-schedule';
import { calcSlip } from './calc-slip';
import { calcSpeed } from './calc-speed';
import { calcWires } from './calc-wires';

/** The kinds of request, by name. */
export const CALC_KINDS: Record<string, (request: unknown) => Result<object>> = {
  limits: calcLimits,
  wires: calcWires,
  depth: calcDepth,
  bore: calcBore,
  identify: calcIdentify,
  nut: calcNut,
  dial: calcDial,
  gears: calcGears,
  compound: calcCompound,
  speed: calcSpeed,
  schedule: calcSchedule,
  groove: calcGroove,
  slip: calcSlip,
  rescue: calcRescue,
  next: calcNext,
};

export interface CalcError {
  error: { code: string; field: string; message: string };
}

/** Answers one request given as JSON text: the answer, or `{ error }`. An `id` of the request is repeated. */
export function calc(kind: string, json: string): { ok: boolean; answer: object | CalcError } {
  const run = Object.hasOwn(CALC_KINDS, kind) ? CALC_KINDS[kind] : undefined;
  if (run === undefined)
    return refuse(
      'unknown-kind',
      'kind',
      `There is no kind “${kind}”: use ${Object.keys(CALC_KINDS).join(', ')}.`,
    );
  const parsed = readJson(json);
  if (!parsed.ok) {
    const { code, field, message } = parsed.issues[0] ?? NO_REASON;
    return code === 'not-json'
      ? refuse('not-json', 'request', 'The request is not readable JSON.')
      : refuse(code, field === '' ? 'request' : field, message);
  }
  const request = parsed.value;
  if (typeof request !== 'object' || request === null || Array.isArray(request)) {
    return refuse('not-an-object', 'request', 'The request must be a JSON object.');
  }
  const id = 'id' in request ? { id: request.id } : {};
  const result = answerOf(run, request);
  if (result.ok) return { ok: true, answer: { ...id, ...result.value } };
  const issue = result.issues[0];
  return {
    ok: false,
    answer: {
      ...id,
      error: {
        code: issue?.code ?? 'invalid',
        field: issue?.field ?? 'request',
        message: issue?.message ?? '',
      },
    },
  };
}

const NO_REASON = { code: 'failed', field: 'request', message: '' } as const;

/** One line that fails must not take the later ones with it: an exception is an answer on its own line. */
function answerOf(run: (request: unknown) => Result<object>, request: unknown): Result<object> {
  try {
    const result = run(request);
    return result.ok && !allFinite(result.value)
      ? bad('request', 'out-of-range', 'These figures lead beyond every number: use those of a real thread.')
      : result;
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return bad('request', 'failed', `The computation failed (${reason}). Tell whoever keeps the program.`);
  }
}

function refuse(code: string, field: string, message: string): { ok: false; answer: CalcError } {
  return { ok: false, answer: { error: { code, field, message } } };
}
