/** What a new job asks of its cone: a grade, and how far off its gauge line it may stand, mm. */
export const USUAL_TOLERANCE = { grade: 'AT5', standOff: 0.25 } as const;
