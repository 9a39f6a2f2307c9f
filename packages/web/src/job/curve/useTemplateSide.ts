import { formatFigure } from '@anello/core/figure';
import { dialOf } from '@anello/core/machine';
import type { Member } from '@anello/core/taper';
import type { TemplateWish } from '../../files/paper/templateSheet';
import { usePreferences } from '../../data/stores/preferences';
import type { CurveDesk } from './useCurve';
import { useCut } from '../cut/useCut';
import { useJobModel } from '../model/useJobModel';

type Held = Pick<TemplateWish, 'dial' | 'member' | 'turnedOver'>;

/** How a drawing to follow lies on this lathe: its dial's figures, the stylus's side, and turned over for a far wall. */
export function useTemplateSide(desk: CurveDesk): (member: Member) => Held {
  const cut = useCut();
  const model = useJobModel();
  const preferences = usePreferences();
  return (member) => ({
    member,
    turnedOver: member === 'internal' && desk.choice.value.wall === 'far',
    dial: (tip) =>
      formatFigure(
        cut.dialFigure(dialOf(tip, model.lathe.value?.dial.reads ?? 'diameter')),
        preferences.units,
      ),
  });
}
