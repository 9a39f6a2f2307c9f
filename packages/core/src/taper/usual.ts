/** What a new job asks of its cone: a grade, and how far off its gauge line it may stand, mm. */
export const USUAL_TOLERANCE = { grade: 'AT5', standOff: 0.25 } as const;

/**
 * Friction of clean, lightly oiled steel on steel. Handbook figures run from 0.1 to 0.15; this stands between, so
 * a taper near the limit is said to be near it.
 */
export const FRICTION = 0.12;

/** What is left round a socket made to a plug, as a part of its largest diameter, and what a plug to a socket is held by, mm. */
export const USUAL_MATE = { outside: 1.5, grip: 25 } as const;
