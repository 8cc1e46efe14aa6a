import { doItem, type Item } from '@/core/outside/story/story-item';
import { saidNow } from '@/core/outside/story/said';
import { sheetSaid } from '@/core/outside/story/sheet-said';
import { sheetOfStory } from '@/core/outside/story/story-plan';
import { StoryRecord } from '@/core/outside/story/story-record';
import { BETWEEN, chosenStory } from './chosen-story';
import { Hand, type Truth } from './hand';
import type { Said, SheetSaid } from './said-shape';

/** How a piece ended that did all that it was told. */
export interface Obeyed {
  seed: number;
  request: Readonly<Record<string, unknown>>;
  story: Item[];
  /** What was told against the truth or against itself; empty where nothing was. */
  faults: string[];
  /** Inside the limits, within a graduation of them, beyond, given up as the bench said, or no story at all. */
  fate: 'inside' | 'within-a-graduation' | 'outside' | 'past-saving' | 'no-plan';
  /** All observations were right, and nothing was hidden from the program. */
  told: boolean;
  steps: number;
}

const MOST_STEPS = 400;

/** Sees what is said, what is done on it, and how it really is. */
export type Trace = (said: Said, item: Item | null, hand: Hand) => void;

/** Plays one story: a random plan on a random lathe, a part of known truth, and a hand that does what it is told. */
export function obey(seed: number, trace?: Trace): Obeyed {
  const { random, happens, request } = chosenStory(seed);
  const sheet = sheetOfStory(request);
  const none = { seed, request, story: [], faults: [], fate: 'no-plan', told: true, steps: 0 } as const;
  if (!sheet.ok) return { ...none, story: [], faults: [] };
  return new Played(seed, request, new StoryRecord(sheet.value, 'student'), random, happens, trace).play();
}

class Played {
  readonly story: Item[] = [];
  readonly faults: string[] = [];
  readonly sheet: SheetSaid;
  readonly hand: Hand;
  /** Where each start stands, counted from the zero in force, by what was told. */
  #stands = new Map<number, number>();
  /** The size that a right observation found since anything was cut or moved. */
  #seen = false;
  #told = true;
  #cuts = 0;
  /** What is still to come, and after how many cuts. */
  readonly #between: { what: string; after: number }[];

  constructor(
    readonly seed: number,
    readonly request: Readonly<Record<string, unknown>>,
    readonly record: StoryRecord,
    readonly random: () => number,
    readonly happens: readonly string[],
    readonly trace: Trace | undefined,
  ) {
    this.sheet = sheetSaid(record.sheet) as SheetSaid;
    this.hand = new Hand(this.sheet, this.#truth(), random);
    // Another tip than was measured is hidden from everybody.
    this.#told = !(happens.includes('tip') && this.sheet.tip.known);
    this.#between = happens
      .filter((what) => BETWEEN.includes(what))
      .map((what) => ({ what, after: 2 + Math.floor(random() * 10) }));
  }

  #truth(): Truth {
    const { unit, side, pitch, starts, tip, workDiameter } = this.sheet;
    const small = unit === 'in' ? 0.0002 : 0.005;
    const off = () => (this.random() * 2 - 1) * small;
    const other = this.happens.includes('tip') ? pitch * 0.03 * this.random() : 0;
    return {
      part: {
        side,
        pitch,
        starts,
        halfAngle: Math.PI / 6,
        diameter: workDiameter + off(),
        flat: tip.kind === 'radius' ? 0 : Math.max(0, tip.size + other + off()),
        radius: tip.kind === 'radius' ? tip.size : 0,
        spring: 0.04 + 0.12 * this.random(),
      },
      zeroGap: this.#gap() + off(),
      mate: this.#mate(this.random()),
      scatter: small / 2,
    };
  }

