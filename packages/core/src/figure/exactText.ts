import type { Figure } from './figure';

/**
 * A figure as text that any quantity box reads back as the same value, nothing rounded off.
 *
 * @example
 * exactText(length(25.4))
 * // → '25.4 mm'
 */
export function exactText({ quantity, value }: Figure): string {
  switch (quantity) {
    case 'length':
      return `${value} mm`;
    case 'angle':
    case 'degrees':
      return `${value} rad`;
    default:
      return String(value);
  }
}
