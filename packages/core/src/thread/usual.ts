/** Part of the full overlap a tapped thread is drilled for where nobody says: strong enough, and easy on the tap. */
export const USUAL_ENGAGEMENT = 0.9;
