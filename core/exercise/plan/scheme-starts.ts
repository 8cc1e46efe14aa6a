import type { SchemeStart } from './plan-names';

/** What a plan begins with of each scheme: how it is called, for whom it is, and the points of its sections. */
interface SchemeBeginning {
  name: string;
  says: string;
  points: { worksheet: number; setUp: number; passes: number; result: number; talk: number };
}

export const SCHEME_BEGINNINGS: Readonly<Record<SchemeStart, SchemeBeginning>> = {
  usual: {
    name: 'The usual',
    says: 'Set-up, passes and the part, each with its share. What is looked at or asked counts where somebody did so.',
    points: { worksheet: 0, setUp: 30, passes: 30, result: 40, talk: 0 },
  },
  'set-up-first': {
    name: 'Set-up and order first',
    says: 'For the first weeks: setting up right and in order is worth most, the size comes later.',
    points: { worksheet: 0, setUp: 60, passes: 25, result: 15, talk: 0 },
  },
  'part-alone': {
    name: 'The part alone',
    says: 'By its proof, by eye and by one question. No log is asked for.',
    points: { worksheet: 0, setUp: 0, passes: 0, result: 85, talk: 15 },
  },
  competences: {
    name: 'Competences: yes or not yet',
    says: 'Each competence is there, or not yet. Eight of ten make it.',
    points: { worksheet: 0, setUp: 0, passes: 0, result: 100, talk: 0 },
  },
};
