/**
 * Who may sign a hold point, as it stands in a form: nobody has to, the instructor, or a helper too.
 * @example readHold('helper') // { hold: true, helper: true }
 */
export function readHold(text: string): { hold: boolean; helper: boolean } {
  return { hold: text === 'yes' || text === 'helper', helper: text === 'helper' };
}

/** The text of a hold point in a form. */
export function holdChoice({ hold, helper }: { hold: boolean; helper: boolean }): string {
  if (!hold) return '';
  return helper ? 'helper' : 'yes';
}
