import { ref } from 'vue';

/** What browsers say when a part of the page could not be fetched: the server is away, or the page is going. */
const SAID = /dynamically imported module|preload CSS|Importing a module script failed/;

/** Whether an error only says that a part of the page could not be fetched just now; it is fetched when next wanted. */
export const isUnfetched = (error: unknown): boolean => error instanceof Error && SAID.test(error.message);

/** A place that was wanted and is not in this browser, by its name; null once the server is back or another place is looked at. */
export const placeUnfetched = ref<string | null>(null);

/** Whether the server answers now. */
export const isBack = (): Promise<boolean> =>
  fetch('/api/health', { cache: 'no-store' }).then(
    (answer) => answer.ok,
    () => false,
  );
