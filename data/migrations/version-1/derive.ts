/* eslint-disable */
// @ts-nocheck
// Frozen. How a plan of version 1 was worked out by the release that wrote it (commit 809a9e3), bundled from its core/.
// Used by migration 0003 alone, which writes what those releases derived anew each time; never changed, never called elsewhere.
// of that release: core/units/angle.ts
function radians(angleDeg) {
  return (angleDeg * Math.PI) / 180;
}
function degrees(angleRad) {
  return (angleRad * 180) / Math.PI;
}

// of that release: core/units/length.ts
var MM_PER_INCH = 25.4;
function lengthIn(length, unit) {
  if (length.unit === unit) return length.value;
  return unit === 'mm' ? length.value * MM_PER_INCH : length.value / MM_PER_INCH;
}

// of that release: core/units/round.ts
function roundTo(value2, decimals) {
  const scale = 10 ** decimals;
  const rounded = Math.round(Math.abs(value2) * scale * (1 + 1e-12) + 1e-9) / scale;
  return value2 < 0 ? -rounded : rounded;
}

// of that release: core/units/format-length.ts
var LENGTH_DECIMALS = { in: 4, mm: 3 };
function formatLength(length, unit = length.unit, extraDecimals = 0) {
  const decimals = LENGTH_DECIMALS[unit] + extraDecimals;
  const rounded = roundTo(lengthIn(length, unit), decimals);
  return (rounded === 0 ? 0 : rounded).toFixed(decimals);
}

// of that release: core/errors/field-issue.ts
function good(value2) {
  return { ok: true, value: value2 };
}
function bad(field, code, message) {
  return { ok: false, issues: [{ field, code, message }] };
}

// of that release: core/units/typed-text.ts
var MOST_FIGURES = 120;
function typedText(field, text, most = MOST_FIGURES) {
  if (text.length > most) return bad(field, 'too-long', `Type at most ${most} characters.`);
  return good(text.trim().replace(/\s+/g, ' '));
}
var VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u;
var INVISIBLE_ENDS = /^[\s\p{Cf}\p{Cc}]+|[\s\p{Cf}\p{Cc}]+$/gu;
function saidText(text) {
  return VISIBLE.test(text) ? text.replace(INVISIBLE_ENDS, '') : '';
}

// of that release: core/units/parse-length.ts
var UNIT_WORDS = {
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '\u2033': 'in',
  '\u201D': 'in',
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
};
function parseLength(field, text, unit) {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = short.value;
  const [name, example] = unit === 'in' ? ['inches', '0.748'] : ['mm', '15.93'];
  if (typed === '') return bad(field, 'required', `Type a length in ${name}, such as ${example}.`);
  const match = /^([^a-z"″”]*?) ?([a-z]+|["″”])?$/i.exec(typed);
  const word = match?.[2]?.toLowerCase();
  const figures = match?.[1]?.trim() ?? '';
  const given = word === void 0 ? void 0 : UNIT_WORDS[word];
  if (match === null || figures === '' || (word !== void 0 && given === void 0)) {
    return bad(
      field,
      'not-a-number',
      `\u201C${typed}\u201D is not a length. Type a number in ${name}, such as ${example}.`,
    );
  }
  const number = parseFigures(field, figures);
  if (!number.ok) return number;
  const isFraction = figures.includes('/');
  if (isFraction && (given ?? unit) === 'mm') {
    return bad(
      field,
      'not-a-number',
      `Fractions are inches here: type the decimal in mm, or \u201C${figures} in\u201D.`,
    );
  }
  const source = { value: number.value, unit: given ?? unit };
  const length = { value: lengthIn(source, unit), unit };
  const plain2 = !isFraction && (given === void 0 || given === unit);
  return good({ length, note: plain2 ? null : `${typed} is read as ${formatLength(length)} ${unit}.` });
}
var LARGEST = 1e9;
function parseFigures(field, text) {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const number = figuresOf(field, short.value);
  if (number.ok && !(Math.abs(number.value) < LARGEST))
    return bad(field, 'out-of-range', 'That is larger than any figure here: type fewer figures.');
  return number;
}
function figuresOf(field, figures) {
  if (/^[+-]?\d*,\d+$/.test(figures)) {
    const point = figures.replace(',', '.');
    return bad(
      field,
      'decimal-comma',
      `Use a decimal point: ${point.startsWith('.') ? `0${point}` : point}.`,
    );
  }
  if (/^[+-]?(\d+\.?\d*|\.\d+)$/.test(figures)) return good(Number(figures));
  const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(figures);
  if (fraction !== null) {
    const [, whole, over, under] = fraction;
    if (Number(under) === 0) return bad(field, 'not-a-number', 'A fraction can not have 0 below the line.');
    return good(Number(whole ?? 0) + Number(over) / Number(under));
  }
  return bad(
    field,
    'not-a-number',
    `\u201C${figures}\u201D is not a number. Type figures with a decimal point, such as 0.748.`,
  );
}
function parseWhole(field, text, min, max, what) {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = short.value;
  if (typed === '') return bad(field, 'required', `Type ${what}: a whole number from ${min} to ${max}.`);
  const number = parseFigures(field, typed.replace(/ ?(rpm|passes|pass)$/i, ''));
  if (!number.ok) return number;
  if (!Number.isInteger(number.value) || number.value < min || number.value > max) {
    return bad(field, 'out-of-range', `Type ${what} as a whole number from ${min} to ${max}.`);
  }
  return number;
}

// of that release: core/units/parse-angle.ts
function parseAngleDeg(field, text, minDeg, maxDeg) {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = short.value;
  if (typed === '')
    return bad(field, 'required', `Type an angle from ${minDeg} to ${maxDeg} degrees, such as 29.5.`);
  const number = parseFigures(field, typed.replace(/ ?(°|deg|degrees)$/i, ''));
  if (!number.ok) return number;
  if (number.value < minDeg || number.value > maxDeg) {
    return bad(
      field,
      'out-of-range',
      `${number.value}\xB0 is outside ${minDeg} to ${maxDeg}\xB0. Count the angle from the cross-slide axis: usual is 29 to 30.`,
    );
  }
  return number;
}

// of that release: core/thread/acme/acme-limits.ts
var CLASSES = {
  2: { a: 0.03, b: 6e-3, allowance: 8e-3 },
  3: { a: 0.014, b: 28e-4, allowance: 6e-3 },
  4: { a: 0.01, b: 2e-3, allowance: 4e-3 },
};
function acmeClearanceIn(pitchIn) {
  return pitchIn >= 0.1 - 1e-9 ? 0.02 : 0.01;
}
function sizes(thread) {
  const pitchIn = thread.pitch.valueOf();
  const { a, b, allowance } = CLASSES[thread.toleranceClass.fit];
  const root = Math.sqrt(thread.nominalDiameter);
  return {
    pitchIn,
    diameterIn: thread.nominalDiameter,
    allowance: roundTo(allowance * root, 4),
    pitchTolerance: roundTo(a * Math.sqrt(pitchIn) + b * root, 4),
    crestTolerance: roundTo(Math.max(0.05 * pitchIn, 5e-3), 4),
    clearance: acmeClearanceIn(pitchIn),
  };
}
function acmeExternalLimits(thread) {
  const { pitchIn, diameterIn, allowance, pitchTolerance, crestTolerance, clearance } = sizes(thread);
  const pitchMax = roundTo(diameterIn - pitchIn / 2 - allowance, 4);
  const minorMax = roundTo(diameterIn - pitchIn - clearance, 4);
  return {
    side: 'external',
    standard: 'ASME B1.5',
    allowance,
    major: { min: roundTo(diameterIn - crestTolerance, 4), max: roundTo(diameterIn, 4) },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 4), max: pitchMax },
    minor: { min: roundTo(minorMax - 1.5 * pitchTolerance, 4), max: minorMax },
    roundedRootMinorMax: null,
    tolerance: { major: crestTolerance, pitchDiameter: pitchTolerance },
  };
}
function acmeInternalLimits(thread) {
  const { pitchIn, diameterIn, pitchTolerance, crestTolerance, clearance } = sizes(thread);
  const pitchMin = roundTo(diameterIn - pitchIn / 2, 4);
  const minorMin = roundTo(diameterIn - pitchIn, 4);
  return {
    side: 'internal',
    standard: 'ASME B1.5',
    allowance: 0,
    major: { min: roundTo(diameterIn + clearance, 4), max: roundTo(diameterIn + 2 * clearance, 4) },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 4) },
    minor: { min: minorMin, max: roundTo(minorMin + crestTolerance, 4) },
    tolerance: { minor: crestTolerance, pitchDiameter: pitchTolerance },
  };
}

// of that release: core/thread/thread-form.ts
var FORM_60 = {
  id: 'sixty',
  name: '60\xB0 (ISO 68-1, ASME B1.1)',
  flankAngleDeg: 30,
  fundamentalHeight: 0.866025404,
  majorToPitch: 0.64951905,
  majorToMinor: 1.08253175,
  majorToRoundedRoot: 1.22686932,
  crestRadius: 0,
  usualTip: { flat: 0.125, radius: 0.144338 },
  fullDoubleHeight: 1.29903811,
};
var FORM_ACME = {
  id: 'acme',
  name: '29\xB0 (ASME B1.5)',
  flankAngleDeg: 14.5,
  fundamentalHeight: 1.933357,
  majorToPitch: 0.5,
  majorToMinor: 1,
  majorToRoundedRoot: null,
  crestRadius: 0,
  usualTip: { flat: 0.3707, radius: 0.1 },
  fullDoubleHeight: null,
};
var FORM_TRAPEZOIDAL = {
  id: 'trapezoidal',
  name: '30\xB0 (ISO 2901)',
  flankAngleDeg: 15,
  fundamentalHeight: 1.866025,
  majorToPitch: 0.5,
  majorToMinor: 1,
  majorToRoundedRoot: null,
  crestRadius: 0,
  usualTip: { flat: 0.366, radius: 0.1 },
  fullDoubleHeight: null,
};
var FORM_WHITWORTH = {
  id: 'whitworth',
  name: '55\xB0 (BS 84, ISO 228-1)',
  flankAngleDeg: 27.5,
  fundamentalHeight: 0.960491,
  majorToPitch: 0.640327,
  majorToMinor: 1.280654,
  majorToRoundedRoot: 1.280654,
  crestRadius: 0.137329,
  usualTip: { flat: 0.166667, radius: 0.137329 },
  fullDoubleHeight: null,
};

if (typeof BigInt === 'undefined')
  BigInt = function (n) {
    if (isNaN(n)) throw new Error('');
    return n;
  };
