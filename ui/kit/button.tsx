import { clsx } from 'clsx';
import type { ComponentProps } from 'react';

type Tone = 'main' | 'plain' | 'quiet' | 'on-dye';

const TONES: Record<Tone, string> = {
  main: 'bg-dye text-scribe border-dye hover:bg-dye-soft',
  plain: 'bg-paper-raised text-ink border-rule-strong hover:bg-paper-sunk',
  quiet: 'bg-transparent text-ink border-transparent underline underline-offset-2 hover:bg-paper-sunk',
  'on-dye': 'bg-transparent text-scribe border-scribe-dim hover:bg-dye-soft',
};

export interface ButtonProps extends ComponentProps<'button'> {
  tone?: Tone;
  /** `bench`: 48 px and more, for oily hands. */
  size?: 'desk' | 'bench';
}

export const buttonClass = (tone: Tone = 'plain', size: 'desk' | 'bench' = 'desk', extra?: string) =>
  clsx(
    'inline-flex items-center justify-center gap-2 rounded-cut border font-medium disabled:cursor-not-allowed disabled:opacity-55',
    size === 'desk' ? 'min-h-9 px-3 py-1 tablet:min-h-12' : 'min-h-12 px-5 py-2 text-lg',
    TONES[tone],
    extra,
  );

export function Button({ tone, size, className, type = 'button', ...rest }: ButtonProps) {
  return <button type={type} className={buttonClass(tone, size, className)} {...rest} />;
}
