import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vite';

export default defineConfig({
  base: '/static/',
  plugins: [svelte()],
  build: {
    manifest: 'manifest.json',
    // The content security policy lets nothing in from data: addresses.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    rolldownOptions: { input: 'src/main.ts' },
  },
  server: { origin: 'http://127.0.0.1:8766', cors: { origin: /^http:\/\/127\.0\.0\.1:\d+$/ } },
});
