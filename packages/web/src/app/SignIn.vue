<script setup lang="ts">
import { AnelloError } from '@anello/core/basics';
import type { Session } from '@anello/contract';
import { ref } from 'vue';
import { request, ServerAway } from '../data/api';
import { useOutbox } from '../data/stores/outbox';
import { usePeople } from '../data/stores/people';
import { vFirstBox } from '../ui/vFirstBox';

/** The shop's passphrase is asked for; what was kept here meanwhile waits and is sent afterwards. */
const outbox = useOutbox();
const passphrase = ref('');
/** Of somebody with a passphrase of their own. */
const initials = ref('');
const people = usePeople();
const why = ref('');
const busy = ref(false);

async function enter(): Promise<void> {
  busy.value = true;
  why.value = '';
  try {
    const own = initials.value.trim().toUpperCase();
    people.take(
      await request<Session>('POST', '/api/session', {
        passphrase: passphrase.value,
        ...(own ? { initials: own } : {}),
      }),
    );
    passphrase.value = '';
    await outbox.signedIn();
  } catch (error) {
    why.value = sentence(error);
  } finally {
    busy.value = false;
  }
}

function sentence(error: unknown): string {
  if (error instanceof AnelloError) return error.message;
  const refused = error instanceof ServerAway && error.name === 'SignInNeeded';
  return refused
    ? initials.value.trim()
      ? 'That is not the passphrase of these initials.'
      : 'That is not the shop passphrase.'
    : 'The server does not take it now: after several wrong ones it waits before the next.';
}
</script>

<template>
  <v-dialog :model-value="outbox.signIn" persistent max-width="460" aria-label="Sign in">
    <form class="sheet door" @submit.prevent="enter">
      <h2>The shop’s passphrase</h2>
      <p class="quiet">
        Asked for once on this device. What you typed is kept here and goes when you are in. With a passphrase
        of your own, give your initials too.
      </p>
      <v-text-field
        v-model="passphrase"
        v-first-box
        type="password"
        label="Passphrase"
        autocomplete="current-password"
        :error-messages="why"
      />
      <v-text-field
        v-model="initials"
        label="Your initials, if it is your own"
        maxlength="12"
        autocomplete="username"
      />
      <v-btn type="submit" class="go" :loading="busy" :disabled="passphrase === ''">Sign in</v-btn>
    </form>
  </v-dialog>
</template>

<style scoped>
.door {
  padding: 24px;
  display: grid;
  gap: 14px;
}
</style>
