import { defineConfig } from 'vite';

export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  build: { ssr: true, outDir: 'dist', target: 'node20', rollupOptions: { input: { money: 'src/money.ts', typing: 'src/typing.ts' } } },
  ssr: { noExternal: [/^@hardy-sextant\//] },
});
