import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig, mergeConfig } from 'vitest/config';
import application from './vite.config';

export default mergeConfig(
  application,
  defineConfig({
    test: {
      projects: [
        { extends: true, test: { name: 'logic', include: ['tests/**/*.test.ts'] } },
        {
          extends: true,
          plugins: [svelteTesting()],
          test: { name: 'parts', environment: 'jsdom', include: ['tests/parts/*.spec.ts'] },
        },
      ],
    },
  }),
);