  /**
   * A nut or plug as the plan knows it. Where it knows none, a nut is a little larger than the largest screw of its class,
   * and a plug that much smaller than the least bore.
   */
  #mate(chance: number): number {
    const known = this.record.sheet.proof.find(({ nut }) => nut !== null)?.nut;
    if (known != null) return known.min + chance * (known.max - known.min);
    const { min, max } = this.sheet.limits.pitchDiameter;
    const by = (max - min) * (0.1 + 0.3 * chance);
    return this.sheet.side === 'external' ? max + by : min - by;
  }

  #gap(): number {
    return this.happens.includes('paper') ? (this.sheet.unit === 'in' ? 0.003 : 0.075) : 0;
  }

  play(): Obeyed {
    let steps = 0;
    for (; steps < MOST_STEPS; steps += 1) {
      const said = saidNow(this.record) as Said;
      if (said.phase === 'ended') break;
      if (this.#happened(said)) continue;
      const item = this.#answer(said);
      this.trace?.(said, item, this.hand);
      if (item === null) {
        this.faults.push(`nothing can be done: ${said.phase} ${said.because.join(' ')}`);
        break;
      }
      this.#do(item);
      if (this.faults.length > 0) break;
    }
    if (steps === MOST_STEPS) this.faults.push('it never ends');
    const { seed, request, story, faults } = this;
    return { seed, request, story, faults, fate: this.#fate(), told: this.#told, steps };
  }

  #do(item: Item): boolean {
    this.story.push(item);
    this.record.madeBy.push([]);
    const refused = doItem(this.record, item);
    if (refused !== null)
      this.faults.push(`refused: ${JSON.stringify(item)}: ${refused.code}, ${refused.message}`);
    return refused === null;
  }

  /** Something comes between, each once, after a few cuts. */
  #happened(said: Said): boolean {
    const due = this.#between.find(({ after }) => after <= this.#cuts);
    if (due === undefined || said.phase !== 'cut') return false;
    this.#between.splice(this.#between.indexOf(due), 1);
    return this.#comes(due.what, said);
  }

  #comes(what: string, said: Said): boolean {
    const scatter = this.sheet.unit === 'in' ? 0.002 : 0.05;
    const off = () => this.random() * 2 - 1;
    const { start } = said;
    const { graduation } = this.sheet.feed;
    const from = this.#stands.get(start) ?? 0;
    switch (what) {
      case 'zero':
        return this.#newZero(off() * (scatter / 2), { do: 'zero', by: 'metal', value: scatter / 2 });
      case 'zero-unknown':
        return this.#newZero(off() * scatter, { do: 'zero', by: 'metal' });
      case 'tip-broke':
        this.#seen = false;
        return this.#do({ do: 'event', id: 'tip-broke' });
      case 'disturbed':
        this.hand.shift = { x: (off() * scatter) / 2, depth: off() * scatter };
        this.#seen = false;
        return this.#do({ do: 'event', id: 'disturbed' });
      case 'burr':
        this.hand.burr = true;
        return false;
      case 'chip':
        this.hand.chip = this.sheet.unit === 'in' ? 0.002 : 0.05;
        this.#told = false;
        return false;
      case 'stopped-early':
        return this.#do({ do: 'event', id: 'stopped-early' });
      case 'late-measurement':
        return this.#measureUnasked();
      case 'own-shallower':
        return this.#ownCut(start, Math.min(round(from + graduation), said.counted));
      case 'own-deeper': {
        const counted = round(said.counted + (1 + Math.floor(this.random() * 2)) * graduation);
        // Nobody who knows how near it is goes deeper on his own where the page can not say how far.
        const past = said.deepest === null ? this.#isNear() : counted > said.deepest;
        return !past && this.#ownCut(start, counted);
      }
      case 'wrong-mark':
        return this.#wrongMark(said);
      case 'by-compound':
        return this.#byCompound(said);
      case 'not-taken':
        this.#told = false;
        this.#cut(start, said.counted);
        // Nobody knows from where the next cut feeds.
        this.#stands.delete(start);
        return this.#do({ do: 'cut', reading: null, start });
      case 'twice': {
        const done = this.#do({ do: 'cut' }) && this.#do({ do: 'strike', item: this.story.length - 1 });
        return done;
      }
      default:
        return false;
    }
  }

  #newZero(off: number, item: Item): boolean {
    const start = this.hand.lastStart;
    const at = this.#stands.get(start) ?? 0;
    this.hand.nest(start, off);
    this.#stands = new Map([...this.#stands].map(([each, stood]) => [each, stood - at]));
    this.#seen = false;
    return this.#do(item);
  }

  #ownCut(start: number, counted: number): boolean {
    this.#cut(start, counted);
    return this.#do({ do: 'cut', counted, start });
  }

  /** One cut at a mark that is noted, the next noted at one that does not bring the tool back; nothing was touched. */
  #wrongMark(said: Said): boolean {
    const [first] = said.marks;
    if (first === undefined || !this.#markedCut(said, first)) return false;
    const now = saidNow(this.record) as Said;
    const other = this.sheet.marks.find(({ label }) => label !== '' && !now.marks.includes(label));
    if (now.phase !== 'cut' || other === undefined || !this.#markedCut(now, other.label)) return true;
    const { because } = saidNow(this.record) as Said;
    if (!because.includes('unsafe-mark')) this.faults.push(`no word of mark ${other.label} after ${first}`);
    return this.#do({ do: 'event', id: 'off-mark', touched: false });
  }

  #markedCut({ start, counted }: Said, mark: string): boolean {
    this.#cut(start, counted);
    return this.#do({ do: 'cut', mark });
  }

  /** A plan that plunges, and a graduation fed by the compound: the dial stands where it stood. */
  #byCompound({ deepest, start }: Said): boolean {
    const stands = this.#stands.get(start);
    const { slide, unit, reads, graduation } = this.sheet.feed;
    const angleDeg = [0, 29.5, 60][Math.floor(this.random() * 3)] ?? 0;
    const figure = graduation * Math.cos((angleDeg * Math.PI) / 180) * (reads === 'diameter' ? 2 : 1);
    if (slide === 'compound' || stands === undefined || (deepest !== null && stands + figure > deepest))
      return false;
    this.hand.feedCompound(
      graduation * (unit === this.sheet.unit ? 1 : unit === 'in' ? 25.4 : 1 / 25.4),
      angleDeg,
    );
    this.#stands = new Map([...this.#stands].map(([each, at]) => [each, at - figure]));
    this.#cut(start, stands);
    return this.#do({ do: 'cut', compound: String(graduation), compoundAngle: String(angleDeg) });
  }

  #measureUnasked(): boolean {
    const evidence = this.sheet.proof.find(({ kind }) => kind === 'wires' || kind === 'thread-micrometer');
    if (evidence === undefined) return false;
    const quantity = evidence.kind === 'wires' ? 'over-wires' : 'pitch-diameter';
    const value = this.hand.measure(quantity, this.#wire());
    if (value === null) return false;
    this.#seen = true;
    return this.#do({ do: 'measure', evidence: evidence.id, places: { middle: round(value) }, final: false });
  }

  #wire(): number {
    const evidence = this.record.sheet.wires;
    return evidence.diameter;
  }

  #answer(said: Said): Item | null {
    const { expects, phase } = said;
    if (phase === 'cut') return this.#toldCut(said);
    if (phase === 'proven') return { do: 'end', as: 'accepted' };
    if (phase === 'past-saving') this.#checkPast(said);
    if (phase === 'past-saving') return { do: 'end', as: 'scrapped', cause: 'past its limit' };
    if (phase === 'zero') {
      this.#newZero((this.random() * 2 - 1) * (this.sheet.unit === 'in' ? 0.002 : 0.05), {
        do: 'zero',
        by: 'metal',
      });
      return { do: 'note' };
    }
    if (phase === 'enough') this.#checkEnough(said);
    if (expects === null) return null;
    switch (expects.do) {
      case 'step':
        if (expects.id === 'touch-off' && this.happens.includes('paper'))
          return { do: 'zero', by: 'paper', value: this.#gap() };
        return { do: 'step', id: expects.id };
      case 'sign':
        return { do: 'sign', id: expects.id };
      case 'stop':
        return { do: 'stop', stop: expects.stop, answer: this.#look(expects) };
      case 'find':
        return this.#find(expects);
      case 'try':
        return this.#tryIt(said, expects);
      case 'measure':
        return this.#measure(expects);
      default:
        return null;
    }
  }

  #toldCut(said: Said): Item {
    const counted = this.hand.countedOf(said);
    const stands = this.#stands.get(said.start) ?? this.#stands.get(0) ?? 0;
    const { graduation } = this.sheet.feed;
    if (Math.abs(counted - said.counted) > 1e-6)
      this.faults.push(`reading ${said.reading} is not ${said.counted}`);
    if (this.#stands.has(said.start) && Math.abs(counted - stands - (said.infeed ?? NaN)) > 1e-6)
      this.faults.push(`infeed ${said.infeed} from ${stands} to ${counted}`);
    if ((said.infeed ?? 0) < -1e-9) this.faults.push(`told to back off by ${said.infeed}`);
    if (!said.sentence.includes(said.reading)) this.faults.push(`the sentence names no ${said.reading}`);
    if (
      Math.abs(counted / graduation - Math.round(counted / graduation)) > 1e-3 &&
      !this.happens.includes('own')
    )
      this.faults.push(`${counted} is between two graduations`);
    const before = this.#metal();
    this.#cut(said.start, counted);
    const after = this.#metal();
    if (
      this.#seen &&
      this.#told &&
      before !== null &&
      before >= 0 &&
      after !== null &&
      after < -this.#graduation()
    )
      this.faults.push(`told to cut past the limit, by ${(-after).toFixed(5)} (${said.because.join(' ')})`);
    this.#seen = this.#seen && !said.because.includes('carried-row');
    return { do: 'cut' };
  }

  #cut(start: number, counted: number): void {
    this.#cuts += 1;
    this.hand.cut(start, counted);
    this.#stands.set(start, counted);
  }

  /** Diameter left, of the start with the least, to the limit beyond which nothing brings metal back; null: no thread yet. */
  #metal(): number | null {
    const sizes = this.hand.groove.sizes();
    const { min, max } = this.sheet.limits.pitchDiameter;
    if (sizes === null) return null;
    return Math.min(...sizes.map((size) => (this.sheet.side === 'external' ? size - min : max - size)));
  }

  #isNear(): boolean {
    const metal = this.#metal();
    return metal !== null && metal < 8 * this.#graduation();
  }

  /** What one graduation does to the diameter. */
  #graduation(): number {
    const travel = this.hand.travelOf(this.sheet.feed.graduation);
    return 2 * travel * Math.cos((this.sheet.angle * Math.PI) / 180) + 2 * this.hand.truth.scatter;
  }

  #checkPast(said: Said): void {
    const { min, max } = this.sheet.limits.pitchDiameter;
    const left = this.hand.groove
      .cutSizes()
      .map((size) => (this.sheet.side === 'external' ? size - min : max - size));
    if (this.#told && left.every((each) => each > this.hand.truth.scatter))
      this.faults.push(
        `told that it is past saving with ${Math.min(...left)} left (${said.because.join(' ')})`,
      );
  }

  #checkEnough(said: Said): void {
    const size = this.hand.groove.functional();
    const { min, max } = this.#limits();
    const slack = this.#graduation();
    const far =
      size === null ||
      (this.sheet.side === 'external' ? size > max + slack + (max - min) : size < min - slack - (max - min));
    if (far && this.#told) this.faults.push(`told that it is enough at ${size} (${said.because.join(' ')})`);
  }

  #look({ check, answers }: NonNullable<Said['expects']>): string {
    if (check === 'gauge') return this.hand.gauge() === 'go-stops' ? 'no' : 'yes';
    if (check === 'crest-flat' || check === 'dye')
      return (this.#metal() ?? 1) < this.#graduation() * 3 ? 'yes' : 'no';
    if (check === 'deburr' || check === 'file') this.hand.burr = false;
    return answers?.[0] ?? 'done';
  }

  #find({ evidence, final, answers }: NonNullable<Said['expects']>): Item {
    if (answers?.includes('go-stops') === true) {
      this.#seen = true;
      return { do: 'find', evidence, answer: this.hand.gauge(), final };
    }
    if (answers !== null) return { do: 'find', evidence, answer: 'yes', final };
    return { do: 'find', evidence, value: this.sheet.pitch / 8, final };
  }

  #tryIt(
    said: Said,
    { evidence, stop, bothEnds, toShoulder, crest, final }: NonNullable<Said['expects']>,
  ): Item {
    if (said.phase === 'stop' || crest) this.hand.burr = false;
    const answer = this.hand.tryMate();
    this.#seen = !this.hand.burr;
    return {
      do: 'try',
      evidence,
      ...(stop === null ? {} : { stop }),
      answer,
      end: bothEnds ? 'both' : 'one',
      ...(toShoulder ? { toShoulder: true } : {}),
      ...(crest ? { crest: round(this.hand.crest()) } : {}),
      final,
    };
  }

  #measure({ evidence, quantity, places, wire, crest, final }: NonNullable<Said['expects']>): Item | null {
    if (quantity === undefined) return null;
    const read = () => round(this.hand.measure(quantity, wire) ?? 0);
    if (this.hand.measure(quantity, wire) === null) {
      this.faults.push('asked to measure where there is no thread yet');
      return null;
    }
    this.hand.burr = false;
    this.#seen = true;
    return {
      do: 'measure',
      evidence,
      places: Object.fromEntries(places.map((place) => [place, read()])),
      ...(crest ? { crest: round(this.hand.crest()) } : {}),
      final,
    };
  }

  #scrapped(): boolean {
    const last = this.story.at(-1);
    return last?.do === 'end' && last.as === 'scrapped';
  }

  /** What a nut or a plug can not tell of a class nobody can: where it alone proves, it is the limit on its side. */
  #limits(): { min: number; max: number } {
    const { min, max } = this.sheet.limits.pitchDiameter;
    const { mate } = this.hand.truth;
    if (!this.sheet.proof.every(({ kind }) => kind === 'nut' || kind === 'mate')) return { min, max };
    return this.sheet.side === 'external' ? { min, max: mate } : { min: mate, max };
  }

  #fate(): Obeyed['fate'] {
    const all = this.hand.groove.sizes();
    const grad = this.#graduation();
    // Scrapped before every start was cut: the starts that are there tell by how much.
    const sizes = all ?? (this.#scrapped() ? this.hand.groove.cutSizes() : []);
    if (sizes.length === 0) return 'outside';
    const { min: low, max: high } = this.#limits();
    if (sizes.every((size) => size >= low && size <= high)) return 'inside';
    return sizes.every((size) => size >= low - grad && size <= high + grad)
      ? 'within-a-graduation'
      : 'outside';
  }
}

const round = (value: number) => Math.round(value * 1e5) / 1e5;

/** The same story as a request: what is printed can be asked again on the command line. */
export const asRequest = ({ request, story }: Obeyed): string => JSON.stringify({ ...request, story });
