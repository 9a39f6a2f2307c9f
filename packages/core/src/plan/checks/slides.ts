import { length } from '../../figure/figure';
import { attachmentCheck } from '../../ways/attachmentCheck';
import { plannedTaper } from '../piece/ways';
import type { Check } from './kind';

/** Fed by the compound, the carriage must not creep. */
export const carriage: Check = {
  id: 'carriage',
  say: ({ way }) => (way?.feeds === 'compound' ? ['Carriage locked while the compound feeds.'] : null),
};

export const lightHand: Check = {
  id: 'light-hand',
  say: ({ way }) =>
    way?.feeds === 'compound'
      ? ['A light hand on the compound’s handle, both hands in turn: a jerk or a stop is seen on the cone.']
      : null,
};

export const swungTool: Check = {
  id: 'swung-tool',
  say: ({ way }) =>
    way?.device === 'compound'
      ? ['The swing moved the tool: square it to the work and touch off again.']
      : null,
};

/** What stands set bears against its gibs. */
export const gibs: Check = {
  id: 'gibs',
  say: ({ way }) =>
    way?.device ? ['Gibs snug and the slide’s play felt out: play is angle over a length.'] : null,
};

export const telescopic: Check = {
  id: 'telescopic',
  say: ({ way, moment }) =>
    way?.device === 'attachment' && moment.piece.laid.part.lathe.attachment?.kind === 'telescopic'
      ? ['With the telescopic bar in, the cross-slide’s handle is not touched: depth is fed by the compound.']
      : null,
};

/** Lost motion is taken up before the metal, on the side it cuts. */
export const lash: Check = {
  id: 'lash',
  say({ way, section, moment }) {
    const { laid } = moment.piece;
    const bar = laid.part.lathe.attachment;
    if (way?.device !== 'attachment' || !bar || !section) return null;
    const { task } = plannedTaper(laid, section);
    const { takeUp } = attachmentCheck({
      halfAngle: task.halfAngle,
      carriageTravel: task.length,
      lash: bar.lash,
    });
    return takeUp > 0
      ? ['Lash taken up the way it cuts: run in from ', length(takeUp, 0.1), ' before the work, every pass.']
      : ['Lash taken up the way it cuts, every pass.'];
  },
};

export const setOver: Check = {
  id: 'set-over',
  say: ({ way }) =>
    way?.device === 'tailstock'
      ? ['Centre greased and neither loose nor tight: set over it bears on its edge, and wears.']
      : null,
};
