import type { Result } from '../errors/field-issue';
import { calcBore } from './calc-bore';
import { calcDepth } from './calc-depth';
import { calcLimits } from './calc-limits';
import { calcWires } from './calc-wires';

/** The kinds of request, by name. */
export const CALC_KINDS: Record<string, (request: unknown) => Result<object>> = {
  limits: calcLimits,
  wires: calcWires,
  depth: calcDepth,
  bore: calcBore,
};

export interface CalcError {
  error: { code: string; field: string; message: string };
}

/** Answers one request given as JSON text: the answer, or `{ error }`. An `id` of the request is repeated. */
export function calc(kind: string, json: string): { ok: boolean; answer: object | CalcError } {
  const run = CALC_KINDS[kind];
  if (run === undefined)
    return refuse(
      'unknown-kind',
      'kind',
      `There is no kind “${kind}”: use ${Object.keys(CALC_KINDS).join(', ')}.`,
    );
  let request: unknown;
  try {
    request = JSON.parse(json);
  } catch {
    return refuse('not-json', 'request', 'The request is not readable JSON.');
  }
  if (typeof request !== 'object' || request === null || Array.isArray(request)) {
    return refuse('not-an-object', 'request', 'The request must be a JSON object.');
  }
  const id = 'id' in request ? { id: request.id } : {};
  const result = run(request);
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

function refuse(code: string, field: string, message: string): { ok: false; answer: CalcError } {
  return { ok: false, answer: { error: { code, field, message } } };
}
