/** What waits for a press to be over; null while nothing is pressed. */
let waiting: (() => void)[] | null = null;

/** The click of a press comes in the same turn as its release. */
function over(): void {
  const done = waiting ?? [];
  waiting = null;
  setTimeout(() => done.forEach((act) => act()));
}

/** Mouse and finger are heard from now on: a tap is told as a press and a release too. */
export function hearPresses(on: EventTarget): void {
  on.addEventListener('mousedown', () => (waiting ??= []), true);
  for (const end of ['mouseup', 'dragend', 'contextmenu']) on.addEventListener(end, over, true);
}

/**
 * Acts at once, or, while something is being pressed, as soon as that was. A box that is left by pressing a button may not
 * grow or shrink before the button has had its click, or the button is gone from under the finger.
 */
export function afterPress(act: () => void): void {
  if (waiting) waiting.push(act);
  else act();
}
