import { standing } from '../piece/piece';
import type { Placed } from '../piece/laid';
import type { Moment } from './kind';

/** Radius of the hole that stands at an inside section now; 0 while it is solid. */
export const holeNow = ({ piece }: Pick<Moment, 'piece'>, section: Placed): number =>
  standing(piece, section);
