import { Button } from './button';

/** How far a long computation is, and the button that stops it. */
export function TaskProgress({ share, label, onStop }: { share: number; label: string; onStop: () => void }) {
  return (
    <>
      <progress value={share} max={1} aria-label={label} className="w-32" />
      <Button onClick={onStop}>Stop</Button>
    </>
  );
}
