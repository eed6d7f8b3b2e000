/** Builds what changed: the pages and the server, each only when one of its sources did. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { remember, remembered, root } from './install.mjs';

const shared = ['packages/core/src', 'packages/contract/src', 'packages/files/src', 'package-lock.json'];
const targets = {
  server: {
    sources: [...shared, 'packages/server/src', 'packages/server/vite.config.mjs'],
    made: 'packages/server/dist/main.js',
  },
  web: {
    sources: [
      ...shared,
      'packages/web/src',
      'packages/web/public',
      'packages/web/index.html',
      'packages/web/vite.config.mjs',
    ],
    made: 'packages/web/dist/index.html',
  },
};

function fingerprint(sources) {
  const hash = createHash('sha256');
  const visit = (path) => {
    const full = join(root, path);
    if (!existsSync(full)) return;
    const stat = statSync(full);
    if (stat.isDirectory()) for (const name of readdirSync(full).sort()) visit(join(path, name));
    else hash.update(`${path}\0${stat.size}\0${stat.mtimeMs}\0`);
  };
  for (const source of sources) visit(source);
  return hash.digest('hex');
}

/** Builds one of `server` and `web` when its sources changed since last time. */
export function build(name) {
  const { sources, made } = targets[name];
  const wanted = fingerprint(sources);
  if (remembered(`built-${name}`) === wanted && existsSync(join(root, made))) return;
  console.log(`Building the ${name === 'web' ? 'pages' : 'server'}…`);
  const done = spawnSync(process.execPath, [join(root, 'node_modules/vite/bin/vite.js'), 'build'], {
    cwd: join(root, 'packages', name),
    stdio: 'inherit',
  });
  if (done.status !== 0) process.exit(1);
  remember(`built-${name}`, wanted);
}
