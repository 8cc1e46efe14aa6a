import 'server-only';
import { teachingOf } from './access';
import { outcomeOf, refuseFields, type Outcome } from './outcome';
import type { PersonView } from './people';
import { change } from './query';

/** Minutes that can be chosen: shorter is a nuisance at the lathe, longer no protection. */
const IDLE_CHOICES: readonly number[] = [5, 15, 30, 60, 120];

/** What the shop asks of those who mark. */
export function setSignInRules(
  viewer: PersonView,
  { idleMinutes, secondFactor }: { idleMinutes: number; secondFactor: boolean },
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    await teachingOf(viewer);
    if (!IDLE_CHOICES.includes(idleMinutes))
      refuseFields([{ field: 'idleMinutes', message: `Choose ${IDLE_CHOICES.join(', ')} minutes.` }]);
    await change('UPDATE shop SET idle_minutes = ?, second_factor = ? WHERE id = 1', [
      idleMinutes,
      secondFactor ? 1 : 0,
    ]);
    return null;
  });
}
