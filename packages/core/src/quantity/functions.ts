import { AnelloError } from '../basics/error';
import { kindName, type Evaluated } from './evaluated';
import type { FunctionName } from './node';
import { defaultMeaning, type Dimension } from './units';

interface WrittenFunction {
  /** What ' and " mean behind it, where that is not the box's to say. */
  readonly reads?: Dimension;
  readonly of: (argument: Evaluated, name: FunctionName) => Evaluated;
}

const DEGREES = defaultMeaning('deg');

/** Of an angle, or of a plain number taken for degrees. */
const ofAngle = (work: (angle: number) => number): WrittenFunction => ({
  reads: 'angle',
  of: (argument, name) => {
    const { kind, value } = argument;
    if (kind !== 'angle' && kind !== 'bare') throw wrongKind(argument, name, 'an angle');
    return bare(work(kind === 'bare' ? value * DEGREES.factor : value));
  },
});

/** The angle that has this sine, cosine or tangent: of a plain number, or of a rise over its run. */
const angleOf = (work: (value: number) => number): WrittenFunction => ({
  of: (argument, name) => {
    const { kind, value } = argument;
    if (kind !== 'bare' && kind !== 'taper') throw wrongKind(argument, name, 'a plain number');
    const found = work(value);
    // Every number is a tangent.
    if (Number.isNaN(found))
      throw outside(`No angle has ${value} as its ${name === 'asin' ? 'sine' : 'cosine'}.`);
    return { value: found, kind: 'angle', unit: DEGREES };
  },
});

const root: WrittenFunction = {
  of: (argument, name) => {
    if (argument.kind !== 'bare') throw wrongKind(argument, name, 'a plain number');
    if (argument.value < 0) throw outside('Nothing less than zero has a square root.');
    return bare(Math.sqrt(argument.value));
  },
};

/** What may stand before a figure or a bracket. Errors: wrong-dimension, out-of-range. */
export const FUNCTIONS: Record<FunctionName, WrittenFunction> = {
  sin: ofAngle(Math.sin),
  cos: ofAngle(Math.cos),
  tan: ofAngle(Math.tan),
  asin: angleOf(Math.asin),
  acos: angleOf(Math.acos),
  atan: angleOf(Math.atan),
  sqrt: root,
};

const bare = (value: number): Evaluated => ({ value, kind: 'bare', unit: null });

const outside = (sentence: string): AnelloError => new AnelloError('out-of-range', null, sentence);

const wrongKind = (argument: Evaluated, name: FunctionName, wanted: string): AnelloError =>
  new AnelloError('wrong-dimension', null, `“${name}” is of ${wanted}, not of ${kindName(argument.kind)}.`);