var C_ZERO = BigInt(0);
var C_ONE = BigInt(1);
var C_TWO = BigInt(2);
var C_THREE = BigInt(3);
var C_FIVE = BigInt(5);
var C_TEN = BigInt(10);
var MAX_INTEGER = BigInt(Number.MAX_SAFE_INTEGER);
var MAX_CYCLE_LEN = 2e3;
var P = {
  s: C_ONE,
  n: C_ZERO,
  d: C_ONE,
};
function assign(n, s) {
  try {
    n = BigInt(n);
  } catch (e) {
    throw InvalidParameter();
  }
  return n * s;
}
function ifloor(x) {
  return typeof x === 'bigint' ? x : Math.floor(x);
}
function newFraction(n, d) {
  if (d === C_ZERO) {
    throw DivisionByZero();
  }
  const f = Object.create(Fraction.prototype);
  f['s'] = n < C_ZERO ? -C_ONE : C_ONE;
  n = n < C_ZERO ? -n : n;
  const a = gcd(n, d);
  f['n'] = n / a;
  f['d'] = d / a;
  return f;
}
var FACTORSTEPS = [
  C_TWO * C_TWO,
  C_TWO,
  C_TWO * C_TWO,
  C_TWO,
  C_TWO * C_TWO,
  C_TWO * C_THREE,
  C_TWO,
  C_TWO * C_THREE,
];
function factorize(n) {
  const factors = /* @__PURE__ */ Object.create(null);
  if (n <= C_ONE) {
    factors[n] = C_ONE;
    return factors;
  }
  const add = (p) => {
    factors[p] = (factors[p] || C_ZERO) + C_ONE;
  };
  while (n % C_TWO === C_ZERO) {
    add(C_TWO);
    n /= C_TWO;
  }
  while (n % C_THREE === C_ZERO) {
    add(C_THREE);
    n /= C_THREE;
  }
  while (n % C_FIVE === C_ZERO) {
    add(C_FIVE);
    n /= C_FIVE;
  }
  for (let si = 0, p = C_TWO + C_FIVE; p * p <= n;) {
    while (n % p === C_ZERO) {
      add(p);
      n /= p;
    }
    p += FACTORSTEPS[si];
    si = (si + 1) & 7;
  }
  if (n > C_ONE) add(n);
  return factors;
}
var parse = function (p1, p2) {
  let n = C_ZERO,
    d = C_ONE,
    s = C_ONE;
  if (p1 === void 0 || p1 === null) {
  } else if (p2 !== void 0) {
    if (typeof p1 === 'bigint') {
      n = p1;
    } else if (isNaN(p1)) {
      throw InvalidParameter();
    } else if (p1 % 1 !== 0) {
      throw NonIntegerParameter();
    } else {
      n = BigInt(p1);
    }
    if (typeof p2 === 'bigint') {
      d = p2;
    } else if (isNaN(p2)) {
      throw InvalidParameter();
    } else if (p2 % 1 !== 0) {
      throw NonIntegerParameter();
    } else {
      d = BigInt(p2);
    }
    s = n * d;
  } else if (typeof p1 === 'object') {
    if ('d' in p1 && 'n' in p1) {
      n = BigInt(p1['n']);
      d = BigInt(p1['d']);
      if ('s' in p1) n *= BigInt(p1['s']);
    } else if (0 in p1) {
      n = BigInt(p1[0]);
      if (1 in p1) d = BigInt(p1[1]);
    } else if (typeof p1 === 'bigint') {
      n = p1;
    } else {
      throw InvalidParameter();
    }
    s = n * d;
  } else if (typeof p1 === 'number') {
    if (isNaN(p1)) {
      throw InvalidParameter();
    }
    if (p1 < 0) {
      s = -C_ONE;
      p1 = -p1;
    }
    if (p1 % 1 === 0) {
      n = BigInt(p1);
    } else {
      let z = 1;
      let A = 0,
        B = 1;
      let C = 1,
        D = 1;
      let N = 1e7;
      if (p1 >= 1) {
        z = 10 ** Math.floor(1 + Math.log10(p1));
        p1 /= z;
      }
      while (B <= N && D <= N) {
        let M = (A + C) / (B + D);
        if (p1 === M) {
          if (B + D <= N) {
            n = A + C;
            d = B + D;
          } else if (D > B) {
            n = C;
            d = D;
          } else {
            n = A;
            d = B;
          }
          break;
        } else {
          if (p1 > M) {
            A += C;
            B += D;
          } else {
            C += A;
            D += B;
          }
          if (B > N) {
            n = C;
            d = D;
          } else {
            n = A;
            d = B;
          }
        }
      }
      n = BigInt(n) * BigInt(z);
      d = BigInt(d);
    }
  } else if (typeof p1 === 'string') {
    let ndx = 0;
    let v = C_ZERO,
      w = C_ZERO,
      x = C_ZERO,
      y = C_ONE,
      z = C_ONE;
    let match = p1.replace(/_/g, '').match(/\d+|./g);
    if (match === null) throw InvalidParameter();
    if (match[ndx] === '-') {
      s = -C_ONE;
      ndx++;
    } else if (match[ndx] === '+') {
      ndx++;
    }
    if (match.length === ndx + 1) {
      w = assign(match[ndx++], s);
    } else if (match[ndx + 1] === '.' || match[ndx] === '.') {
      if (match[ndx] !== '.') {
        v = assign(match[ndx++], s);
      }
      ndx++;
      if (
        ndx + 1 === match.length ||
        (match[ndx + 1] === '(' && match[ndx + 3] === ')') ||
        (match[ndx + 1] === "'" && match[ndx + 3] === "'")
      ) {
        w = assign(match[ndx], s);
        y = C_TEN ** BigInt(match[ndx].length);
        ndx++;
      }
      if ((match[ndx] === '(' && match[ndx + 2] === ')') || (match[ndx] === "'" && match[ndx + 2] === "'")) {
        x = assign(match[ndx + 1], s);
        z = C_TEN ** BigInt(match[ndx + 1].length) - C_ONE;
        ndx += 3;
      }
    } else if (match[ndx + 1] === '/' || match[ndx + 1] === ':') {
      w = assign(match[ndx], s);
      y = assign(match[ndx + 2], C_ONE);
      ndx += 3;
    } else if (match[ndx + 3] === '/' && match[ndx + 1] === ' ') {
      v = assign(match[ndx], s);
      w = assign(match[ndx + 2], s);
      y = assign(match[ndx + 4], C_ONE);
      ndx += 5;
    }
    if (match.length <= ndx) {
      d = y * z;
      s = /* void */ n = x + d * v + z * w;
    } else {
      throw InvalidParameter();
    }
  } else if (typeof p1 === 'bigint') {
    n = p1;
    s = p1;
    d = C_ONE;
  } else {
    throw InvalidParameter();
  }
  if (d === C_ZERO) {
    throw DivisionByZero();
  }
  P['s'] = s < C_ZERO ? -C_ONE : C_ONE;
  P['n'] = n < C_ZERO ? -n : n;
  P['d'] = d < C_ZERO ? -d : d;
};
function modpow(b, e, m) {
  let r = C_ONE;
  for (; e > C_ZERO; b = (b * b) % m, e >>= C_ONE) {
    if (e & C_ONE) {
      r = (r * b) % m;
    }
  }
  return r;
}
function cycleLen(n, d) {
  for (; d % C_TWO === C_ZERO; d /= C_TWO) {}
  for (; d % C_FIVE === C_ZERO; d /= C_FIVE) {}
  if (d === C_ONE) return C_ZERO;
  let rem = C_TEN % d;
  let t = 1;
  for (; rem !== C_ONE; t++) {
    rem = (rem * C_TEN) % d;
    if (t > MAX_CYCLE_LEN) return C_ZERO;
  }
  return BigInt(t);
}
function cycleStart(n, d, len) {
  let rem1 = C_ONE;
  let rem2 = modpow(C_TEN, len, d);
  for (let t = 0; t < 300; t++) {
    if (rem1 === rem2) return BigInt(t);
    rem1 = (rem1 * C_TEN) % d;
    rem2 = (rem2 * C_TEN) % d;
  }
  return 0;
}
function gcd(a, b) {
  if (!a) return b;
  if (!b) return a;
  while (1) {
    a %= b;
    if (!a) return b;
    b %= a;
    if (!b) return a;
  }
}
function Fraction(a, b) {
  parse(a, b);
  if (this instanceof Fraction) {
    a = gcd(P['d'], P['n']);
    this['s'] = P['s'];
    this['n'] = P['n'] / a;
    this['d'] = P['d'] / a;
  } else {
    return newFraction(P['s'] * P['n'], P['d']);
  }
}
var DivisionByZero = function () {
  return new Error('Division by Zero');
};
var InvalidParameter = function () {
  return new Error('Invalid argument');
};
var NonIntegerParameter = function () {
  return new Error('Parameters must be integer');
};
Fraction.prototype = {
  s: C_ONE,
  n: C_ZERO,
  d: C_ONE,
  /**
   * Calculates the absolute value
   *
   * Ex: new Fraction(-4).abs() => 4
   **/
  abs: function () {
    return newFraction(this['n'], this['d']);
  },
  /**
   * Inverts the sign of the current fraction
   *
   * Ex: new Fraction(-4).neg() => 4
   **/
  neg: function () {
    return newFraction(-this['s'] * this['n'], this['d']);
  },
  /**
   * Adds two rational numbers
   *
   * Ex: new Fraction({n: 2, d: 3}).add("14.9") => 467 / 30
   **/
  add: function (a, b) {
    parse(a, b);
    return newFraction(this['s'] * this['n'] * P['d'] + P['s'] * this['d'] * P['n'], this['d'] * P['d']);
  },
  /**
   * Subtracts two rational numbers
   *
   * Ex: new Fraction({n: 2, d: 3}).add("14.9") => -427 / 30
   **/
  sub: function (a, b) {
    parse(a, b);
    return newFraction(this['s'] * this['n'] * P['d'] - P['s'] * this['d'] * P['n'], this['d'] * P['d']);
  },
  /**
   * Multiplies two rational numbers
   *
   * Ex: new Fraction("-17.(345)").mul(3) => 5776 / 111
   **/
  mul: function (a, b) {
    parse(a, b);
    return newFraction(this['s'] * P['s'] * this['n'] * P['n'], this['d'] * P['d']);
  },
  /**
   * Divides two rational numbers
   *
   * Ex: new Fraction("-17.(345)").inverse().div(3)
   **/
  div: function (a, b) {
    parse(a, b);
    return newFraction(this['s'] * P['s'] * this['n'] * P['d'], this['d'] * P['n']);
  },
  /**
   * Clones the actual object
   *
   * Ex: new Fraction("-17.(345)").clone()
   **/
  clone: function () {
    return newFraction(this['s'] * this['n'], this['d']);
  },
  /**
   * Calculates the modulo of two rational numbers - a more precise fmod
   *
   * Ex: new Fraction('4.(3)').mod([7, 8]) => (13/3) % (7/8) = (5/6)
   * Ex: new Fraction(20, 10).mod().equals(0) ? "is Integer"
   **/
  mod: function (a, b) {
    if (a === void 0) {
      return newFraction((this['s'] * this['n']) % this['d'], C_ONE);
    }
    parse(a, b);
    if (C_ZERO === P['n'] * this['d']) {
      throw DivisionByZero();
    }
    return newFraction((this['s'] * (P['d'] * this['n'])) % (P['n'] * this['d']), P['d'] * this['d']);
  },
  /**
   * Calculates the fractional gcd of two rational numbers
   *
   * Ex: new Fraction(5,8).gcd(3,7) => 1/56
   */
  gcd: function (a, b) {
    parse(a, b);
    return newFraction(gcd(P['n'], this['n']) * gcd(P['d'], this['d']), P['d'] * this['d']);
  },
  /**
   * Calculates the fractional lcm of two rational numbers
   *
   * Ex: new Fraction(5,8).lcm(3,7) => 15
   */
  lcm: function (a, b) {
    parse(a, b);
    if (P['n'] === C_ZERO && this['n'] === C_ZERO) {
      return newFraction(C_ZERO, C_ONE);
    }
    return newFraction(P['n'] * this['n'], gcd(P['n'], this['n']) * gcd(P['d'], this['d']));
  },
  /**
   * Gets the inverse of the fraction, means numerator and denominator are exchanged
   *
   * Ex: new Fraction([-3, 4]).inverse() => -4 / 3
   **/
  inverse: function () {
    return newFraction(this['s'] * this['d'], this['n']);
  },
  /**
   * Calculates the fraction to some integer exponent
   *
   * Ex: new Fraction(-1,2).pow(-3) => -8
   */
  pow: function (a, b) {
    parse(a, b);
    if (P['d'] === C_ONE) {
      if (P['s'] < C_ZERO) {
        return newFraction((this['s'] * this['d']) ** P['n'], this['n'] ** P['n']);
      } else {
        return newFraction((this['s'] * this['n']) ** P['n'], this['d'] ** P['n']);
      }
    }
    if (this['s'] < C_ZERO) return null;
    let N = factorize(this['n']);
    let D = factorize(this['d']);
    let n = C_ONE;
    let d = C_ONE;
    for (let k in N) {
      if (k === '1') continue;
      if (k === '0') {
        n = C_ZERO;
        break;
      }
      N[k] *= P['n'];
      if (N[k] % P['d'] === C_ZERO) {
        N[k] /= P['d'];
      } else return null;
      n *= BigInt(k) ** N[k];
    }
    for (let k in D) {
      if (k === '1') continue;
      D[k] *= P['n'];
      if (D[k] % P['d'] === C_ZERO) {
        D[k] /= P['d'];
      } else return null;
      d *= BigInt(k) ** D[k];
    }
    if (P['s'] < C_ZERO) {
      return newFraction(d, n);
    }
    return newFraction(n, d);
  },
  /**
   * Calculates the logarithm of a fraction to a given rational base
   *
   * Ex: new Fraction(27, 8).log(9, 4) => 3/2
   */
  log: function (a, b) {
    parse(a, b);
    if (this['s'] <= C_ZERO || P['s'] <= C_ZERO) return null;
    const allPrimes = /* @__PURE__ */ Object.create(null);
    const baseFactors = factorize(P['n']);
    const T1 = factorize(P['d']);
    const numberFactors = factorize(this['n']);
    const T2 = factorize(this['d']);
    for (const prime in T1) {
      baseFactors[prime] = (baseFactors[prime] || C_ZERO) - T1[prime];
    }
    for (const prime in T2) {
      numberFactors[prime] = (numberFactors[prime] || C_ZERO) - T2[prime];
    }
    for (const prime in baseFactors) {
      if (prime === '1') continue;
      allPrimes[prime] = true;
    }
    for (const prime in numberFactors) {
      if (prime === '1') continue;
      allPrimes[prime] = true;
    }
    let retN = null;
    let retD = null;
    for (const prime in allPrimes) {
      const baseExponent = baseFactors[prime] || C_ZERO;
      const numberExponent = numberFactors[prime] || C_ZERO;
      if (baseExponent === C_ZERO) {
        if (numberExponent !== C_ZERO) {
          return null;
        }
        continue;
      }
      let curN = numberExponent;
      let curD = baseExponent;
      const gcdValue = gcd(curN, curD);
      curN /= gcdValue;
      curD /= gcdValue;
      if (retN === null && retD === null) {
        retN = curN;
        retD = curD;
      } else if (curN * retD !== retN * curD) {
        return null;
      }
    }
    return retN !== null && retD !== null ? newFraction(retN, retD) : null;
  },
  /**
   * Check if two rational numbers are the same
   *
   * Ex: new Fraction(19.6).equals([98, 5]);
   **/
  equals: function (a, b) {
    parse(a, b);
    return this['s'] * this['n'] * P['d'] === P['s'] * P['n'] * this['d'];
  },
  /**
   * Check if this rational number is less than another
   *
   * Ex: new Fraction(19.6).lt([98, 5]);
   **/
  lt: function (a, b) {
    parse(a, b);
    return this['s'] * this['n'] * P['d'] < P['s'] * P['n'] * this['d'];
  },
  /**
   * Check if this rational number is less than or equal another
   *
   * Ex: new Fraction(19.6).lt([98, 5]);
   **/
  lte: function (a, b) {
    parse(a, b);
    return this['s'] * this['n'] * P['d'] <= P['s'] * P['n'] * this['d'];
  },
  /**
   * Check if this rational number is greater than another
   *
   * Ex: new Fraction(19.6).lt([98, 5]);
   **/
  gt: function (a, b) {
    parse(a, b);
    return this['s'] * this['n'] * P['d'] > P['s'] * P['n'] * this['d'];
  },
  /**
   * Check if this rational number is greater than or equal another
   *
   * Ex: new Fraction(19.6).lt([98, 5]);
   **/
  gte: function (a, b) {
    parse(a, b);
    return this['s'] * this['n'] * P['d'] >= P['s'] * P['n'] * this['d'];
  },
  /**
   * Compare two rational numbers
   * < 0 iff this < that
   * > 0 iff this > that
   * = 0 iff this = that
   *
   * Ex: new Fraction(19.6).compare([98, 5]);
   **/
  compare: function (a, b) {
    parse(a, b);
    let t = this['s'] * this['n'] * P['d'] - P['s'] * P['n'] * this['d'];
    return (C_ZERO < t) - (t < C_ZERO);
  },
  /**
   * Calculates the ceil of a rational number
   *
   * Ex: new Fraction('4.(3)').ceil() => (5 / 1)
   **/
  ceil: function (places) {
    places = C_TEN ** BigInt(places || 0);
    return newFraction(
      ifloor((this['s'] * places * this['n']) / this['d']) +
        ((places * this['n']) % this['d'] > C_ZERO && this['s'] >= C_ZERO ? C_ONE : C_ZERO),
      places,
    );
  },
  /**
   * Calculates the floor of a rational number
   *
   * Ex: new Fraction('4.(3)').floor() => (4 / 1)
   **/
  floor: function (places) {
    places = C_TEN ** BigInt(places || 0);
    return newFraction(
      ifloor((this['s'] * places * this['n']) / this['d']) -
        ((places * this['n']) % this['d'] > C_ZERO && this['s'] < C_ZERO ? C_ONE : C_ZERO),
      places,
    );
  },
  /**
   * Rounds a rational numbers
   *
   * Ex: new Fraction('4.(3)').round() => (4 / 1)
   **/
  round: function (places) {
    places = C_TEN ** BigInt(places || 0);
    return newFraction(
      ifloor((this['s'] * places * this['n']) / this['d']) +
        this['s'] *
          ((this['s'] >= C_ZERO ? C_ONE : C_ZERO) + C_TWO * ((places * this['n']) % this['d']) > this['d']
            ? C_ONE
            : C_ZERO),
      places,
    );
  },
  /**
   * Rounds a rational number to a multiple of another rational number
   *
   * Ex: new Fraction('0.9').roundTo("1/8") => 7 / 8
   **/
  roundTo: function (a, b) {
    parse(a, b);
    const n = this['n'] * P['d'];
    const d = this['d'] * P['n'];
    const r = n % d;
    let k = ifloor(n / d);
    if (r + r >= d) {
      k++;
    }
    return newFraction(this['s'] * k * P['n'], P['d']);
  },
  /**
   * Check if two rational numbers are divisible
   *
   * Ex: new Fraction(19.6).divisible(1.5);
   */
  divisible: function (a, b) {
    parse(a, b);
    if (P['n'] === C_ZERO) return false;
    return (this['n'] * P['d']) % (P['n'] * this['d']) === C_ZERO;
  },
  /**
   * Returns a decimal representation of the fraction
   *
   * Ex: new Fraction("100.'91823'").valueOf() => 100.91823918239183
   **/
  valueOf: function () {
    return Number(this['s'] * this['n']) / Number(this['d']);
  },
  /**
   * Creates a string representation of a fraction with all digits
   *
   * Ex: new Fraction("100.'91823'").toString() => "100.(91823)"
   **/
  toString: function (dec = 15) {
    let N = this['n'];
    let D = this['d'];
    let cycLen = cycleLen(N, D);
    let cycOff = cycleStart(N, D, cycLen);
    let str = this['s'] < C_ZERO ? '-' : '';
    str += ifloor(N / D);
    N %= D;
    N *= C_TEN;
    if (N) str += '.';
    if (cycLen) {
      for (let i = cycOff; i--;) {
        str += ifloor(N / D);
        N %= D;
        N *= C_TEN;
      }
      str += '(';
      for (let i = cycLen; i--;) {
        str += ifloor(N / D);
        N %= D;
        N *= C_TEN;
      }
      str += ')';
    } else {
      for (let i = dec; N && i--;) {
        str += ifloor(N / D);
        N %= D;
        N *= C_TEN;
      }
    }
    return str;
  },
  /**
   * Returns a string-fraction representation of a Fraction object
   *
   * Ex: new Fraction("1.'3'").toFraction() => "4 1/3"
   **/
  toFraction: function (showMixed = false) {
    let n = this['n'];
    let d = this['d'];
    let str = this['s'] < C_ZERO ? '-' : '';
    if (d === C_ONE) {
      str += n;
    } else {
      const whole = ifloor(n / d);
      if (showMixed && whole > C_ZERO) {
        str += whole;
        str += ' ';
        n %= d;
      }
      str += n;
      str += '/';
      str += d;
    }
    return str;
  },
  /**
   * Returns a latex representation of a Fraction object
   *
   * Ex: new Fraction("1.'3'").toLatex() => "\frac{4}{3}"
   **/
  toLatex: function (showMixed = false) {
    let n = this['n'];
    let d = this['d'];
    let str = this['s'] < C_ZERO ? '-' : '';
    if (d === C_ONE) {
      str += n;
    } else {
      const whole = ifloor(n / d);
      if (showMixed && whole > C_ZERO) {
        str += whole;
        n %= d;
      }
      str += '\\frac{';
      str += n;
      str += '}{';
      str += d;
      str += '}';
    }
    return str;
  },
  /**
   * Returns an array of continued fraction elements
   *
   * Ex: new Fraction("7/8").toContinued() => [0,1,7]
   */
  toContinued: function () {
    let a = this['n'];
    let b = this['d'];
    const res = [];
    while (b) {
      res.push(ifloor(a / b));
      const t = a % b;
      a = b;
      b = t;
    }
    return res;
  },
  simplify: function (eps = 1e-3) {
    const ieps = BigInt(Math.ceil(1 / eps));
    const thisABS = this['abs']();
    const cont = thisABS['toContinued']();
    for (let i = 1; i < cont.length; i++) {
      let s = newFraction(cont[i - 1], C_ONE);
      for (let k = i - 2; k >= 0; k--) {
        s = s['inverse']()['add'](cont[k]);
      }
      let t = s['sub'](thisABS);
      if (t['n'] * ieps < t['d']) {
        return s['mul'](this['s']);
      }
    }
    return this;
  },
};

// of that release: core/thread/thread.ts
function pitchOf(thread) {
  return thread.pitch.valueOf();
}
function leadOf(thread) {
  return thread.pitch.mul(thread.starts).valueOf();
}
function tpiOf(thread) {
  const perUnit = thread.pitch.inverse();
  return thread.unit === 'in' ? perUnit : perUnit.mul(new Fraction(254, 10));
}

// of that release: core/thread/unified/unified-series.ts
var UNC = {
  '#1': 64,
  '#2': 56,
  '#3': 48,
  '#4': 40,
  '#5': 40,
  '#6': 32,
  '#8': 32,
  '#10': 24,
  '#12': 24,
  '1/4': 20,
  '5/16': 18,
  '3/8': 16,
  '7/16': 14,
  '1/2': 13,
  '9/16': 12,
  '5/8': 11,
  '3/4': 10,
  '7/8': 9,
  '1': 8,
  '1 1/8': 7,
  '1 1/4': 7,
  '1 3/8': 6,
  '1 1/2': 6,
  '1 3/4': 5,
  '2': 4.5,
  '2 1/4': 4.5,
  '2 1/2': 4,
  '2 3/4': 4,
  '3': 4,
  '3 1/4': 4,
  '3 1/2': 4,
  '3 3/4': 4,
  '4': 4,
};
var UNF = {
  '#0': 80,
  '#1': 72,
  '#2': 64,
  '#3': 56,
  '#4': 48,
  '#5': 44,
  '#6': 40,
  '#8': 36,
  '#10': 32,
  '#12': 28,
  '1/4': 28,
  '5/16': 24,
  '3/8': 24,
  '7/16': 20,
  '1/2': 20,
  '9/16': 18,
  '5/8': 18,
  '3/4': 16,
  '7/8': 14,
  '1': 12,
  '1 1/8': 12,
  '1 1/4': 12,
  '1 3/8': 12,
  '1 1/2': 12,
};
var UNEF = {
  '#12': 32,
  '1/4': 32,
  '5/16': 32,
  '3/8': 32,
  '7/16': 28,
  '1/2': 28,
  '9/16': 24,
  '5/8': 24,
  '11/16': 24,
  '3/4': 20,
  '13/16': 20,
  '7/8': 20,
  '15/16': 20,
  '1': 20,
  '1 1/16': 18,
  '1 1/8': 18,
  '1 3/16': 18,
  '1 1/4': 18,
  '1 5/16': 18,
  '1 3/8': 18,
  '1 7/16': 18,
  '1 1/2': 18,
  '1 9/16': 18,
  '1 5/8': 18,
  '1 11/16': 18,
};
var UNIFIED_SERIES = { UNC, UNF, UNEF };
var CONSTANT_PITCH_TPI = [4, 6, 8, 12, 16, 20, 28, 32];
function inferUnifiedSeries(sizeLabel, tpi) {
  for (const series of ['UNC', 'UNF', 'UNEF']) {
    if (UNIFIED_SERIES[series][sizeLabel] === tpi) return series;
  }
  return CONSTANT_PITCH_TPI.includes(tpi) ? 'UN' : 'UNS';
}
function numberedDiameterIn(number) {
  return Math.round(60 + 13 * number) / 1e3;
}

