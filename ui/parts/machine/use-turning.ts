import { useEffect, useRef, useState } from 'react';

/** How far something has turned that goes round in so many seconds, while it runs; in parts of a turn. */
export function useTurning(
  secondsPerTurn: number | null,
  running: boolean,
): { turned: number; now: () => number } {
  const [turned, setTurned] = useState(0);
  const at = useRef(0);
  useEffect(() => {
    if (!running || secondsPerTurn === null || secondsPerTurn <= 0) return;
    let frame = 0;
    let before = performance.now();
    const step = (time: number) => {
      at.current += Math.max(0, time - before) / 1000 / secondsPerTurn;
      before = time;
      setTurned(at.current);
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [running, secondsPerTurn]);
  return { turned, now: () => at.current };
}
