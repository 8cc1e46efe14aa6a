import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';
import { dialFor } from '@/core/machine/lathe/dial-for';
import { halfNutBy } from '@/core/machine/lathe/half-nut-by';
import { markNames, marksText } from '@/core/machine/lathe/mark-names';
import { screwOf } from '@/core/machine/lathe/screw-of';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { type RealDrive, DRIVE_DATA } from '@/core/machine/technique/drives';
import type { Thread } from '@/core/thread/standards/thread';
import {
  dialTurnSeconds,
  longestWaitSeconds,
  type WrongSeat,
} from '@/core/machine/thread-dial/between-marks';
import type { sheetDialSchema } from './sheet-dial-schema';

export type SheetDial = NonNullable<ReturnType<typeof sheetDialSchema.cast>>;

const NONE: Omit<SheetDial, 'use' | 'says'> = {
  gearTeeth: null,
  ofSeveral: false,
  marks: [],
  groups: [],
  turnsToRepeat: null,
  turnSeconds: null,
  waitSeconds: null,
};

/** The thread dial of a lathe for a thread and a drive, by exact arithmetic, in the machine's own labels. */
export function sheetDial(
  lathe: Lathe,
  thread: Thread,
  drive: RealDrive,
  rpm: number,
  markRule: 'any-safe' | 'same',
): SheetDial {
  const lead = leadOfThread(thread);
  const nut = halfNutBy(lathe, lead);
  const without = DRIVE_DATA[drive].withoutDial(lathe, nut);
  if (without !== null) return { ...NONE, ...without };
  const dial = dialFor(lathe, lead);
  const screw = screwOf(lathe);
  if (dial.usable && screw !== null) {
    const { gear, groups } = dial;
    const gearing = { screw, lead, gearTeeth: gear.teeth };
    const names = markNames(gear.marks);
    const groupOf = (index: number) => {
      const at = groups.findIndex((group) => group.includes(index));
      return at < 0 ? null : at;
    };
    const several = (lathe.threadDial?.gears.length ?? 0) > 1;
    return {
      use: nut.can && nut.by === 'any-place' ? 'any-place' : 'marks',
      gearTeeth: gear.teeth,
      ofSeveral: several,
      marks: gear.marks.map(({ label, at }, index) => ({
        label,
        at: at.toFraction(),
        name: names[index] ?? '',
        group: groupOf(index),
      })),
      groups: groups.map((group) => marksText(group, gear.marks)),
      turnsToRepeat: dial.turnsToRepeat,
      turnSeconds: dialTurnSeconds(gearing, rpm),
      waitSeconds: longestWaitSeconds(
        markRule === 'same' ? (groups[0] ?? []).slice(0, 1) : (groups[0] ?? []),
        gear.marks,
        gearing,
        rpm,
      ),
      says: [
        ...(several ? [`Mesh the gear of ${gear.teeth} teeth.`] : []),
        ruleOf(markRule, groups, gear.marks.length),
        ...(dial.wrong.length > 0 && dial.closesBetween ? [betweenWords(dial.wrong)] : []),
        ...lateWords(lathe),
        ...(lathe.threadDial?.swingsOut === true ? ['Swing its gear out of mesh after the job.'] : []),
      ],
    };
  }
  if (nut.can && nut.by === 'any-place') return { ...NONE, use: 'any-place', says: [ANY_PLACE] };
  return {
    ...NONE,
    use: 'not-known',
    says: ['Which dial marks are safe is not worked out: its dial is not written down.'],
  };
}

const ANY_PLACE =
  'The half nut finds the thread wherever it closes: every pitch of the lead screw is a whole number of leads.';
function ruleOf(rule: 'any-safe' | 'same', groups: readonly (readonly number[])[], marks: number): string {
  if (rule === 'same')
    return 'Always at the dial mark that was caught first. Missed: wait for it to come round.';
  const [first = []] = groups;
  if (first.length === marks) return 'Close at any dial mark.';
  return groups.length > 1
    ? 'Keep to the set of dial marks in which the first pass was caught. Missed: wait for the next of them.'
    : 'Only these dial marks. Missed: wait for the next of them.';
}

/** What closing between the marks would do, at the worst seat that is nearest to half a lead. */
function betweenWords(wrong: readonly WrongSeat[]): string {
  const halves = wrong.some(({ beside }) => beside.equals(0.5));
  return halves
    ? 'The half nut also closes between them: the tool then comes in half a lead beside the groove, and the thread looks twice as fine.'
    : 'The half nut also closes between them: the tool then comes in beside the groove and wipes the crests.';
}

function lateWords({ halfNut }: Lathe): string[] {
  if (halfNut.closesLate !== true) return [];
  const by = halfNut.lateBy === null ? '' : ` by ${halfNut.lateBy.value} ${halfNut.lateBy.unit}`;
  return [
    `This half nut closes late${by}, always by the same: press as the dial mark comes, every time alike.`,
  ];
}
