import '@fontsource-variable/archivo/standard.css';
import '@fontsource-variable/jetbrains-mono/index.css';
import 'vuetify/styles/core';
import './theme/tokens.css';
import './theme/base.css';
import './theme/stage.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { openWhileAway } from './lib/openWhileAway';
import { vuetify } from './theme/vuetify';

createApp(App).use(createPinia()).use(router).use(vuetify).mount('#app');
openWhileAway();
