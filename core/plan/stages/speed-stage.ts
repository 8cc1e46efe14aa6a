import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';

/** A reaction time that leaves a beginner room to open the half nut; common practice. */
export const REACTION_SECONDS = 1.2;

/** The time that the hand has in the run-out groove. */
export const speedStage = remember(
  (
    lead: number,
    width: number | null,
    rpm: number | null,
  ): { timeInRunOut: number | null; issues: PlanIssue[] } => {
    if (width === null || rpm === null) return { timeInRunOut: null, issues: [] };
    const timeInRunOut = (60 * width) / (rpm * lead);
    if (timeInRunOut >= REACTION_SECONDS) return { timeInRunOut, issues: [] };
    const facts = { rpm: Math.floor((60 * width) / (REACTION_SECONDS * lead)) };
    return {
      timeInRunOut,
      issues: [
        {
          field: 'technique.speed',
          code: 'little-time',
          severity: 'warn',
          value: timeInRunOut,
          limit: REACTION_SECONDS,
          unit: 's',
          facts,
        },
      ],
    };
  },
);
