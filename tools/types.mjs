/** Type checks everything, a few at a time. Prints what is wrong; exits 1 if anything is. */
import { spawn } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { root } from './install.mjs';

/** What is checked in one go reads the core once. The packages' own tsconfig.json are for editors. */
const projects = ['packages/web', 'tsconfig.server.json', 'tsconfig.files.json'];

export async function checkTypes() {
  const waiting = [...projects];
  let wrong = 0;
  const worker = async () => {
    for (let project = waiting.shift(); project; project = waiting.shift()) {
      const code = await new Promise((done) =>
        spawn(process.execPath, [join(root, 'node_modules/typescript/bin/tsc'), '-p', project], {
          cwd: root,
          stdio: 'inherit',
        }).on('exit', done),
      );
      if (code !== 0) wrong += 1;
    }
  };
  await Promise.all(Array.from({ length: Math.min(3, availableParallelism()) }, worker));
  return { passed: projects.length - wrong, failed: wrong };
}

if (process.argv[1] === new URL(import.meta.url).pathname) process.exit((await checkTypes()).failed > 0 ? 1 : 0);
