import { length } from '../../../figure/figure';
import { groove, type Maker } from './facts';

export const reference: Maker = () => ({
  id: 'reference',
  title: ['Turn a ring or spigot true and polish it'],
  why: ['It is clocked to find the axis again whenever the part has been out of the chuck.'],
  after: [{ id: 'face', danger: 'A ring turned before the faces is lost when they are cut back.' }],
});

export const rough: Maker = ({ allowance }) => ({
  id: 'rough',
  title: ['Rough the big diameters, leaving ', length(Math.max(allowance, 0.5), 0.1), ' on'],
  why: ['Stock taken off later springs what is already true; the part is stiffest now.'],
  after: [{ id: 'face', danger: 'Lengths have nothing to be measured from.' }],
});

export const grooves: Maker = ({ has }) =>
  has(groove)
    ? {
        id: 'grooves',
        title: ['Cut the grooves and reliefs'],
        why: [
          'Grooving pushes hard: the finished cone must not feel it, and the tool needs the groove to run out into.',
        ],
        after: [
          {
            id: 'rough',
            danger: 'A groove cut in rough stock is lost or too shallow when the diameter is finished.',
          },
        ],
      }
    : null;
