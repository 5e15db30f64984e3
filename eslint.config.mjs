import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** Dependencies point one way: web → core, server → core; core → nothing of ours. */
const forbid = (...groups) => ({
  'no-restricted-imports': ['error', { patterns: groups.map(([group, message]) => ({ group, message })) }],
});

const IMPURE = [
  { object: 'Date', property: 'now', message: 'The core has no clock: take the time as an argument.' },
  { object: 'Math', property: 'random', message: 'The core is deterministic: take a seeded source as an argument.' },
  { object: 'performance', property: 'now', message: 'The core has no clock.' },
];

/** A function fits a screen; where one is better whole, a line above it says why. */
const size = (lines) => ({
  'max-lines-per-function': ['error', { max: lines, skipBlankLines: true, skipComments: true }],
  complexity: ['error', 18],
});

/** What is known of a closed set is asked of its union, so that no member is forgotten; what is looked up by any word is a Map. */
const NO_LOOSE_TABLE = {
  selector:
    "Program > :matches(VariableDeclaration, ExportNamedDeclaration > VariableDeclaration) > VariableDeclarator > Identifier > TSTypeAnnotation TSTypeReference[typeName.name='Record'] > TSTypeParameterInstantiation > TSStringKeyword:first-child",
  message: 'Key it by the union that it is about, or make it a Map.',
};

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'test-results/**', 'playwright-report/**'] },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strictTypeChecked, prettier],
    languageOptions: { parserOptions: { projectService: { allowDefaultProject: [] }, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // a list index can be undefined under noUncheckedIndexedAccess; numbers and booleans in texts are meant
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-extraneous-class': ['error', { allowWithDecorator: true, allowEmpty: true }],
      '@typescript-eslint/no-unnecessary-type-parameters': 'off',
      // RTK Query says `void` for a question without arguments
      '@typescript-eslint/no-invalid-void-type': 'off',
      // plain options for classes of libraries, checked structurally by TypeScript itself
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      ...forbid(
        [['react*', '@nestjs/*', 'sequelize*', 'express'], 'The core knows no interface and no database.'],
        [['node:*', 'fs', 'path', 'os'], 'The core does no input or output.'],
        [['@eveningtide/*', '**/web/**', '**/server/**'], 'The core depends on nothing of ours.'],
      ),
      'no-restricted-properties': ['error', ...IMPURE],
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'localStorage', 'process', 'setTimeout', 'setInterval'],
      'no-restricted-syntax': [
        'error',
        NO_LOOSE_TABLE,
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The core has no clock: take the time as an argument.',
        },
      ],
    },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    extends: [reactHooks.configs.flat.recommended],
    languageOptions: { globals: globals.browser },
    rules: forbid([['@nestjs/*', 'sequelize*', 'node:*', '**/server/**'], 'The web app reaches the server over its interface only.']),
  },
  { files: ['server/src/**/*.ts'], rules: forbid([['react*', '**/web/**'], 'The server knows no interface code.']) },
  { files: ['core/src/**/*.ts', 'server/src/**/*.ts', 'reference/runner/**/*.ts'], ignores: ['**/*.test.ts'], rules: size(80) },
  // components are mostly what they show
  { files: ['web/src/**/*.{ts,tsx}'], ignores: ['**/*.test.{ts,tsx}'], rules: size(150) },
  {
    files: ['**/*.test.{ts,tsx}', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
  { files: ['**/*.mjs'], languageOptions: { globals: globals.node } },
);