// of that release: core/thread/inch-size.ts
var SHAPE =
  /^(?<size>#\s?\d+|no\.?\s?\d+|\d+[ -]\d+\/\d+|\d+\/\d+|\d*\.\d+|\d+)\s?(?:"|in\.?)?\s?-\s?(?<tpi>\d+ \d+\/\d+|\d*\.\d+|\d+)(?<pitch>\s?p\b)?(?<rest>.*)$/i;
var LEAD = /^\s?-\s?(?<lead>\d*\.\d+|\d+)\s?l\b/i;
var STARTS = /[\s-]*\(?(?<starts>\d+)[ -]?starts?\)?/i;
function readInchSize(typed, field) {
  const shape = SHAPE.exec(typed)?.groups;
  if (shape === void 0) return null;
  const { size: sizeText = '', tpi: tpiText = '' } = shape;
  const size2 = readSize(sizeText);
  if (size2 === null || size2.diameterIn < 0.06 || size2.diameterIn > 24) {
    return bad(field, 'out-of-range', `Size ${sizeText}: type #0 to #12, or a diameter from 0.060 to 24 in.`);
  }
  const named = new Fraction(tpiText);
  if (named.n === 0n) return bad(field, 'out-of-range', `${tpiText} threads per inch: type 1 to 120.`);
  const tpi = shape.pitch === void 0 ? named : tidyTpi(named.inverse());
  if (tpi.compare(1) < 0 || tpi.compare(120) > 0) {
    return bad(field, 'out-of-range', `${tpi.toFraction(true)} threads per inch: type 1 to 120.`);
  }
  if (size2.diameterIn <= 1.3 / tpi.valueOf()) {
    return bad(
      field,
      'out-of-range',
      `${tpi.toFraction(true)} threads per inch are too coarse for ${sizeText}: no core is left.`,
    );
  }
  const counted = takeStarts(shape.rest ?? '', tpi, field);
  return counted.ok ? good({ ...size2, tpi, ...counted.value }) : counted;
}
function tidyTpi(tpi) {
  const halves = Math.round(2 * tpi.valueOf());
  if (halves === 0) return tpi;
  const near = new Fraction(halves, 2);
  return Math.abs(near.inverse().sub(tpi.inverse()).valueOf()) < 51e-6 ? near : tpi;
}
function takeStarts(text, tpi, field) {
  let rest = text;
  let starts;
  const lead = LEAD.exec(rest);
  if (lead !== null) {
    const exact2 = Number(lead.groups?.lead) * tpi.valueOf();
    starts = Math.round(exact2);
    if (starts < 1 || Math.abs(exact2 - starts) > 0.01)
      return bad(field, 'out-of-range', `Lead ${lead.groups?.lead} is not a whole number of pitches.`);
    rest = rest.slice(lead[0].length);
  }
  const counted = STARTS.exec(rest);
  if (counted !== null) {
    const count = Number(counted.groups?.starts);
    if (starts !== void 0 && starts !== count)
      return bad(field, 'conflict', `That lead makes ${starts} starts, not ${count}.`);
    starts = count;
    rest = rest.replace(counted[0], '');
  }
  if (starts !== void 0 && (starts < 1 || starts > 12))
    return bad(field, 'out-of-range', `${starts} starts: type 1 to 12.`);
  return good({ starts: starts ?? 1, rest: rest.trim().replace(/^-\s?/, '') });
}
function readSize(text) {
  const numbered = /^(?:#|no\.?)\s?(\d+)$/i.exec(text);
  if (numbered !== null) {
    const number = Number(numbered[1]);
    return number <= 12 ? { label: `#${number}`, diameterIn: numberedDiameterIn(number) } : null;
  }
  if (/\/0+$/.test(text)) return null;
  const diameterIn = new Fraction(text.replace(/^(\d+)-/, '$1 ')).valueOf();
  return { label: labelOf(diameterIn) ?? diameterIn.toString(), diameterIn };
}
function labelOf(diameterIn) {
  const number = (diameterIn - 0.06) / 0.013;
  const thirtySeconds = diameterIn * 32;
  if (Number.isInteger(thirtySeconds)) return new Fraction(thirtySeconds, 32).toFraction(true);
  return diameterIn < 0.25 && Math.abs(number - Math.round(number)) < 1e-9 ? `#${Math.round(number)}` : null;
}
function printTpi(thread) {
  return tpiOf(thread).toFraction(true);
}
function printStarts({ starts }) {
  return starts === 1 ? '' : ` (${starts} starts)`;
}

// of that release: core/thread/thread-system.ts
function otherSide(side) {
  return side === 'external' ? 'internal' : 'external';
}

// of that release: core/thread/acme/acme-system.ts
var acmeSystem = {
  form: FORM_ACME,
  limits: (thread) => (thread.side === 'external' ? acmeExternalLimits(thread) : acmeInternalLimits(thread)),
  print: (thread) => {
    const nut = thread.side === 'internal' ? ' internal' : '';
    return `${thread.sizeLabel}-${printTpi(thread)} Acme-${thread.toleranceClass.fit}G${nut}${printStarts(thread)}`;
  },
  rootRadius: null,
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) => {
    const source = 'ASME B1.5, general purpose classes (from memory)';
    return side === 'external'
      ? {
          pitchDiameter: {
            formula:
              'max = D \u2212 P/2 \u2212 0.008 D^(1/2);  min = max \u2212 (0.030 P^(1/2) + 0.006 D^(1/2)), factors of 2G',
            source,
          },
          major: { formula: 'max = D;  min = max \u2212 0.05 P, at least 0.005', source },
          minor: {
            formula:
              'max = D \u2212 P \u2212 clearance (0.020 to 10 TPI, finer 0.010);  min = max \u2212 1.5 \xD7 PD tolerance',
            source,
          },
        }
      : {
          pitchDiameter: {
            formula: 'min = D \u2212 P/2;  max = min + (0.030 P^(1/2) + 0.006 D^(1/2)), factors of 2G',
            source,
          },
          major: { formula: 'min = D + clearance;  max = min + clearance', source },
          minor: { formula: 'min = D \u2212 P;  max = min + 0.05 P, at least 0.005', source },
        };
  },
};

// of that release: core/thread/metric/iso965-tables.ts
var DEVIATION_UM = {
  e: {
    '0.5': 50,
    '0.6': 53,
    '0.7': 56,
    '0.75': 56,
    '0.8': 60,
    '1': 60,
    '1.25': 63,
    '1.5': 67,
    '1.75': 71,
    '2': 71,
    '2.5': 80,
    '3': 85,
    '3.5': 90,
    '4': 95,
    '4.5': 100,
    '5': 106,
    '5.5': 112,
    '6': 118,
    '8': 140,
  },
  f: {
    '0.35': 34,
    '0.4': 34,
    '0.45': 35,
    '0.5': 36,
    '0.6': 36,
    '0.7': 38,
    '0.75': 38,
    '0.8': 38,
    '1': 40,
    '1.25': 42,
    '1.5': 45,
    '1.75': 48,
    '2': 52,
    '2.5': 58,
    '3': 63,
    '3.5': 70,
    '4': 75,
    '4.5': 80,
    '5': 85,
    '5.5': 90,
    '6': 95,
    '8': 118,
  },
  g: {
    '0.2': 17,
    '0.25': 18,
    '0.3': 18,
    '0.35': 19,
    '0.4': 19,
    '0.45': 20,
    '0.5': 20,
    '0.6': 21,
    '0.7': 22,
    '0.75': 22,
    '0.8': 24,
    '1': 26,
    '1.25': 28,
    '1.5': 32,
    '1.75': 34,
    '2': 38,
    '2.5': 42,
    '3': 48,
    '3.5': 53,
    '4': 60,
    '4.5': 63,
    '5': 71,
    '5.5': 75,
    '6': 80,
    '8': 100,
  },
};
var MAJOR_TOLERANCE_6_UM = {
  '0.2': 56,
  '0.25': 67,
  '0.3': 75,
  '0.35': 85,
  '0.4': 95,
  '0.45': 100,
  '0.5': 106,
  '0.6': 125,
  '0.7': 140,
  '0.75': 140,
  '0.8': 150,
  '1': 180,
  '1.25': 212,
  '1.5': 236,
  '1.75': 265,
  '2': 280,
  '2.5': 335,
  '3': 375,
  '3.5': 425,
  '4': 475,
  '4.5': 500,
  '5': 530,
  '5.5': 560,
  '6': 600,
  '8': 710,
};
var MINOR_TOLERANCE_6_UM = {
  '0.3': 85,
  '0.35': 100,
  '0.4': 112,
  '0.45': 125,
  '0.5': 140,
  '0.6': 160,
  '0.7': 180,
  '0.75': 190,
  '0.8': 200,
  '1': 236,
  '1.25': 265,
  '1.5': 300,
  '1.75': 335,
  '2': 375,
  '2.5': 450,
  '3': 500,
  '3.5': 560,
  '4': 600,
  '4.5': 670,
  '5': 710,
  '5.5': 750,
  '6': 800,
  '8': 1e3,
};
var PITCH_TOLERANCE_6 = [
  { overMm: 0.99, upToMm: 1.4, grade6Um: { '0.2': 48, '0.25': 53, '0.3': 56 } },
  { overMm: 1.4, upToMm: 2.8, grade6Um: { '0.2': 50, '0.25': 56, '0.35': 63, '0.4': 67, '0.45': 71 } },
  {
    overMm: 2.8,
    upToMm: 5.6,
    grade6Um: { '0.35': 67, '0.5': 75, '0.6': 85, '0.7': 90, '0.75': 90, '0.8': 95 },
  },
  { overMm: 5.6, upToMm: 11.2, grade6Um: { '0.75': 100, '1': 112, '1.25': 118, '1.5': 132 } },
  {
    overMm: 11.2,
    upToMm: 22.4,
    grade6Um: { '1': 118, '1.25': 132, '1.5': 140, '1.75': 150, '2': 160, '2.5': 170 },
  },
  {
    overMm: 22.4,
    upToMm: 45,
    grade6Um: { '1': 125, '1.5': 150, '2': 170, '3': 200, '3.5': 212, '4': 224, '4.5': 236 },
  },
  {
    overMm: 45,
    upToMm: 90,
    grade6Um: { '1.5': 160, '2': 180, '3': 212, '4': 236, '5': 250, '5.5': 265, '6': 280 },
  },
  { overMm: 90, upToMm: 180, grade6Um: { '2': 190, '3': 224, '4': 250, '6': 300, '8': 335 } },
  { overMm: 180, upToMm: 355, grade6Um: { '3': 250, '4': 265, '6': 315, '8': 355 } },
];

// of that release: core/thread/metric/preferred-numbers.ts
var R40_DECADE = [
  100, 106, 112, 118, 125, 132, 140, 150, 160, 170, 180, 190, 200, 212, 224, 236, 250, 265, 280, 300, 315,
  335, 355, 375, 400, 425, 450, 475, 500, 530, 560, 600, 630, 670, 710, 750, 800, 850, 900, 950,
];
function member(index) {
  const decade = Math.floor(index / R40_DECADE.length);
  const value2 = (R40_DECADE[index - decade * R40_DECADE.length] ?? 0) * 10 ** decade;
  return value2 < 100 ? Math.round(value2) : value2;
}
function indexOfNearest(value2) {
  const guess = Math.round(40 * Math.log10(value2 / 100));
  let best = guess;
  for (let index = guess - 2; index <= guess + 2; index += 1) {
    if (Math.abs(member(index) - value2) < Math.abs(member(best) - value2)) best = index;
  }
  return best;
}
function nearestPreferred(value2) {
  return member(indexOfNearest(value2));
}
function stepPreferred(value2, steps) {
  return member(indexOfNearest(value2) + steps);
}

// of that release: core/thread/metric/external-limits.ts
var GRADE_STEPS = { 3: -12, 4: -8, 5: -4, 6: 0, 7: 4, 8: 8, 9: 12 };
function externalDeviationMm(position, pitchMm) {
  if (position === 'e' || position === 'f' || position === 'g') {
    const constant = { e: 50, f: 30, g: 15 }[position];
    return (DEVIATION_UM[position][pitchMm] ?? nearestPreferred(constant + 11 * pitchMm)) / 1e3;
  }
  return 0;
}
function majorToleranceMm(grade, pitchMm) {
  const grade6Um =
    MAJOR_TOLERANCE_6_UM[pitchMm] ??
    nearestPreferred(180 * Math.cbrt(pitchMm ** 2) - 3.15 / Math.sqrt(pitchMm));
  return stepPreferred(grade6Um, GRADE_STEPS[grade] ?? 0) / 1e3;
}
function pitchTolerance6Um(diameterMm, pitchMm) {
  const step = PITCH_TOLERANCE_6.find((row) => diameterMm > row.overMm && diameterMm <= row.upToMm);
  const meanMm = step === void 0 ? diameterMm : Math.sqrt(step.overMm * step.upToMm);
  return step?.grade6Um[pitchMm] ?? nearestPreferred(90 * pitchMm ** 0.4 * meanMm ** 0.1);
}
function pitchToleranceMm(grade, diameterMm, pitchMm) {
  return stepPreferred(pitchTolerance6Um(diameterMm, pitchMm), GRADE_STEPS[grade] ?? 0) / 1e3;
}
function metricExternalLimits(thread) {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const allowance = externalDeviationMm(toleranceClass.position, pitchMm);
  const majorTolerance = majorToleranceMm(toleranceClass.crestGrade, pitchMm);
  const pitchTolerance = pitchToleranceMm(toleranceClass.pitchGrade, diameterMm, pitchMm);
  const majorMax = roundTo(diameterMm - allowance, 3);
  const pitchMax = roundTo(roundTo(diameterMm - FORM_60.majorToPitch * pitchMm, 3) - allowance, 3);
  return {
    side: 'external',
    standard: 'ISO 965-1',
    allowance,
    major: { min: roundTo(majorMax - majorTolerance, 3), max: majorMax },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 3), max: pitchMax },
    minor: {
      min: null,
      max: roundTo(roundTo(diameterMm - FORM_60.majorToMinor * pitchMm, 3) - allowance, 3),
    },
    roundedRootMinorMax: roundTo(diameterMm - FORM_60.majorToRoundedRoot * pitchMm - allowance, 3),
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}

// of that release: core/thread/metric/internal-limits.ts
var INTERNAL_STEPS = { 4: -3, 5: 1, 6: 5, 7: 9, 8: 13 };
function internalDeviationMm(position, pitchMm) {
  return position === 'G' ? (DEVIATION_UM.g[pitchMm] ?? nearestPreferred(15 + 11 * pitchMm)) / 1e3 : 0;
}
function minorToleranceMm(grade, pitchMm) {
  const formula = pitchMm <= 0.8 ? 433 * pitchMm - 190 * pitchMm ** 1.22 : 230 * pitchMm ** 0.7;
  const grade6Um = MINOR_TOLERANCE_6_UM[pitchMm] ?? nearestPreferred(formula);
  return stepPreferred(grade6Um, GRADE_STEPS[grade] ?? 0) / 1e3;
}
function metricInternalLimits(thread) {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const allowance = internalDeviationMm(toleranceClass.position, pitchMm);
  const pitchTolerance =
    stepPreferred(pitchTolerance6Um(diameterMm, pitchMm), INTERNAL_STEPS[toleranceClass.pitchGrade] ?? 5) /
    1e3;
  const minorTolerance = minorToleranceMm(toleranceClass.crestGrade, pitchMm);
  const pitchMin = roundTo(roundTo(diameterMm - FORM_60.majorToPitch * pitchMm, 3) + allowance, 3);
  const minorMin = roundTo(roundTo(diameterMm - FORM_60.majorToMinor * pitchMm, 3) + allowance, 3);
  return {
    side: 'internal',
    standard: 'ISO 965-1',
    allowance,
    major: { min: roundTo(diameterMm + allowance, 3), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 3) },
    minor: { min: minorMin, max: roundTo(minorMin + minorTolerance, 3) },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}

// of that release: core/thread/metric/metric-system.ts
var metricSystem = {
  form: FORM_60,
  limits: (thread) =>
    thread.side === 'external' ? metricExternalLimits(thread) : metricInternalLimits(thread),
  print: (thread) => {
    const pitch = thread.starts === 1 ? `${pitchOf(thread)}` : `Ph${leadOf(thread)}P${pitchOf(thread)}`;
    const group = thread.engagement === 'N' ? '' : `-${thread.engagement}`;
    return `M${thread.sizeLabel}x${pitch}-${printMetricClass(thread.toleranceClass)}${group}`;
  },
  // 0.125 P at least for bolts of class 8.8 and stronger, H/6 with d3 (ISO 965-1).
  rootRadius: { min: 0.125, max: 0.144338 },
  mate: (thread) => ({
    ...thread,
    side: otherSide(thread.side),
    toleranceClass: { pitchGrade: 6, crestGrade: 6, position: thread.side === 'external' ? 'H' : 'g' },
  }),
  rules: (side) => {
    const pitchSource =
      'ISO 965-1, tables 1, 6 and 7 (formulas of clause 13 for pitches that are not listed)';
    return side === 'external'
      ? {
          pitchDiameter: {
            formula: 'max = d \u2212 es \u2212 0.649519 P;  min = max \u2212 Td2',
            source: pitchSource,
          },
          major: { formula: 'max = d \u2212 es;  min = max \u2212 Td', source: 'ISO 965-1, tables 1 and 4' },
          minor: {
            formula: 'flat root: d \u2212 es \u2212 1.082532 P;  rounded root: d \u2212 es \u2212 1.226869 P',
            source: 'ISO 965-1, ISO 68-1 (d3 with r = H/6)',
          },
        }
      : {
          pitchDiameter: { formula: 'min = d + EI \u2212 0.649519 P;  max = min + TD2', source: pitchSource },
          major: { formula: 'min = d + EI', source: 'ISO 965-1' },
          minor: {
            formula: 'min = d + EI \u2212 1.082532 P;  max = min + TD1',
            source: 'ISO 965-1, tables 1 and 3',
          },
        };
  },
};
function printMetricClass({ pitchGrade, crestGrade, position }) {
  const pitch = `${pitchGrade}${position}`;
  return crestGrade === pitchGrade ? pitch : `${pitch}${crestGrade}${position}`;
}

// of that release: core/thread/pipe/pipe-sizes.ts
var TPI_28 = [28, 0.581, 0.107, 0.282];
var TPI_19 = [19, 0.856, 0.125, 0.445];
var TPI_14 = [14, 1.162, 0.142, 0.541];
var TPI_11 = [11, 1.479, 0.18, 0.64];
var TPI_11_LARGE = [11, 1.479, 0.217, 0.64];
function size([tpi, heightMm, pitchToleranceMm2, minorToleranceMm2], majorMm) {
  return { tpi, majorMm, heightMm, pitchToleranceMm: pitchToleranceMm2, minorToleranceMm: minorToleranceMm2 };
}
var PIPE_SIZES = {
  '1/16': size(TPI_28, 7.723),
  '1/8': size(TPI_28, 9.728),
  '1/4': size(TPI_19, 13.157),
  '3/8': size(TPI_19, 16.662),
  '1/2': size(TPI_14, 20.955),
  '5/8': size(TPI_14, 22.911),
  '3/4': size(TPI_14, 26.441),
  '7/8': size(TPI_14, 30.201),
  '1': size(TPI_11, 33.249),
  '1 1/8': size(TPI_11, 37.897),
  '1 1/4': size(TPI_11, 41.91),
  '1 1/2': size(TPI_11, 47.803),
  '1 3/4': size(TPI_11, 53.746),
  '2': size(TPI_11, 59.614),
  '2 1/4': size(TPI_11_LARGE, 65.71),
  '2 1/2': size(TPI_11_LARGE, 75.184),
  '2 3/4': size(TPI_11_LARGE, 81.534),
  '3': size(TPI_11_LARGE, 87.884),
  '3 1/2': size(TPI_11_LARGE, 100.33),
  '4': size(TPI_11_LARGE, 113.03),
  '4 1/2': size(TPI_11_LARGE, 125.73),
  '5': size(TPI_11_LARGE, 138.43),
  '5 1/2': size(TPI_11_LARGE, 151.13),
  '6': size(TPI_11_LARGE, 163.83),
};

// of that release: core/thread/pipe/pipe-limits.ts
function sizeOf(thread) {
  const size2 = PIPE_SIZES[thread.sizeLabel];
  if (size2 === void 0) throw new RangeError(`ISO 228-1 has no size ${thread.sizeLabel}`);
  return size2;
}
function pipeExternalLimits(thread) {
  const { majorMm, heightMm, pitchToleranceMm: pitchToleranceMm2 } = sizeOf(thread);
  const pitchTolerance = thread.toleranceClass?.fit === 'B' ? 2 * pitchToleranceMm2 : pitchToleranceMm2;
  const majorTolerance = 2 * pitchToleranceMm2;
  const pitchMax = roundTo(majorMm - heightMm, 3);
  return {
    side: 'external',
    standard: 'ISO 228-1',
    allowance: 0,
    major: { min: roundTo(majorMm - majorTolerance, 3), max: majorMm },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 3), max: pitchMax },
    minor: { min: null, max: roundTo(majorMm - 2 * heightMm, 3) },
    roundedRootMinorMax: null,
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}
function pipeInternalLimits(thread) {
  const {
    majorMm,
    heightMm,
    pitchToleranceMm: pitchToleranceMm2,
    minorToleranceMm: minorToleranceMm2,
  } = sizeOf(thread);
  const pitchMin = roundTo(majorMm - heightMm, 3);
  const minorMin = roundTo(majorMm - 2 * heightMm, 3);
  return {
    side: 'internal',
    standard: 'ISO 228-1',
    allowance: 0,
    major: { min: majorMm, max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchToleranceMm2, 3) },
    minor: { min: minorMin, max: roundTo(minorMin + minorToleranceMm2, 3) },
    tolerance: { minor: minorToleranceMm2, pitchDiameter: pitchToleranceMm2 },
  };
}

// of that release: core/thread/pipe/pipe-system.ts
var pipeSystem = {
  form: FORM_WHITWORTH,
  limits: (thread) => (thread.side === 'external' ? pipeExternalLimits(thread) : pipeInternalLimits(thread)),
  print: (thread) =>
    `G ${thread.sizeLabel}${thread.toleranceClass === null ? '' : ` ${thread.toleranceClass.fit}`}`,
  rootRadius: { min: 0.137329, max: 0.137329 },
  mate: (thread) =>
    thread.side === 'external'
      ? { ...thread, side: 'internal', toleranceClass: null }
      : { ...thread, side: 'external', toleranceClass: { fit: 'A' } },
  rules: (side) => {
    const source = 'ISO 228-1, table of sizes and tolerances (from memory)';
    return side === 'external'
      ? {
          pitchDiameter: { formula: 'max = d \u2212 h;  min = max \u2212 Td2 (class B: 2 Td2)', source },
          major: { formula: 'max = d;  min = max \u2212 Td', source },
          minor: { formula: 'max = d \u2212 2 h', source },
        }
      : {
          pitchDiameter: { formula: 'min = d \u2212 h;  max = min + TD2', source },
          major: { formula: 'min = d', source },
          minor: { formula: 'min = d \u2212 2 h;  max = min + TD1', source },
        };
  },
};

// of that release: core/thread/trapezoidal/trapezoidal-tables.ts
function crestClearanceMm(pitchMm) {
  if (pitchMm < 2) return 0.15;
  if (pitchMm <= 5) return 0.25;
  return pitchMm <= 12 ? 0.5 : 1;
}
var DEVIATION_E_UM = {
  '1.5': 67,
  '2': 71,
  '3': 85,
  '4': 95,
  '5': 106,
  '6': 118,
  '7': 125,
  '8': 132,
  '9': 140,
  '10': 150,
  '12': 160,
  '14': 180,
  '16': 190,
  '18': 200,
  '20': 212,
  '22': 224,
  '24': 236,
  '28': 250,
  '32': 265,
  '36': 280,
  '40': 300,
  '44': 315,
};
var TRAPEZOIDAL_SIZES = {
  '8': 1.5,
  '9': 2,
  '10': 2,
  '11': 2,
  '12': 3,
  '14': 3,
  '16': 4,
  '18': 4,
  '20': 4,
  '22': 5,
  '24': 5,
  '26': 5,
  '28': 5,
  '30': 6,
  '32': 6,
  '34': 6,
  '36': 6,
  '38': 7,
  '40': 7,
  '42': 7,
  '44': 7,
  '46': 8,
  '48': 8,
  '50': 8,
  '52': 8,
  '55': 9,
  '60': 9,
  '65': 10,
  '70': 10,
  '75': 10,
  '80': 10,
  '85': 12,
  '90': 12,
  '95': 12,
  '100': 12,
};
var DIAMETER_STEPS_MM = [5.6, 11.2, 22.4, 45, 90, 180, 355];

