import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  root: 'ui',
  base: '/build/',
  publicDir: false,
  cacheDir: '../node_modules/.vite',
  plugins: [react()],
  build: { outDir: '../public/build', emptyOutDir: true, manifest: true, chunkSizeWarningLimit: 1200 },
  server: { proxy: { '/api': 'http://127.0.0.1:8321' } },
  test: { root: 'ui', environment: 'node' },
});
