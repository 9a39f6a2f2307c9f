import type { Check } from './kind';

/** A mate cut on one setting of the compound is cut from the far side, the spindle turning the other way. */
export const reversed: Check = {
  id: 'reversed',
  say: ({ way, section, moment }) =>
    way?.device === 'compound' && section && moment.piece.laid.part.matched?.includes(section.id)
      ? [
          'On its mate’s own setting: the tool at the rear, or upside down, with the spindle reversed. A chuck screwed on its nose can come off in reverse: locked, or not at all.',
        ]
      : null,
};
