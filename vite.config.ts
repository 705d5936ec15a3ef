import react from '@vitejs/plugin-react';
import { antStyles } from './ui/antStyles.ts';
import { basename, dirname, relative } from 'node:path';
import { defineConfig } from 'vitest/config';

/** A class of a room is called after the room and itself, so that one can tell in the browser where it is styled. */
function called(name: string, file: string): string {
  const path = file.split('?')[0] ?? file;
  const room = relative('ui/src', dirname(path))
    .replace(/^places\//, '')
    .replaceAll('/', '-');

  return `${room === '' || room === 'styles' ? basename(path, '.module.css').toLowerCase() : room}__${name}`;
}

export default defineConfig({
  root: 'ui',
  base: '/build/',
  publicDir: false,
  cacheDir: '../node_modules/.vite',
  plugins: [antStyles(), react()],
  css: { modules: { generateScopedName: called, localsConvention: 'camelCase' } },
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    manifest: true,
    chunkSizeWarningLimit: 1200,
    rolldownOptions: {
      output: {
        codeSplitting: {
          // what most places share is one piece; what few need is not fetched by all
          groups: [
            { name: 'packages', test: /node_modules/, minShareCount: 25, priority: 2 },
            { name: 'shared', test: /\/ui\/src\//, minShareCount: 15, priority: 1 },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8321' } },
  test: {
    root: 'ui',
    environment: 'node',
    environmentOptions: { happyDOM: { url: 'http://localhost/' } },
    setupFiles: ['src/testing/setup.ts'],
    testTimeout: 20_000,
    // each file begins with the same set-up; the packages are read once
    isolate: false,
    // what a screen leaves behind is mostly young: room for it halves the time that is spent on clearing it away
    execArgv: ['--max-semi-space-size=128'],
    css: { include: /module\.css/, modules: { classNameStrategy: 'non-scoped' } },
  },
});
