/** The server as one file for Node; packages from the registry stay outside it. */
import { defineConfig } from 'vite';

export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  build: {
    ssr: true,
    rollupOptions: { input: { main: 'src/main.ts', checkWorker: 'src/checking/checkWorker.ts' } },
    outDir: 'dist',
    target: 'node20',
    emptyOutDir: true,
    sourcemap: true,
  },
  ssr: { noExternal: [/^@hardy-sextant\//] },
});
