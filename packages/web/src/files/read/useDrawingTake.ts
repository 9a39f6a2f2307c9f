import { AnelloError } from '@anello/core/basics';
import { plainText, type Phrase } from '@anello/core/figure';
import { ref, type Ref } from 'vue';
import { newest } from '../../data/newest';
import { usePreferences } from '../../data/stores/preferences';
import type { AxisAlong } from './drawing';
import type { FileUnit, ReadProfile } from './readProfile';
import { useProfileFile, type ProfileFile } from './useProfileFile';

/** What was made of a drawing: how many of what came of it, or why nothing did. */
export type Taken = { readonly count: number; readonly of: string } | { readonly refused: string };

export interface DrawingTake {
  readonly unit: Ref<FileUnit>;
  readonly axis: Ref<AxisAlong>;
  /** What came of the last file, in a sentence, and whether that is bad news. */
  readonly said: Ref<string>;
  readonly bad: Ref<boolean>;
  readonly reading: ProfileFile;
  /** Reads a file and gives it on; what that says, and what was left out of it, is said. */
  take(file: File, axisAt: number | null, give: (read: ReadProfile) => Taken): Promise<void>;
}

/** A drawing's outline taken in from a file, its unit and axis chosen. */
export function useDrawingTake(): DrawingTake {
  const preferences = usePreferences();
  const unit = ref<FileUnit>('file');
  const axis = ref<AxisAlong>('x');
  const said = ref('');
  const bad = ref(false);
  const reading = useProfileFile();
  const taking = newest();
  const inWords = (phrases: readonly Phrase[]): string =>
    phrases.map((phrase) => plainText(phrase, preferences.units)).join(', ');
  function say(text: string, isBad = false): void {
    said.value = text;
    bad.value = isBad;
  }
  function report({ left, taken }: ReadProfile, came: Taken): void {
    if ('refused' in came) return say(came.refused, true);
    if (came.count === 0) return say(`Nothing was taken in: ${inWords(left) || 'no places in it'}.`, true);
    const axisSaid = taken ? `; ${inWords([taken])}` : '';
    const leftOut = left.length > 0 ? ` Left out: ${inWords(left)}.` : '';
    say(`${came.count} ${came.of} taken in${axisSaid}.${leftOut}`);
  }
  return {
    unit,
    axis,
    said,
    bad,
    reading,
    async take(file, axisAt, give) {
      const counts = taking();
      try {
        const read = await reading.read(file, { unit: unit.value, axis: axis.value, axisAt });
        // Another was picked meanwhile: what comes of that one is said.
        if (!counts()) return;
        if (read) report(read, give(read));
        else say('Called off; nothing was changed.');
      } catch (error) {
        if (!counts()) return;
        const why = error instanceof AnelloError ? inWords([error.phrase]) : null;
        say(why ?? 'That file could not be read: DXF, SVG and CSV can.', true);
      }
    },
  };
}
