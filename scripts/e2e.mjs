// npm run test:e2e: the browser journeys against the real app. Arguments go to Playwright.
import { ensureBuilt, ensureChromium, ensureInstalled, run } from './lib.mjs';

ensureInstalled();
const chromium = ensureChromium();
ensureBuilt();
run('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)], {
  env: { ...process.env, ANELLO_CHROMIUM: chromium },
});
