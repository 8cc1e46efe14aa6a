import { LENGTH_DECIMALS, formatLength } from '@/core/base/units/format-length';
import type { LengthUnit } from '@/core/base/units/length';
import type { PlanIssue } from './plan-issue';

/** The one place where what a plan's parts have against each other is put into words: what is wrong, what would be right. */
export function wordPlanIssue(issue: PlanIssue): string {
  const { value = 0, limit = 0, facts = {} } = issue;
  const unit: LengthUnit = issue.unit === 'mm' ? 'mm' : 'in';
  const range = issue.range ?? { min: 0, max: 0 };
  const show = (length: number) => formatLength({ value: length, unit });
  const external = facts.external === true;
  switch (issue.code) {
    case 'no-thread-left':
      return `${external ? 'A blank' : 'A bore'} of ${show(value)} leaves no thread. ${toLimits()}`;
    case 'crest-to-a-point':
      return `${external ? 'Over' : 'Under'} ${show(limit)} the crest comes to a point. ${toLimits()}`;
    case 'crest-over-limit':
    case 'crest-under-limit': {
      const over = issue.code === 'crest-over-limit';
      const binds = over === external;
      return (
        `${over ? 'Over' : 'Under'} the ${external ? 'major' : 'minor'} limit ${show(limit)}: ` +
        (binds
          ? `the ${external ? 'nut' : 'screw'} may bind on the crests.`
          : 'the thread overlaps its mate less than its class asks.') +
        ' It is asked for as planned.'
      );
    }
    case 'length-over-total':
      return `The thread can not be longer than the part, ${show(limit)} ${unit}.`;
    case 'chamfer-misses-root':
      return external
        ? `This chamfer ends above the root, ${show(limit)} ${unit}: the first turn starts as a wall.`
        : `This chamfer does not reach the major diameter, ${show(limit)} ${unit}: the first turn starts as a wall.`;
    case 'relief-over-root':
      return `The tool still cuts in the ${external ? 'groove' : 'recess'}: the planned root is at ${show(limit)} ${unit}.`;
    case 'register-without-length':
      return 'Give the register its length too.';
    case 'register-in-the-way':
      return external
        ? `Before the thread a register is not over the root, ${show(limit)} ${unit}: tool and nut pass over it.`
        : `At the mouth a register is not under the major diameter, ${show(limit)} ${unit}: tool and screw pass through it.`;
    case 'end-not-of-side':
      return external
        ? 'A recess is inside: an external thread ends in a groove, at a line, through, or over a boss.'
        : 'A groove or a boss is outside: an internal thread ends in a recess, through, or at a line.';
    case 'away-needs-start':
      return 'Away from the headstock the cut starts in its groove or recess: choose one, or cut toward the headstock.';
    case 'no-centre-in-bore':
      return 'No centre stands in a bore: hold it in the chuck, a collet, four jaws, on a faceplate, or off the jaws.';
    case 'compound-does-not-feed':
      return 'Only a compound that feeds can clear: clear by the cross slide, or feed by the compound.';
    case 'compound-not-along-bed':
      return 'To go to the next start by the compound it must lie along the bed: plunge, or find the starts by the thread dial.';
    case 'screwed-chuck-in-reverse':
      return `${facts.lathe}: its chuck screws onto the nose and can unscrew in reverse. Take another lathe or drive, or hold between centres or in a collet.`;
    case 'no-trip':
      return `${facts.lathe} has no threading trip that we know of.`;
    case 'no-readout':
      return `${facts.lathe} has no readout: plunge by the dial there.`;
    case 'no-safe-mark':
      return `${facts.lathe}: no dial mark is safe for this thread. There the half nut stays closed and the spindle is reversed.`;
    case 'no-dial':
      return `${facts.lathe}: no thread dial that can be used, and this thread needs one. There the half nut stays closed and the spindle is reversed.`;
    case 'run-down-unknown':
      return 'How many turns the spindle runs on is not known of this lathe: it is taken as none. Measure it, and leave more room.';
    case 'no-evidence':
      return 'Nothing proves the thread: the result can not be judged.';
    case 'insert-range-reversed':
      return 'The range runs from the finest pitch to the coarsest.';
    case 'insert-other-pitch':
      return `This insert is made for pitches of ${show(range.min)} to ${show(range.max)} ${unit}; the thread has ${show(value)}. Take another insert.`;
    case 'tip-too-sharp':
      return `Sharper than the usual ${Number(Number(facts.share).toFixed(3))} P: it must go deeper, the root is weak, and the tip breaks sooner.`;
    case 'tip-too-blunt': {
      const kind = facts.radius === true ? 'radius' : 'flat';
      const remedy =
        facts.insert === true
          ? `Take an insert with a radius of ${show(limit)} ${unit} at most.`
          : `Grind the ${kind} to ${show(limit)} ${unit} at most.`;
      return `Too wide for the groove: the root would foul the ${external ? 'nut' : 'screw'}. ${remedy}`;
    }
    case 'tip-not-measured':
      return `No size is foretold: the passes are figured for the usual flat, ${show(value)} ${unit}. A measurement decides.`;
    case 'angle-over-flank':
      return `Over ${limit}° the trailing flank is left as steps and the form is wrong.`;
    case 'angle-well-under-flank':
      return `Under ${limit}° both flanks cut: expect a heavier chip and chatter.`;
    case 'graduation-off-scale':
      return `${facts.lathe}: its swivel scale does not reach ${value}° on that side. There it is set by a protractor from the cross slide.`;
    case 'target-outside-band':
      return `The target must lie in the band ${show(range.min)} to ${show(range.max)} ${unit}.`;
    case 'wire-unusable':
      return `${external ? 'Wires' : 'Balls'} of ${show(range.min)} to ${show(range.max)} ${unit} work here: thinner ones sink below the crest, thicker ones ride on it. Best is ${show(Number(facts.best))}.`;
    case 'scratch-over-largest':
      return 'The scratch pass is deeper than the largest infeed.';
    case 'finishing-over-largest':
      return 'A finishing pass is deeper than the largest infeed.';
    case 'finishing-takes-all':
      return `The whole feed is ${show(value)} ${unit}; scratch and finishing passes already take ${show(Number(facts.taken))}. Take less.`;
    case 'too-few-passes':
      return (
        `${facts.roughing} roughing passes can not reach the depth: one would need ${infeed(value)}, over the largest infeed. ` +
        (facts.enough === null ? 'Allow a larger infeed.' : `Take ${facts.enough} or more.`)
      );
    case 'infeed-too-small':
      return 'No number of roughing passes keeps to so small an infeed: allow more.';
    case 'ends-outside-band':
      return `These rows end at a pitch diameter of ${show(value)}; the band is ${show(range.min)} to ${show(range.max)} ${unit}. The proof decides.`;
    case 'constant-not-settable':
      return `The dial of this lathe can not set ${infeed(value)} every time: its readings are rounded, so that infeeds differ by a graduation. ${infeed(limit)} is the nearest that stays constant.`;
    case 'bite-over-band':
      return `One bite takes the pitch diameter ${show(value)} ${external ? 'down' : 'up'}; the band is ${show(limit)} ${unit} wide: it can be passed between two trials. Take less near size.`;
    case 'cross-dial-unknown':
      return `The cross-slide dial of ${facts.lathe} is not known: the usual one is taken, on the radius. Add it to the lathe.`;
    case 'stop-after-end':
      return `There are ${limit} cuts: stop after one of them.`;
    case 'dial-too-coarse':
      return `The dial is too coarse for this class: its last whole graduation lands at ${show(value)}. Finish by measurement.`;
    case 'dial-drops-rows':
      return `The dial of this lathe, ${limit} ${unit} a graduation, can not tell ${value === 1 ? 'one pass' : `${value} passes`} from the one before: ${value === 1 ? 'it is' : 'they are'} left out there.`;
    case 'between-graduations':
      return `The dial of this lathe is marked every ${limit} ${unit}: ${infeed(value)} is set to the nearest graduation there.`;
    case 'slow-for-carbide':
      return `Slow for carbide: under ${limit} rpm it tears and chips in this material. Take high-speed steel, or a way of working that leaves more time.`;
    case 'little-time': {
      const given = facts.setAside === true ? 'It is given as planned' : 'A lathe goes slower there';
      const better =
        Number(facts.rpm) < 5
          ? 'Give it more room'
          : `${facts.rpm} rpm or less leaves ${limit} s ${facts.halfNut === true ? 'to open the half nut' : 'to act'}`;
      return `Only ${Math.max(0, value).toFixed(1)} s ${PLACES[String(facts.endsBy)] ?? ''}. ${better}. ${given}, and the sheet says what it leaves.`;
    }
  }

  function toLimits(): string {
    return `${external ? 'Turn' : 'Bore'} it to ${show(range.min)} to ${show(range.max)} ${unit}.`;
  }
  function infeed(length: number): string {
    return `${Number(length.toFixed(LENGTH_DECIMALS[unit]))} ${unit}`;
  }
}

const PLACES: Record<string, string> = {
  opening: 'in the run-out groove, less the tool’s own width',
  clearing: 'to clear the tool',
  stopping: 'to stop',
  'imperfect-length': 'to draw the tool out at the line',
  'way-left': 'before the centre',
};
