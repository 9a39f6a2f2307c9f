import type { GroundForm } from './metal/form';
import { edgeAlong } from './metal/nose';
import { GRID, type Piece } from './metal/piece';
import { barGives, springPart, workGives } from './metal/stiffness';
import { overATurn } from './metal/interrupted';
import { apart, reachOf, roundFrom, wallOf, type Round } from './metal/turning';
import type { Chips } from './actions';
import type { Held, LatheState } from './lathe';

/** Out of what holds it farther than so many diameters, work or bar sings. */
const SINGS = { work: 6, bar: 4.5 };
/** What a singing edge leaves: waves of some thousandths. */
const WAVE = { height: 0.004, length: 1.7 };
/** From pass to pass the welded edge has broken off this often. */
const BREAKS_OFF = 0.3;

/** As far from metal as this nothing is met, whatever wears, scatters, grows or stands off the centre's height, mm. */
const KEPT_OFF = 1;

const UNMET: Round = { r: 0, x: 0, y: 0, lobes: 0 };
/** Nothing was met. */
export const NO_CHIPS: Chips = { seen: 'none', fresh: 0, chatters: false };

/** How the edge went: past so many places of the outline, and cut so many of them. */
export interface Went {
  readonly past: number;
  readonly cut: number;
  readonly rubbed: number;
  readonly chatters: boolean;
}
export const WENT_NOWHERE: Went = { past: 0, cut: 0, rubbed: 0, chatters: false };
export const seenOf = ({ cut, rubbed }: Went): Chips['seen'] =>
  cut > 0 ? 'cutting' : rubbed > 0 ? 'rubbing' : 'none';

interface Place {
  readonly z: number;
  readonly x: number;
}

/** Takes metal off wherever the edge goes. One pass is one run of one handle one way: through it the work springs as it stood before. */
export class Cutter {
  private before: Round[] = [];
  private inPass = new Int32Array(0);
  private cutIn = new Int32Array(0);
  private pass = 0;
  private scatter = 0;
  /** Work or bar, for as long as the edge goes on its way. */
  private singing = false;

  constructor(private readonly state: LatheState) {}

  /** A new pass: the edge has its own place within the gibs' room, and what is welded to it has grown or is gone. */
  begin(): void {
    const { faults } = this.state;
    this.pass++;
    this.scatter = faults.looseness * this.state.normal();
    const grows = this.state.uniform();
    const broke = this.state.uniform() < BREAKS_OFF;
    this.state.builtUp = broke
      ? 0
      : Math.min(faults.builtUpEdge, this.state.builtUp + faults.builtUpEdge * grows);
  }

  /** The edge from one place to another in a straight line, at a feed to the turn. */
  along(from: Place, to: Place, feed: number): Went {
    const { piece, held, turning } = this.state;
    if (!piece || !held || !turning) return WENT_NOWHERE;
    if (this.before.length !== piece.count) {
      this.before = new Array<Round>(piece.count).fill(UNMET);
      this.inPass = new Int32Array(piece.count).fill(-1);
      this.cutIn = new Int32Array(piece.count).fill(-1);
    }
    const edgeOver = this.edgeOf(from, to);
    this.singing = this.sings(piece, held);
    const [low, high] = this.placesUnder(from, to);
    let met = 0;
    let cuts = 0;
    let rubs = 0;
    let removed = 0;
    for (let i = low; i <= high; i++) {
      const z = this.state.zOf(i, GRID);
      if (z < -GRID / 2 || z > held.out + GRID / 2) continue;
      const edge = edgeOver(z);
      if (edge === null) continue;
      // A nose stands over more than one place at once: each is counted once in a pass.
      if (this.inPass[i] !== this.pass) met++;
      const took = this.take(piece, held, i, z, edge, feed);
      if (took > 0) {
        removed += took;
        if (this.cutIn[i] !== this.pass) cuts++;
        this.cutIn[i] = this.pass;
      } else if (took < 0) rubs++;
    }
    this.state.wear += (this.state.faults.wear * cuts * GRID) / 100;
    this.state.warmth.cut(removed, volumeOf(piece));
    return { past: met, cut: cuts, rubbed: rubs, chatters: cuts > 0 && this.singing };
  }

  /**
   * How far from the spindle's axis the edge may be brought, where it stands along the work, before it can meet anything;
   * null where nothing is held. What wears, scatters and grows is far less than what is kept off for it.
   */
  freeUpTo(): number | null {
    const { piece, held, tool, at } = this.state;
    if (!piece || !held) return null;
    const inside = tool.side === 'inside';
    const [low, high] = this.placesUnder(at, at);
    let stands = inside ? Infinity : -Infinity;
    for (let i = low; i <= high; i++) {
      const met = this.metAt(piece, i);
      const axis = this.state.axis(this.state.zOf(i, GRID));
      stands = inside ? Math.min(stands, axis + wallOf(met)) : Math.max(stands, axis + reachOf(met));
    }
    return inside ? stands - KEPT_OFF : stands + KEPT_OFF;
  }

  /** The first and the last place of the outline that the edge stands over on its way. */
  private placesUnder(from: Place, to: Place): readonly [number, number] {
    const { form, nose } = this.state.tool;
    const reach = form?.halfWidth ?? nose;
    return [
      Math.max(this.state.index(Math.min(from.z, to.z) - reach), this.state.index(0)),
      this.state.index(Math.max(from.z, to.z) + reach),
    ];
  }

