import { useCallback } from 'react';
import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import { deviceId, deviceTime, nextSequence } from '@/ui/shell/device';
import { newId } from '@/ui/shell/new-id';
import { send } from '@/ui/shell/send';
import type { Answer } from './worksheet-panel';

/** Sends answers to the worksheet of an attempt. What is right is with the server: without it nothing is judged. */
export function useWorksheet(attemptId: number, onTaken: () => Promise<void>): Answer {
  return useCallback(
    async (question, answer, told = false) => {
      const sent = await send('POST', `/api/attempts/${attemptId}/entries`, {
        id: newId(),
        device: deviceId(),
        sequence: nextSequence(),
        after: null,
        deviceTime: deviceTime(),
        format: ENTRY_KINDS.worksheet.format,
        content: { kind: 'worksheet', question, answer: told ? '' : answer, told },
      });
      if (!sent.ok)
        return sent.later
          ? 'The worksheet needs the network: what is right is with the server. What you typed stays.'
          : (sent.fields[0]?.message ?? sent.message);
      await onTaken();
      return null;
    },
    [attemptId, onTaken],
  );
}
