import { useEffect, useRef, useState } from 'react';

/** Milliseconds for one pass: a schedule of twenty plays in seven seconds. */
const PASS_MS = 350;

/**
 * Plays the cutting from the pass shown to the last one: the tool goes its way into each pass. Who asks their system for
 * less motion sees the passes one after the other without the way between.
 */
export function useCuttingPlay(
  count: number,
  chosen: number,
  onChoose: ((pass: number) => void) | undefined,
) {
  const [playing, setPlaying] = useState(false);
  const [onTheWay, setOnTheWay] = useState(0);
  const now = useRef({ chosen, onChoose });
  useEffect(() => {
    now.current = { chosen, onChoose };
  });
  useEffect(() => {
    if (!playing) return;
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    let frame = 0;
    let begun: number | null = null;
    const tick = (time: number) => {
      begun ??= time;
      const share = (time - begun) / PASS_MS;
      if (share >= 1) {
        begun = time;
        const next = now.current.chosen + 1;
        setOnTheWay(0);
        now.current.onChoose?.(Math.min(next, count));
        if (next >= count) return setPlaying(false);
      } else if (!still) setOnTheWay(share);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [playing, count]);
  return {
    playing,
    onTheWay: playing ? onTheWay : 0,
    toggle: () => {
      if (!playing && chosen >= count) onChoose?.(0);
      setOnTheWay(0);
      setPlaying(!playing);
    },
  };
}
