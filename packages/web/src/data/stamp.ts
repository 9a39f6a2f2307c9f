import { newId } from './newId';
import { usePreferences } from './stores/preferences';

/** What every kept row begins with: an id made here, when it was, and whose hand it was. */
export const stamp = (): { id: string; at: string; operator: string } => ({
  id: newId(),
  at: new Date().toISOString(),
  operator: usePreferences().operator.trim() || '–',
});
