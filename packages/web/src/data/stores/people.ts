import type { People, Person, SavePerson, Session } from '@anello/contract';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { request } from '../api';
import { usePreferences } from './preferences';

/** Who works in this shop, and who has signed in at this screen. */
export const usePeople = defineStore('people', () => {
  const preferences = usePreferences();
  const people = ref<Person[]>([]);
  const who = ref<Person | null>(null);
  /** Only a shop with a passphrase has anything to sign out of. */
  const door = ref(false);

  /** Errors: ServerAway. */
  async function load(): Promise<void> {
    people.value = (await request<People>('GET', '/api/people')).people;
  }

  /** Adds somebody, or changes what is known of them. Errors: as the server's, ServerAway. */
  async function save(initials: string, given: SavePerson): Promise<void> {
    await request('PUT', `/api/people/${encodeURIComponent(initials)}`, given);
    await load();
  }

  function take(session: Session): void {
    door.value = session.needed;
    who.value = session.who ?? null;
    // Whoever signed in by name is at the lathe.
    if (session.who) preferences.operator = session.who.initials;
  }

  const askWho = (): Promise<void> => request<Session>('GET', '/api/session').then(take, () => undefined);

  return {
    people,
    who,
    door,
    looksOnly: computed(() => who.value?.may === 'read'),
    load,
    save,
    take,
    askWho,
    left: () => void (who.value = null),
  };
});
