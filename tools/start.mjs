/**
 * npm start: installs what is missing, builds what changed, and serves everything on one port with the demo loaded
 * into an empty database. `-- --empty` begins with a blank book.
 */
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { installPackages, root } from './install.mjs';
import { build } from './build.mjs';

installPackages();
build('server');
build('web');

const empty = process.argv.includes('--empty');
process.env.DATABASE_URL ??= pathToFileURL(join(root, 'data', empty ? 'empty.db' : 'hardy-sextant.db')).href;
process.env.MIGRATIONS ??= join(root, 'packages/server/drizzle');
process.env.PAGES ??= join(root, 'packages/web/dist');
process.env.DEMO ??= empty ? 'no' : 'yes';
process.env.NODE_ENV ??= 'production';
await import('../packages/server/dist/main.js');