// of that release: core/thread/trapezoidal/trapezoidal-limits.ts
var EXTERNAL_STEPS = { 7: 4, 8: 8, 9: 12 };
var INTERNAL_STEPS2 = { 7: 9, 8: 13, 9: 17 };
var GRADE_4_STEPS = -8;
function pitchTolerance6Um2(diameterMm, pitchMm) {
  const index = DIAMETER_STEPS_MM.findIndex((upTo2) => diameterMm <= upTo2);
  const [over = diameterMm, upTo = diameterMm] = [DIAMETER_STEPS_MM[index - 1], DIAMETER_STEPS_MM[index]];
  return nearestPreferred(90 * pitchMm ** 0.4 * Math.sqrt(over * upTo) ** 0.1);
}
function deviationMm(pitchMm) {
  return (DEVIATION_E_UM[pitchMm] ?? nearestPreferred(50 + 11 * pitchMm)) / 1e3;
}
function trapezoidalExternalLimits(thread) {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const allowance = deviationMm(pitchMm);
  const majorTolerance =
    stepPreferred(
      nearestPreferred(180 * Math.cbrt(pitchMm ** 2) - 3.15 / Math.sqrt(pitchMm)),
      GRADE_4_STEPS,
    ) / 1e3;
  const pitchTolerance =
    stepPreferred(pitchTolerance6Um2(diameterMm, pitchMm), EXTERNAL_STEPS[toleranceClass.grade]) / 1e3;
  const pitchMax = roundTo(diameterMm - pitchMm / 2 - allowance, 3);
  const minorMax = roundTo(diameterMm - pitchMm - 2 * crestClearanceMm(pitchMm), 3);
  return {
    side: 'external',
    standard: 'ISO 2903',
    allowance,
    major: { min: roundTo(diameterMm - majorTolerance, 3), max: roundTo(diameterMm, 3) },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 3), max: pitchMax },
    // Td3 = 1.25 Td2 + es (ISO 2903).
    minor: { min: roundTo(minorMax - roundTo(1.25 * pitchTolerance + allowance, 3), 3), max: minorMax },
    roundedRootMinorMax: null,
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}
function trapezoidalInternalLimits(thread) {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const minorTolerance = stepPreferred(nearestPreferred(230 * pitchMm ** 0.7), GRADE_4_STEPS) / 1e3;
  const pitchTolerance =
    stepPreferred(pitchTolerance6Um2(diameterMm, pitchMm), INTERNAL_STEPS2[toleranceClass.grade]) / 1e3;
  const pitchMin = roundTo(diameterMm - pitchMm / 2, 3);
  const minorMin = roundTo(diameterMm - pitchMm, 3);
  return {
    side: 'internal',
    standard: 'ISO 2903',
    allowance: 0,
    major: { min: roundTo(diameterMm + 2 * crestClearanceMm(pitchMm), 3), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 3) },
    minor: { min: minorMin, max: roundTo(minorMin + minorTolerance, 3) },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}

// of that release: core/thread/trapezoidal/trapezoidal-system.ts
var trapezoidalSystem = {
  form: FORM_TRAPEZOIDAL,
  limits: (thread) =>
    thread.side === 'external' ? trapezoidalExternalLimits(thread) : trapezoidalInternalLimits(thread),
  print: (thread) => {
    const pitch = thread.starts === 1 ? `${pitchOf(thread)}` : `${leadOf(thread)}(P${pitchOf(thread)})`;
    const position = thread.side === 'external' ? 'e' : 'H';
    return `Tr${thread.sizeLabel}x${pitch}-${thread.toleranceClass.grade}${position}`;
  },
  rootRadius: null,
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) =>
    side === 'external'
      ? {
          pitchDiameter: {
            formula: 'max = d \u2212 P/2 \u2212 es;  min = max \u2212 Td2',
            source:
              'ISO 2903 (from memory): Td2(6) = 90 P^0.4 d^0.1, grade 7 \xD7 1.25, on preferred numbers',
          },
          major: {
            formula: 'max = d;  min = max \u2212 Td(4)',
            source: 'ISO 2903 (from memory): Td(4) = 0.63 (180 P^(2/3) \u2212 3.15 P^(\u22121/2))',
          },
          minor: {
            formula: 'max = d \u2212 P \u2212 2 a_c;  min = max \u2212 (1.25 Td2 + es)',
            source: 'ISO 2901, 2903 (from memory)',
          },
        }
      : {
          pitchDiameter: {
            formula: 'min = d \u2212 P/2;  max = min + TD2',
            source: 'ISO 2903 (from memory): TD2(7) = 1.7 Td2(6)',
          },
          major: { formula: 'min = d + 2 a_c', source: 'ISO 2901 (from memory)' },
          minor: {
            formula: 'min = d \u2212 P;  max = min + TD1(4)',
            source: 'ISO 2903 (from memory): TD1(4) = 0.63 \xD7 230 P^0.7',
          },
        },
};

// of that release: core/thread/unified/external-limits.ts
var CLASS_FACTOR = { 1: 1.5, 2: 1, 3: 0.75 };
function engagementLengthIn(thread) {
  const pitchIn = thread.pitch.valueOf();
  const tpi = 1 / pitchIn;
  const coarseUn = thread.series === 'UN' && [4, 6, 8].some((n) => Math.abs(n - tpi) < 1e-9);
  const oneInchFourteen = thread.nominalDiameter === 1 && Math.abs(tpi - 14) < 1e-9;
  if (thread.series === 'UNC' || thread.series === 'UNF' || coarseUn || oneInchFourteen)
    return thread.nominalDiameter;
  return 9 * pitchIn;
}
function basicPitchToleranceIn(thread, engagementIn) {
  const pitchIn = thread.pitch.valueOf();
  return (
    roundTo(15e-4 * Math.cbrt(thread.nominalDiameter), 6) +
    roundTo(15e-4 * Math.sqrt(engagementIn ?? engagementLengthIn(thread)), 6) +
    roundTo(0.015 * Math.cbrt(pitchIn ** 2), 6)
  );
}
var PRINTED = {
  // ASME B1.1, table of limits, 5/8-11 UNC class 2A: printed 0.0016, formula 0.0017 (from memory of the table).
  '5/8-11 UNC 2A': { allowance: 16e-4 },
};
function unifiedExternalLimits(thread, engagementIn) {
  const { nominalDiameter: diameterIn, toleranceClass } = thread;
  const pitchIn = thread.pitch.valueOf();
  const fit = toleranceClass.fit;
  const basis = basicPitchToleranceIn(thread, engagementIn);
  const normal = basicPitchToleranceIn(thread);
  const printed = PRINTED[`${thread.sizeLabel}-${Math.round(1 / pitchIn)} ${thread.series} ${fit}A`];
  const allowance = printed?.allowance ?? (fit === 3 ? 0 : roundTo(0.3 * normal, 4));
  const pitchTolerance = roundTo(CLASS_FACTOR[fit] * basis, 4);
  const majorTolerance = roundTo((fit === 1 ? 0.09 : 0.06) * Math.cbrt(pitchIn ** 2), 4);
  const majorMax = roundTo(diameterIn - allowance, 4);
  const pitchMax = roundTo(diameterIn - allowance - FORM_60.majorToPitch * pitchIn, 4);
  return {
    side: 'external',
    standard: 'ASME B1.1',
    allowance,
    major: { min: roundTo(majorMax - majorTolerance, 4), max: majorMax },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 4), max: pitchMax },
    minor: { min: null, max: roundTo(diameterIn - allowance - FORM_60.majorToMinor * pitchIn, 4) },
    roundedRootMinorMax: roundTo(diameterIn - allowance - FORM_60.majorToRoundedRoot * pitchIn, 4),
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}

// of that release: core/thread/unified/internal-limits.ts
var CLASS_FACTOR2 = { 1: 1.95, 2: 1.3, 3: 0.975 };
function minorToleranceIn(fit, diameterIn, pitchIn) {
  const tpi = 1 / pitchIn;
  const general = 0.05 * Math.cbrt(pitchIn ** 2) + (0.03 * pitchIn) / diameterIn - 2e-3;
  const most = 0.394 * pitchIn;
  if (fit === 3) {
    const least = tpi >= 13 - 1e-9 ? 0.23 * pitchIn - 1.5 * pitchIn ** 2 : 0.12 * pitchIn;
    return Math.max(Math.min(general, most), least);
  }
  if (diameterIn < 0.25 - 1e-9) return Math.max(Math.min(general, most), 0.25 * pitchIn - 0.4 * pitchIn ** 2);
  return tpi >= 4 - 1e-9 ? 0.25 * pitchIn - 0.4 * pitchIn ** 2 : 0.15 * pitchIn;
}
var THREE_PLACES_FROM_IN = 0.138;
function unifiedInternalLimits(thread, engagementIn) {
  const { nominalDiameter: diameterIn, toleranceClass } = thread;
  const pitchIn = thread.pitch.valueOf();
  const { fit } = toleranceClass;
  const pitchMin = roundTo(diameterIn - FORM_60.majorToPitch * pitchIn, 4);
  const pitchTolerance = roundTo(CLASS_FACTOR2[fit] * basicPitchToleranceIn(thread, engagementIn), 4);
  const minorMin = roundTo(diameterIn - FORM_60.majorToMinor * pitchIn, 4);
  const minorTolerance = roundTo(minorToleranceIn(fit, diameterIn, pitchIn), 4);
  const minorMax = roundTo(minorMin + minorTolerance, 4);
  const coarse = diameterIn >= THREE_PLACES_FROM_IN - 1e-9;
  return {
    side: 'internal',
    standard: 'ASME B1.1',
    allowance: 0,
    major: { min: roundTo(diameterIn, 4), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 4) },
    minor: {
      min: coarse ? roundTo(minorMin, 3) : minorMin,
      max: coarse && fit !== 3 ? roundTo(minorMax, 3) : minorMax,
    },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}

// of that release: core/thread/unified/unified-system.ts
var PITCH_SOURCE =
  'ASME B1.1: Td2(2A) = 0.0015 D^(1/3) + 0.0015 Le^(1/2) + 0.015 P^(2/3); 1A \xD7 1.5, 3A \xD7 0.75, 1B \xD7 1.95, 2B \xD7 1.3, 3B \xD7 0.975; allowance 0.3 Td2(2A) for 1A and 2A';
var unifiedSystem = {
  form: FORM_60,
  limits: (thread, engagement) => {
    const beyond = engagement !== void 0 && engagement > engagementLengthIn(thread) ? engagement : void 0;
    return thread.side === 'external'
      ? unifiedExternalLimits(thread, beyond)
      : unifiedInternalLimits(thread, beyond);
  },
  print: (thread) => {
    const letter = thread.side === 'external' ? 'A' : 'B';
    return `${thread.sizeLabel}-${printTpi(thread)} ${thread.series}-${thread.toleranceClass.fit}${letter}${printStarts(thread)}`;
  },
  // UNR: 0.108 P at least, H/6 with the maximum minor diameter (ASME B1.1).
  rootRadius: { min: 0.10825, max: 0.144338 },
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) =>
    side === 'external'
      ? {
          pitchDiameter: {
            formula: 'max = D \u2212 allowance \u2212 0.649519 P;  min = max \u2212 Td2',
            source: PITCH_SOURCE,
          },
          major: {
            formula: 'max = D \u2212 allowance;  min = max \u2212 0.060 P^(2/3) (1A: 0.090)',
            source: 'ASME B1.1',
          },
          minor: {
            formula:
              'flat root: D \u2212 allowance \u2212 1.082532 P;  rounded root: D \u2212 allowance \u2212 1.226869 P',
            source: 'ASME B1.1 (UN and UNR root)',
          },
        }
      : {
          pitchDiameter: { formula: 'min = D \u2212 0.649519 P;  max = min + TD2', source: PITCH_SOURCE },
          major: { formula: 'min = D', source: 'ASME B1.1' },
          minor: {
            formula: 'min = D \u2212 1.082532 P;  max = min + TD1',
            source:
              'ASME B1.1, clause 5.8 (rule by class, size and pitch), printed to three places from 0.138 in',
          },
        },
};

// of that release: core/thread/whitworth/whitworth-limits.ts
function mediumToleranceIn(diameterIn, pitchIn, engagementIn = diameterIn) {
  return 2e-3 * Math.cbrt(diameterIn) + 3e-3 * Math.sqrt(engagementIn) + 5e-3 * Math.sqrt(pitchIn);
}
var ALLOWANCE_UP_TO_IN = 0.75;
var ALLOWANCE_FROM_IN = 0.25;
function allowanceIn(thread) {
  if (thread.nominalDiameter > ALLOWANCE_UP_TO_IN + 1e-9) return 0;
  const diameterIn = Math.max(thread.nominalDiameter, ALLOWANCE_FROM_IN);
  const quarterInch = 1 / (thread.series === 'BSF' ? 26 : 20);
  const pitchIn = thread.nominalDiameter < ALLOWANCE_FROM_IN - 1e-9 ? quarterInch : thread.pitch.valueOf();
  return roundTo(0.3 * mediumToleranceIn(diameterIn, pitchIn), 4);
}
function whitworthExternalLimits(thread, engagementIn) {
  const { nominalDiameter: diameterIn } = thread;
  const pitchIn = thread.pitch.valueOf();
  const t = mediumToleranceIn(diameterIn, pitchIn, engagementIn);
  const allowance = allowanceIn(thread);
  const tolerance = {
    major: roundTo(t + 0.01 * Math.sqrt(pitchIn), 4),
    pitchDiameter: roundTo(t, 4),
    minor: roundTo(t + 0.02 * Math.sqrt(pitchIn), 4),
  };
  const majorMax = roundTo(diameterIn - allowance, 4);
  const pitchMax = roundTo(diameterIn - allowance - FORM_WHITWORTH.majorToPitch * pitchIn, 4);
  const minorMax = roundTo(diameterIn - allowance - FORM_WHITWORTH.majorToMinor * pitchIn, 4);
  return {
    side: 'external',
    standard: 'BS 84',
    allowance,
    major: { min: roundTo(majorMax - tolerance.major, 4), max: majorMax },
    pitchDiameter: { min: roundTo(pitchMax - tolerance.pitchDiameter, 4), max: pitchMax },
    minor: { min: roundTo(minorMax - tolerance.minor, 4), max: minorMax },
    roundedRootMinorMax: null,
    tolerance,
  };
}
function nutMinorToleranceIn(pitchIn) {
  const tpi = 1 / pitchIn;
  const constant = tpi > 25 ? 4e-3 : tpi > 21 ? 5e-3 : 7e-3;
  return roundTo(0.2 * pitchIn + constant, 4);
}
function whitworthInternalLimits(thread, engagementIn) {
  const { nominalDiameter: diameterIn } = thread;
  const pitchIn = thread.pitch.valueOf();
  const pitchTolerance = roundTo(mediumToleranceIn(diameterIn, pitchIn, engagementIn), 4);
  const minorTolerance = nutMinorToleranceIn(pitchIn);
  const pitchMin = roundTo(diameterIn - FORM_WHITWORTH.majorToPitch * pitchIn, 4);
  const minorMin = roundTo(diameterIn - FORM_WHITWORTH.majorToMinor * pitchIn, 4);
  return {
    side: 'internal',
    standard: 'BS 84',
    allowance: 0,
    major: { min: roundTo(diameterIn, 4), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 4) },
    minor: { min: minorMin, max: roundTo(minorMin + minorTolerance, 4) },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}

// of that release: core/thread/whitworth/whitworth-system.ts
var whitworthSystem = {
  form: FORM_WHITWORTH,
  limits: (thread, engagement) =>
    thread.side === 'external'
      ? whitworthExternalLimits(thread, engagement)
      : whitworthInternalLimits(thread, engagement),
  print: (thread) => {
    const member2 = thread.side === 'external' ? 'bolt' : 'nut';
    return `${thread.sizeLabel}-${printTpi(thread)} ${thread.series} medium ${member2}${printStarts(thread)}`;
  },
  rootRadius: { min: 0.137329, max: 0.137329 },
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) => {
    const source =
      'BS 84 medium class, T = 0.002 D^(1/3) + 0.003 L^(1/2) + 0.005 P^(1/2), L = D (from memory)';
    return side === 'external'
      ? {
          pitchDiameter: {
            formula:
              'max = D \u2212 allowance \u2212 0.640327 P;  min = max \u2212 T;  allowance 0.3 T to 3/4 in',
            source,
          },
          major: { formula: 'max = D \u2212 allowance;  min = max \u2212 (T + 0.01 P^(1/2))', source },
          minor: {
            formula: 'max = D \u2212 allowance \u2212 1.280654 P;  min = max \u2212 (T + 0.02 P^(1/2))',
            source,
          },
        }
      : {
          pitchDiameter: { formula: 'min = D \u2212 0.640327 P;  max = min + T', source },
          major: { formula: 'min = D', source },
          minor: {
            formula:
              'min = D \u2212 1.280654 P;  max = min + 0.2 P + 0.007 (22 and 24 TPI 0.005, finer 0.004)',
            source,
          },
        };
  },
};

// of that release: core/thread/systems.ts
var SYSTEMS = {
  unified: unifiedSystem,
  metric: metricSystem,
  acme: acmeSystem,
  trapezoidal: trapezoidalSystem,
  whitworth: whitworthSystem,
  pipe: pipeSystem,
};
function systemOf(thread) {
  return SYSTEMS[thread.system];
}
function formOf(thread) {
  return systemOf(thread).form;
}

// of that release: core/thread/limits.ts
function threadLimits(thread, engagement) {
  return systemOf(thread).limits(thread, engagement);
}
function crestLimits(limits) {
  return limits.side === 'external' ? limits.major : limits.minor;
}

// of that release: core/thread/print-designation.ts
function printDesignation(thread) {
  return `${systemOf(thread).print(thread)}${thread.hand === 'left' ? '-LH' : ''}`;
}

// of that release: core/thread/member.ts
var HAND = /(^|[ -]+)(lh|rh)$/i;
var SIDE = /(^|[ -]+)\(?(external|bolt|screw|internal|nut)\)?$/i;
function takeMember(text) {
  let rest = text.trim();
  let hand = 'right';
  let side = null;
  for (let round = 0; round < 2; round += 1) {
    const handWord = HAND.exec(rest);
    if (handWord !== null) {
      hand = handWord[2]?.toLowerCase() === 'lh' ? 'left' : 'right';
      rest = rest.slice(0, handWord.index).trim();
    }
    const sideWord = SIDE.exec(rest);
    if (sideWord !== null) {
      side = /internal|nut/i.test(sideWord[2] ?? '') ? 'internal' : 'external';
      rest = rest.slice(0, sideWord.index).trim();
    }
  }
  return { rest, hand, side };
}

// of that release: core/thread/acme/acme-series.ts
var ACME_SIZES = {
  '1/4': 16,
  '5/16': 14,
  '3/8': 12,
  '7/16': 12,
  '1/2': 10,
  '5/8': 8,
  '3/4': 6,
  '7/8': 6,
  '1': 5,
  '1 1/8': 5,
  '1 1/4': 5,
  '1 3/8': 4,
  '1 1/2': 4,
  '1 3/4': 4,
  '2': 4,
  '2 1/4': 3,
  '2 1/2': 3,
  '2 3/4': 3,
  '3': 2,
  '3 1/2': 2,
  '4': 2,
  '4 1/2': 2,
  '5': 2,
};

// of that release: core/thread/acme/parse-acme.ts
var REST = /^-?\s?acme[ -]*(?<cls>[2-4]g)?$/i;
function parseAcme(typed, field) {
  const read = readInchSize(typed, field);
  if (read === null)
    return bad(field, 'unreadable', `\u201C${typed}\u201D is not an Acme thread. Type it like 1-5 Acme-2G.`);
  if (!read.ok) return read;
  const { label, diameterIn, tpi, starts, rest: text } = read.value;
  const { rest, hand, side } = takeMember(text);
  const match = REST.exec(rest)?.groups;
  if (match === void 0) {
    return bad(
      field,
      'unreadable',
      `After ${label}-${tpi.toFraction(true)} comes Acme and the class 2G, 3G or 4G. \u201C${rest}\u201D is not that.`,
    );
  }
  const assumed = [
    ...(match.cls === void 0 ? ['class 2G'] : []),
    ...(side === null ? ['external'] : []),
    ...(ACME_SIZES[label] === tpi.valueOf() ? [] : ['a size outside of the standard series']),
  ];
  return good({
    thread: {
      system: 'acme',
      unit: 'in',
      sizeLabel: label,
      nominalDiameter: diameterIn,
      pitch: tpi.inverse(),
      starts,
      hand,
      side: side ?? 'external',
      toleranceClass: { fit: Number(match.cls?.[0] ?? 2) },
    },
    assumed,
  });
}

