const TONES = {
  main: 'bg-dye text-scribe border-dye hover:bg-dye-soft',
  plain: 'bg-paper-raised text-ink border-rule-strong hover:bg-paper-sunk',
} as const;

/** The look of what is touched at the bench before the rest is loaded: the kit's buttons without the kit. */
export const benchButton = (tone: keyof typeof TONES, extra = 'text-lg') =>
  `inline-flex min-h-14 items-center gap-2 rounded-cut border px-4 py-2 font-medium ${TONES[tone]} ${extra}`;
