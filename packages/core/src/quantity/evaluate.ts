import { AnelloError } from '../basics/error';
import { kindName, type Evaluated } from './evaluated';
import { FUNCTIONS } from './functions';
import type { Node } from './node';
import { divide, numeralValue } from './numeral';
import { unitMeaning, type Dimension, type Kind, type UnitMeaning } from './units';

/** Gives a syntax tree its value in a box of the given dimension. Throws where it can be read two ways. */
export function evaluate(node: Node, dimension: Dimension): Evaluated {
  const inner = (child: Node): Evaluated => evaluate(child, dimension);
  switch (node.kind) {
    case 'sum':
      return sum(node, inner);
    case 'product':
      return product(node, inner);
    case 'negate': {
      const { value, kind, unit } = inner(node.value);
      return { value: -value, kind, unit };
    }
    case 'group':
      return inner(node.value);
    case 'compound':
      return compound(node.parts.map(inner));
    case 'measure':
      return measure(node, inner(node.value), dimension);
    case 'call': {
      const { reads = dimension, of } = FUNCTIONS[node.name];
      return of(evaluate(node.value, reads), node.name);
    }
    case 'ratio':
      return { value: divide(inner(node.over).value, inner(node.under).value), kind: 'taper', unit: null };
    default:
      return {
        value: numeralValue(node),
        kind: 'bare',
        unit: null,
        fraction: node.kind === 'fraction' || node.kind === 'vulgar',
      };
  }
}

function measure(node: Node & { kind: 'measure' }, inner: Evaluated, dimension: Dimension): Evaluated {
  const meaning = unitMeaning(node.unit, dimension);
  if (Object.hasOwn(FUNCTIONS, node.unit))
    throw new AnelloError('unreadable', null, `Put a times sign before “${node.unit}”.`);
  if (!meaning) throw new AnelloError('unknown-unit', null, `“${node.unit}” is not a unit known here.`);
  if (inner.kind !== 'bare' || inner.unit) {
    throw new AnelloError(
      'unreadable',
      null,
      `“${node.unit}” stands after a figure that already has a unit.`,
    );
  }
  return { value: inner.value * meaning.factor, kind: meaning.kind, unit: meaning };
}

function sum(node: Node & { kind: 'sum' }, inner: (n: Node) => Evaluated): Evaluated {
  refuseHyphenMixed(node);
  const left = inner(node.left);
  const right = inner(node.right);
  if (left.kind !== right.kind) throw unlike(left, right);
  if (node.tight && node.op === '-' && left.unit?.name === 'ft' && right.unit?.name === 'in') {
    throw new AnelloError(
      'ambiguous',
      null,
      'Feet, hyphen, inches can be a sum or a difference: leave the hyphen out, or put spaces round it.',
    );
  }
  const value = node.op === '+' ? left.value + right.value : left.value - right.value;
  return { value, kind: left.kind, unit: left.unit ?? right.unit };
}

function unlike(left: Evaluated, right: Evaluated): AnelloError {
  const named = left.unit ?? right.unit;
  if (named && (left.kind === 'bare' || right.kind === 'bare')) {
    return new AnelloError(
      'ambiguous',
      null,
      `One part of the sum is in ${named.name}, the other has no unit: give it one.`,
    );
  }
  return new AnelloError(
    'wrong-dimension',
    null,
    `${capital(kindName(left.kind))} and ${kindName(right.kind)} cannot be added.`,
  );
}

function product(node: Node & { kind: 'product' }, inner: (n: Node) => Evaluated): Evaluated {
  refuseHyphenMixed(node);
  const left = inner(node.left);
  const right = inner(node.right);
  const unit = left.unit ?? right.unit;
  if (node.op === '*') return { value: left.value * right.value, kind: multiplied(left, right), unit };
  const kind = divided(left, right);
  return { value: divide(left.value, right.value), kind, unit: kind === 'taper' ? null : unit };
}

function multiplied(left: Evaluated, right: Evaluated): Kind {
  if (left.kind === 'bare') return right.kind;
  if (right.kind === 'bare') return left.kind;
  if ([left.kind, right.kind].sort().join() === 'length,taper') return 'length';
  throw new AnelloError(
    'wrong-dimension',
    null,
    `${capital(kindName(left.kind))} times ${kindName(right.kind)} makes no figure for this box.`,
  );
}

function divided(left: Evaluated, right: Evaluated): Kind {
  if (right.kind === 'bare') return left.kind;
  if (left.kind === right.kind) return left.kind === 'length' ? 'taper' : 'bare';
  if (left.kind === 'bare' && right.kind === 'length') return 'inverse';
  throw new AnelloError(
    'wrong-dimension',
    null,
    `${capital(kindName(left.kind))} divided by ${kindName(right.kind)} makes no figure for this box.`,
  );
}

/** Degrees, minutes, seconds or feet, inches: each with its unit, each finer than the one before. */
function compound(parts: readonly Evaluated[]): Evaluated {
  const first = parts[0] as Evaluated;
  for (const [index, part] of parts.entries()) {
    if (!part.unit)
      throw new AnelloError(
        'ambiguous',
        null,
        'Two figures stand side by side and one has no unit: give it one, or put a sign between them.',
      );
    const before = parts[index - 1];
    if (before && part.kind !== first.kind) {
      throw new AnelloError(
        'wrong-dimension',
        null,
        `That starts as ${kindName(first.kind)}, which this box does not take.`,
      );
    }
    if (before && part.unit.factor >= (before.unit as UnitMeaning).factor) {
      throw new AnelloError(
        'unreadable',
        null,
        `“${part.unit.name}” cannot follow “${(before.unit as UnitMeaning).name}” without a sign between.`,
      );
    }
    if (part.value < 0)
      throw new AnelloError('unreadable', null, 'A minus sign inside one figure: put it in front.');
  }
  return { value: parts.reduce((total, part) => total + part.value, 0), kind: first.kind, unit: first.unit };
}

/** 3-5/16 inside a longer sum can be the mixed number or a subtraction. */
function refuseHyphenMixed(node: Node & { left: Node; right: Node }): void {
  for (const side of [node.left, node.right]) {
    const bare = side.kind === 'measure' ? side.value : side;
    if (bare.kind === 'mixed' && bare.hyphen) {
      const spaced = bare.text.replace('-', ' ');
      const minus = bare.text.replace('-', ' - ');
      throw new AnelloError(
        'ambiguous',
        null,
        `“${bare.text}” inside a sum can be ${spaced} or ${minus}. Write which.`,
      );
    }
  }
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
