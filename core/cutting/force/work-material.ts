/** What a material asks of the lathe. Kienzle: kc = kc1.1 · h^-mc, with h in mm. */
export interface WorkMaterial {
  id: string;
  name: string;
  /** Specific cutting force for a chip of 1 mm by 1 mm, N/mm². */
  kc11: number;
  /** How it falls with the thickness of the chip. */
  mc: number;
  /** Modulus of elasticity, N/mm². */
  elasticity: number;
  /** Words by which a plan's own text names it. */
  named: RegExp;
}

/**
 * Specific cutting forces of the textbooks (König and Essel's values as the German handbooks of machining reprint them:
 * Tschätsch, Praxis der Zerspantechnik; Dubbel), from memory; moduli by any table of materials. The first that a text
 * names is taken, the special before the general.
 */
export const WORK_MATERIALS: readonly WorkMaterial[] = [
  {
    id: 'stainless',
    name: 'stainless steel, 18-8',
    kc11: 2350,
    mc: 0.21,
    elasticity: 196_000,
    named: /stainless|30[34]\b|316|18-8|x\d+crni/i,
  },
  {
    id: 'alloy',
    name: 'alloy steel, 42CrMo4',
    kc11: 2500,
    mc: 0.26,
    elasticity: 210_000,
    named: /alloy steel|tool steel|4[13]\d\d\b|42crmo/i,
  },
  {
    id: 'case',
    name: 'case-hardening steel, 16MnCr5',
    kc11: 2100,
    mc: 0.26,
    elasticity: 210_000,
    named: /case.?harden|16mncr|8620/i,
  },
  {
    id: 'free',
    name: 'free-cutting steel',
    kc11: 1390,
    mc: 0.18,
    elasticity: 210_000,
    named: /free.?(cut|machin)|leaded|12l14|11smn|9s20|silver steel/i,
  },
  {
    id: 'c45',
    name: 'medium carbon steel, C45',
    kc11: 2220,
    mc: 0.14,
    elasticity: 210_000,
    named: /c45|1045|c60|medium carbon|ck45/i,
  },
  {
    id: 'mild',
    name: 'mild steel, E295',
    kc11: 1990,
    mc: 0.26,
    elasticity: 210_000,
    named: /mild|steel|s235|s275|e295|10(18|20)\b|a36/i,
  },
  {
    id: 'cast-iron',
    name: 'grey cast iron, EN-GJL-250',
    kc11: 1160,
    mc: 0.26,
    elasticity: 110_000,
    named: /cast iron|gg-?\d|gjl|iron/i,
  },
  {
    id: 'bronze',
    name: 'bronze, gunmetal',
    kc11: 640,
    mc: 0.25,
    elasticity: 105_000,
    named: /bronze|gun.?metal|cusn/i,
  },
  { id: 'brass', name: 'brass', kc11: 780, mc: 0.18, elasticity: 100_000, named: /brass|cuzn|copper/i },
  {
    id: 'aluminium',
    name: 'aluminium alloy',
    kc11: 640,
    mc: 0.25,
    elasticity: 70_000,
    named: /alumin|6061|6082|almg|alu\b/i,
  },
];

/** The material that a plan's words name; null where they name none that is known. */
export function workMaterial(words: string | null): WorkMaterial | null {
  if (words === null || words.trim() === '') return null;
  return WORK_MATERIALS.find(({ named }) => named.test(words)) ?? null;
}
