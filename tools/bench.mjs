/** npm run bench: builds the measurements and runs them; `-- name` runs one of bench/src (money by default). */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { installPackages, root } from './install.mjs';

installPackages();
const name = process.argv[2] ?? 'money';
if (['typing', 'grid', 'department', 'sheets', 'classroom', 'faults'].includes(name)) {
  // Measured on the built application.
  const { build } = await import('./build.mjs');
  build('server');
  build('web');
}
const built = spawnSync(process.execPath, [join(root, 'node_modules/vite/bin/vite.js'), 'build'], {
  cwd: join(root, 'bench'),
  stdio: 'inherit',
});
if (built.status !== 0) process.exit(1);
process.exit(
  spawnSync(process.execPath, [join(root, 'bench/dist', `${name}.js`), ...process.argv.slice(3)], {
    cwd: root,
    stdio: 'inherit',
  }).status ?? 1,
);
