import '@fontsource-variable/archivo/standard.css';
import '@fontsource-variable/jetbrains-mono/index.css';
import 'vuetify/styles/core';
import './app/theme/tokens.css';
import './app/theme/base.css';
import './app/theme/stage.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { router } from './app/router';
import { isUnfetched } from './data/unfetched';
import { practiceAnsweredBy } from './data/practice/answers';
import { openWhileAway } from './data/openWhileAway';
import { hearPresses } from './ui/afterPress';
import { vuetify } from './app/theme/vuetify';

practiceAnsweredBy(async () => (await import('./data/practice/book')).answered);
const app = createApp(App).use(createPinia()).use(router).use(vuetify);
// What fails in a component is the page's failure: said where every other is, and seen by the journeys.
app.config.errorHandler = (error) => {
  if (!isUnfetched(error)) reportError(error);
};
app.mount('#app');
hearPresses(window);
openWhileAway();
