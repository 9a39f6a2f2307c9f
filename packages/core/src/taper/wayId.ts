/** Every way of making a taper that Anello weighs: four that generate it, two that form it. */
export const WAY_IDS = ['compound', 'attachment', 'tailstock', 'form-tool', 'reamer', 'copy-master'] as const;
export type WayId = (typeof WAY_IDS)[number];
