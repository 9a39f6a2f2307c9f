export { buildApp, type AppOptions } from './app';
export { readConfig, type Config } from './config';
export { openDatabase } from './db/open';
export { loadDemoShop } from './demo/load';
