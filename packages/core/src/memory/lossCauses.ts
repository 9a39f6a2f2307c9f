import type { Stage } from '../job/stage';

/** Why a piece is scrapped or sent back, as a shop says it, and where it would have been seen in time. */
export interface LossCause {
  readonly id: string;
  /** In the words it is picked by. */
  readonly says: string;
  /** The verdicts it is offered for. */
  readonly of: readonly ('rework' | 'scrap')[];
  /** What is found in free words of it, small letters. */
  readonly found: RegExp;
  /** The step whose card would have caught it, and what there; null where no card could. */
  readonly caught: { readonly stage: Stage | 'plan'; readonly by: string } | null;
}

/** Every cause there is a card for, the more particular before the more general: the first that is found in the words is it. */
export const LOSS_CAUSES: readonly LossCause[] = [
  {
    id: 'lash',
    says: 'Lash taken up the wrong way',
    of: ['scrap'],
    found: /\b(back)?lash\b|taken up the wrong way/,
    caught: {
      stage: 'set',
      by: 'Start past the end, so that the lash is gone before the indicator is zeroed.',
    },
  },
  {
    id: 'slipped',
    says: 'Slipped in the chuck',
    of: ['scrap'],
    found: /\bslip|\bspun\b|moved in (the|its) (chuck|jaws)|out of the (chuck|jaws)|carrier/,
    caught: { stage: 'plan', by: 'Look first: how it is held, and the grip against the cut.' },
  },
  {
    id: 'bumped',
    says: 'Setting was knocked',
    of: ['rework', 'scrap'],
    found: /bump|knocked|disturbed|(setting|bar|slide|tailstock) (had )?moved/,
    caught: { stage: 'set', by: 'Lock the screws, then read once more before the first cut.' },
  },
  {
    id: 'height',
    says: 'Tool not at centre height',
    of: ['rework', 'scrap'],
    found: /centre height|tool (too )?(high|low)|hollow/,
    caught: { stage: 'set', by: 'Tool height, the last of the setting’s cards.' },
  },
  {
    id: 'misread',
    says: 'Dial misread',
    of: ['scrap'],
    found:
      /misread|(read|measured) wrong|a (whole )?turn|wrong handle|diameter for radius|radius for diameter/,
    caught: { stage: 'cut', by: 'The passes say where the dial goes: read it aloud against them.' },
  },
  {
    id: 'angle',
    says: 'Angle out of band',
    of: ['rework', 'scrap'],
    found: /\bangle\b|taper (is |was )?(out|wrong|off)|\brocks?\b|\bshakes?\b/,
    caught: { stage: 'set', by: 'Read both stations, and blue the first try while there is stock left.' },
  },
  {
    id: 'chatter',
    says: 'Chatter or torn finish',
    of: ['rework', 'scrap'],
    found: /chatter|\btorn?\b|\btear|finish|rough\b|scratch/,
    caught: { stage: 'cut', by: 'Speeds and stand-out on Cut, before the last passes.' },
  },
  {
    id: 'length',
    says: 'Wrong length',
    of: ['rework', 'scrap'],
    found: /\blength\b|too (short|long)|shoulder|wrong end/,
    caught: { stage: 'plan', by: 'Zero on the faced end; the card measures from there.' },
  },
  {
    id: 'figure',
    says: 'Made to the wrong figure',
    of: ['scrap'],
    found: /wrong (figure|size|drawing|number|taper)|misdrawn/,
    caught: { stage: 'part', by: 'The drawn part and its mix-ups, before the way is chosen.' },
  },
  {
    id: 'past',
    says: 'Went past its line',
    of: ['scrap'],
    found:
      /past (its|the) line|too deep|one cut too|under ?size|too (small|thin)|dug in|over ?cut|oversize bore/,
    caught: { stage: 'prove', by: 'The next infeed: it holds a cut that could go past.' },
  },
  {
    id: 'oversize',
    says: 'Still over size',
    of: ['rework'],
    found: /over ?size|stock left|still (too )?(big|thick)|does not go in/,
    caught: { stage: 'prove', by: 'The next infeed goes on until it is inside.' },
  },
  {
    id: 'mate',
    says: 'Waiting for its mate',
    of: ['rework'],
    found: /waiting|\bmate\b/,
    caught: null,
  },
  {
    id: 'bar',
    says: 'Flaw in the bar',
    of: ['scrap'],
    found: /\bflaw|crack|inclusion|seam\b|blow ?hole/,
    caught: null,
  },
];
