// npm run dev: the server restarts on change, the web side reloads hot.
import { spawn } from 'node:child_process';
import { ensureInstalled, root } from './lib.mjs';

ensureInstalled();
const port = process.env.PORT ?? '4600';
const children = [
  spawn(process.execPath, ['--watch', '--import', 'tsx', 'packages/server/src/main.ts'], {
    cwd: root,
    stdio: 'inherit',
  }),
  spawn('npx', ['vite', 'packages/web', '--config', 'packages/web/vite.config.ts'], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ANELLO_API_PORT: port },
  }),
];
const stop = () => children.forEach((child) => child.kill('SIGTERM'));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, stop);
children.forEach((child) => child.on('exit', stop));
