import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';
import { serviceWorker } from './serviceWorker';

export default defineConfig({
  // Line breaks between inline elements stand for a space, as in HTML and as the formatter assumes.
  plugins: [
    vue({ template: { compilerOptions: { whitespace: 'preserve' } } }),
    vuetify({ autoImport: true }),
    serviceWorker(),
  ],
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env['ANELLO_API_PORT'] ?? 4600}` } },
});
