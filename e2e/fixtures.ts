import { EMPTY_PLAN_FORM } from '../core/plan';
import type { APIRequestContext } from './test';

export const GOOD_FORM = { ...EMPTY_PLAN_FORM, thread: '3/4-16 UNF-2A' };

/** For tests: an exercise of its own, handed out to one student; whoever asks is the instructor. */
export async function handedOut(
  request: APIRequestContext,
  title: string,
  studentId: number,
): Promise<{ exerciseId: number; attemptId: number; form: typeof GOOD_FORM }> {
  const form = { ...GOOD_FORM, title };
  const { id } = (await (await request.post('/api/exercises')).json()) as { id: number };
  const response = await request.post(`/api/exercises/${id}/hand-out`, {
    data: { form, draftVersion: 0, studentIds: [studentId] },
  });
  const { attempts } = (await response.json()) as { attempts: { id: number }[] };
  return { exerciseId: id, attemptId: attempts[0]?.id ?? 0, form };
}
