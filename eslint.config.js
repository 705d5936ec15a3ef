import hooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import ts from 'typescript-eslint';

export default defineConfig([
  globalIgnores(['ui/src/api/schema.d.ts']),
  ...ts.configs.strict,
  {
    // the catalogue of words: an interface that every file of words adds to
    files: ['ui/src/**/words.ts', 'ui/src/i18n/shared.ts'],
    rules: { '@typescript-eslint/no-empty-object-type': 'off' },
  },
  { files: ['ui/**/*.{ts,tsx}'], plugins: { 'react-hooks': hooks }, rules: hooks.configs.recommended.rules },
]);
