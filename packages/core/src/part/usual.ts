/** Flats where nobody says how many: two, opposite. */
export const USUAL_FLATS = 2;
