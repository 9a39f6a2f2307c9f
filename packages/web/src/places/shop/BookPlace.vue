<script setup lang="ts">
import { mdiContentSaveOutline } from '@mdi/js';
import { computed, onMounted } from 'vue';
import FileCompared from './FileCompared.vue';
import KitTabs from './KitTabs.vue';
import { ago, bytes } from './amounts';
import { useShopFile } from './useShopFile';
import FileTake from '../../ui/FileTake.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useCopies } from '../../data/stores/copies';

/** The book itself: how old its last copy is, where the copies lie, and all of it in and out as a file. */
const copies = useCopies();
const file = useShopFile();
onMounted(() => void copies.load());
const said = computed(() => copies.said);
const share = computed(() => {
  const now = said.value;
  return now && now.whole > 0 ? Math.min(1, Math.max(0, 1 - now.free / now.whole)) : 0;
});
const time = (at: string): string =>
  new Date(at).toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });
</script>

<template>
  <main class="page">
    <KitTabs />
    <header class="head">
      <h1>The book</h1>
    </header>
    <NoticeText v-for="trouble in copies.troubles" :key="trouble" tone="bad">{{ trouble }}</NoticeText>
    <section v-if="said" class="sheet last" aria-label="The last copy">
      <div>
        <p class="label">Last copied</p>
        <p class="big">{{ said.last ? ago(said.last) : 'never' }}</p>
        <p v-if="said.last" class="quiet">{{ time(said.last) }}</p>
      </div>
      <div>
        <p class="label">The book</p>
        <p class="mid fig">{{ bytes(said.book) }}</p>
      </div>
      <div class="disk">
        <p class="label">Room where the copies lie</p>
        <p class="mid fig">{{ bytes(said.free) }} free</p>
        <div
          class="bar"
          role="img"
          :aria-label="`${Math.round(100 * share)} in a hundred of the disk in use`"
        >
          <span :style="{ width: `${100 * share}%` }" :class="{ full: said.nearlyFull }" />
        </div>
      </div>
      <v-btn
        class="go now"
        :prepend-icon="mdiContentSaveOutline"
        :loading="copies.making"
        @click="copies.make()"
        >Copy it now</v-btn
      >
    </section>
    <p v-else class="quiet">Asking the server for its copies…</p>
    <NoticeText v-if="copies.refused" tone="bad">{{ copies.refused }}</NoticeText>
    <section v-if="said" class="sheet group">
      <header><h2>Copies</h2></header>
      <p class="quiet">
        One a day by itself while the book is written to; then one a week for five weeks and one a month for a
        year. They lie in <code>{{ said.folder }}</code>: keep that on another disk, or copy it there. One is
        put back with <code>npm run restore -- FILE</code>, the server stopped.
      </p>
      <table v-if="said.copies.length" class="table">
        <thead>
          <tr>
            <th>Made</th>
            <th>File</th>
            <th class="num">Size</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="copy in said.copies" :key="copy.name">
            <td>{{ time(copy.at) }}</td>
            <td class="fig name">{{ copy.name }}</td>
            <td class="fig num">{{ bytes(copy.bytes) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else class="quiet">None yet.</p>
    </section>
    <section class="sheet group">
      <header><h2>In and out as a file</h2></header>
      <p class="quiet">
        Lathes, kit, tapers, jobs and everything kept of them, photos too: a zip with JSON of a
        <a href="/api/schemas/shop-bundle.json">published form</a>. A file is compared with what is here
        before anything of it is taken in. A single job is saved from its Record, several from the rack.
      </p>
      <div class="files">
        <v-btn href="/api/shop/bundle.zip" download="shop.anello.zip">Save everything as a file</v-btn>
        <FileTake
          label="Take a file in"
          accept=".json,.zip,application/json,application/zip"
          @taken="file.compare"
        />
      </div>
      <FileCompared v-if="file.compared.value" :desk="file" />
      <NoticeText v-if="file.said.value" :tone="file.said.value.tone">{{ file.said.value.text }}</NoticeText>
    </section>
  </main>
</template>

<style scoped>
.last {
  display: flex;
  flex-wrap: wrap;
  gap: 16px 48px;
  align-items: start;
  padding: 18px 20px;
}
.big {
  font-size: 34px;
  font-weight: 650;
  line-height: 1.15;
}
.mid {
  font-size: 22px;
}
.disk {
  min-width: 220px;
}
.bar {
  height: 10px;
  border-radius: 5px;
  background: var(--rule);
  overflow: hidden;
  margin-top: 6px;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--green);
}
.bar .full {
  background: var(--red);
}
.now {
  margin-left: auto;
}
.group {
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
  font-size: 14px;
  color: var(--ink-2);
}
th,
td {
  padding: 8px 14px 8px 0;
  border-bottom: 1px solid var(--rule);
}
.num {
  text-align: right;
}
.name {
  overflow-wrap: anywhere;
}
</style>
