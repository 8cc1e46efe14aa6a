import type { Sheet, SheetPass } from '../../sheet/sheet';

/** From this share of the depth on the engaged flank is long, and the chip wide and thin. */
const LATE = 0.6;

/** What the chip of the next cut should look like, and what it says when it does not. Common practice throughout. */
export function chipLook(sheet: Sheet, row: SheetPass): string {
  if (row.kind === 'scratch')
    return 'A fine line and hardly a chip. Look at the pitch before anything deeper.';
  if (row.kind === 'spring')
    return 'Dust or nothing. As long as a real chip comes, the part still springs: once more.';
  if (row.kind === 'finish')
    return 'Thin as hair, and even over the whole length. Torn flanks: oil, a keener edge, less speed.';
  const late = row.radialDepth > LATE * sheet.radialDepth;
  const flank = sheet.feed.slide === 'compound' && sheet.feed.angleDeg > 20;
  // Half a degree short of the flank the other side is shaved: dust comes from there, too.
  const shaved = sheet.feed.angleDeg < sheet.thread.flankAngleDeg;
  const other = shaved
    ? ' A hair or dust from the other flank is right; as much as from this one: the compound stands wrong.'
    : ' A chip from both sides: the compound stands wrong.';
  if (flank)
    return late
      ? `Wider and thinner now, still curling from one flank.${other}`
      : `One curl from the fed flank, running away from the work.${other}`;
  return late
    ? 'Both flanks cut: two thin ribbons that crowd each other. When they jam or the tool groans, take less.'
    : 'A chip like a V from both flanks. When it crowds, take less.';
}
