/** Installs what is missing: packages when the lock file and the installed tree differ, Debian's Chromium for tests. */
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));
const stateFolder = join(root, 'node_modules', '.hardy-sextant');

/** Remembers a short text between runs, inside node_modules so that a fresh tree starts fresh. */
export function remembered(name) {
  const file = join(stateFolder, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : undefined;
}

export function remember(name, text) {
  mkdirSync(stateFolder, { recursive: true });
  writeFileSync(join(stateFolder, name), text);
}

export function installPackages() {
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (remembered('lock') === wanted) return;
  console.log('Installing packages; this happens once, and again when they change.');
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    stdio: 'inherit',
    shell: process.platform === 'win32',
  });
  if (done.status !== 0) {
    console.error('npm ci did not succeed. Is the package registry reachable?');
    process.exit(1);
  }
  remember('lock', wanted);
}

export const chromiumPath = process.env.CHROMIUM ?? '/usr/bin/chromium';

/** Debian's Chromium, installed where that may be done. */
export function installChromium() {
  if (existsSync(chromiumPath)) return;
  console.log('Installing Chromium for the tests in the browser.');
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', 'chromium'],
  ]) {
    try {
      execFileSync('apt-get', args, {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      });
    } catch {
      break;
    }
  }
  if (!existsSync(chromiumPath)) {
    console.error(`Chromium is needed at ${chromiumPath}. Install it, or say with CHROMIUM where it is.`);
    process.exit(1);
  }
}
