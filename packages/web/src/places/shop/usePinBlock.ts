import { entry, type Entry } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { plainText } from '@anello/core/figure';
import {
  pinBlockDesign,
  USUAL_PIN_BLOCK,
  type PinBlockDesign,
  type PinBlockWish,
  type PinHole,
} from '@anello/core/kit';
import { halfAngleOf, taperSize } from '@anello/core/taper';
import { computed, type ComputedRef, type Ref } from 'vue';
import { HELD } from '../../data/names';
import { useKit } from '../../data/stores/kit';
import { usePreferences } from '../../data/stores/preferences';
import { useHeld } from '../../data/useHeld';

interface Wish extends Record<string, unknown> {
  width: Entry;
  height: Entry;
  holeDiameter: Entry;
  resolution: Entry;
  wall: Entry;
}
export interface PinBlockDesk {
  /** The tapers it is for, as series and size. */
  readonly tapers: Ref<string[]>;
  readonly figures: Ref<Wish>;
  readonly wish: ComputedRef<PinBlockWish>;
  readonly answer: ComputedRef<{ design: PinBlockDesign | null; error: AnelloError | null }>;
  /** What is wrong, by the box it is said at. */
  readonly errors: ComputedRef<Record<string, string>>;
  /** Holes that would break into another. */
  readonly crowded: ComputedRef<readonly PinHole[]>;
  halfAngleAt(key: string): { name: string; halfAngle: number } | null;
  add(key: string | null): void;
  drop(index: number): void;
  change(key: string, value: unknown): void;
}

/** A size out of the tables; null where they have none of that name, as what was picked before they changed may be. */
function listedSize(series: string, size: string): ReturnType<typeof taperSize> | null {
  try {
    return taperSize(series, size);
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}

/** A pin block being designed: for which tapers, of what size, and where its holes come. */
export function usePinBlock(): PinBlockDesk {
  const kit = useKit();
  const usual = (of: keyof typeof USUAL_PIN_BLOCK): Entry => entry(`${USUAL_PIN_BLOCK[of]} mm`);
  const preferences = usePreferences();
  const tapers = useHeld<string[]>(HELD.pinTapers, ['morse-iso/2', 'morse-iso/3', 'general/1:12']);
  const figures = useHeld<Wish>(HELD.pinBlock, {
    width: usual('width'),
    height: usual('height'),
    holeDiameter: usual('holeDiameter'),
    resolution: usual('resolution'),
    wall: usual('wall'),
  });
  const halfAngleAt = (key: string): { name: string; halfAngle: number } | null => {
    const [series = '', size = ''] = key.split(/\/(.*)/s);
    const found = series === 'shop' ? kit.sizes.find((s) => s.size === size) : listedSize(series, size);
    return found ? { name: found.name, halfAngle: halfAngleOf(found.ratio) } : null;
  };
  const wish = computed<PinBlockWish>(() => ({
    tapers: tapers.value.map(halfAngleAt).filter((t) => t !== null),
    width: figures.value.width.value,
    height: figures.value.height.value,
    holeDiameter: figures.value.holeDiameter.value,
    resolution: figures.value.resolution.value,
    wall: figures.value.wall.value,
  }));
  const answer = computed<{ design: PinBlockDesign | null; error: AnelloError | null }>(() => {
    try {
      return { design: pinBlockDesign(wish.value), error: null };
    } catch (error) {
      if (error instanceof AnelloError) return { design: null, error };
      throw error;
    }
  });
  const errors = computed<Record<string, string>>(() => {
    const { error } = answer.value;
    return error?.field ? { [error.field]: plainText(error.phrase, preferences.units) } : {};
  });
  const crowded = computed(() => (answer.value.design?.holes ?? []).filter((h) => h.breaksInto.length > 0));
  function add(key: string | null): void {
    if (key && !tapers.value.includes(key)) tapers.value = [...tapers.value, key];
  }
  const drop = (index: number): void => void (tapers.value = tapers.value.filter((_, i) => i !== index));
  function change(key: string, value: unknown): void {
    if (value) figures.value = { ...figures.value, [key]: value as Entry };
  }
  return { tapers, figures, wish, answer, errors, crowded, halfAngleAt, add, drop, change };
}
