import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  plugins: [react()],
  server: { port: Number(process.env.PORT ?? 4600), strictPort: true, proxy: { '/api': `http://127.0.0.1:${process.env.API_PORT ?? 4601}` } },
  build: { outDir: 'dist', target: 'es2023', emptyOutDir: true, chunkSizeWarningLimit: 1200, modulePreload: { polyfill: false } },
  worker: { format: 'es' },
});
