import { defineConfig } from 'vite';

export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    rollupOptions: {
      input: {
        money: 'src/money.ts',
        typing: 'src/typing.ts',
        slips: 'src/slips.ts',
        sheets: 'src/sheets.ts',
        papers: 'src/papers.ts',
        confusions: 'src/confusions.ts',
        marking: 'src/marking.ts',
        grid: 'src/grid.ts',
        department: 'src/department.ts',
        classroom: 'src/classroom.ts',
        faults: 'src/faults.ts',
        texts: 'src/texts.ts',
      },
    },
  },
  ssr: { noExternal: [/^@hardy-sextant\//] },
});
