import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig, type InlineConfig } from 'vite';
import { bundles } from './bundles.js';

const core = fileURLToPath(new URL('../core/src', import.meta.url));

const config: InlineConfig = {
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [react(), tailwindcss()],
  // the core's source, so that a change shows at once while developing
  resolve: { alias: [{ find: /^@eveningtide\/core\/(.+)$/, replacement: `${core}/$1/index.ts` }] },
  worker: { format: 'es' },
  server: { port: 4171, host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4170' } },
  build: { outDir: 'dist', target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 700 },
};

export default defineConfig(async ({ command }) =>
  command === 'build'
    ? { ...config, build: { ...config.build, rolldownOptions: { output: { codeSplitting: { groups: await bundles(config) } } } } }
    : config,
);
