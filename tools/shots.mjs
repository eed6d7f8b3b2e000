/** npm run shots: makes docs/screenshots from the demo, through the same configuration as the tests in the browser. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { installChromium, installPackages, root } from './install.mjs';

installPackages();
installChromium();
const { build } = await import('./build.mjs');
build('server');
build('web');
const status = spawnSync(
  process.execPath,
  [
    join(root, 'node_modules/@playwright/test/cli.js'),
    'test',
    '--config',
    'e2e/shots.config.ts',
    '--reporter=line',
    ...process.argv.slice(2),
  ],
  { cwd: root, stdio: 'inherit' },
).status;
process.exit(status ?? 1);
