import { randomUUID } from 'node:crypto';
import { ENTRY_KINDS, type KnownKind } from '../core/exercise/record/entry/kinds';
import { EMPTY_PLAN_FORM, withLeaf, type PlanForm } from '../core/exercise/plan/draft';
import type { Sheet } from '../core/exercise/sheet/sheet';
import type { PlaywrightWorkerArgs } from '@playwright/test';
import { ask, personId } from './database';
import { INSTRUCTOR, requestAs } from './people';
import type { APIRequestContext } from './test';

export const GOOD_FORM: PlanForm = withLeaf(EMPTY_PLAN_FORM, 'thread.designation', '3/4-16 UNF-2A');

/** For tests: the id of a lathe of the shop by its name. */
export async function latheId(name = 'Lathe 1'): Promise<number> {
  const [row] = await ask<{ id: number }>(
    "SELECT item_id AS id FROM shop_revisions WHERE JSON_VALUE(document, '$.name') = ? ORDER BY id LIMIT 1",
    [name],
  );
  if (row === undefined) throw new Error(`No lathe is called ${name}.`);
  return row.id;
}

/** For tests: an exercise of its own on one lathe, handed out to one student; whoever asks is the instructor. */
export async function handedOut(
  request: APIRequestContext,
  title: string,
  studentId: number,
): Promise<{ exerciseId: number; attemptId: number; form: PlanForm; latheId: number }> {
  const form = { ...GOOD_FORM, title };
  const lathe = await latheId();
  const { id } = (await (await request.post('/api/exercises')).json()) as { id: number };
  const response = await request.post(`/api/exercises/${id}/hand-out`, {
    data: { form, draftVersion: 0, studentIds: [studentId], latheIds: [lathe] },
  });
  const { attempts } = (await response.json()) as { attempts: { id: number }[] };
  return { exerciseId: id, attemptId: attempts[0]?.id ?? 0, form, latheId: lathe };
}

const device = randomUUID();

/** For tests: an entry as a device sends it. */
export function entryBody(content: object, change: object = {}): { id: string } & Record<string, unknown> {
  return {
    id: randomUUID(),
    device,
    sequence: 1,
    after: null,
    deviceTime: new Date().toISOString(),
    format: formatOf(content),
    content,
    ...change,
  };
}

/** The format in which this release writes a kind of entry; of an unknown one the latest. */
function formatOf(content: object): number {
  const { kind } = content as { kind?: unknown };
  return typeof kind === 'string' && kind in ENTRY_KINDS ? ENTRY_KINDS[kind as KnownKind].format : 3;
}

/** For tests: a piece handed to a student, with whoever handed it out and the student, each signed in. */
export async function pieceOf(
  playwright: PlaywrightWorkerArgs['playwright'],
  baseURL: string | undefined,
  title: string,
  student: string,
) {
  const as = async (who: number | string) => {
    const context = await playwright.request.newContext({ ...(baseURL === undefined ? {} : { baseURL }) });
    await requestAs(context, who);
    return context;
  };
  const [instructor, id] = [await as(INSTRUCTOR), await personId(student)];
  const { attemptId } = await handedOut(instructor, title, id);
  const url = `/api/attempts/${attemptId}`;
  const { sheet } = (await (await instructor.get(url)).json()) as { sheet: Sheet };
  return { instructor, request: await as(id), attemptId, url, sheet };
}
