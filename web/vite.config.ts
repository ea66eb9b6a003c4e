import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { parse } from '@formatjs/icu-messageformat-parser';
import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/**
 * Puts every script and style compressed beside itself, as closely as can be; the server has only to hand it over. Browsers that do
 * not take that get them compressed on the way.
 */
function compressedBeside(): Plugin {
  return {
    name: 'compressed-beside',
    apply: 'build',
    writeBundle({ dir = '' }) {
      for (const file of readdirSync(dir, { recursive: true, encoding: 'utf8' }).filter((name) => /\.(?:js|css|svg)$/.test(name))) {
        const path = join(dir, file);
        writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path)));
      }
    },
  };
}

/** Compiles the messages when the page is built, so that what reads them need not travel along. */
function messagesCompiled(): Plugin {
  return {
    name: 'messages-compiled',
    apply: 'build',
    enforce: 'pre',
    config: () => ({
      resolve: { alias: [{ find: /^@formatjs\/icu-messageformat-parser$/, replacement: '@formatjs/icu-messageformat-parser/no-parser.js' }] },
    }),
    transform(code, id) {
      if (!/\/messages\/.*\.json$/.test(id)) return undefined;
      const messages = Object.entries(JSON.parse(code) as Record<string, string>);
      return { code: JSON.stringify(Object.fromEntries(messages.map(([key, message]) => [key, parse(message)]))), map: null };
    },
  };
}

export default defineConfig({
  plugins: [react(), messagesCompiled(), compressedBeside()],
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 700,
    // what three views and more need travels together: a hundred small files cost more than the little of it a view does without
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'shared', minShareCount: 3 }] } } },
  },
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
