import 'server-only';

/** The first characters of a password are enough to judge it: more of them make it no easier to guess. */
const LOOKED_AT = 64;
/** The estimate goes from 0 to 4. With 0 or 1 a password is found by fewer than a million guesses. */
const GUESSED = 1;

type Look = (password: string, own: string[]) => number;

let looking: Promise<Look> | null = null;

/** The estimate with its lists of the commonest passwords; half a megabyte that most requests do not need. */
async function estimate(): Promise<Look> {
  const [{ ZxcvbnFactory }, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  const made = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  return (password, own) => made.check(password, own).score;
}

/** Whether a password stands in the lists of the commonest, or is made of them, a run, a date or the own name. */
export async function isGuessed(password: string, name: string): Promise<boolean> {
  looking ??= estimate();
  const look = await looking;
  return look(password.slice(0, LOOKED_AT), [name, ...name.split(/\s+/), 'oyakata']) <= GUESSED;
}
