import type { AttemptState } from '@/core/exercise/record/state/record-state';

/** How a stage or step stands. */
export type Standing = 'open' | 'good' | 'attend' | 'bad' | 'done';

const STANDING_WORDS: Record<Standing, string> = {
  open: 'open',
  good: 'right',
  attend: 'attend to this',
  bad: 'wrong',
  done: 'done',
};

/** Shape first, colour second: filled round with tick, triangle, barred round, ring. */
export function StandingMark({
  standing,
  onDye = false,
  size = 18,
}: {
  standing: Standing;
  onDye?: boolean;
  size?: number;
}) {
  const colour = {
    open: onDye ? 'text-scribe-dim' : 'text-rule-strong',
    good: onDye ? 'text-go-bright' : 'text-go',
    done: onDye ? 'text-go-bright' : 'text-go',
    attend: onDye ? 'text-brass-bright' : 'text-brass',
    bad: onDye ? 'text-nogo-bright' : 'text-nogo',
  }[standing];
  const hole = onDye ? 'var(--color-dye)' : 'var(--color-paper-raised)';
  return (
    <svg
      role="img"
      aria-label={STANDING_WORDS[standing]}
      viewBox="0 0 20 20"
      width={size}
      height={size}
      className={`shrink-0 ${colour}`}
    >
      {standing === 'open' && (
        <circle cx="10" cy="10" r="7.5" fill="none" stroke="currentColor" strokeWidth="2" />
      )}
      {(standing === 'good' || standing === 'done') && (
        <>
          <circle cx="10" cy="10" r="8.5" fill="currentColor" />
          <path d="M5.5 10.5 L9 14 L14.5 6.5" fill="none" stroke={hole} strokeWidth="2.2" />
        </>
      )}
      {standing === 'attend' && (
        <>
          <path d="M10 1.5 L19 18 H1 Z" fill="currentColor" />
          <path d="M10 7 V12.5 M10 14.2 V16" stroke={hole} strokeWidth="2" />
        </>
      )}
      {standing === 'bad' && (
        <>
          <circle cx="10" cy="10" r="7.5" fill="none" stroke="currentColor" strokeWidth="3" />
          <path d="M5 5 L15 15" stroke="currentColor" strokeWidth="3" />
        </>
      )}
    </svg>
  );
}

export const STATE_WORDS: Record<AttemptState, string> = {
  'not-begun': 'Not begun',
  'set-up': 'In set-up',
  cutting: 'Cutting',
  measured: 'Measured',
  waiting: 'Waiting for mark',
  marked: 'Marked',
};

/** The state of an attempt: a small turning piece that gets its thread, then a flag, then the verdict. */
export function StateMark({
  state,
  total = null,
  passed = null,
}: {
  state: AttemptState;
  total?: number | null;
  /** Whether the points reach the pass mark of the scheme; while that is not known, no verdict is drawn. */
  passed?: boolean | null;
}) {
  const good = passed === true;
  const words = stateWords(state, total);
  const drawn = state === 'marked' && passed === null ? 'measured' : state;
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap">
      <svg aria-hidden viewBox="0 0 24 20" width="24" height="20" className={stateColour(drawn, good)}>
        <Drawing state={drawn} good={good} />
      </svg>
      <span className="text-sm">{words}</span>
    </span>
  );
}

function stateWords(state: AttemptState, total: number | null): string {
  return state === 'marked' && total !== null ? `Marked ${total}` : STATE_WORDS[state];
}

/** The same in as few letters as a page of hundreds wants: drawn by reference to `StateSprite`, sized by the page. */
export function LeanStateMark({
  state,
  total = null,
  passed = null,
}: {
  state: AttemptState;
  total?: number | null;
  passed?: boolean | null;
}) {
  const good = passed === true;
  return (
    <>
      <svg className={stateColour(state, good)}>
        <use href={`#${symbolId(state, good)}`} />
      </svg>
      {stateWords(state, total)}
    </>
  );
}

/** The drawings of all states, once, for the lean marks. */
export function StateSprite() {
  return (
    <svg aria-hidden className="absolute size-0">
      {(Object.keys(STATE_WORDS) as AttemptState[]).map((state) => (
        <symbol key={state} id={symbolId(state, true)} viewBox="0 0 24 20">
          <Drawing state={state} good />
        </symbol>
      ))}
      <symbol id={symbolId('marked', false)} viewBox="0 0 24 20">
        <Drawing state="marked" good={false} />
      </symbol>
    </svg>
  );
}

function symbolId(state: AttemptState, good: boolean): string {
  return state === 'marked' && !good ? 'state-not-passed' : `state-${state}`;
}

function Drawing({ state, good }: { state: AttemptState; good: boolean }) {
  if (state === 'marked') return <Verdict good={good} />;
  return state === 'waiting' ? <Flag /> : <Piece state={state} />;
}

function stateColour(state: AttemptState, good: boolean): string {
  if (state === 'marked') return good ? 'text-go' : 'text-nogo';
  if (state === 'waiting') return 'text-brass';
  return state === 'not-begun' ? 'text-rule-strong' : 'text-dye';
}

function Verdict({ good }: { good: boolean }) {
  return good ? (
    <>
      <circle cx="12" cy="10" r="8.5" fill="currentColor" />
      <path d="M7.5 10.5 L11 14 L16.5 6.5" fill="none" stroke="var(--color-paper-raised)" strokeWidth="2.2" />
    </>
  ) : (
    <>
      <circle cx="12" cy="10" r="7.5" fill="none" stroke="currentColor" strokeWidth="3" />
      <path d="M7 5 L17 15" stroke="currentColor" strokeWidth="3" />
    </>
  );
}

function Flag() {
  return (
    <path
      d="M5 1.5 V19 M5 2.5 H20 L16.5 7 L20 11.5 H5"
      fill="currentColor"
      stroke="currentColor"
      strokeWidth="2"
    />
  );
}

/** A bar: bare outline, chucked, half threaded, wholly threaded between two callipers. */
function Piece({ state }: { state: AttemptState }) {
  const teeth =
    state === 'measured'
      ? 'M8 5 l1.5 3 l1.5 -3 l1.5 3 l1.5 -3 l1.5 3 l1.5 -3 l1.5 3 l1.5 -3'
      : 'M13 5 l1.5 3 l1.5 -3 l1.5 3 l1.5 -3';
  return (
    <g fill="none" stroke="currentColor" strokeWidth="1.6">
      <rect
        x="7"
        y="5"
        width="14"
        height="10"
        strokeDasharray={state === 'not-begun' ? '2 1.6' : undefined}
      />
      {state !== 'not-begun' && <rect x="2" y="2" width="5" height="16" fill="currentColor" />}
      {(state === 'cutting' || state === 'measured') && <path d={teeth} />}
      {state === 'measured' && <path d="M14 0 V4 M14 16 V20" strokeWidth="2.4" />}
    </g>
  );
}
