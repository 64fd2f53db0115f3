import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

import svelteConfig from './svelte.config.js';

/** Values of any type are no error. */
const ANY_TYPE = Object.fromEntries(
  ['argument', 'assignment', 'call', 'member-access', 'return'].map((what) => [
    `@typescript-eslint/no-unsafe-${what}`,
    'off',
  ]),
);

export default ts.config(
  { ignores: ['dist/', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  ...svelte.configs.recommended,
  {
    languageOptions: {
      globals: globals.browser,
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
  },
  {
    rules: {
      // An arrow whose press does one thing is no confusion.
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidOperator: true },
      ],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
    },
  },
  // A button without a type submits the form that it stands in, whatever its press is meant to do.
  { files: ['**/*.svelte'], rules: { 'svelte/button-has-type': 'error' } },
  {
    // Types of other components are unknown here and narrowed state is taken for constant:
    // svelte-check proves the types.
    files: ['**/*.svelte'],
    rules: {
      '@typescript-eslint/no-unnecessary-condition': 'off',
      // An effect names what it waits for: `void search;`.
      '@typescript-eslint/no-meaningless-void-operator': 'off',
      '@typescript-eslint/no-redundant-type-constituents': 'off',
      ...ANY_TYPE,
    },
  },
  {
    // d3 and the router hand out functions that are called without what they stand in.
    files: ['src/course/zooming.svelte.ts', 'src/routes.ts'],
    rules: { '@typescript-eslint/unbound-method': 'off' },
  },
  { files: ['**/*.js', '**/*.mjs'], ...ts.configs.disableTypeChecked },
  {
    // What a stand-in of the network was sent is of any type.
    files: ['tests/**'],
    rules: {
      '@typescript-eslint/unbound-method': 'off',
      '@typescript-eslint/no-implied-eval': 'off',
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      ...ANY_TYPE,
    },
  },
  { files: ['public/**'], languageOptions: { globals: globals.serviceworker } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: {
      parserOptions: {
        parser: ts.parser,
        projectService: true,
        extraFileExtensions: ['.svelte'],
        svelteConfig,
      },
    },
  },
);
