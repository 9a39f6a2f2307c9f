/** Part of the full overlap a tapped thread is drilled for where nobody says: strong enough, and easy on the tap. */
export const USUAL_ENGAGEMENT = 0.9;

/** A thread is tapped so many of its diameters deep where the drawing does not say. */
export const TAPPED_DEEP = 1.5;
