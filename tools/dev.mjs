/** npm run dev: the pages with hot reload on PORT (4600), the server rebuilt and restarted behind them on the next port. */
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { installPackages, root } from './install.mjs';
import { build } from './build.mjs';

installPackages();
build('server');
const port = Number(process.env.PORT ?? 4600);
const vite = join(root, 'node_modules/vite/bin/vite.js');
const env = { ...process.env, API_PORT: String(port + 1) };
const children = [
  spawn(process.execPath, [vite, 'build', '--watch'], { cwd: join(root, 'packages/server'), stdio: 'inherit', env }),
  spawn(process.execPath, ['--watch', join(root, 'packages/server/dist/main.js')], {
    cwd: root,
    stdio: 'inherit',
    env: { ...env, PORT: String(port + 1), LOG_LEVEL: 'info' },
  }),
  spawn(process.execPath, [vite], {
    cwd: join(root, 'packages/web'),
    stdio: 'inherit',
    env: { ...env, PORT: String(port) },
  }),
];
if (existsSync(vite)) console.log(`Pages at http://127.0.0.1:${port}`);
const stop = () => {
  for (const child of children) child.kill();
  process.exit();
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
