import { part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import type { EntryKind } from '../entry-kind';
import { asItWas } from '../as-it-was';
import { kindOf } from '../kind-of';

export interface SignOffContent {
  kind: 'sign-off';
  stepId: string;
}

/** Whoever may has looked at a hold point. */
export const signOffKind: EntryKind<'sign-off', SignOffContent> = {
  kind: 'sign-off',
  format: 2,
  schema: part({ kind: kindOf('sign-off'), stepId: words(40).min(1) }),
  lifts: { 1: asItWas },
  writtenBy: ['instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: true,
  needsNetwork: true,
  undoable: true,
  freeText: [],
  read: ({ stepId }, { sheet }) => {
    const held = [...sheet.steps, ...sheet.stops].find(({ id, hold }) => id === stepId && hold);
    const step = held ?? sheet.steps.find(({ id, kind }) => id === stepId && kind === 'sign-off');
    return step !== undefined
      ? good({ kind: 'sign-off', stepId: step.id })
      : bad('stepId', 'unreadable', 'There is no such hold point in this plan.');
  },
  words: () => ({ title: 'Instructor looked', detail: 'signed off' }),
};
