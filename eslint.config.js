import js from '@eslint/js'
import globals from 'globals'
import tseslint from 'typescript-eslint'
import vue from 'eslint-plugin-vue'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import { importX } from 'eslint-plugin-import-x'
import prettier from 'eslint-config-prettier/flat'

/**
 * The folders of core from the bottom up. Each may import from those before it, never from those after it.
 */
const CORE = [
  'limits',
  'length',
  'geometry',
  'working',
  'statistics',
  'bend',
  'stock',
  'kerf',
  'fit',
  'machine',
  'lettering',
  'art',
  'assembly',
  'joints',
  'angled',
  'fittings',
  'box',
  'whole',
  'nest',
  'tune',
  'plan',
  'gcode',
  'testpiece',
  'build',
  'price',
  'orders',
  'job',
  'derive',
  'kinds',
  'say',
  'book',
  'keep',
  'files',
  'rehearse',
  'course',
]

const forbid = (files, group, message) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
})

const arrows = CORE.map((folder, i) =>
  forbid(
    [`core/${folder}/**/*.ts`],
    [
      ...CORE.slice(i + 1).map((above) => `../${above}`),
      ...CORE.map((other) => `../${other}/*`),
      'vue',
      'vue-*',
      'pinia',
      'd3',
      'three',
      'idb',
      'express',
      'node:*',
      '@web/*',
      '**/web/**',
      '**/server/**',
    ],
    `core/${folder} may import only from folders below it, by their index, and nothing of the interface.`,
  ),
)

/**
 * The folders of web from the bottom up. `parts` draw what they are given; only what stands above `stores`
 * may ask them.
 */
const WEB = [
  ['data', ['parts', 'workers', 'stores', 'shell', 'stations', 'bench']],
  ['parts', ['workers', 'stores', 'shell', 'stations', 'bench']],
  ['workers', ['parts', 'data', 'stores', 'shell', 'stations', 'bench']],
  ['stores', ['parts', 'shell', 'stations', 'bench']],
  ['stations', ['shell']],
]
const webArrows = WEB.map(([folder, above]) =>
  forbid(
    [`web/${folder}/**/*.{ts,vue}`],
    above.flatMap((name) => [`@web/${name}/*`, `../${name}/*`]),
    `web/${folder} stands below ${above.join(', ')}: it is given what it shows, and hands on what happened.`,
  ),
)

export default tseslint.config(
  { ignores: ['dist/', 'node_modules/', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  ...tseslint.configs.stylistic,
  ...vue.configs['flat/recommended'],
  prettier, // how code is set is Prettier's alone
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: { parserOptions: { parser: tseslint.parser }, globals: globals.browser },
    rules: {
      'no-undef': 'off', // the compiler knows better
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/explicit-function-return-type': 'off',
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
      'vue/one-component-per-file': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 25],
    },
  },
  {
    // Imports of types alone are gone when it runs.
    files: ['{core,web,server,scripts}/**/*.ts'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver-next': [createTypeScriptImportResolver()],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts'] },
      'import-x/extensions': ['.ts'],
    },
    rules: { 'import-x/no-cycle': ['error', { ignoreExternal: true }] },
  },
  {
    // What one store hands on is one list: its parts are taken out of it as it grows.
    files: ['web/stores/{derived,job,planner,shelf}.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 200, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['web/**/*.{ts,vue}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'ImportExpression[source.value=/^@core/]',
          message:
            'Fetched whole, a room comes with each page that takes one thing of it: say what is wanted in web/data.',
        },
      ],
    },
  },
  { files: ['**/*.{mjs,js}'], languageOptions: { globals: globals.node } },
  ...arrows,
  ...webArrows,
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-console': 'error',
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportDefaultDeclaration', message: 'Core hands on names, no defaults.' },
      ],
    },
  },
  forbid(['server/**/*.ts'], ['**/web/**', '@web/*', 'vue'], 'The server knows nothing of the interface.'),
  {
    files: ['**/*.test.ts', 'e2e/**'],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off', 'no-restricted-imports': 'off' },
  },
)