// of that release: core/thread/metric/metric-series.ts
var METRIC_COARSE = {
  '1': 0.25,
  '1.1': 0.25,
  '1.2': 0.25,
  '1.4': 0.3,
  '1.6': 0.35,
  '1.8': 0.35,
  '2': 0.4,
  '2.2': 0.45,
  '2.5': 0.45,
  '3': 0.5,
  '3.5': 0.6,
  '4': 0.7,
  '4.5': 0.75,
  '5': 0.8,
  '6': 1,
  '7': 1,
  '8': 1.25,
  '9': 1.25,
  '10': 1.5,
  '11': 1.5,
  '12': 1.75,
  '14': 2,
  '16': 2,
  '18': 2.5,
  '20': 2.5,
  '22': 2.5,
  '24': 3,
  '27': 3,
  '30': 3.5,
  '33': 3.5,
  '36': 4,
  '39': 4,
  '42': 4.5,
  '45': 4.5,
  '48': 5,
  '52': 5,
  '56': 5.5,
  '60': 5.5,
  '64': 6,
  '68': 6,
};
var FROM_4_DOWN = [4, 3, 2, 1.5];
var METRIC_FINE = {
  '1': [0.2],
  '1.1': [0.2],
  '1.2': [0.2],
  '1.4': [0.2],
  '1.6': [0.2],
  '1.8': [0.2],
  '2': [0.25],
  '2.2': [0.25],
  '2.5': [0.35],
  '3': [0.35],
  '3.5': [0.35],
  '4': [0.5],
  '4.5': [0.5],
  '5': [0.5],
  '5.5': [0.5],
  '6': [0.75],
  '7': [0.75],
  '8': [1, 0.75],
  '9': [1, 0.75],
  '10': [1.25, 1, 0.75],
  '11': [1, 0.75],
  '12': [1.5, 1.25, 1],
  '14': [1.5, 1.25, 1],
  '15': [1.5, 1],
  '16': [1.5, 1],
  '17': [1.5, 1],
  '18': [2, 1.5, 1],
  '20': [2, 1.5, 1],
  '22': [2, 1.5, 1],
  '24': [2, 1.5, 1],
  '25': [2, 1.5, 1],
  '26': [1.5],
  '27': [2, 1.5, 1],
  '28': [2, 1.5, 1],
  '30': [3, 2, 1.5, 1],
  '32': [2, 1.5],
  '33': [3, 2, 1.5],
  '35': [1.5],
  '36': [3, 2, 1.5],
  '38': [1.5],
  '39': [3, 2, 1.5],
  '40': [3, 2, 1.5],
  '42': FROM_4_DOWN,
  '45': FROM_4_DOWN,
  '48': FROM_4_DOWN,
  '50': [3, 2, 1.5],
  '52': FROM_4_DOWN,
  '55': FROM_4_DOWN,
  '56': FROM_4_DOWN,
  '58': FROM_4_DOWN,
  '60': FROM_4_DOWN,
  '62': FROM_4_DOWN,
  '64': FROM_4_DOWN,
  '65': FROM_4_DOWN,
  '68': FROM_4_DOWN,
};
function metricSeriesOf(sizeLabel, pitchMm) {
  if (METRIC_COARSE[sizeLabel] === pitchMm) return 'coarse';
  return METRIC_FINE[sizeLabel]?.includes(pitchMm) === true ? 'fine' : 'special';
}

// of that release: core/thread/metric/parse-metric.ts
var SHAPE2 =
  /^m\s?(?<size>\d+(?:\.\d+)?)(?:\s?x\s?(?:ph\s?(?<lead>\d*\.?\d+)\s?p\s?(?<multiPitch>\d*\.?\d+)|(?<pitch>\d*\.?\d+)))?(?<rest>.*)$/i;
var CLASS = /^(\d)([efghGH])(?:(\d)([efghGH]))?/;
function parseMetric(typed, field) {
  const shape = SHAPE2.exec(typed)?.groups;
  if (shape === void 0) {
    return bad(
      field,
      'unreadable',
      `\u201C${typed}\u201D is not a metric thread. Type it like M16x2-6g or M20x1.5-6g.`,
    );
  }
  if (/^,\d/.test(shape.rest ?? '')) {
    return bad(field, 'decimal-comma', `Use a decimal point: ${typed.replace(/(\d),(\d)/g, '$1.$2')}.`);
  }
  const diameterMm = Number(shape.size);
  const sizeLabel = String(diameterMm);
  if (diameterMm < 1 || diameterMm > 355)
    return bad(field, 'out-of-range', `M${shape.size}: type M1 to M355.`);
  const pitchText = shape.multiPitch ?? shape.pitch ?? METRIC_COARSE[sizeLabel]?.toString();
  if (pitchText === void 0) {
    return bad(
      field,
      'unknown-size',
      `M${sizeLabel} has no coarse pitch in ISO 261: type the pitch, such as M${sizeLabel}x1.5.`,
    );
  }
  const pitch = new Fraction(pitchText);
  if (pitch.compare(new Fraction(2, 10)) < 0 || pitch.compare(8) > 0) {
    return bad(field, 'out-of-range', `Pitch ${pitchText}: type 0.2 to 8 mm.`);
  }
  if (diameterMm <= 1.3 * pitch.valueOf()) {
    return bad(field, 'out-of-range', `Pitch ${pitchText} is too coarse for M${sizeLabel}: no core is left.`);
  }
  const starts = shape.lead === void 0 ? new Fraction(1) : new Fraction(shape.lead).div(pitch);
  if (starts.d !== 1n || starts.n < 1n || starts.n > 12n) {
    return bad(field, 'out-of-range', `Lead ${shape.lead} is not a whole number of pitches of ${pitchText}.`);
  }
  const rest = readRest(shape.rest ?? '', field);
  if (!rest.ok) return rest;
  const thread = {
    system: 'metric',
    unit: 'mm',
    sizeLabel,
    nominalDiameter: diameterMm,
    pitch,
    starts: Number(starts.n),
    hand: rest.value.hand,
    side: rest.value.side,
    series: metricSeriesOf(sizeLabel, pitch.valueOf()),
    toleranceClass: rest.value.toleranceClass,
    engagement: rest.value.engagement,
  };
  return good({ thread, assumed: rest.value.assumed });
}
function readRest(text, field) {
  let rest = text.trim().replace(/^-\s?/, '');
  const hand = /(^|[ -])lh$/i.test(rest) ? 'left' : 'right';
  rest = rest.replace(/[ -]*(lh|rh)$/i, '');
  const group = /(^|[ -])([SNL])$/i.exec(rest);
  const engagement = group?.[2]?.toUpperCase() ?? 'N';
  if (group !== null) rest = rest.slice(0, group.index).replace(/[ -]+$/, '');
  if (rest === '') {
    const toleranceClass2 = { pitchGrade: 6, crestGrade: 6, position: 'g' };
    return good({
      toleranceClass: toleranceClass2,
      side: 'external',
      hand,
      engagement,
      assumed: ['class 6g'],
    });
  }
  const match = CLASS.exec(rest);
  if (match === null || match[0] !== rest) {
    return bad(
      field,
      'unreadable',
      `\u201C${rest}\u201D is no tolerance class: type 6g, 6h, 5g6g (external) or 6H, 5H (internal).`,
    );
  }
  const [, pitchGrade, position = '', crestGrade = pitchGrade, crestPosition = position] = match;
  const side = position === position.toUpperCase() ? 'internal' : 'external';
  if (crestPosition !== position) {
    return bad(
      field,
      'unsupported',
      `Both positions of ${rest} must be the same letter: type ${pitchGrade}${position}${crestGrade}${position}.`,
    );
  }
  const grades =
    side === 'external' ? { pitch: [3, 9], crest: [4, 6, 8] } : { pitch: [4, 8], crest: [4, 5, 6, 7, 8] };
  const pitchNumber = Number(pitchGrade);
  if (pitchNumber < (grades.pitch[0] ?? 0) || pitchNumber > (grades.pitch[1] ?? 0)) {
    return bad(
      field,
      'out-of-range',
      `Grade ${pitchGrade}: ISO 965-1 has ${grades.pitch[0]} to ${grades.pitch[1]} for the pitch diameter.`,
    );
  }
  if (!grades.crest.includes(Number(crestGrade))) {
    const list = grades.crest.join(', ');
    return bad(
      field,
      'out-of-range',
      `Grade ${crestGrade} for the crest: ISO 965-1 has ${list}. Write both, such as 5${position}6${position}.`,
    );
  }
  const toleranceClass = { pitchGrade: pitchNumber, crestGrade: Number(crestGrade), position };
  return good({ toleranceClass, side, hand, engagement, assumed: [] });
}

