import { length, type Figure } from '@anello/core/figure';
import { useJobModel } from './useJobModel';

/** A figure as the cross-slide’s dial of this lathe shows it: to its division, in its units. */
export function useDialFigure(): (value: number) => Figure {
  const { lathe } = useJobModel();
  return (value) => {
    const dial = lathe.value?.dial;
    return dial ? length(value, dial.division, { system: dial.units }) : length(value);
  };
}
