import react from '@vitejs/plugin-react';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants } from 'node:zlib';
import { defineConfig } from 'vite';

/** Scripts and styles are compressed once, here, and not for every visit. */
const compressed = {
  name: 'compressed',
  apply: 'build',
  writeBundle({ dir }) {
    const assets = join(dir, 'assets');
    for (const name of readdirSync(assets).filter((each) => /\.(js|css)$/.test(each))) {
      const content = readFileSync(join(assets, name));
      const params = { [constants.BROTLI_PARAM_QUALITY]: 10, [constants.BROTLI_PARAM_SIZE_HINT]: content.length };
      writeFileSync(join(assets, `${name}.br`), brotliCompressSync(content, { params }));
    }
  },
};

export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  plugins: [react(), compressed],
  // Known under this machine's own names only; the server behind it checks who writes.
  server: {
    host: '127.0.0.1',
    cors: false,
    headers: { 'x-frame-options': 'DENY', 'x-content-type-options': 'nosniff', 'referrer-policy': 'no-referrer' },
    port: Number(process.env.PORT ?? 4600),
    strictPort: true,
    // Under the name the page was asked by, so that the server can tell its own pages from others.
    proxy: { '/api': { target: `http://127.0.0.1:${process.env.API_PORT ?? 4601}`, changeOrigin: false } },
  },
  build: {
    outDir: 'dist',
    target: 'es2023',
    emptyOutDir: true,
    chunkSizeWarningLimit: 1200,
    modulePreload: { polyfill: false },
  },
  worker: { format: 'es' },
});
