import { plainText } from '../../packages/core/src/figure';
import { adviceOn, EXERCISE_IDS, exerciseOf, runStory } from '../../packages/core/src/practice';
import { BY_CARDS, type Advise } from '../../packages/core/src/practice/byCards.testdata';
import type { Page } from '../page.testdata';

/** What is heard again is heard once; of a long run the first and the last. */
const HEARD = 4;

/** Exercises at the practice lathe, done by what the cards say: what was heard, and what became of it. */
export const PRACTICE_PAGE: Page = EXERCISE_IDS.flatMap((id): Page =>
  ([1, 5] as const).map((level) => [
    `${id}, level ${level}`,
    () => {
      const exercise = exerciseOf(id);
      const begin = (): ReturnType<typeof exercise.begin> => exercise.begin(40 + level, level);
      const lathe = begin();
      const from = lathe.log.length;
      const heard: string[] = [];
      const advise: Advise = (...asked) => {
        const phrase = adviceOn(...asked);
        heard.push(plainText(phrase));
        return phrase;
      };
      const answer = BY_CARDS[id](lathe, advise);
      const once = [...new Set(heard)];
      const { right, lines } = exercise.judge(lathe, answer);
      return {
        heard: once.length > 2 * HEARD ? [...once.slice(0, HEARD), ...once.slice(-HEARD)] : once,
        answer,
        right,
        lines,
        story: runStory(begin, lathe.log.slice(from), exercise.gone ?? (() => false)),
      };
    },
  ]),
);
