'use client';

import { useRouter } from 'next/navigation';
import { Button } from '@/ui/kit/button';
import { useToast } from '@/ui/kit/toast';
import { send } from '@/ui/shell/send';

/** What was cut here becomes the table of a new exercise: the instructor's own try is the model. */
export function PlanFromLog({ attemptId }: { attemptId: number }) {
  const router = useRouter();
  const say = useToast();
  async function make() {
    const sent = await send<{ id: number }>('POST', `/api/attempts/${attemptId}/plan`);
    if (sent.ok) router.push(`/exercises/${sent.value.id}`);
    else say(sent.message, 'bad');
  }
  return (
    <Button className="min-h-12" onClick={() => void make()}>
      Plan from this log
    </Button>
  );
}
