import { defineConfig, mergeConfig } from 'vitest/config';
import application from './vite.config';

export default mergeConfig(
  application,
  defineConfig({ test: { include: ['tests/**/*.test.ts'] } }),
);
