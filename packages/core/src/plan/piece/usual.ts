/** Figures of the trade for holding and parting; mm. Every shop has its own, none of them far from these. */

/** Width of a parting tool. */
export const PARTING_WIDTH = 3;
/** Left on each end to be faced away. */
export const FACING = 1;
/** More than this is not faced away: it is parted off. */
export const MOST_FACED = 15;
/** Room a tool needs before the jaws. */
export const CLEAR = 2;
/** From the jaws to the part's own face where stock is left to hold by: parting tool, what is faced off after, room. */
export const PARTING_ROOM = PARTING_WIDTH + FACING + CLEAR;
/** Least a jaw must hold: 0.8 of the diameter or 15 mm, whichever is less. */
export const leastGrip = (diameter: number): number => Math.min(0.8 * diameter, 15);
/** As much as is worth holding. */
export const goodGrip = (diameter: number): number => Math.min(Math.max(diameter, 15), 50);
/** From the tips of the jaws down to the chuck's own face: what reaches deeper goes into the spindle. */
export const JAWS_DEEP = 60;
/** Work that stands out further than this many diameters wants a centre. */
export const MOST_STAND_OUT = 4;
/** Needle swing allowed when the axis is found again for features that share it, and for the rest. */
export const TRUE_SHARED = 0.01;
export const TRUE_REST = 0.05;
/** Limits no further apart than this are a seat's, mm. */
export const CLOSE = 0.05;
/** Between what the stock left on a diameter to be ground when hard may lie, mm. */
export const TO_GRIND_BAND = 0.1;
/** A centre stands in the mouth of a hole up to this part of the face's diameter: the mouth is sunk 60° for it. */
export const CENTRE_MOUTH = 0.75;
/** Carried at both ends, work longer than this many of its diameters bows away from the tool between them. */
export const MOST_BETWEEN = 12;
/** A wall thinner than this part of its diameter is sprung by the jaws of a chuck. */
export const THIN_WALL = 0.1;
/** About what a carrier covers of the work at the spindle's end, mm. */
export const CARRIER_COVERS = 15;
/** Thinner than this part of what hangs on it a neck twists off under the cut. */
export const LEAST_NECK = 0.2;
/** Steeper than this a taper is not left to drive the work under a cut by itself: it must be drawn home. Half angle, rad. */
export const SELF_HOLDING = (3.5 / 180) * Math.PI;
/** Left in a drilled hole for boring, and for reaming, on diameter. */
export const BORING_STOCK = 0.5;
export const REAMING_STOCK = 0.2;
/** Threads inside up to this are tapped; larger ones are cut with a single point. */
export const LARGEST_TAP = 24;
/** A tapping hole may be under by this: the next drill kept, on diameter. */
export const TAP_SLACK = 0.2;
/** Largest drill usual in a tailstock of this size of lathe, where the shop has not said which it owns. */
export const LARGEST_DRILL = 25;
/** A drill makes its hole to size where the drawing asks for no fit, within this. */
export const DRILL_TO_SIZE = 0.05;
/** A drill's hole comes out wider than the drill by up to this, on diameter. */
export const DRILL_OVER = 0.1;
/** Drills come in steps of this where the shop has not said. */
export const DRILL_STEP = 0.5;
/** Those for taps come finer. */
export const TAP_DRILL_STEP = 0.1;
/** Less than this on a cone is taken with the cone itself, on diameter. */
export const STAIRCASE_WORTH = 1;
/** Lengths that differ by less are the same. */
export const SAME = 1e-6;
/** Where a thread says no pitch, about this part of its diameter. */
export const USUAL_PITCH = 0.13;
/** A bar so thick that its cone would want more shoulders has deeper ones. */
export const MOST_SHOULDERS = 40;
/** Deeper than this in its own diameters a drill is drawn back to clear; wider than this it follows a pilot. */
export const PECK = 3;
/** So little more, in its own diameters, is drilled without drawing back before it. */
export const LAST_PECK = 0.5;
export const PILOT_OVER = 13;
export const PILOT = 6;
/** Centre drills by their body, and the part of the face's diameter one may take. */
export const CENTRE_DRILLS = [3.15, 4, 5, 6.3, 8, 10] as const;
export const CENTRE_OF_FACE = 0.4;
/** The mouth that a centre drill leaves, of its body. */
export const MOUTH_OF_BODY = 0.8;
/** The mouth of a hole is sunk this much wider for a centre to stand in. */
export const SUNK_OVER = 2;
/** Turned at more than so many diameters of the mandrel it sits on, work slips on it. */
export const MOST_OVER_MANDREL = 5;
/** A mandrel wants a hole at least this long, in its own diameters. */
export const MANDREL_HOLE = 0.5;
/** Usual depth of cut on radius, travel a minute and time at the handles for one feature. */
export const CUT_DEPTH = 1.5;
export const TRAVEL_A_MINUTE = 40;
export const HANDLING = 3;

/** Left on the largest diameter for it to be turned, and the steps that round bar is kept in, mm. */
export const TO_TURN = 1;
export const BAR_STEP = 2;
/** Bar that goes on this far behind the jaws whips unless something carries it. mm. */
export const LONG_BEHIND = 300;
/** Out of the jaws by this many of its diameters it springs, though it may be held so. */
export const SPRINGS = 2.5;
/** As near as a shop’s tempering comes, HRC. */
export const HARD_BAND = 2;
/** Where a family of threads has no class here, its crest may be short of its figure by this part of the pitch. */
export const CREST_SHORT = 0.1;
/** Left on a diameter to be lapped or ground off where no tool turns so close, mm. */
export const TO_LAP = 0.02;
