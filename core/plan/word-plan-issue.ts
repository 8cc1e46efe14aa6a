import { LENGTH_DECIMALS, formatLength, type LengthUnit } from '../units';
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
          : 'the part will be marked down.')
      );
    }
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
    case 'dial-too-coarse':
      return `The dial is too coarse for this class: its last whole graduation lands at ${show(value)}. Finish by measurement.`;
    case 'dial-drops-rows':
      return `The dial of this lathe, ${limit} ${unit} a graduation, can not tell ${value === 1 ? 'one pass' : `${value} passes`} from the one before: ${value === 1 ? 'it is' : 'they are'} left out there.`;
    case 'between-graduations':
      return `The dial of this lathe is marked every ${limit} ${unit}: ${infeed(value)} is set to the nearest mark there.`;
    case 'little-time':
      return `Only ${value.toFixed(1)} s in the run-out groove. ${facts.rpm} rpm or less leaves ${limit} s to open the half nut.`;
  }

  function toLimits(): string {
    return `${external ? 'Turn' : 'Bore'} it to ${show(range.min)} to ${show(range.max)} ${unit}.`;
  }
  function infeed(length: number): string {
    return `${Number(length.toFixed(LENGTH_DECIMALS[unit]))} ${unit}`;
  }
}
