declare module '*.vue' {
  import type { DefineComponent } from 'vue';
  const component: DefineComponent<object, object, unknown>;
  export default component;
}
declare module 'vuetify/styles' {}
declare module '@fontsource-variable/archivo/standard.css' {}
declare module '@fontsource-variable/jetbrains-mono/index.css' {}
