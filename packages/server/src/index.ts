export { buildApp, type AppOptions } from './app';
export { readConfig, type Config } from './config';
export { openBook, type OpenBook } from './db/open';
export { loadDemoShop } from './demo/load';
