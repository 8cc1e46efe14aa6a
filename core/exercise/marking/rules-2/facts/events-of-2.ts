/** How an event was judged, and called, when these rules were made. `slip`: harmless when it is told before it did harm. */
export interface EventOf2 {
  name: string;
  fault: 'none' | 'slip' | 'breach';
  /** Both zeros were taken anew: readings begin again. */
  newZero: boolean;
}

const event = (name: string, fault: EventOf2['fault'] = 'none', newZero = false): EventOf2 => ({
  name,
  fault,
  newZero,
});

/** The events that these rules know. One that a later release added is no fault by these rules. */
export const EVENTS_OF_2: Readonly<Record<string, EventOf2>> = {
  'missed-mark': event('Missed the mark, waited for the next'),
  'off-mark': event('Half nut closed off the mark', 'slip'),
  'reversed-uncleared': event('Reversed without clearing the tool', 'slip'),
  'speed-changed': event('Speed changed'),
  'gearing-changed': event('Gearing changed in mid-thread', 'breach'),
  'stopped-early': event('Opened or stopped before the end'),
  stalled: event('Spindle stalled'),
  chatter: event('Chatter: marks or noise'),
  'zero-forgotten': event('Forgot to go back to the zero', 'slip'),
  'first-chip': event('First chip seen'),
  'zero-lost': event('Zero lost, or slack found; zeros taken anew', 'none', true),
  'picked-up': event('Thread picked up again', 'none', true),
  'tool-changed': event('Tool changed or ground', 'none', true),
  'tip-broke': event('Tip broke or chipped'),
  disturbed: event('Part disturbed, re-seated', 'slip'),
  'taken-out': event('Taken out between centres, put back by its marks'),
  'set-up-wrong': event('Set-up found wrong after cutting, mended', 'slip'),
  'crests-filed': event('Crests filed'),
  'flanks-worked': event('Flanks filed or chased by hand'),
};
