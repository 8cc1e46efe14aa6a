/** For tests: what a program reads of an answer, as its documentation says; nothing of the product's own types. */
export interface SheetSaid {
  unit: 'in' | 'mm';
  side: 'external' | 'internal';
  starts: number;
  pitch: number;
  angle: number;
  feed: {
    slide: string;
    as: 'turns' | 'figure';
    unit: 'in' | 'mm';
    graduation: number;
    perTurn: number;
    reads: string;
    counts: 'up' | 'down';
    zeroFigure: number;
  };
  target: number;
  limits: { pitchDiameter: { min: number; max: number } };
  workDiameter: number;
  marks: { label: string; safe: boolean }[];
  tip: { kind: string; size: number; known: boolean };
  rows: { counted: number; kind: string }[];
  proof: { id: string; kind: string; wanted: readonly string[] }[];
}

export interface Said {
  phase: string;
  because: string[];
  start: number;
  counted: number;
  reading: string;
  turns: number | null;
  infeed: number | null;
  planned: number | null;
  deepest: number | null;
  marks: string[];
  expects: {
    do: string;
    id: string;
    evidence: string;
    stop: string | null;
    check: string;
    quantity: string;
    places: string[];
    wire: number | null;
    crest: boolean;
    final: boolean;
    bothEnds: boolean;
    toShoulder: boolean;
    answers: string[] | null;
  } | null;
  sentence: string;
  refused?: { code: string; message: string };
}
