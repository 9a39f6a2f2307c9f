<script setup lang="ts">
import { initialsSchema, type Person, type Right, type SavePerson } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { computed, onMounted, reactive, ref } from 'vue';
import { ServerAway } from '../../data/api';
import { useChanges } from '../../data/live';
import { HELD } from '../../data/names';
import { usePeople } from '../../data/stores/people';
import { useHeld } from '../../data/useHeld';
import MethodPicks from '../../ui/MethodPicks.vue';
import NoticeText from '../../ui/NoticeText.vue';
import KitTabs from './KitTabs.vue';

/** Who works in the shop: the initials that stand beside what is kept, whose they are, and what each may do. */
const people = usePeople();
const loaded = ref(false);
const note = ref('');
const failed = ref('');
/** What the form begins with; `of` is whose row is in it, empty for a new one. */
const blank = { of: '', initials: '', name: '', may: 'write' as Right };
const form = useHeld(HELD.person, { ...blank });
/** For as long as it is typed: it lies nowhere. */
const passphrase = ref('');
const errors = reactive<Record<string, string>>({});
const RIGHTS: readonly { id: Right; title: string }[] = [
  { id: 'write', title: 'Keeps and changes' },
  { id: 'read', title: 'Looks only' },
];
const here = computed(() => people.people.filter(({ archived }) => !archived));
const gone = computed(() => people.people.filter(({ archived }) => archived));

async function load(): Promise<void> {
  try {
    await people.load();
    loaded.value = true;
  } catch (error) {
    if (!(error instanceof ServerAway)) throw error;
    failed.value = 'The server is away: who works here is known when it is back.';
  }
}
onMounted(load);
useChanges(['shelf', 'all'], () => void load());

function begin(person: Person | null): void {
  passphrase.value = '';
  form.value = person
    ? { of: person.initials, initials: person.initials, name: person.name, may: person.may }
    : { ...blank };
  for (const key of Object.keys(errors)) delete errors[key];
}

/** Whether it was taken. */
async function send(initials: string, given: SavePerson, said: string): Promise<boolean> {
  for (const key of Object.keys(errors)) delete errors[key];
  failed.value = '';
  try {
    await people.save(initials, given);
    note.value = said;
    return true;
  } catch (error) {
    if (error instanceof AnelloError) errors[error.field ?? 'name'] = error.message;
    else if (error instanceof ServerAway) failed.value = 'The server is away. Nothing was changed.';
    else throw error;
    return false;
  }
}

async function save(): Promise<void> {
  const read = initialsSchema.safeParse(form.value.initials.toUpperCase());
  if (!read.success) {
    errors['initials'] = read.error.issues[0]?.message ?? '';
    return;
  }
  const { name, may } = form.value;
  const own = passphrase.value ? { passphrase: passphrase.value } : {};
  const said = `${read.data} is ${name.trim().replace(/\.$/, '')}.`;
  if (await send(read.data, { name, may, archived: false, ...own }, said)) begin(null);
}
const put = ({ initials, name, may }: Person, over: Partial<SavePerson>, said: string): Promise<boolean> =>
  send(initials, { name, may, archived: false, ...over }, said);
</script>

<template>
  <main class="page">
    <KitTabs />
    <header class="head">
      <h1>People</h1>
    </header>
    <p class="quiet">
      Initials stand beside everything kept, so that a year from now somebody can be asked. With a passphrase
      of their own a person signs in by name, and may then keep and change things, or look only.
    </p>
    <NoticeText v-if="failed" tone="bad">{{ failed }}</NoticeText>
    <section v-if="here.length" class="sheet group" aria-label="In the shop">
      <ul>
        <li v-for="person in here" :key="person.initials">
          <strong class="fig">{{ person.initials }}</strong>
          <span>{{ person.name }}</span>
          <span class="quiet"
            >{{ person.may === 'read' ? 'looks only' : 'keeps and changes'
            }}{{ person.ownPassphrase ? ', own passphrase' : '' }}</span
          >
          <span class="row">
            <v-btn size="small" :aria-label="`Change ${person.initials}`" @click="begin(person)"
              >Change</v-btn
            >
            <v-btn
              v-if="person.ownPassphrase"
              size="small"
              variant="text"
              :aria-label="`Take the passphrase of ${person.initials} away`"
              @click="
                put(person, { passphrase: null }, `${person.initials} has no passphrase of their own now.`)
              "
              >No passphrase</v-btn
            >
            <v-btn
              size="small"
              variant="text"
              :aria-label="`${person.initials} has left`"
              @click="
                put(person, { archived: true }, `${person.initials} has left; what they kept stays theirs.`)
              "
              >Has left</v-btn
            >
          </span>
        </li>
      </ul>
    </section>
    <p v-else-if="loaded" class="quiet">
      Nobody yet: initials typed at a lathe stand by themselves until a name is given.
    </p>
    <form
      class="sheet group"
      :aria-label="form.of ? `Change ${form.of}` : 'Add somebody'"
      @submit.prevent="save"
    >
      <h2>{{ form.of ? `Change ${form.of}` : 'Add somebody' }}</h2>
      <div class="grid">
        <v-text-field
          v-model="form.initials"
          label="Initials"
          maxlength="12"
          autocomplete="off"
          :disabled="form.of !== ''"
          :error-messages="errors['initials'] ?? ''"
        />
        <v-text-field
          v-model="form.name"
          label="Name"
          maxlength="60"
          autocomplete="off"
          :error-messages="errors['name'] ?? ''"
        />
        <v-text-field
          v-model="passphrase"
          type="password"
          :label="form.of ? 'A new passphrase of their own' : 'Passphrase of their own, if any'"
          autocomplete="new-password"
          :error-messages="errors['passphrase'] ?? ''"
        />
      </div>
      <MethodPicks
        :model-value="form.may"
        label="What they may do"
        :methods="RIGHTS"
        @update:model-value="(may: string) => (form.may = may as Right)"
      />
      <p class="row">
        <v-btn class="go" type="submit" :disabled="!form.initials.trim() || !form.name.trim()">Save</v-btn>
        <v-btn v-if="form.of" variant="text" @click="begin(null)">Leave it</v-btn>
        <span role="status">{{ note }}</span>
      </p>
    </form>
    <section v-if="gone.length" class="sheet group" aria-label="Have left">
      <h2>Have left</h2>
      <ul>
        <li v-for="person in gone" :key="person.initials">
          <strong class="fig">{{ person.initials }}</strong>
          <span>{{ person.name }}</span>
          <span />
          <v-btn size="small" @click="put(person, {}, `${person.initials} is back.`)">Is back</v-btn>
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.group {
  padding: 14px 18px;
  display: grid;
  gap: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 70px minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 6px 14px;
  align-items: center;
  min-height: 52px;
}
li + li {
  border-top: 1px solid var(--rule);
}
li strong {
  font-size: 19px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
@media (max-width: 860px) {
  li {
    grid-template-columns: 60px 1fr;
  }
}
</style>
