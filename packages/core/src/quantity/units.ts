/** What a typed expression turns out to be. */
export type Kind = 'bare' | 'length' | 'angle' | 'taper' | 'speed' | 'inverse';

/** What an input box asks for. */
export type Dimension = 'length' | 'angle' | 'taper' | 'speed' | 'number';

/** What a bare number means there. */
export type DefaultUnit = 'mm' | 'in' | 'deg' | 'rad' | 'ratio' | 'in/ft' | 'mm/m' | 'rpm' | '1';

export interface UnitMeaning {
  readonly kind: Kind;
  /** How many house units (mm, rad, ratio, rpm, 1) one of it is. */
  readonly factor: number;
  readonly name: string;
}

const DEGREE = Math.PI / 180;
const unit = (kind: Kind, factor: number, name: string): UnitMeaning => ({ kind, factor, name });

const MM = unit('length', 1, 'mm');
const INCH = unit('length', 25.4, 'in');
const FOOT = unit('length', 304.8, 'ft');
const THOU = unit('length', 0.0254, 'thou');
const TENTH = unit('length', 0.00254, 'tenths');
const MICRON = unit('length', 0.001, 'µm');
const DEG = unit('angle', DEGREE, 'deg');
const MINUTE = unit('angle', DEGREE / 60, "'");
const SECOND = unit('angle', DEGREE / 3600, '"');
const RAD = unit('angle', 1, 'rad');
const RPM = unit('speed', 1, 'rpm');
const INCH_PER_FOOT = unit('taper', 1 / 12, 'in/ft');
const MM_PER_M = unit('taper', 0.001, 'mm/m');

const COMMON: Readonly<Record<string, UnitMeaning>> = {
  mm: MM,
  millimetre: MM,
  millimetres: MM,
  millimeter: MM,
  millimeters: MM,
  cm: unit('length', 10, 'cm'),
  µm: MICRON,
  um: MICRON,
  micron: MICRON,
  microns: MICRON,
  in: INCH,
  inch: INCH,
  inches: INCH,
  ft: FOOT,
  foot: FOOT,
  feet: FOOT,
  thou: THOU,
  tenth: TENTH,
  tenths: TENTH,
  deg: DEG,
  degree: DEG,
  degrees: DEG,
  '°': DEG,
  d: DEG,
  rad: RAD,
  mrad: unit('angle', 0.001, 'mrad'),
  arcmin: MINUTE,
  arcsec: SECOND,
  sec: SECOND,
  'in/ft': INCH_PER_FOOT,
  '"/ft': INCH_PER_FOOT,
  tpf: INCH_PER_FOOT,
  ipf: INCH_PER_FOOT,
  'mm/m': MM_PER_M,
  'in/in': unit('taper', 1, 'in/in'),
  'mm/mm': unit('taper', 1, 'mm/mm'),
  rpm: RPM,
  'rev/min': RPM,
  'r/min': RPM,
  '/min': RPM,
};

/** Words that mean one thing in an angle and another elsewhere. */
const IN_ANGLES: Readonly<Record<string, UnitMeaning>> = {
  "'": MINUTE,
  '"': SECOND,
  min: MINUTE,
  m: MINUTE,
  s: SECOND,
};
const ELSEWHERE: Readonly<Record<string, UnitMeaning>> = {
  "'": FOOT,
  '"': INCH,
  m: unit('length', 1000, 'm'),
};
const PERCENT: Readonly<Record<string, UnitMeaning>> = {
  taper: unit('taper', 0.01, '%'),
  number: unit('bare', 0.01, '%'),
};

/** The meaning of a unit word in a box of this dimension, or null. Case matters only between m and M. */
export function unitMeaning(word: string, dimension: Dimension): UnitMeaning | null {
  if (word === '%') return PERCENT[dimension] ?? null;
  const special = dimension === 'angle' ? IN_ANGLES : ELSEWHERE;
  const lower = word.toLowerCase();
  // A capital M is a metric thread's, not a metre.
  if (word === 'M' && dimension !== 'angle') return null;
  return (
    special[word] ?? COMMON[word] ?? special[lower] ?? COMMON[lower] ?? lengthOverLength(word, dimension)
  );
}

/** in/foot, inches/ft, cm/m: any length over any other is a taper. */
function lengthOverLength(word: string, dimension: Dimension): UnitMeaning | null {
  if (!word.includes('/')) return null;
  const [over, under] = word.split('/', 2).map((part) => unitMeaning(part, dimension));
  if (over?.kind !== 'length' || under?.kind !== 'length') return null;
  return unit('taper', over.factor / under.factor, `${over.name}/${under.name}`);
}

/** The meaning of a bare number. */
export function defaultMeaning(defaultUnit: DefaultUnit): UnitMeaning {
  switch (defaultUnit) {
    case 'ratio':
      return unit('taper', 1, 'ratio');
    case '1':
      return unit('bare', 1, '1');
    default:
      return COMMON[defaultUnit] as UnitMeaning;
  }
}
