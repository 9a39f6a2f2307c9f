/** Up to this slope, mm, a hand-fed cone is quick and finishes well; the compound beats setting anything up. */
export const SHORT_CONE = 35;
