import { clsx } from 'clsx';
import { useSay } from './shop-words';

/** A yes or no, ticked at its words. */
export function Tick({
  label,
  on,
  onSet,
  size = 'desk',
}: {
  label: string;
  on: boolean;
  onSet: (on: boolean) => void;
  /** At the lathe it is as large as a fingertip. */
  size?: 'desk' | 'bench';
}) {
  const say = useSay();
  return (
    <label
      className={clsx('flex items-center gap-2', size === 'bench' ? 'min-h-12' : 'min-h-9 tablet:min-h-12')}
    >
      <input
        type="checkbox"
        className={clsx('shrink-0 accent-dye', size === 'bench' ? 'size-5' : 'size-4.5')}
        checked={on}
        onChange={(event) => onSet(event.target.checked)}
      />
      {say(label)}
    </label>
  );
}