// of that release: core/thread/pipe/parse-pipe.ts
var SHAPE3 = /^g\s?(?<size>\d+[ -]\d+\/\d+|\d+\/\d+|\d+)(?:")?[ -]*(?<cls>[ab])?$/i;
function parsePipe(typed, field) {
  const { rest, hand, side } = takeMember(typed);
  const shape = SHAPE3.exec(rest)?.groups;
  if (shape === void 0) {
    return bad(
      field,
      'unreadable',
      `\u201C${typed}\u201D is not a pipe thread of ISO 228. Type it like G 3/4 A (external) or G 3/4 (internal).`,
    );
  }
  const label = (shape.size ?? '').replace(/^(\d+)-/, '$1 ');
  const size2 = PIPE_SIZES[label];
  if (size2 === void 0)
    return bad(field, 'unknown-size', `ISO 228-1 has no size G ${label}: it has G 1/16 to G 6.`);
  const cls = shape.cls?.toUpperCase();
  if (cls !== void 0 && side === 'internal')
    return bad(
      field,
      'conflict',
      `Class ${cls} is external. An internal thread has no class: type G ${label}.`,
    );
  const external = cls !== void 0 || side === 'external';
  const base = {
    system: 'pipe',
    unit: 'mm',
    sizeLabel: label,
    nominalDiameter: size2.majorMm,
    pitch: new Fraction(254, 10 * size2.tpi),
    starts: 1,
    hand,
  };
  return good(
    external
      ? {
          thread: { ...base, side: 'external', toleranceClass: { fit: cls ?? 'A' } },
          assumed: cls === void 0 ? ['class A'] : [],
        }
      : {
          thread: { ...base, side: 'internal', toleranceClass: null },
          assumed: side === null ? ['internal, as it has no class A or B'] : [],
        },
  );
}

// of that release: core/thread/tidy.ts
function tidy(text) {
  return text
    .trim()
    .replace(/[×*]/g, 'x')
    .replace(/[‐‑‒–—]/g, '-')
    .replace(/\s+/g, ' ');
}

// of that release: core/thread/square/square-thread.ts
var WORD = /(^|\s|-)sq(?:uare)?\.?(?=\s|\d|$)/i;
function namesSquare(text) {
  const short = typedText('thread', text);
  return short.ok && WORD.test(tidy(short.value));
}

// of that release: core/thread/trapezoidal/parse-trapezoidal.ts
var SHAPE4 =
  /^tr\s?(?<size>\d+(?:\.\d+)?)\s?(?:x\s?(?<lead>\d*\.?\d+)\s?(?:\(\s?p\s?(?<pitch>\d*\.?\d+)\s?\))?)?\s?(?<hand>lh)?[ -]*(?<cls>\S+)?$/i;
function parseTrapezoidal(typed, field) {
  if (/\d,\d/.test(typed))
    return bad(field, 'decimal-comma', `Use a decimal point: ${typed.replace(/(\d),(\d)/g, '$1.$2')}.`);
  const { rest, hand, side } = takeMember(typed);
  const shape = SHAPE4.exec(rest)?.groups;
  if (shape === void 0) {
    return bad(
      field,
      'unreadable',
      `\u201C${typed}\u201D is not a trapezoidal thread. Type it like Tr30x6-7e, Tr30x6-7H or Tr40x14(P7)-7e.`,
    );
  }
  const diameterMm = Number(shape.size);
  const label = String(diameterMm);
  const leadText = shape.lead ?? TRAPEZOIDAL_SIZES[label]?.toString();
  if (leadText === void 0)
    return bad(
      field,
      'unknown-size',
      `ISO 2902 has no size Tr${label}: type the pitch, such as Tr${label}x6.`,
    );
  const lead = new Fraction(leadText);
  const pitch = shape.pitch === void 0 ? lead : new Fraction(shape.pitch);
  if (pitch.compare(new Fraction(3, 2)) < 0 || pitch.compare(44) > 0)
    return bad(field, 'out-of-range', `Pitch ${pitch.valueOf()}: type 1.5 to 44 mm.`);
  if (diameterMm < 8 || diameterMm > 300) return bad(field, 'out-of-range', `Tr${label}: type Tr8 to Tr300.`);
  if (diameterMm <= 1.8 * pitch.valueOf())
    return bad(
      field,
      'out-of-range',
      `Pitch ${pitch.valueOf()} is too coarse for Tr${label}: no core is left.`,
    );
  const starts = lead.div(pitch);
  if (starts.d !== 1n || starts.n < 1n || starts.n > 12n)
    return bad(
      field,
      'out-of-range',
      `Lead ${leadText} is not a whole number of pitches of ${pitch.valueOf()}.`,
    );
  const cls = /^(?<grade>[7-9])(?<position>[eH])$/.exec(shape.cls ?? '')?.groups;
  if (shape.cls !== void 0 && cls === void 0)
    return bad(
      field,
      'unreadable',
      `\u201C${shape.cls}\u201D is no class of ISO 2903 here: type 7e, 8e or 7H, 8H.`,
    );
  const byClass = cls === void 0 ? side : cls.position === 'H' ? 'internal' : 'external';
  if (side !== null && side !== byClass)
    return bad(field, 'conflict', `Class ${shape.cls} is not ${side}: e is external, H internal.`);
  return good({
    thread: {
      system: 'trapezoidal',
      unit: 'mm',
      sizeLabel: label,
      nominalDiameter: diameterMm,
      pitch,
      starts: Number(starts.n),
      hand: shape.hand === void 0 ? hand : 'left',
      side: byClass ?? 'external',
      toleranceClass: { grade: Number(cls?.grade ?? 7) },
    },
    assumed: cls === void 0 ? [byClass === 'internal' ? 'class 7H' : 'class 7e'] : [],
  });
}

// of that release: core/thread/unified/parse-unified.ts
var REST2 = /^(?<series>un[a-z]*)?[ -]*(?<cls>[1-3][ab])?[ -]*(?<hand>lh|rh)?$/i;
function parseUnified(typed, field) {
  const read = readInchSize(typed, field);
  if (read === null) {
    return bad(
      field,
      'unreadable',
      `\u201C${typed}\u201D is not a thread. Type it like 3/4-16 UNF-2A, #10-32 UNF-2A or M16x2-6g.`,
    );
  }
  if (!read.ok) return read;
  const { label, diameterIn, tpi, starts, rest: text } = read.value;
  const rest = REST2.exec(text)?.groups;
  if (rest === void 0) {
    return bad(
      field,
      'unreadable',
      `After ${label}-${tpi.toFraction(true)} comes the series and class, such as UNF-2A. \u201C${text}\u201D is neither.`,
    );
  }
  const named = rest.series?.toUpperCase();
  const rounded = named?.startsWith('UNR') === true;
  const series = readSeries(label, tpi.valueOf(), rounded ? named?.replace('UNR', 'UN') : named, field);
  if (!series.ok) return series;
  const cls = rest.cls?.toUpperCase();
  const thread = {
    system: 'unified',
    unit: 'in',
    sizeLabel: label,
    nominalDiameter: diameterIn,
    pitch: tpi.inverse(),
    starts,
    hand: rest.hand?.toLowerCase() === 'lh' ? 'left' : 'right',
    side: cls?.endsWith('B') === true ? 'internal' : 'external',
    series: series.value,
    toleranceClass: { fit: Number(cls?.[0] ?? 2) },
  };
  const assumed = [
    ...(cls === void 0 ? ['class 2A'] : []),
    ...(rounded ? ['the rounded-root minor diameter of the UNR thread'] : []),
  ];
  return good({ thread, assumed });
}
function readSeries(label, tpi, named, field) {
  if (named === void 0) return good(inferUnifiedSeries(label, tpi));
  if (named === 'UNC' || named === 'UNF' || named === 'UNEF') {
    const listed = UNIFIED_SERIES[named][label];
    if (listed === tpi) return good(named);
    return listed === void 0
      ? bad(field, 'unknown-size', `${named} has no size ${label}. Leave the series out, or use UN or UNS.`)
      : bad(field, 'unknown-size', `${label} ${named} has ${listed} threads per inch, not ${tpi}.`);
  }
  if (named === 'UN' || named === 'UNS') return good(named);
  return bad(field, 'unreadable', `\u201C${named}\u201D is no series: use UNC, UNF, UNEF, UN or UNS.`);
}

// of that release: core/thread/whitworth/whitworth-series.ts
var BSW = {
  '1/8': 40,
  '3/16': 24,
  '1/4': 20,
  '5/16': 18,
  '3/8': 16,
  '7/16': 14,
  '1/2': 12,
  '9/16': 12,
  '5/8': 11,
  '11/16': 11,
  '3/4': 10,
  '7/8': 9,
  '1': 8,
  '1 1/8': 7,
  '1 1/4': 7,
  '1 1/2': 6,
  '1 3/4': 5,
  '2': 4.5,
  '2 1/4': 4,
  '2 1/2': 4,
  '2 3/4': 3.5,
  '3': 3.5,
};
var BSF = {
  '3/16': 32,
  '7/32': 28,
  '1/4': 26,
  '9/32': 26,
  '5/16': 22,
  '3/8': 20,
  '7/16': 18,
  '1/2': 16,
  '9/16': 16,
  '5/8': 14,
  '11/16': 14,
  '3/4': 12,
  '7/8': 11,
  '1': 10,
  '1 1/8': 9,
  '1 1/4': 9,
  '1 3/8': 8,
  '1 1/2': 8,
  '1 5/8': 8,
  '1 3/4': 7,
  '2': 7,
  '2 1/4': 6,
  '2 1/2': 6,
  '2 3/4': 6,
  '3': 5,
};
var WHITWORTH_SERIES = { BSW, BSF };

// of that release: core/thread/whitworth/parse-whitworth.ts
var REST3 = /^(?<series>b\.?s\.?w\.?|b\.?s\.?f\.?|whit\w*\.?)[ -]*(?<cls>\(?[a-z]+\)?)?$/i;
var WITHOUT_TPI = /^(?<size>\d+[ -]\d+\/\d+|\d+\/\d+|\d+)(?:"| in\.?)?\s?-?\s?(?<rest>b\.?s\.?[wf].*)$/i;
function parseWhitworth(typed, field) {
  const read = readInchSize(withTpi(typed), field);
  if (read === null)
    return bad(
      field,
      'unreadable',
      `\u201C${typed}\u201D is not a Whitworth thread. Type it like 1/2-12 BSW, 3/4 BSF or 1-20 Whit.`,
    );
  if (!read.ok) return read;
  const { label, diameterIn, tpi, starts, rest: text } = read.value;
  const { rest, hand, side } = takeMember(text);
  const match = REST3.exec(rest)?.groups;
  if (match === void 0)
    return bad(field, 'unreadable', `\u201C${rest}\u201D is no Whitworth series: use BSW, BSF or Whit.`);
  const cls = match.cls?.replace(/[()]/g, '').toLowerCase();
  if (cls !== void 0 && cls !== 'medium')
    return bad(
      field,
      'unsupported',
      `\u201C${cls}\u201D: only the medium class of BS 84 is here. Type medium.`,
    );
  const letters = (match.series ?? '').replace(/\./g, '').toUpperCase();
  const series = letters === 'BSW' || letters === 'BSF' ? letters : 'Whit';
  const listed = series === 'Whit' ? void 0 : WHITWORTH_SERIES[series][label];
  if (series !== 'Whit' && listed !== tpi.valueOf()) {
    return listed === void 0
      ? bad(field, 'unknown-size', `${series} has no size ${label}. Use Whit for a special thread.`)
      : bad(
          field,
          'unknown-size',
          `${label} ${series} has ${new Fraction(listed).toFraction(true)} threads per inch, not ${tpi.toFraction(true)}.`,
        );
  }
  return good({
    thread: {
      system: 'whitworth',
      unit: 'in',
      sizeLabel: label,
      nominalDiameter: diameterIn,
      pitch: tpi.inverse(),
      starts,
      hand,
      side: side ?? 'external',
      series,
    },
    assumed: [...(cls === void 0 ? ['medium class'] : []), ...(side === null ? ['bolt'] : [])],
  });
}
function withTpi(typed) {
  const shape = WITHOUT_TPI.exec(typed)?.groups;
  if (shape === void 0) return typed;
  const series = /^b\.?s\.?w/i.test(shape.rest ?? '') ? 'BSW' : 'BSF';
  const label = (shape.size ?? '').replace(/^(\d+)-/, '$1 ');
  const tpi = WHITWORTH_SERIES[series][label];
  return tpi === void 0 ? typed : `${label}-${new Fraction(tpi).toFraction(true)} ${shape.rest}`;
}

// of that release: core/thread/parse-designation.ts
function parseDesignation(text, field = 'thread') {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = tidy(short.value);
  if (typed === '') return bad(field, 'required', 'Type a thread, such as 3/4-16 UNF-2A or M16x2-6g.');
  if (namesSquare(typed))
    return bad(
      field,
      'unsupported',
      'A square thread has sizes but no standard limits: look it up in Tables.',
    );
  return parserFor(typed)(typed, field);
}
function parserFor(typed) {
  if (/^m/i.test(typed)) return parseMetric;
  if (/^tr/i.test(typed)) return parseTrapezoidal;
  if (/^g/i.test(typed)) return parsePipe;
  if (/acme/i.test(typed)) return parseAcme;
  if (/b\.?s\.?[wf]|whit/i.test(typed)) return parseWhitworth;
  return parseUnified;
}

// of that release: core/thread/suggest.ts
var CONSTANT_PITCH = Object.keys(UNIFIED_SERIES.UNC)
  .filter((size2) => !size2.startsWith('#'))
  .flatMap((size2) =>
    CONSTANT_PITCH_TPI.filter((tpi) => inferUnifiedSeries(size2, tpi) === 'UN' && isUsual(size2, tpi)).map(
      (tpi) => `${size2}-${tpi} UN`,
    ),
  );
var FAMILIES = [
  {
    bases: [...inchBases(UNIFIED_SERIES), ...CONSTANT_PITCH],
    external: ['-2A', '-3A'],
    internal: ['-2B', '-3B'],
  },
  {
    bases: [
      ...Object.entries(METRIC_COARSE).map(([size2, pitch]) => `M${size2}x${pitch}`),
      ...Object.entries(METRIC_FINE).flatMap(([size2, pitches2]) =>
        pitches2.map((pitch) => `M${size2}x${pitch}`),
      ),
    ],
    external: ['-6g'],
    internal: ['-6H'],
  },
  { bases: inchBases({ Acme: ACME_SIZES }), external: ['-2G'], internal: ['-2G internal'] },
  {
    bases: Object.entries(TRAPEZOIDAL_SIZES).map(([size2, pitch]) => `Tr${size2}x${pitch}`),
    external: ['-7e'],
    internal: ['-7H'],
  },
  { bases: inchBases(WHITWORTH_SERIES), external: [' medium bolt'], internal: [' medium nut'] },
  { bases: Object.keys(PIPE_SIZES).map((size2) => `G ${size2}`), external: [' A', ' B'], internal: [''] },
];
function inchBases(series) {
  return Object.entries(series).flatMap(([name, sizes2]) =>
    Object.entries(sizes2).map(([size2, tpi]) => `${size2}-${withHalf(tpi)} ${name}`),
  );
}
function withHalf(tpi) {
  return Number.isInteger(tpi) ? String(tpi) : `${Math.floor(tpi)} 1/2`;
}
function isUsual(size2, tpi) {
  const diameter = size2.split(' ').reduce((sum, part) => {
    const [over = 0, under = 1] = part.split('/').map(Number);
    return sum + over / under;
  }, 0);
  const pitch = 1 / tpi;
  return pitch < diameter / 5 && pitch > diameter / 60;
}

// of that release: core/compound/compound.ts
function swivelMarkDeg(compoundAngleDeg, zero) {
  return zero === 'cross-slide' ? compoundAngleDeg : 90 - compoundAngleDeg;
}
function compoundFeedFor(radialDepth, compoundAngleDeg) {
  return radialDepth / Math.cos(radians(compoundAngleDeg));
}
function radialDepthOf(compoundFeed, compoundAngleDeg) {
  return compoundFeed * Math.cos(radians(compoundAngleDeg));
}
function axialShiftOf(compoundFeed, compoundAngleDeg) {
  return compoundFeed * Math.sin(radians(compoundAngleDeg));
}
function trailingFlankStep(infeed, compoundAngleDeg, flankAngleDeg) {
  return infeed * Math.sin(radians(flankAngleDeg - compoundAngleDeg));
}

// of that release: core/tool/tip.ts
function tipShortening(tip, flankAngleDeg) {
  const angle = radians(flankAngleDeg);
  if (tip.kind === 'flat') return tip.flat / 2 / Math.tan(angle);
  if (tip.kind === 'radius') return tip.radius * (1 / Math.sin(angle) - 1);
  return 0;
}
function tipHalfWidth(tip, flankAngleDeg) {
  if (tip.kind === 'flat') return tip.flat / 2;
  if (tip.kind === 'radius') return tip.radius * Math.cos(radians(flankAngleDeg));
  return 0;
}

// of that release: core/tool/tip-limit.ts
function tipLimit(thread, limits, targetPitchDiameter) {
  const angle = radians(formOf(thread).flankAngleDeg);
  const toRoot =
    limits.side === 'external'
      ? targetPitchDiameter - limits.minor.max
      : limits.major.min - targetPitchDiameter;
  const halfWidth = pitchOf(thread) / 4 - (toRoot / 2) * Math.tan(angle);
  return { flat: 2 * halfWidth, radius: halfWidth / Math.cos(angle) };
}
var SHARP_SHARE = 0.75;
function tipFit(thread, limits, targetPitchDiameter, tip) {
  const { flankAngleDeg, usualTip } = formOf(thread);
  const limit = tipLimit(thread, limits, targetPitchDiameter);
  if (tipHalfWidth(tip, flankAngleDeg) > limit.flat / 2 + 1e-9) return 'too-blunt';
  const pitch = pitchOf(thread);
  if (tip.kind === 'flat')
    return tip.flat < SHARP_SHARE * Math.min(usualTip.flat * pitch, limit.flat) ? 'too-sharp' : 'fits';
  if (tip.kind === 'radius')
    return tip.radius < SHARP_SHARE * Math.min(usualTip.radius * pitch, limit.radius) ? 'too-sharp' : 'fits';
  return 'too-sharp';
}

// of that release: core/depth/radial-depth.ts
function depthCaseOf(thread, workDiameter, tip) {
  const { flankAngleDeg } = formOf(thread);
  return { workDiameter, pitch: pitchOf(thread), tip, flankAngleDeg, side: thread.side };
}
function radialDepthFor(depthCase, pitchDiameter) {
  return (inwardSign(depthCase) * (depthCase.workDiameter - pitchDiameter)) / 2 + groundHeight(depthCase);
}
function pitchDiameterAt(depthCase, radialDepth) {
  return depthCase.workDiameter - inwardSign(depthCase) * 2 * (radialDepth - groundHeight(depthCase));
}
function groundHeight({ pitch, tip, flankAngleDeg }) {
  return pitch / 4 / Math.tan(radians(flankAngleDeg)) - tipShortening(tip, flankAngleDeg);
}
function inwardSign({ side = 'external' }) {
  return side === 'external' ? 1 : -1;
}

// of that release: core/depth/depth-rules.ts
var BOTH = ['external', 'internal'];
var EXTERNAL = ['external'];
function pitches(share) {
  return (pitch) => share * pitch;
}
var DEPTH_RULES = [
  {
    id: 'half-pitch',
    form: 'sixty',
    name: 'half the pitch, then try the nut',
    radialDepth: pitches(0.5),
    assumes: 'a starting point for a metric plunge, not a depth',
    sides: EXTERNAL,
  },
  {
    id: 'basic',
    form: 'sixty',
    name: 'radial 0.5413 P',
    radialDepth: pitches((5 / 8) * FORM_60.fundamentalHeight),
    assumes: 'flat of P/4 at the tip outside, P/8 inside (basic form), blank or bore at nominal',
    sides: BOTH,
  },
  {
    id: 'rounded',
    form: 'sixty',
    name: 'radial 0.6134 P',
    radialDepth: pitches(FORM_60.majorToRoundedRoot / 2),
    assumes: 'root rounded by H/6, blank at nominal',
    sides: EXTERNAL,
  },
  {
    id: 'compound-075',
    form: 'sixty',
    name: 'compound 0.75 P at 30\xB0',
    radialDepth: pitches(0.75 * Math.cos(Math.PI / 6)),
    assumes: 'flat of P/8 outside (a sharp tool inside), blank at nominal',
    sides: BOTH,
  },
  {
    id: 'p8',
    form: 'sixty',
    name: 'radial 0.6495 P',
    radialDepth: pitches(FORM_60.fullDoubleHeight / 2),
    assumes: 'flat of P/8; doubled, it stands on many centre gauges',
    sides: EXTERNAL,
  },
  {
    id: 'sharp',
    form: 'sixty',
    name: 'radial 0.7578 P',
    radialDepth: pitches((7 / 8) * FORM_60.fundamentalHeight),
    assumes: 'sharp tip, to reach the basic pitch diameter',
    sides: EXTERNAL,
  },
  {
    id: 'full-v',
    form: 'sixty',
    name: 'radial 0.866 P',
    radialDepth: pitches(FORM_60.fundamentalHeight),
    assumes: 'full sharp V, until the crest comes to a point',
    sides: EXTERNAL,
  },
  {
    id: 'acme-basic',
    form: 'acme',
    name: 'half the pitch',
    radialDepth: pitches(0.5),
    assumes: 'basic form: no clearance at the root',
    sides: BOTH,
  },
  {
    id: 'acme-clearance',
    form: 'acme',
    name: 'half the pitch and half the clearance',
    radialDepth: (pitch) => pitch / 2 + acmeClearanceIn(pitch) / 2,
    assumes:
      'tool of the published width 0.3707 P \u2212 0.259 \xD7 clearance, blank or bore at nominal (ASME B1.5)',
    sides: BOTH,
  },
  {
    id: 'trapezoidal-basic',
    form: 'trapezoidal',
    name: 'half the pitch',
    radialDepth: pitches(0.5),
    assumes: 'basic form: no clearance at the root',
    sides: BOTH,
  },
  {
    id: 'trapezoidal-clearance',
    form: 'trapezoidal',
    name: 'half the pitch and the clearance',
    radialDepth: (pitch) => pitch / 2 + crestClearanceMm(pitch),
    assumes:
      'tool of the published width 0.366 P \u2212 0.54 \xD7 clearance, blank or bore at nominal (ISO 2901)',
    sides: BOTH,
  },
  {
    id: 'whitworth-rounded',
    form: 'whitworth',
    name: 'radial 0.6403 P',
    radialDepth: pitches(FORM_WHITWORTH.majorToMinor / 2),
    assumes: 'root rounded by 0.1373 P, blank or bore at nominal (BS 84)',
    sides: BOTH,
  },
  {
    id: 'whitworth-sharp',
    form: 'whitworth',
    name: 'radial 0.8004 P',
    radialDepth: pitches((5 / 6) * FORM_WHITWORTH.fundamentalHeight),
    assumes: 'sharp tip, to reach the basic pitch diameter',
    sides: BOTH,
  },
];

// of that release: core/gauging/wire-on-helicoid.ts
function wireAxisRadius(helicoid) {
  const { pitch, lead, pitchDiameter, wire, flankAngleDeg, side = 'external' } = helicoid;
  const angle = radians(flankAngleDeg);
  const outward = side === 'external' ? 1 : -1;
  const slope = outward * Math.tan(angle);
  const rise = lead / (2 * Math.PI);
  const half = pitchDiameter / 2;
  let radius = half + (outward * wire) / 2 / Math.sin(angle) - pitch / 4 / slope;
  let r = radius - outward * (wire / 2) * Math.sin(angle);
  let phi = (-rise * Math.cos(angle) * (wire / 2)) / (r * radius);
  for (let round = 0; round < 30; round += 1) {
    const sin = Math.sin(phi);
    const cos = Math.cos(phi);
    const z = pitch / 4 + (r - half) * slope + rise * phi;
    const f1 = r - radius * cos + z * slope;
    const f2 = radius * r * sin + z * rise;
    const f3 = r * r - 2 * r * radius * cos + radius * radius + z * z - (wire * wire) / 4;
    const a = [1 + slope * slope, radius * sin + rise * slope, -cos];
    const b = [radius * sin + slope * rise, radius * r * cos + rise * rise, r * sin];
    const c = [
      2 * r - 2 * radius * cos + 2 * z * slope,
      2 * r * radius * sin + 2 * z * rise,
      2 * radius - 2 * r * cos,
    ];
    const [dr, dphi, dradius] = solve3(a, b, c, [-f1, -f2, -f3]);
    r += dr;
    phi += dphi;
    radius += dradius;
    if (Math.abs(dradius) < 1e-14 * pitchDiameter && Math.abs(dr) < 1e-13 * pitchDiameter) break;
  }
  return radius;
}
function solve3(a, b, c, y) {
  const det = (p, q, s) => {
    const [p0 = 0, p1 = 0, p2 = 0] = p;
    const [q0 = 0, q1 = 0, q2 = 0] = q;
    const [s0 = 0, s1 = 0, s2 = 0] = s;
    return p0 * (q1 * s2 - q2 * s1) - p1 * (q0 * s2 - q2 * s0) + p2 * (q0 * s1 - q1 * s0);
  };
  const whole = det(a, b, c);
  const column = (index) => {
    const put = (row, value2) => row.map((entry, place) => (place === index ? value2 : entry));
    return det(put(a, y[0] ?? 0), put(b, y[1] ?? 0), put(c, y[2] ?? 0)) / whole;
  };
  return [column(0), column(1), column(2)];
}

// of that release: core/gauging/three-wires.ts
function wireCaseOf(thread, wire) {
  const { flankAngleDeg } = formOf(thread);
  return { pitch: pitchOf(thread), lead: leadOf(thread), wire, flankAngleDeg, side: thread.side };
}
function bestWire(pitch, flankAngleDeg) {
  return pitch / (2 * Math.cos(radians(flankAngleDeg)));
}
function wireRange(form, pitch, crestDiameter, pitchDiameter) {
  const angle = radians(form.flankAngleDeg);
  const crestHeight = Math.abs(crestDiameter - pitchDiameter) / 2;
  const straight = crestHeight - form.crestRadius * pitch * (1 - Math.sin(angle));
  const min = (2 * crestHeight + pitch / 2 / Math.tan(angle)) / (1 + 1 / Math.sin(angle));
  const max = (2 * (pitch / 4 + straight * Math.tan(angle))) / Math.cos(angle);
  return { min, max };
}
function leadAngleDeg(lead, pitchDiameter) {
  return degrees(Math.atan(lead / (Math.PI * pitchDiameter)));
}
function overWires(wireCase, pitchDiameter) {
  const { pitch, lead, wire, flankAngleDeg, side = 'external' } = wireCase;
  return 2 * wireAxisRadius({ pitch, lead, pitchDiameter, wire, flankAngleDeg, side }) + wire;
}

// of that release: core/gauging/other-gauges.ts
function sideClearanceDeg(lead, rootDiameter, marginDeg = 3) {
  const helix = leadAngleDeg(lead, rootDiameter);
  return { leading: marginDeg + helix, trailing: marginDeg - helix };
}

// of that release: core/gauging/measuring-words.ts
var MEASURING_WORDS = {
  external: {
    pieces: 'wires',
    over: 'over wires',
    crest: 'major diameter',
    work: 'blank',
    mate: 'nut',
  },
  internal: {
    pieces: 'balls',
    over: 'over balls',
    crest: 'minor diameter',
    work: 'bore',
    mate: 'screw',
  },
};

// of that release: core/gauging/wire-sets.ts
function set(id, name, unit, values) {
  return { id, name, wires: values.map((value2) => ({ value: value2, unit })) };
}
var INCH_TPI = [48, 44, 40, 36, 32, 28, 27, 24, 20, 18, 16, 14, 13, 12, 11, 10, 9, 8, 7, 6, 5, 4.5, 4];
var METRIC_WIRES = [
  0.17, 0.22, 0.25, 0.29, 0.335, 0.39, 0.455, 0.53, 0.62, 0.725, 0.895, 1.1, 1.35, 1.65, 2.05, 2.55, 3.2, 4,
  5.05, 6.35,
];
var WIRE_SETS = [
  set(
    'inch',
    'Inch, best sizes of 48 to 4 TPI',
    'in',
    INCH_TPI.map((tpi) => Math.round(bestWire(1 / tpi, 30) * 1e5) / 1e5),
  ),
  set('metric', 'Metric, DIN 2269', 'mm', METRIC_WIRES),
];

// of that release: core/plan/check-plan.ts
var REACTION_SECONDS = 1.2;
var HEAVY_CHIP_DEG = 5;
function checkBlank(evaluation, blank, thread, limits, refuse, warn) {
  const { unit } = thread;
  const show = (value2) => formatLength({ value: value2, unit });
  const external = limits.side === 'external';
  const band = limits.pitchDiameter;
  const crest = crestLimits(limits);
  const toLimits = `${external ? 'Turn' : 'Bore'} it to ${show(crest.min)} to ${show(crest.max)} ${unit}.`;
  const heightToPoint = pitchOf(thread) / 2 / Math.tan(radians(formOf(thread).flankAngleDeg));
  const pointed = external ? band.max + heightToPoint : band.min - heightToPoint;
  if (external ? blank <= band.max : blank >= band.min) {
    const what = external ? 'A blank' : 'A bore';
    refuse('blankDiameter', 'out-of-range', `${what} of ${show(blank)} leaves no thread. ${toLimits}`);
    return;
  }
  if (external ? blank >= pointed : blank <= pointed) {
    refuse(
      'blankDiameter',
      'out-of-range',
      `${external ? 'Over' : 'Under'} ${show(pointed)} the crest comes to a point. ${toLimits}`,
    );
    return;
  }
  evaluation.blank = blank;
  const word = external ? 'major limit' : 'minor limit';
  const over = blank > crest.max + 1e-9;
  if (!over && blank >= crest.min - 1e-9) return;
  const binds = over === external;
  warn(
    'blankDiameter',
    `${over ? 'Over' : 'Under'} the ${word} ${show(over ? crest.max : crest.min)}: ` +
      (binds ? `the ${external ? 'nut' : 'screw'} may bind on the crests.` : 'the part will be marked down.'),
  );
}
function checkTip(evaluation, tip, inputs, thread, limits, target, refuse, warn) {
  const { unit } = thread;
  const limit = tipLimit(thread, limits, target);
  evaluation.tipLimit = limit;
  const pitch = pitchOf(thread);
  if (inputs.tip?.kind === 'insert') {
    const from = lengthIn(inputs.tip.pitchFrom, unit);
    const to = lengthIn(inputs.tip.pitchTo, unit);
    const slack = 0.6 * 10 ** -LENGTH_DECIMALS[unit];
    const field2 = to < from || pitch < from - slack ? 'insertFrom' : pitch > to + slack ? 'insertTo' : null;
    if (field2 !== null) {
      const show = (value2) => formatLength({ value: value2, unit });
      refuse(
        field2,
        'conflict',
        to < from
          ? 'The range runs from the finest pitch to the coarsest.'
          : `This insert is made for pitches of ${show(from)} to ${show(to)} ${unit}; the thread has ${show(pitch)}. Take another insert.`,
      );
      evaluation.tip = null;
      return;
    }
  }
  const fit = tipFit(thread, limits, target, tip);
  if (fit === 'fits' || tip.kind === 'sharp') return;
  const radius = tip.kind === 'radius';
  const field = radius ? 'tipRadius' : 'tipFlat';
  if (fit === 'too-sharp') {
    const usual = formOf(thread).usualTip;
    const share = radius ? usual.radius : usual.flat;
    warn(
      field,
      `Sharper than the usual ${Number(share.toFixed(3))} P: it must go deeper, the root is weak, and the tip breaks sooner.`,
    );
    return;
  }
  const most = formatLength({ value: radius ? limit.radius : limit.flat, unit });
  const mate = limits.side === 'external' ? 'nut' : 'screw';
  const remedy =
    inputs.tip?.kind === 'insert'
      ? `Take an insert with a radius of ${most} ${unit} at most.`
      : `Grind the ${radius ? 'radius' : 'flat'} to ${most} ${unit} at most.`;
  refuse(field, 'out-of-range', `Too wide for the groove: the root would foul the ${mate}. ${remedy}`);
  evaluation.tip = null;
}
function checkCompoundAngle(inputs, evaluation, warn) {
  const angle = inputs.compoundAngleDeg;
  if (angle === void 0 || evaluation.thread === null) return;
  const { flankAngleDeg } = formOf(evaluation.thread);
  if (evaluation.largestInfeed !== null) {
    const infeed = lengthIn(evaluation.largestInfeed, evaluation.thread.unit);
    evaluation.trailingStep = trailingFlankStep(infeed, angle, flankAngleDeg);
  }
  if (angle > flankAngleDeg) {
    warn(
      'compoundAngle',
      `Over ${flankAngleDeg}\xB0 the trailing flank is left as steps and the form is wrong.`,
    );
  } else if (angle < flankAngleDeg - HEAVY_CHIP_DEG) {
    warn(
      'compoundAngle',
      `Under ${flankAngleDeg - HEAVY_CHIP_DEG}\xB0 both flanks cut: expect a heavier chip and chatter.`,
    );
  }
}
function checkSpeed(inputs, evaluation, thread, warn) {
  if (inputs.spindleSpeedRpm === void 0 || inputs.runOutWidth === void 0) return;
  const width = lengthIn(inputs.runOutWidth, thread.unit);
  const seconds = (60 * width) / (inputs.spindleSpeedRpm * leadOf(thread));
  evaluation.timeInRunOut = seconds;
  if (seconds < REACTION_SECONDS) {
    const rpm = Math.floor((60 * width) / (REACTION_SECONDS * leadOf(thread)));
    warn(
      'spindleSpeed',
      `Only ${seconds.toFixed(1)} s in the run-out groove. ${rpm} rpm or less leaves ${REACTION_SECONDS} s to open the half nut.`,
    );
  }
}

// of that release: core/groove/tip-profile.ts
function tipOutline(tip, flankAngleDeg) {
  const angle = radians(flankAngleDeg);
  const steepness = 1 / Math.tan(angle);
  const shortening = tipShortening(tip, flankAngleDeg);
  const radius = tip.kind === 'radius' ? tip.radius : 0;
  const arcEnd = radius * Math.cos(angle);
  return (tipDepth, axial) => {
    const distance = Math.abs(axial);
    if (distance < arcEnd) return tipDepth - radius + Math.sqrt(radius * radius - distance * distance);
    return Math.min(tipDepth, tipDepth + shortening - distance * steepness);
  };
}
function grooveWidth(tip, flankAngleDeg, tipDepth) {
  if (tipDepth <= 0) return 0;
  const angle = radians(flankAngleDeg);
  if (tip.kind === 'radius' && tipDepth < tip.radius * (1 - Math.sin(angle))) {
    return 2 * Math.sqrt(tip.radius ** 2 - (tip.radius - tipDepth) ** 2);
  }
  return 2 * (tipDepth + tipShortening(tip, flankAngleDeg)) * Math.tan(angle);
}
function grooveArea(tip, flankAngleDeg, tipDepth) {
  if (tipDepth <= 0) return 0;
  const angle = radians(flankAngleDeg);
  const slope = Math.tan(angle);
  if (tip.kind === 'sharp') return tipDepth ** 2 * slope;
  if (tip.kind === 'flat') return tip.flat * tipDepth + tipDepth ** 2 * slope;
  const { radius } = tip;
  if (tipDepth < radius * (1 - Math.sin(angle))) {
    const half = Math.acos(1 - tipDepth / radius);
    return radius ** 2 * (half - Math.sin(half) * Math.cos(half));
  }
  const cornerCutOff = radius ** 2 * (1 / slope - (Math.PI / 2 - angle));
  return (tipDepth + tipShortening(tip, flankAngleDeg)) ** 2 * slope - cornerCutOff;
}
function depthForArea(tip, flankAngleDeg, area) {
  let low = 0;
  let high = Math.sqrt(area / Math.tan(radians(flankAngleDeg))) + tipShortening(tip, flankAngleDeg) + area;
  while (grooveArea(tip, flankAngleDeg, high) < area) high *= 2;
  for (let round = 0; round < 60; round += 1) {
    const middle = (low + high) / 2;
    if (grooveArea(tip, flankAngleDeg, middle) < area) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

// of that release: core/groove/cut-groove.ts
function tipAt(grooveCase, compoundFeed) {
  return {
    axial: axialShiftOf(compoundFeed, grooveCase.compoundAngleDeg),
    depth: radialDepthOf(compoundFeed, grooveCase.compoundAngleDeg),
  };
}
function grooveProfile(grooveCase, feeds) {
  const { pitch } = grooveCase;
  const outline = tipOutline(grooveCase.tip, grooveCase.flankAngleDeg);
  const positions = feeds.map((feed) => tipAt(grooveCase, feed));
  return (axial) => {
    let deepest = 0;
    for (const { axial: centre, depth } of positions) {
      const offset = axial - centre - Math.round((axial - centre) / pitch) * pitch;
      deepest = Math.max(deepest, outline(depth, offset));
    }
    return deepest;
  };
}
var SAMPLES = 2e3;
function chipAreas(grooveCase, readings) {
  const { tip, flankAngleDeg, compoundAngleDeg, pitch } = grooveCase;
  const deepest = tipAt(grooveCase, Math.max(0, ...readings)).depth;
  if (compoundAngleDeg <= flankAngleDeg && grooveWidth(tip, flankAngleDeg, deepest) <= pitch) {
    let before = 0;
    return readings.map((reading) => {
      const area = Math.max(before, grooveArea(tip, flankAngleDeg, tipAt(grooveCase, reading).depth));
      const removed = area - before;
      before = area;
      return removed;
    });
  }
  return integratedChipAreas(grooveCase, readings);
}
function integratedChipAreas(grooveCase, readings) {
  const step = grooveCase.pitch / SAMPLES;
  const ground = new Array(SAMPLES).fill(0);
  return readings.map((reading) => {
    const profile = grooveProfile(grooveCase, [reading]);
    let removed = 0;
    for (let index = 0; index < SAMPLES; index += 1) {
      const before = ground[index] ?? 0;
      const after = Math.max(before, profile((index + 0.5) * step));
      removed += (after - before) * step;
      ground[index] = after;
    }
    return removed;
  });
}

// of that release: core/schedule/schedule.ts
function plannedReadings(order, lastReadingGraduations) {
  const { groove, graduation, roughingPasses } = order;
  if (lastReadingGraduations < 1) return { refused: 'nothing-to-cut' };
  const roughEnd = lastReadingGraduations - order.finishingPasses * order.finishingGraduations;
  if (roughEnd - order.scratchGraduations < 1) return { refused: 'scratch-and-finish-too-deep' };
  const areaAt = (graduations) =>
    grooveArea(
      groove.tip,
      groove.flankAngleDeg,
      radialDepthOf(graduations * graduation, groove.compoundAngleDeg),
    );
  const first = areaAt(order.scratchGraduations);
  const last = areaAt(roughEnd);
  const readings = [];
  if (order.scratchGraduations > 0) readings.push({ kind: 'scratch', graduations: order.scratchGraduations });
  let before = order.scratchGraduations;
  for (let k = 1; k <= roughingPasses; k += 1) {
    const area = first + ((last - first) * k) / roughingPasses;
    const depth = depthForArea(groove.tip, groove.flankAngleDeg, area);
    const exact2 = compoundFeedFor(depth, groove.compoundAngleDeg) / graduation;
    const graduations = k === roughingPasses ? roughEnd : Math.round(exact2);
    if (graduations <= before) return { refused: 'too-many-roughing-passes' };
    readings.push({ kind: 'rough', graduations });
    before = graduations;
  }
  for (let k = 1; k <= order.finishingPasses; k += 1) {
    readings.push({ kind: 'finish', graduations: roughEnd + k * order.finishingGraduations });
  }
  for (let k = 0; k < order.springPasses; k += 1) {
    readings.push({ kind: 'spring', graduations: lastReadingGraduations });
  }
  return { readings };
}
function constantAreaSchedule(
  order,
  lastReadingGraduations = Math.round(order.totalFeed / order.graduation),
) {
  const planned = plannedReadings(order, lastReadingGraduations);
  if ('refused' in planned) return planned;
  const { groove, graduation } = order;
  const feeds = planned.readings.map(({ graduations }) => graduations * graduation);
  const areas = chipAreas(groove, feeds);
  const passes = planned.readings.map(({ kind, graduations }, index) => {
    const infeedGraduations = graduations - (planned.readings[index - 1]?.graduations ?? 0);
    return {
      n: index + 1,
      kind,
      infeedGraduations,
      readingGraduations: graduations,
      infeed: infeedGraduations * graduation,
      reading: graduations * graduation,
      radialDepth: radialDepthOf(graduations * graduation, groove.compoundAngleDeg),
      chipArea: areas[index] ?? 0,
    };
  });
  return { passes };
}
function fewestRoughingPasses(order, limitGraduations, most = 60) {
  const last = Math.round(order.totalFeed / order.graduation);
  for (let roughingPasses = 1; roughingPasses <= most; roughingPasses += 1) {
    const planned = plannedReadings({ ...order, roughingPasses }, last);
    if ('refused' in planned) return null;
    if (largestStep(planned.readings) <= limitGraduations) return roughingPasses;
  }
  return null;
}
function largestInfeedOf(order) {
  const planned = plannedReadings(order, Math.round(order.totalFeed / order.graduation));
  return 'refused' in planned ? null : largestStep(planned.readings);
}
function largestInfeed(passes) {
  return Math.max(0, ...passes.map((pass) => pass.infeedGraduations));
}
function largestStep(readings) {
  return Math.max(
    ...readings.map(({ graduations }, index) => graduations - (readings[index - 1]?.graduations ?? 0)),
  );
}

// of that release: core/plan/plan-defaults.ts
function planDefaults(thread, limits) {
  const { unit } = thread;
  const pitch = pitchOf(thread);
  const { flankAngleDeg, usualTip } = formOf(thread);
  const decimals = LENGTH_DECIMALS[unit];
  const length = (value2, places = decimals) => ({ value: roundTo(value2, places), unit });
  const down = (value2) => ({
    value: Math.floor(value2 * 10 ** decimals + 1e-6) / 10 ** decimals,
    unit,
  });
  const crest = crestLimits(limits);
  const target = length((limits.pitchDiameter.min + limits.pitchDiameter.max) / 2);
  const most = tipLimit(thread, limits, target.value);
  return {
    blankDiameter: length((crest.min + crest.max) / 2),
    tipFlat: down(Math.min(usualTip.flat * pitch, most.flat)),
    tipRadius: down(Math.min(usualTip.radius * pitch, most.radius)),
    insertFrom: length(pitch),
    insertTo: length(pitch),
    compoundAngleDeg: flankAngleDeg - 0.5,
    targetPitchDiameter: target,
    wireDiameter: length(bestWire(pitch, flankAngleDeg), decimals + 1),
    runOutWidth: length(3 * pitch, decimals - 1),
  };
}
var DIAL_DEFAULTS = {
  in: {
    dialGraduation: { value: 1e-3, unit: 'in' },
    dialPerTurn: { value: 0.1, unit: 'in' },
    scratchInfeed: { value: 2e-3, unit: 'in' },
    largestInfeed: { value: 0.01, unit: 'in' },
    finishingInfeed: { value: 1e-3, unit: 'in' },
  },
  mm: {
    dialGraduation: { value: 0.02, unit: 'mm' },
    dialPerTurn: { value: 2, unit: 'mm' },
    scratchInfeed: { value: 0.04, unit: 'mm' },
    largestInfeed: { value: 0.26, unit: 'mm' },
    finishingInfeed: { value: 0.02, unit: 'mm' },
  },
};
function dialDefaults(unit, graduation) {
  const usual = DIAL_DEFAULTS[unit];
  if (graduation === void 0) return usual;
  const whole = ({ value: value2 }) => ({
    value: roundTo(Math.max(1, Math.round(value2 / graduation.value)) * graduation.value, 6),
    unit,
  });
  return {
    dialGraduation: usual.dialGraduation,
    dialPerTurn: whole(usual.dialPerTurn),
    scratchInfeed: whole(usual.scratchInfeed),
    largestInfeed: whole(usual.largestInfeed),
    finishingInfeed: whole(usual.finishingInfeed),
  };
}

// of that release: core/plan/planned-pass.ts
function plannedPass(pass, graduation, depthCase, wireCase) {
  const shallow = pass.radialDepth <= groundHeight(depthCase);
  const pitchDiameter = shallow ? null : pitchDiameterAt(depthCase, pass.radialDepth);
  const onDial = (graduations) => ({
    value: roundTo(graduations * graduation.value, 6),
    unit: graduation.unit,
  });
  return {
    ...pass,
    dialInfeed: onDial(pass.infeedGraduations),
    dialReading: onDial(pass.readingGraduations),
    pitchDiameter,
    overWires: pitchDiameter === null ? null : overWires(wireCase, pitchDiameter),
  };
}

// of that release: core/plan/evaluate-schedule.ts
var MOST_ROUGHING = 60;
function evaluateSchedule(inputs, evaluation, refuse, warn) {
  const { dialGraduation: graduation, dialPerTurn: perTurn } = inputs;
  const usual = dialDefaults(inputs.dialUnit, graduation).largestInfeed;
  evaluation.largestInfeed = inputs.largestInfeed === 'proposed' ? usual : (inputs.largestInfeed ?? null);
  if (graduation === void 0 || perTurn === void 0) return;
  if ((wholeGraduations(perTurn, graduation) ?? 0) < 2) {
    refuse(
      'dialPerTurn',
      'conflict',
      `One turn must be a whole number of graduations of ${plain(graduation)}.`,
    );
    return;
  }
  const counts = graduationCounts(inputs, evaluation, graduation, refuse);
  const order = scheduleOrder(inputs, evaluation, graduation, counts);
  if (order === null || counts === null) return;
  if (inputs.largestInfeed === 'proposed') {
    counts.largest = proposedInfeed(order, evaluation, counts.largest);
    evaluation.largestInfeed = times(graduation, counts.largest);
  }
  const { issue, roughingPasses } = chooseRoughing(inputs, evaluation, order, counts.largest, refuse);
  if (issue) return;
  const last = lastReading(order, evaluation);
  const schedule = constantAreaSchedule({ ...order, roughingPasses }, last);
  if ('refused' in schedule) {
    refuse(
      'roughingPasses',
      'not-reachable',
      'With so many passes the dial can not tell them apart: take fewer.',
    );
    return;
  }
  const tooMuch = largestInfeed(schedule.passes);
  if (tooMuch > counts.largest) {
    const enough = evaluation.suggestedRoughing;
    refuse(
      'roughingPasses',
      'not-reachable',
      `${roughingPasses} roughing passes can not reach the depth: one would need ${plain(times(graduation, tooMuch))}, over the largest infeed. ` +
        (enough === null ? 'Allow a larger infeed.' : `Take ${enough} or more.`),
    );
  }
  const thread = evaluation.thread;
  if (thread === null || evaluation.blank === null || evaluation.tip === null) return;
  const depthCase = depthCaseOf(thread, evaluation.blank, evaluation.tip);
  const wireCase = wireCaseOf(thread, evaluation.wire ?? evaluation.bestWire ?? 0);
  evaluation.passes = schedule.passes.map((pass) => plannedPass(pass, graduation, depthCase, wireCase));
  warnOfLanding(evaluation, warn);
}
function graduationCounts(inputs, evaluation, graduation, refuse) {
  const count = (field, length) => {
    if (length === void 0 || length === null) return null;
    const whole = wholeGraduations(length, graduation);
    if (whole !== null) return whole;
    const below = Math.max(1, Math.floor(lengthIn(length, graduation.unit) / graduation.value));
    refuse(
      field,
      'conflict',
      `The dial is marked every ${plain(graduation)}: type ${plain(times(graduation, below))} or ${plain(times(graduation, below + 1))}.`,
    );
    return null;
  };
  const scratch = count('scratchInfeed', inputs.scratchInfeed);
  const largest = count('largestInfeed', evaluation.largestInfeed);
  const finishing = count('finishingInfeed', inputs.finishingInfeed);
  if (scratch === null || largest === null || finishing === null) return null;
  if (scratch > largest) {
    refuse('scratchInfeed', 'conflict', 'The scratch pass is deeper than the largest infeed.');
    return null;
  }
  if (finishing > largest) {
    refuse('finishingInfeed', 'conflict', 'A finishing pass is deeper than the largest infeed.');
    return null;
  }
  return { scratch, largest, finishing };
}
function wholeGraduations(length, graduation) {
  const exact2 = lengthIn(length, graduation.unit) / graduation.value;
  const whole = Math.round(exact2);
  return whole >= 1 && Math.abs(exact2 - whole) < 2e-3 ? whole : null;
}
function scheduleOrder(inputs, evaluation, graduation, counts) {
  const { thread, tip, compoundFeed } = evaluation;
  const { compoundAngleDeg, finishingPasses, springPasses } = inputs;
  if (thread === null || tip === null || compoundFeed === null || counts === null) return null;
  if (compoundAngleDeg === void 0 || finishingPasses === void 0 || springPasses === void 0) return null;
  return {
    groove: { pitch: pitchOf(thread), tip, flankAngleDeg: formOf(thread).flankAngleDeg, compoundAngleDeg },
    totalFeed: compoundFeed,
    graduation: lengthIn(graduation, thread.unit),
    scratchGraduations: counts.scratch,
    roughingPasses: 1,
    finishingPasses,
    finishingGraduations: counts.finishing,
    springPasses,
  };
}
function proposedInfeed(order, evaluation, customary) {
  const { thread, limits, blank, target } = evaluation;
  if (thread === null || limits === null || blank === null || target === null) return customary;
  const tip = { kind: 'flat', flat: planDefaults(thread, limits).tipFlat.value };
  const depth = radialDepthFor(depthCaseOf(thread, blank, tip), target);
  const groove = { ...order.groove, tip };
  const totalFeed = compoundFeedFor(depth, groove.compoundAngleDeg);
  const roughingPasses = fewestRoughingPasses({ ...order, groove, totalFeed }, customary, MOST_ROUGHING);
  if (roughingPasses === null) return customary;
  return Math.max(customary, largestInfeedOf({ ...order, roughingPasses }) ?? customary);
}
function chooseRoughing(inputs, evaluation, order, largest, refuse) {
  const whole = Math.round(order.totalFeed / order.graduation);
  const left = whole - order.scratchGraduations - order.finishingPasses * order.finishingGraduations;
  if (left < 1) {
    refuse(
      'finishingPasses',
      'not-reachable',
      `The whole feed is ${whole} graduations; scratch and finishing passes already take ${whole - left}. Take less.`,
    );
    return { issue: true, roughingPasses: 0 };
  }
  evaluation.suggestedRoughing = fewestRoughingPasses(order, largest, MOST_ROUGHING);
  if (inputs.roughingPasses === void 0) return { issue: true, roughingPasses: 0 };
  if (inputs.roughingPasses !== 'suggested') return { issue: false, roughingPasses: inputs.roughingPasses };
  if (evaluation.suggestedRoughing === null) {
    refuse(
      'largestInfeed',
      'not-reachable',
      'No number of roughing passes keeps to so small an infeed: allow more.',
    );
    return { issue: true, roughingPasses: 0 };
  }
  return { issue: false, roughingPasses: evaluation.suggestedRoughing };
}
function lastReading(order, evaluation) {
  const exact2 = order.totalFeed / order.graduation;
  const nearest = Math.round(exact2);
  if (evaluation.limits === null || evaluation.target === null) return nearest;
  const { min, max } = evaluation.limits.pitchDiameter;
  const inward = evaluation.limits.side === 'external' ? 1 : -1;
  const perGraduation = (inward * 2 * (evaluation.radialDepth ?? 0)) / exact2;
  const landing = (reading) => (evaluation.target ?? 0) + (exact2 - reading) * perGraduation;
  const inside = (reading) => landing(reading) >= min && landing(reading) <= max;
  if (inside(nearest)) return nearest;
  const other = nearest > exact2 ? nearest - 1 : nearest + 1;
  return inside(other) ? other : Math.floor(exact2);
}
function warnOfLanding(evaluation, warn) {
  const end = evaluation.passes?.at(-1)?.pitchDiameter;
  if (end === void 0 || end === null || evaluation.limits === null || evaluation.thread === null) return;
  const { min, max } = evaluation.limits.pitchDiameter;
  if (end >= min && end <= max) return;
  warn(
    'dialGraduation',
    `The dial is too coarse for this class: its last whole graduation lands at ${formatLength({ value: end, unit: evaluation.thread.unit })}. Finish by measurement.`,
  );
}
function times(length, count) {
  return { value: roundTo(length.value * count, 6), unit: length.unit };
}
function plain({ value: value2, unit }) {
  return `${Number(value2.toFixed(6))} ${unit}`;
}

// of that release: core/plan/plan-evaluation.ts
var NOTHING = {
  thread: null,
  limits: null,
  blank: null,
  tip: null,
  tipLimit: null,
  target: null,
  wire: null,
  bestWire: null,
  wireRange: null,
  overWires: null,
  radialDepth: null,
  compoundFeed: null,
  rootDiameter: null,
  swivelMarkDeg: null,
  sideClearance: null,
  trailingStep: null,
  largestInfeed: null,
  passes: null,
  suggestedRoughing: null,
  timeInRunOut: null,
};

// of that release: core/plan/evaluate-plan.ts
function evaluatePlan(inputs) {
  const issues = [];
  const warnings = [];
  const evaluation = { ...NOTHING, issues, warnings };
  const { thread, limits, compoundAngleDeg } = inputs;
  if (compoundAngleDeg !== void 0 && inputs.swivelZero !== void 0) {
    evaluation.swivelMarkDeg = swivelMarkDeg(compoundAngleDeg, inputs.swivelZero);
  }
  if (thread === void 0 || limits === void 0) return evaluation;
  Object.assign(evaluation, { thread, limits });
  const unit = thread.unit;
  const pitch = pitchOf(thread);
  const show = (value2) => formatLength({ value: value2, unit });
  const refuse = (field, code, message) => void issues.push({ field, code, message });
  const warn = (field, message) => void warnings.push({ field, message });
  const target = inputs.targetPitchDiameter && lengthIn(inputs.targetPitchDiameter, unit);
  const band = limits.pitchDiameter;
  if (target !== void 0) {
    if (target < band.min - 1e-9 || target > band.max + 1e-9) {
      refuse(
        'targetPitchDiameter',
        'out-of-range',
        `The target must lie in the band ${show(band.min)} to ${show(band.max)} ${unit}.`,
      );
    } else {
      evaluation.target = target;
    }
  }
  const blank = inputs.blankDiameter && lengthIn(inputs.blankDiameter, unit);
  if (blank !== void 0) checkBlank(evaluation, blank, thread, limits, refuse, warn);
  evaluation.tip = inputs.tip === void 0 ? null : tipIn(inputs.tip, unit);
  if (evaluation.tip !== null)
    checkTip(evaluation, evaluation.tip, inputs, thread, limits, target ?? band.max, refuse, warn);
  const { flankAngleDeg } = formOf(thread);
  evaluation.bestWire = bestWire(pitch, flankAngleDeg);
  const wire = inputs.wireDiameter && lengthIn(inputs.wireDiameter, unit);
  if (evaluation.target !== null) {
    const crest = evaluation.blank ?? crestLimits(limits)[limits.side === 'external' ? 'max' : 'min'];
    evaluation.wireRange = wireRange(formOf(thread), pitch, crest, evaluation.target);
    if (wire !== void 0) {
      const range2 = evaluation.wireRange;
      if (wire < range2.min || wire > range2.max) {
        refuse(
          'wireDiameter',
          'out-of-range',
          `${limits.side === 'external' ? 'Wires' : 'Balls'} of ${show(range2.min)} to ${show(range2.max)} ${unit} work here: thinner ones sink below the crest, thicker ones ride on it. Best is ${show(evaluation.bestWire)}.`,
        );
      } else {
        evaluation.wire = wire;
        const wireCase = wireCaseOf(thread, wire);
        evaluation.overWires = {
          min: overWires(wireCase, band.min),
          target: overWires(wireCase, evaluation.target),
          max: overWires(wireCase, band.max),
        };
      }
    }
  }
  if (evaluation.blank !== null && evaluation.tip !== null && evaluation.target !== null) {
    const depth = radialDepthFor(depthCaseOf(thread, evaluation.blank, evaluation.tip), evaluation.target);
    evaluation.radialDepth = depth;
    evaluation.rootDiameter = evaluation.blank + (limits.side === 'external' ? -2 : 2) * depth;
    evaluation.sideClearance = sideClearanceDeg(
      leadOf(thread),
      Math.min(evaluation.rootDiameter, evaluation.blank),
    );
    if (compoundAngleDeg !== void 0) evaluation.compoundFeed = compoundFeedFor(depth, compoundAngleDeg);
  }
  evaluateSchedule(inputs, evaluation, refuse, warn);
  checkCompoundAngle(inputs, evaluation, warn);
  checkSpeed(inputs, evaluation, thread, warn);
  return evaluation;
}
function tipIn(tip, unit) {
  if (tip.kind === 'flat') return { kind: 'flat', flat: lengthIn(tip.flat, unit) };
  if (tip.kind === 'sharp') return { kind: 'sharp' };
  return { kind: 'radius', radius: lengthIn(tip.radius, unit) };
}

// of that release: core/plan/derive-plan.ts
var BrokenPlanError = class extends Error {
  name = 'BrokenPlanError';
};
function derivePlan(plan) {
  const read = parseDesignation(plan.thread);
  if (!read.ok) throw new BrokenPlanError(`thread ${plan.thread}: ${read.issues[0]?.message ?? ''}`);
  const limits = threadLimits(read.value.thread);
  const evaluation = evaluatePlan({
    ...plan,
    thread: read.value.thread,
    limits,
    dialUnit: plan.dial.graduation.unit,
    dialGraduation: plan.dial.graduation,
    dialPerTurn: plan.dial.perTurn,
  });
  const {
    blank,
    tip,
    target,
    wire,
    overWires: overWires2,
    radialDepth,
    compoundFeed,
    rootDiameter,
    passes,
  } = evaluation;
  const { swivelMarkDeg: swivelMarkDeg2, timeInRunOut } = evaluation;
  if (
    blank === null ||
    tip === null ||
    target === null ||
    wire === null ||
    overWires2 === null ||
    radialDepth === null ||
    compoundFeed === null ||
    rootDiameter === null ||
    passes === null ||
    swivelMarkDeg2 === null ||
    timeInRunOut === null ||
    evaluation.issues.length > 0
  ) {
    throw new BrokenPlanError(`${plan.title}: ${evaluation.issues[0]?.message ?? 'a figure is missing'}`);
  }
  return {
    plan,
    thread: read.value.thread,
    limits,
    blank,
    tip,
    target,
    wire,
    overWires: overWires2,
    radialDepth,
    compoundFeed,
    rootDiameter,
    swivelMarkDeg: swivelMarkDeg2,
    passes,
    timeInRunOut,
  };
}

// of that release: core/steps/step-makers.ts
function confirm(id, title, instruction, extras) {
  return {
    id,
    title,
    instruction,
    kind: 'confirm',
    expected: null,
    when: 'before-cutting',
    critical: false,
    caution: null,
    ...extras,
  };
}
function value(id, title, instruction, expected, extras) {
  return {
    id,
    title,
    instruction,
    kind: 'value',
    expected,
    when: 'before-cutting',
    critical: false,
    caution: null,
    ...extras,
  };
}
function range(centre, min, max, unit) {
  const decimals = unit === 'in' ? 4 : unit === 'mm' ? 3 : 2;
  return {
    value: roundTo(centre, decimals),
    min: roundTo(min, decimals),
    max: roundTo(max, decimals),
    unit,
    sense: 'value',
  };
}
function exact(number, unit) {
  const rounded = roundTo(number, 6);
  return { value: rounded, min: rounded, max: rounded, unit, sense: 'value' };
}
function atMost(number, unit) {
  const decimals = unit === 'in' ? 4 : unit === 'mm' ? 3 : 2;
  const limit = roundTo(number, decimals);
  return { value: limit, min: null, max: limit, unit, sense: 'at-most' };
}
function atLeast(number, unit) {
  const { value: limit } = atMost(number, unit);
  return { value: limit, min: limit, max: null, unit, sense: 'at-least' };
}

// of that release: core/steps/setup-steps.ts
var SWIVEL_TOLERANCE_DEG = 0.5;
var TIP_TOLERANCE = { in: 2e-3, mm: 0.05 };
var SAFETY = confirm(
  'safety',
  'Safety',
  'Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.',
  {
    critical: true,
    weight: 2,
    caution:
      'A turning chuck takes cloth, hair and fingers. Follow your shop\u2019s rules, the machine\u2019s manual and local law; a qualified instructor decides.',
  },
);
var TOUCH_OFF = confirm(
  'touch-off',
  'Touch off, zero',
  'Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.',
  { weight: 2 },
);
var DRY_RUN = confirm(
  'dry-run',
  'Dry run',
  'Clear of the work: catch the thread dial, open the half nut over the run-out.',
  { weight: 1, caution: 'A closed half nut does not slip. A carriage stop will not stop it.' },
);
var INSTRUCTOR_LOOKS = {
  ...confirm('instructor-look', 'Instructor looks', 'Hold point: no cut before the instructor has looked.', {
    weight: 2,
  }),
  kind: 'sign-off',
};
function setupSteps(derived) {
  const external = derived.thread.side === 'external';
  const words = MEASURING_WORDS[derived.thread.side];
  return [
    SAFETY,
    overWiresStep(derived, words),
    workStep(derived, words),
    runOutStep(derived),
    external
      ? confirm(
          'holding',
          'Holding',
          'Shoulder against the jaws, tailstock centre in, quill short and locked.',
          {
            weight: 1,
            caution: 'Mind the live centre: the tool comes back toward it.',
          },
        )
      : confirm('holding', 'Holding', 'Work home against the jaws, running true; tailstock out of the way.', {
          weight: 1,
        }),
    gearingStep(derived),
    speedStep(derived),
    compoundStep(derived),
    tipStep(derived),
    external
      ? confirm(
          'tool-square',
          'Set the tool',
          'On centre height, square to the axis by the centre gauge, holder and tool screws tight.',
          { weight: 2 },
        )
      : confirm(
          'tool-square',
          'Set the bar',
          'Bar as stout and short as it goes; tool on centre height, square by the centre gauge; mark the depth on the bar.',
          { weight: 2 },
        ),
    confirm(
      'travel',
      'Travel',
      external
        ? 'Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.'
        : 'Bar to the recess clear of the bottom, clear of the far wall when the tool comes out; slides not near their ends.',
      { weight: 1 },
    ),
    TOUCH_OFF,
    DRY_RUN,
    INSTRUCTOR_LOOKS,
    {
      ...value(
        'pitch-check',
        'Pitch',
        'Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.',
        pitchExpected(derived),
        { weight: 2, caution: 'Measure only with the spindle stopped.' },
      ),
      when: 'after-scratch',
    },
  ];
}
function overWiresStep(derived, words) {
  const { unit } = derived.thread;
  const { target, min, max } = derived.overWires;
  return value(
    'over-wires',
    `Target ${words.over}`,
    `Work it out with ${words.pieces} of ${formatLength({ value: derived.wire, unit }, unit, 1)} ${unit}, from limits and pitch.`,
    range(target, min, max, unit),
    { weight: 2 },
  );
}
function workStep({ thread, limits, blank }, { crest: name }) {
  const crest = crestLimits(limits);
  const external = thread.side === 'external';
  return value(
    'blank',
    external ? 'Blank' : 'Bore',
    external
      ? `Turn the ${name} and measure it. Chamfer the start below the root.`
      : `Bore to the ${name} and measure it. Chamfer the mouth to the major diameter.`,
    range(blank, crest.min, crest.max, thread.unit),
    { weight: 2 },
  );
}
function runOutStep({ plan, thread, rootDiameter }) {
  const { unit } = thread;
  const width = formatLength({ value: lengthIn(plan.runOutWidth, unit), unit });
  return thread.side === 'external'
    ? value(
        'run-out',
        'Run-out groove',
        `At least ${width} ${unit} wide and down to the root or below. Measure its diameter.`,
        atMost(rootDiameter, unit),
        { weight: 1 },
      )
    : value(
        'run-out',
        'Recess',
        `At least ${width} ${unit} wide and out to the root or beyond. Measure its diameter.`,
        atLeast(rootDiameter, unit),
        { weight: 1 },
      );
}
function pitchExpected({ thread }) {
  return thread.unit === 'in' ? exact(1 / pitchOf(thread), 'TPI') : exact(leadOf(thread), 'mm pitch');
}
function gearingStep(derived) {
  const { thread } = derived;
  const pitchWord = thread.unit === 'in' ? `${printTpi(thread)} TPI` : `${pitchOf(thread)} mm pitch`;
  return value(
    'gearing',
    'Gearing',
    `Set ${pitchWord} from the machine\u2019s chart; feed selector in neutral. Turn by hand until the gears mesh.`,
    pitchExpected(derived),
    { weight: 2 },
  );
}
function speedStep({ plan, timeInRunOut }) {
  return value(
    'speed',
    'Spindle speed',
    `${timeInRunOut.toFixed(1)} s will be left in the run-out groove.`,
    atMost(plan.spindleSpeedRpm, 'rpm'),
    { weight: 1, caution: 'Obey the placards on the machine: some lever positions forbid higher speeds.' },
  );
}
function compoundStep({ plan, thread, swivelMarkDeg: swivelMarkDeg2 }) {
  const bed = plan.swivelZero === 'bed' ? '; this scale reads 0 along the bed' : '';
  const mirrored = thread.side === 'internal' ? ', swung to the other side than outside' : '';
  return value(
    'compound',
    'Compound',
    `${plan.compoundAngleDeg}\xB0 from the cross-slide axis${mirrored}${bed}. Check: its side lies parallel to the tool\u2019s trailing flank.`,
    range(
      swivelMarkDeg2,
      swivelMarkDeg2 - SWIVEL_TOLERANCE_DEG,
      swivelMarkDeg2 + SWIVEL_TOLERANCE_DEG,
      '\xB0',
    ),
    { weight: 3 },
  );
}
function tipStep({ plan, tip, thread }) {
  const { unit } = thread;
  const angle = `${2 * formOf(thread).flankAngleDeg}\xB0`;
  if (plan.tip.kind === 'insert') {
    const pitches2 = [plan.tip.pitchFrom, plan.tip.pitchTo].map((length) =>
      formatLength({ value: lengthIn(length, unit), unit }),
    );
    const pitchText =
      pitches2[0] === pitches2[1] ? `pitch ${pitches2[0]}` : `pitches ${pitches2.join(' to ')}`;
    return confirm(
      'tip',
      'Insert',
      `${angle} insert for ${pitchText} ${unit}, seated, screw tight, no chip off the edge.`,
      {
        weight: 1,
      },
    );
  }
  if (tip.kind === 'sharp') {
    return confirm('tip', 'Tip', `Sharp point, ${angle} by the centre gauge, no nick.`, { weight: 1 });
  }
  const size2 = tip.kind === 'flat' ? tip.flat : tip.radius;
  return value(
    'tip',
    'Tip',
    `${angle} by the centre gauge, ${tip.kind} at the tip, no nick. Measure the ${tip.kind}.`,
    range(size2, Math.max(0, size2 - TIP_TOLERANCE[unit]), size2 + TIP_TOLERANCE[unit], unit),
    { weight: 1 },
  );
}

// of that release: core/plan/read-plan-form.ts
function readPlanForm(form) {
  const issues = [];
  const notes = {};
  function keep(result) {
    if (result.ok) return result.value;
    issues.push(...result.issues);
    return void 0;
  }
  function length(field, unit2, fallback) {
    if (form[field].trim() === '' && fallback !== void 0) return fallback;
    const read = keep(parseLength(field, form[field], unit2));
    if (read === void 0) return void 0;
    if (read.note !== null) notes[field] = read.note;
    if (read.length.value > 0) return read.length;
    issues.push({ field, code: 'out-of-range', message: 'Type a length greater than 0.' });
    return void 0;
  }
  const { thread, limits } = readThread(form, keep, issues, notes);
  const defaults = thread !== void 0 && limits !== void 0 ? planDefaults(thread, limits) : null;
  const unit = thread?.unit ?? 'in';
  const dialUnit = form.dialUnit === 'in' || form.dialUnit === 'mm' ? form.dialUnit : unit;
  const threadLength = (field) =>
    form[field].trim() === '' && defaults === null ? void 0 : length(field, unit, defaults?.[field]);
  const title = saidText(form.title);
  if (title === '')
    issues.push({
      field: 'title',
      code: 'required',
      message: 'Give the exercise a name, such as Clamp screw.',
    });
  const dialGraduation = length('dialGraduation', dialUnit, dialDefaults(dialUnit).dialGraduation);
  const dial = dialDefaults(dialUnit, dialGraduation);
  const dialLength = (field) => length(field, dialUnit, dial[field]);
  const inputs = {
    title: title === '' ? void 0 : title,
    thread,
    limits,
    blankDiameter: threadLength('blankDiameter'),
    tip: readTip(form, threadLength, issues),
    compoundAngleDeg:
      form.compoundAngle.trim() === ''
        ? defaults?.compoundAngleDeg
        : keep(parseAngleDeg('compoundAngle', form.compoundAngle, 0, 45)),
    swivelZero: readSwivelZero(form, issues),
    targetPitchDiameter: threadLength('targetPitchDiameter'),
    wireDiameter: threadLength('wireDiameter'),
    dialUnit,
    dialGraduation,
    dialPerTurn: dialLength('dialPerTurn'),
    scratchInfeed: dialLength('scratchInfeed'),
    roughingPasses:
      form.roughingPasses.trim() === ''
        ? 'suggested'
        : keep(parseWhole('roughingPasses', form.roughingPasses, 1, 60, 'the roughing passes')),
    largestInfeed: form.largestInfeed.trim() === '' ? 'proposed' : dialLength('largestInfeed'),
    finishingPasses: keep(parseWhole('finishingPasses', form.finishingPasses, 0, 10, 'the finishing passes')),
    finishingInfeed: dialLength('finishingInfeed'),
    springPasses: keep(parseWhole('springPasses', form.springPasses, 0, 6, 'the spring passes')),
    spindleSpeedRpm: keep(parseWhole('spindleSpeed', form.spindleSpeed, 5, 2e3, 'the spindle speed in rpm')),
    runOutWidth: threadLength('runOutWidth'),
    marking: readMarking(form, keep, issues),
  };
  return { inputs, issues, notes, defaults, dialDefaults: dial };
}
function readThread(form, keep, issues, notes) {
  const read = keep(parseDesignation(form.thread));
  if (read === void 0) return {};
  const refused = refuseThread(read.thread);
  if (refused !== null) issues.push({ field: 'thread', code: 'unsupported', message: refused });
  if (read.assumed.length > 0)
    notes.thread = `${printDesignation(read.thread)}: ${read.assumed.join(', ')} taken for granted.`;
  return { thread: read.thread, limits: threadLimits(read.thread) };
}
function refuseThread(thread) {
  if (thread.hand === 'left') return 'The plan cuts right-hand threads so far: leave out LH.';
  if (thread.starts > 1) return 'The plan cuts single-start threads so far: type one pitch, such as M20x2.5.';
  return null;
}
function readTip(form, length, issues) {
  if (form.tipKind === 'sharp') return { kind: 'sharp' };
  if (form.tipKind === 'flat') {
    const flat = length('tipFlat');
    return flat && { kind: 'flat', flat };
  }
  if (form.tipKind === 'radius') {
    const radius = length('tipRadius');
    return radius && { kind: 'radius', radius };
  }
  if (form.tipKind === 'insert') {
    const [radius, pitchFrom, pitchTo] = [length('tipRadius'), length('insertFrom'), length('insertTo')];
    return radius && pitchFrom && pitchTo && { kind: 'insert', radius, pitchFrom, pitchTo };
  }
  issues.push({
    field: 'tipKind',
    code: 'unreadable',
    message: 'Choose the tip: flat, radius, sharp or insert.',
  });
  return void 0;
}
function readSwivelZero(form, issues) {
  if (form.swivelZero === 'cross-slide' || form.swivelZero === 'bed') return form.swivelZero;
  issues.push({
    field: 'swivelZero',
    code: 'unreadable',
    message: 'Choose where the swivel scale reads 0: along the cross slide, or along the bed.',
  });
  return void 0;
}
function readMarking(form, keep, issues) {
  const setUp = keep(parseWhole('markSetUp', form.markSetUp, 0, 100, 'the points'));
  const passes = keep(parseWhole('markPasses', form.markPasses, 0, 100, 'the points'));
  const result = keep(parseWhole('markResult', form.markResult, 0, 100, 'the points'));
  if (setUp === void 0 || passes === void 0 || result === void 0) return void 0;
  const sum = setUp + passes + result;
  if (sum === 100) return { setUp, passes, result };
  const right = 100 - setUp - passes;
  const wish = right >= 0 ? ` ${right} for the result would do.` : '';
  issues.push({
    field: 'markResult',
    code: 'conflict',
    message: `The three sections make ${sum}; they must make 100.${wish}`,
  });
  return void 0;
}
export { derivePlan, readPlanForm, setupSteps };