  /** How far from the spindle's axis the edge stood over a place, at its nearest to (outside) or farthest from it. */
  private edgeOf(from: Place, to: Place): (z: number) => number | null {
    const { form, side, nose } = this.state.tool;
    if (form) return (z) => formOver(form, z, from, to);
    if (side === 'outside') return (z) => edgeAlong(z, from, to, nose);
    const [left, right] = [
      { z: from.z, x: -from.x },
      { z: to.z, x: -to.x },
    ];
    return (z) => {
      const edge = edgeAlong(z, left, right, nose);
      return edge === null ? null : -edge;
    };
  }

  /** Cuts one place of the outline: gives the volume taken, less than nothing where it only rubbed, 0 where it never met. */
  private take(piece: Piece, held: Held, i: number, z: number, edge: number, feed: number): number {
    const { state } = this;
    const { tool, faults } = state;
    const outward = tool.side === 'inside' ? 1 : -1;
    const off = this.scatter + state.wear - state.builtUp - this.wave(z);
    const level = Math.max(0, edge - state.axis(z) - outward * off);
    const target = Math.sqrt(level ** 2 + state.height ** 2) / state.warmth.grown;
    const turning = state.turning?.[tool.side];
    if (!turning) return 0;
    const now = turning.r[i] as number;
    if (this.inPass[i] !== this.pass) {
      this.inPass[i] = this.pass;
      this.before[i] = this.metAt(piece, i);
    }
    const before = this.before[i] as Round;
    const asked = outward * (target - (tool.side === 'outside' ? reachOf(before) : wallOf(before)));
    if (asked <= 0) return 0;
    if (asked < faults.leastCut) return -1;
    // What runs out is cut deeper on its high side, springs more there, and so copies itself by that part.
    const runsOut = apart(before);
    const { mean, swing, share } = overATurn(outward * (target - before.r), runsOut);
    const springs = springPart(this.gives(held, before.r, z), feed, asked, tool.nose);
    const cut = target - outward * springs * mean;
    if (outward * (cut - now) <= 0) return 0;
    turning.r[i] = cut;
    const copies = runsOut > 0 ? (springs * swing) / runsOut : 0;
    turning.copied.x[i] = before.x * copies;
    turning.copied.y[i] = before.y * copies;
    if (turning.lobes) turning.lobes.height[i] = before.lobes * springs * share;
    const from = Number.isFinite(now) && now > 0 ? now : cut - outward * (1 - springs) * mean;
    return Math.abs(Math.PI * (from ** 2 - cut ** 2) * GRID);
  }

  /** What stands first in the edge's way at a place. */
  private metAt(piece: Piece, i: number): Round {
    const { tool, turning } = this.state;
    const { x = 0, y = 0 } = turning?.[tool.side] ?? {};
    const inside = tool.side === 'inside';
    const stands = inside ? wallOf : reachOf;
    let first = UNMET;
    let nearest = inside ? -1 : Infinity;
    for (const turned of piece[tool.side]) {
      // Most of a piece was never turned about most axes.
      if (!inside && turned.r[i] === Infinity) continue;
      const round = roundFrom(turned, i, x, y);
      const at = stands(round);
      if (inside ? at <= nearest : at >= nearest) continue;
      first = round;
      nearest = at;
    }
    return first;
  }

  /** How far everything gives to a force there, mm to the N. */
  private gives({ out, supported, by }: Held, radius: number, z: number): number {
    const { tool, faults } = this.state;
    if (tool.side === 'inside')
      return (
        faults.compliance + (tool.barDiameter === null ? 0 : barGives(tool.barDiameter, out - z + CLEAR))
      );
    const round = Math.max(1, 2 * radius);
    const both = supported || by === 'centres';
    // What the centre gives there is shared with the headstock as the place lies between them, both for force and for give.
    const centre = both ? barGives(BARREL, this.state.barrel) * (Math.max(0, z) / out) ** 2 : 0;
    return faults.compliance + workGives(round, z, out, both) + centre;
  }

  private sings(piece: Piece, { out, supported, by }: Held): boolean {
    const { tool } = this.state;
    if (tool.side === 'inside') return tool.barDiameter !== null && out / tool.barDiameter > SINGS.bar;
    return by !== 'centres' && !supported && out / piece.blank.diameter > SINGS.work;
  }

  private wave(z: number): number {
    return this.singing ? WAVE.height * Math.sin((2 * Math.PI * z) / WAVE.length) : 0;
  }
}
/** A form tool is fed straight in; where it is moved along as well, both of its places count. */
function formOver({ halfWidth, backAt }: GroundForm, z: number, ...places: readonly Place[]): number | null {
  const over = places.filter((p) => Math.abs(z - p.z) <= halfWidth).map((p) => p.x + backAt(z - p.z));
  return over.length > 0 ? Math.min(...over) : null;
}
/** A tailstock's barrel, mm: some 35 on a lathe of this size. */
const BARREL = 36;
/** A bar stands out of its holder by this more than it goes in. */
const CLEAR = 8;

const volumeOf = (piece: Piece): number =>
  (Math.PI / 4) * piece.blank.length * (piece.blank.diameter ** 2 - (piece.blank.bore ?? 0) ** 2);
