/**
 * Answers to one question that is asked again and again: each is given a word for when it has come, which is false where a
 * later one has been taken. What comes in order is taken, so that whoever asked has what was there when it was asked.
 *
 * @example
 * const ask = inOrder();
 * const [first, second] = [ask(), ask()];
 * [second(), first()] // → [true, false]
 */
export function inOrder(): () => () => boolean {
  let asked = 0;
  let taken = 0;
  return () => {
    const mine = ++asked;
    return () => {
      if (mine < taken) return false;
      taken = mine;
      return true;
    };
  };
}
