import { length } from '../../figure/figure';
import type { SettingContext, SettingStep } from '../setting';
import { dialled } from '../shared';
import { easyTravel, withinOf } from '../stations';
import { LEAST_SLIDE } from '../../machine/usual';

/** Anything pressed to the slide is only as good as the face it is pressed to. */
export function faceTruthStep(context: SettingContext): SettingStep {
  const { task, lathe } = context;
  const travel = easyTravel(Math.min(lathe.compound?.travel ?? LEAST_SLIDE, 60), lathe.dial.units);
  const allowed = Math.max(lathe.indicator, travel * task.tolerance.halfAngle);
  return {
    id: 'face',
    short: 'slide face',
    title: ['Prove the slide’s face parallel to its travel'],
    detail: [
      'Indicator on the bed or the chuck, its point on the machined side of the slide. Run the slide ',
      dialled(context, travel),
      ' and type how far the needle moved. Out of band: pack a parallel against the face until it is still.',
    ],
    figures: [{ label: 'Needle moves less than', figure: length(allowed, lathe.indicator) }],
    sweep: {
      label: 'Slide',
      travelAlong: 'slide',
      stations: withinOf([travel], allowed),
      onPart: false,
      reads: 'runout',
      resolution: lathe.indicator,
    },
    bandNote: ['more would carry straight into the angle'],
    working: [],
  };
}
