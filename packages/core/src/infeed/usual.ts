/** Plus or minus (k = 2) of a measurement of stock by stand-off or micrometer, mm on radius, where nobody says better. */
export const USUAL_UNCERTAINTY = 0.002;
