import 'server-only';

/** What is looked at of a long one: the rest makes it no easier. */
const LOOKED_AT = 64;
/** 0 and 1 of 0 to 4: found by fewer than a million guesses. */
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
