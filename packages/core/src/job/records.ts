import type { CopyId } from '../old-part/copyMethod';
import type { CurveWayId } from '../ways/curve/curveWays';
import type { MadeBasis, MadeId } from '../eccentric/invalidates';
import type { Contact } from '../gauging/contact';
import type { TravelAlong } from '../gauging/halfAngleFromIndicator';
import type { WayId } from '../taper/wayId';

/** What a hand feels of a part pushed home in its mate. */
export const FEELS = [
  'loose-large',
  'loose-small',
  'loose-both',
  'firm',
  'sticks',
  'lets-go',
  'warm',
  'as-cool',
] as const;
export type Feel = (typeof FEELS)[number];

/** What is kept of a piece: what was seen or done, with the expected figure and inputs as they were then. */
export type RecordBody =
  | { readonly kind: 'step'; readonly way: WayId; readonly step: string }
  | {
      readonly kind: 'reading';
      readonly way: WayId;
      readonly step: string;
      readonly travelAlong: TravelAlong;
      readonly at: number;
      readonly seen: number;
      readonly expected: number;
      readonly low: number;
      readonly high: number;
      readonly typed: string;
    }
  | {
      readonly kind: 'nudge';
      readonly way: WayId;
      readonly step: string;
      readonly amount: number;
      readonly direction: string;
      readonly fromHalfAngle: number;
      readonly toHalfAngle: number;
    }
  | {
      readonly kind: 'setting-kept';
      readonly way: WayId;
      readonly machineId: string;
      readonly halfAngle: number;
      readonly workLength: number;
    }
  | {
      readonly kind: 'pass';
      readonly dialFrom: number;
      readonly dialTo: number;
      readonly planned: number | null;
      readonly depth: number;
      readonly typed: string;
    }
  | {
      readonly kind: 'measured';
      readonly diameter: number;
      readonly expected: number | null;
      readonly dialAt: number;
      readonly typed: string;
      /** °C, where it was measured warm; the diameter is that at 20 °C. */
      readonly temperature?: number | undefined;
    }
  | {
      readonly kind: 'stand-off';
      readonly seen: number;
      readonly halfAngle: number;
      readonly diameterLeft: number;
      readonly typed: string;
      /** Dial, slide and tool were looked at before it, because the passes so far did not go together. */
      readonly checked?: true | undefined;
    }
  | {
      readonly kind: 'contact';
      readonly contact: Contact;
      readonly halfAngle: number;
      readonly swing: number | null;
      readonly distance: number | null;
    }
  | {
      readonly kind: 'held';
      /** At jaws 1 to 4, null where not read. */
      readonly readings: readonly (number | null)[];
      readonly limit: number;
      readonly swing: number;
      readonly inside: boolean;
    }
  | {
      /** The cone itself measured, one of the ways an old part is copied. */
      readonly kind: 'cone';
      readonly method: CopyId;
      /** On diameter, with plus or minus (k = 2). */
      readonly ratio: number;
      readonly uncertainty: number;
    }
  | {
      /** A try at setting a throw over. */
      readonly kind: 'thrown';
      readonly eccentric: string;
      readonly wanted: number;
      readonly now: number;
      /** From the spindle's axis, null where not read. */
      readonly x: number | null;
      readonly y: number | null;
      readonly inside: boolean;
    }
  | {
      /** Something made of an eccentric, with the figures it was made to. */
      readonly kind: 'made';
      readonly eccentric: string;
      readonly what: MadeId;
      readonly basis: MadeBasis;
    }
  | {
      /** The whole travel read on the finished outside, from its bore. */
      readonly kind: 'travel';
      readonly eccentric: string;
      readonly station: 'near' | 'far';
      readonly seen: number;
      readonly wanted: number;
      readonly typed: string;
    }
  | {
      /** A curve or its grooves cut, by the way chosen, with what was said of it. */
      readonly kind: 'shaped';
      readonly way: CurveWayId;
      readonly said: string;
    }
  | {
      /** A curve measured at places and laid on its drawing as well as it goes. */
      readonly kind: 'curve';
      readonly places: number;
      /** Furthest off, and where along it. */
      readonly worst: number;
      readonly at: number;
      readonly rms: number;
      readonly limit: number;
      readonly inside: boolean;
    }
  | {
      /** A full-size drawing found to have crept half-way: along (null where it could not be told) and across, mm. */
      readonly kind: 'crept';
      readonly along: number | null;
      readonly across: number;
      /** Furthest the part was put out by it, on diameter, and where. */
      readonly worst: number;
      readonly at: number;
    }
  | {
      /** The gap along the joint of a plug and its socket, with the shift and the room that explain it. mm. */
      readonly kind: 'joint';
      readonly places: number;
      readonly clearance: number;
      readonly least: number;
      readonly at: number;
      readonly most: number;
      readonly shift: number;
      readonly room: number;
    }
  | { readonly kind: 'felt'; readonly feel: Feel }
  | { readonly kind: 'verdict'; readonly verdict: 'accepted' | 'rework' | 'scrap'; readonly cause: string }
  | { readonly kind: 'piece'; readonly carriedFrom: number | null }
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'withdrawn'; readonly record: string };

export type RecordKind = RecordBody['kind'];

/** One kept row: append-only, its id made where it was typed. */
export interface KeptRecord {
  readonly id: string;
  readonly jobId: string;
  readonly piece: number;
  /** ISO time at the screen it was kept on. */
  readonly at: string;
  readonly operator: string;
  readonly body: RecordBody;
}

export type BodyOf<K extends RecordKind> = Extract<RecordBody, { kind: K }>;
export type RecordOf<K extends RecordKind> = KeptRecord & { readonly body: BodyOf<K> };

/** Records still standing: without those withdrawn, and without the withdrawals. */
export function standing(records: readonly KeptRecord[]): KeptRecord[] {
  const gone = new Set(records.flatMap((r) => (r.body.kind === 'withdrawn' ? [r.body.record] : [])));
  return records.filter((r) => r.body.kind !== 'withdrawn' && !gone.has(r.id));
}

/** Standing records of one kind for one piece, in the order kept. */
export function ofKind<K extends RecordKind>(
  records: readonly KeptRecord[],
  kind: K,
  piece?: number,
): RecordOf<K>[] {
  return standing(records).filter(
    (r): r is RecordOf<K> => r.body.kind === kind && (piece === undefined || r.piece === piece),
  );
}

/** The piece being worked on: the last one started, or the first. */
export function currentPiece(records: readonly KeptRecord[]): number {
  return Math.max(1, ...ofKind(records, 'piece').map((r) => r.piece));
}
