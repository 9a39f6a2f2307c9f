import type { KindOfOperation, Moment } from '../operations/kind';
import { kindOfHolding } from '../holdings/registry';
import { faceOf, ridesOn, type Placed } from '../piece/laid';
import { impossible, risk, type Holding, type Wrong } from '../piece/line';
import { behindJaws, underJaws } from '../piece/reach';
import { isCentreHole, isEccentric, isThread } from '../../part/kinds/is';

/** How it is held, and the piece. */
export type Held = Pick<Moment, 'piece'> & { readonly holding: Omit<Holding, 'operations'> };

const what = (section: Placed): string => section.feature.name;

/** What is wrong with reaching a feature as it is held: the jaws, the end, the centre. */
export function reachWrong({ holding, piece }: Held, section: Placed): Wrong[] {
  const { onCentres, faceFree } = kindOfHolding(holding.by);
  const face = faceOf(piece.laid, section);
  if (face !== null && face !== holding.toward)
    return [
      impossible('wrong-end', [
        `${what(section)} is at the ${face} face, which is at the spindle in this holding.`,
      ]),
    ];
  if (isCentreHole(section) && (!faceFree || holding.centre))
    return [impossible('centre-in-the-way', ['A centre stands where this one is to be drilled.'])];
  if (section.side === 'internal') {
    if (section.from !== holding.toward)
      return [
        impossible('wrong-end', [
          `${what(section)} opens to the ${section.from} end, which is at the spindle in this holding.`,
        ]),
      ];
    return onCentres || !faceFree || holding.centre
      ? [
          impossible('centre-in-the-way', [
            `A centre stands where the tool for ${what(section)} has to go in.`,
          ]),
        ]
      : [];
  }
  if (underJaws(holding, section))
    return [impossible('under-the-jaws', [`${what(section)} lies under what holds the piece.`])];
  if (behindJaws(holding, section))
    return [impossible('behind-the-jaws', [`${what(section)} lies between the jaws and the spindle.`])];
  return piece.faced.has(holding.toward)
    ? []
    : [risk('not-faced', ['The face its lengths are measured from is not cut yet.'])];
}

/** No operation makes a feature of a kind that it is not for: of such there is nothing else to say. */
export const notItsKind = (kind: KindOfOperation, section: Placed): Wrong =>
  impossible('not-its-kind', [`${kind.name} is not how ${what(section)} is made.`]);

/** What is wrong with any operation on a feature that it can work, whatever it is. */
export function featureWrong(kind: KindOfOperation, moment: Moment, section: Placed): Wrong[] {
  if (moment.piece.done.has(section.id) && !kind.touchesUp)
    return [
      kind.finishes(moment.piece.laid, section)
        ? impossible('done-already', [`${what(section)} is finished already.`])
        : impossible('done-already', [`${what(section)} is finished: rough work on it now would spoil it.`]),
    ];
  return kind.away ? [] : reachWrong(moment, section);
}

/** What is wrong with the moment: parted off, hard, set over, swung, or off its axis. */
export function momentWrong(kind: KindOfOperation, moment: Moment, section: Placed | null): Wrong[] {
  const { parted, hard, holding } = moment;
  const found: Wrong[] = [];
  if (parted && !kind.away)
    found.push(impossible('parted-already', ['The piece is parted off by then and lies in the tray.']));
  if (hard && kind.cuts)
    found.push(impossible('hard-already', ['It is hard by then: no tool of the lathe cuts it.']));
  return [
    ...found,
    ...setWrong(kind, moment, section),
    ...axisWrong(kind, moment, section, kindOfHolding(holding.by).ownCentres ?? false),
  ];
}

/** What a device still set for a taper stands in the way of; each way knows why. */
function setWrong(kind: KindOfOperation, moment: Moment, section: Placed | null): Wrong[] {
  if (kind.away) return [];
  const { set, piece, holding } = moment;
  const [compound, tailstock, bar] = [set.get('compound'), set.get('tailstock'), set.get('attachment')];
  const found: Wrong[] = [];
  if (compound && kind.fromTailstock(piece.laid, section, holding.by))
    found.push(
      risk('compound-swung', [
        `The compound is swung by then: what is done from the tailstock comes first. ${compound.order.danger}`,
      ]),
    );
  const setsItself = section !== null && kind.leaves(piece.laid, section, holding.by)?.device === 'tailstock';
  if (tailstock && kind.cuts && !kind.short && !setsItself)
    found.push(
      impossible('tailstock-over', [
        'The tailstock stands set over by then: whatever is cut comes out tapered.',
      ]),
    );
  if (bar?.order.threading && isThread(section) && section.side === 'external')
    found.push(risk('bar-engaged', [bar.order.threading]));
  return found;
}

/** Off-axis work wants a holding of its own: the piece is set over for it. */
function axisWrong(kind: KindOfOperation, moment: Moment, section: Placed | null, centres: boolean): Wrong[] {
  if (!section || !kind.cuts || kind.away) return [];
  const off = isEccentric(ridesOn(moment.piece.laid, section));
  if (off && kindOfHolding(moment.holding.by).setOver(moment.piece) === null)
    return [
      impossible('off-axis', [
        `${what(section)} runs off the axis: held so, the piece cannot be set over for it.`,
      ]),
    ];
  if ((off ? moment.onAxis : moment.offAxis) && !centres)
    return [
      impossible('off-axis', [
        off
          ? `${what(section)} runs off the axis: the piece is set over for it, in a holding of its own.`
          : `The piece stands set over for its eccentric: ${what(section)} would be cut off its axis.`,
      ]),
    ];
  return [];
}
