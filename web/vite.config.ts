import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  build: { target: 'es2022', assetsInlineLimit: 0 },
  // the account of the computation stands outside the page's own folder
  server: { fs: { allow: ['..'] }, proxy: { '/api': 'http://127.0.0.1:8080' } },
  test: {
    environment: 'jsdom',
    // files share what is loaded once, a worker a document of its own for each
    pool: 'vmThreads',
    include: ['src/**/*.test.{ts,tsx}'],
    setupFiles: ['src/testSetup.ts'],
    // a busy machine may take its time
    testTimeout: 60_000,
    teardownTimeout: 60_000,
  },
});
