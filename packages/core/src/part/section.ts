import type { End } from '../taper/task';
import type { Side } from './kinds/base';
import type { OutlinePoint } from './kinds/outline';
import type { Feature } from './kinds/registry';

/** A feature placed on the spindle axis; z grows from headstock to tailstock, 0 at the part's left face. */
export interface Section {
  readonly id: string;
  readonly kind: Feature['kind'];
  readonly side: Side;
  readonly from: End;
  readonly z0: number;
  readonly z1: number;
  readonly points: readonly OutlinePoint[];
  /** The same with its corners cut or filled by the details that lie on them. */
  readonly drawn: readonly OutlinePoint[];
  readonly offset: number;
  /** Not enough figures yet: drawn as a ghost of a guessed size. */
  readonly ghost: boolean;
}

/** A feature that lies on others, where it lies; its radius is of what is there once it is made. */
export interface Detail extends Section {
  readonly at: End;
  /** What it lies on, where it lies on one. */
  readonly on: string | null;
  /** Radius of the outside it lies on. */
  readonly outside: number;
  /** Of a corner, its new points from its feature's side to its face's. */
  readonly corner?: readonly OutlinePoint[] | undefined;
}
