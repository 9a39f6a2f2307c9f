import { makeVirtualLathe, SOUND_LATHE, type VirtualLathe } from '../virtual-lathe';
import { forceAcross } from '../virtual-lathe/metal/stiffness';
import { normalFrom } from '../machine/seeded';
import type { ApproachFaults } from './approachKinds.testdata';

/** A short stretch of a stout bar is cut again and again: what it gives itself is nothing. */
const BAR = { diameter: 60, length: 100 };
const OUT = 40;
const RUN = 16;
const MEASURED_AT = 36;
const FEED = 0.1;
/** Wide against every cut here: a part of it springs that is the same at any depth. */
const NOSE = 4;
const START = 60;

/** What slides and tool give, mm to the N, so that a fine cut springs by a part of itself. */
function givesFor(spring: number): number {
  const part = Math.min(0.8, spring);
  return part / (1 - part) / forceAcross(FEED, 0, NOSE);
}

/**
 * A piece brought to its line on the virtual lathe: the slide is told what the advice says, the hand slips and the lash is
 * lost as the faults have it, and what is left is measured.
 */
export class VirtualApproach {
  private readonly lathe: VirtualLathe;
  private readonly line: number;
  private readonly slipAt: number;
  private passes = 0;
  private measurements = 0;

  /** What it was fed in by before the line was looked for, 0 for a pass at the same figure. */
  readonly before: readonly number[] = [0.1, ...Array<number>(CLEAN - 1).fill(0)];

  /** `asCut`: nothing was set anew since its last pass; else the zero was taken anew, and its lash with it. */
  constructor(
    private readonly faults: ApproachFaults,
    private readonly uniform: () => number,
    stock: number,
    asCut: boolean,
  ) {
    const { spring, lash, wear, builtUpEdge, scatter, dial } = faults;
    this.lathe = makeVirtualLathe({
      seed: 1 + Math.floor(1e9 * uniform()),
      level: 0,
      faults: {
        ...SOUND_LATHE,
        compliance: givesFor(spring),
        crossLash: 2 * lash,
        crossScale: dial,
        wear: (wear * 100) / RUN,
        builtUpEdge,
        looseness: scatter,
        setting: 0,
      },
    });
    this.slipAt = Math.floor(4 * uniform());
    const act = this.lathe.act.bind(this.lathe);
    act({ do: 'hold', by: 'three-jaw', blank: BAR, out: OUT });
    act({ do: 'tool', side: 'outside', nose: NOSE });
    act({ do: 'turn', handle: 'carriage', by: OUT - 1 - START });
    act({ do: 'touch' });
    act({ do: 'turn', handle: 'carriage', by: 4 });
    // A clean cut, and again at the same figure: the edge stands where the surface is.
    act({ do: 'turn', handle: 'cross', by: 0.2 });
    for (let i = 0; i < CLEAN; i++) this.along();
    this.line = this.radius() - stock;
    if (!asCut) this.loseLash(2 * lash);
  }

  /** Really still on, mm on radius; less than nothing is past the line. */
  get stock(): number {
    return this.radius() - this.line;
  }

  private radius(): number {
    return this.lathe.reveal().outline('outside', MEASURED_AT);
  }

  private along(): void {
    this.lathe.act({ do: 'turn', handle: 'carriage', by: -RUN, feed: FEED });
    this.lathe.act({ do: 'spindle', turns: 0 });
    this.lathe.act({ do: 'turn', handle: 'carriage', by: RUN });
    this.lathe.act({ do: 'spindle', turns: 400 });
  }

  /** The handle was turned back by so much, and the dial is taken from there: the slide has not followed. */
  private loseLash(by: number): void {
    if (by > 0) this.lathe.act({ do: 'turn', handle: 'cross', by: -by / this.faults.dial });
  }

  pass(infeed: number): void {
    const { lash, lashReturns, lashGivenBack, misset } = this.faults;
    const set = infeed + (this.passes++ === this.slipAt ? misset : 0);
    const lost = this.passes > 1 && this.uniform() < lashReturns ? lash : 0;
    const back = 2 * (lashGivenBack ? lost * this.uniform() : lost);
    this.loseLash(back);
    this.lathe.act({ do: 'turn', handle: 'cross', by: 2 * set });
    this.along();
    if (lashGivenBack && back > 0)
      this.lathe.act({ do: 'turn', handle: 'cross', by: back / this.faults.dial });
  }

  measure(): number {
    const slip = this.measurements++ === this.slipAt ? this.faults.misread : 0;
    return this.stock + slip + this.faults.measuring * normalFrom(this.uniform);
  }
}
const CLEAN = 6;
