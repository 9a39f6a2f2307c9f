import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import vuetify from 'vite-plugin-vuetify';
import { leftOut } from './bundle/leftOut';
import { onlyWhatIsUsed } from './bundle/onlyWhatIsUsed';
import { rooms } from './bundle/rooms';
import { serviceWorker } from './bundle/serviceWorker';
import { vueByName } from './bundle/vueByName';

/** Of the component library: what is typed into and picked from, and what opens over the page for it. */
const FIELDS =
  /vuetify\/lib\/components\/V(Input|Field|Label|Messages|Counter|TextField|Textarea|Select|SelectionControl|Checkbox|Switch|List|Menu|Overlay|Dialog|Chip|Avatar|Divider|VirtualScroll)/;

/**
 * What comes in one file: what is there before any place is opened, and the fields, of which nearly every place has some.
 * Thirty small files are thirty requests, and are made less small by compression.
 */
const TOGETHER = [
  { name: 'app', tags: ['$initial' as const], priority: 2 },
  { name: 'fields', test: FIELDS, priority: 1 },
];

/** Every file names those that it fetches, and what tells one version of them from another cannot be packed: as short as the bundler takes it. */
const named = (extension: string): string => `assets/[name]-[hash:7]${extension}`;

const byRooms = rooms();

export default defineConfig({
  // Line breaks between inline elements stand for a space, as in HTML and as the formatter assumes.
  plugins: [
    vue({ template: { compilerOptions: { whitespace: 'preserve' } } }),
    vuetify({ autoImport: true }),
    leftOut(),
    onlyWhatIsUsed(),
    vueByName(),
    byRooms.plugin,
    serviceWorker(),
    // Made small once, as small as it goes, instead of at each answer.
    compression({
      algorithms: [defineAlgorithm('brotliCompress'), defineAlgorithm('gzip')],
      threshold: 1024,
      include: /\.(js|css|html|svg|json|webmanifest)$/,
    }),
  ],
  // Nothing here is written by options, and nobody looks in by the browser's tools.
  define: { __VUE_OPTIONS_API__: 'false', __VUE_PROD_DEVTOOLS__: 'false' },
  build: {
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: 900,
    // A browser that does not know it fetches the same a moment later.
    modulePreload: { polyfill: false },
    rolldownOptions: {
      optimization: { inlineConst: { mode: 'all', pass: 1 } },
      output: {
        entryFileNames: named('.js'),
        chunkFileNames: named('.js'),
        assetFileNames: named('[extname]'),
        codeSplitting: { groups: [...TOGETHER, ...byRooms.groups] },
      },
    },
  },
  server: {
    proxy: {
      '/api': { target: `http://127.0.0.1:${process.env['ANELLO_API_PORT'] ?? 4600}`, ws: true },
    },
  },
});
