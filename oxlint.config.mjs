import { defineConfig } from 'oxlint'

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

// Rooms hold folders, and these hold more.
const UP = ['../', '../../', '../../../']

const arrows = CORE.map((folder, i) =>
  forbid(
    [`core/${folder}/**/*.ts`],
    [
      ...CORE.slice(i + 1).flatMap((above) => UP.map((up) => `${up}${above}`)),
      ...CORE.flatMap((other) => UP.map((up) => `${up}${other}/**`)),
      'vue',
      'vue-*',
      'pinia',
      'd3',
      'three',
      'idb',
      'express',
      'node:**',
      '@web/**',
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
    above.flatMap((name) => [`@web/${name}/**`, `../${name}/**`]),
    `web/${folder} stands below ${above.join(', ')}: it is given what it shows, and hands on what happened.`,
  ),
)

const IGNORING = { skipBlankLines: true, skipComments: true }

/** What every script keeps to, those of the pages too. What pages look like is `eslint.config.js`. */
export default defineConfig({
  plugins: ['typescript', 'import', 'oxc', 'unicorn'],
  categories: { correctness: 'error' },
  ignorePatterns: ['dist/', 'node_modules/', 'test-results/', 'playwright-report/'],
  rules: {
    'max-lines': ['error', { max: 300, ...IGNORING }],
    'max-lines-per-function': ['error', { max: 80, ...IGNORING }],
    complexity: ['error', 25],
    'import/default': 'off', // the compiler knows better
    'import/no-cycle': ['error', { ignoreTypes: true }], // imports of types alone are gone when it runs
    'no-case-declarations': 'error',
    'no-empty': 'error',
    'no-fallthrough': 'error',
    'no-prototype-builtins': 'error',
    'no-regex-spaces': 'error',
    'no-unused-vars': 'off', // the compiler knows better
    'no-useless-assignment': 'error',
    'no-var': 'error',
    'prefer-const': 'error',
    'prefer-rest-params': 'error',
    'prefer-spread': 'error',
    'unicorn/no-new-array': 'off', // of a length, to be filled
    'unicorn/no-thenable': 'off', // words, no promises
    'unicorn/no-useless-spread': 'off', // it sets lists in groups
    'typescript/adjacent-overload-signatures': 'error',
    'typescript/array-type': 'error',
    'typescript/ban-ts-comment': 'error',
    'typescript/class-literal-property-style': 'error',
    'typescript/consistent-generic-constructors': 'error',
    'typescript/consistent-indexed-object-style': 'error',
    'typescript/consistent-type-assertions': 'error',
    'typescript/consistent-type-definitions': 'error',
    'typescript/no-confusing-non-null-assertion': 'error',
    'typescript/no-dynamic-delete': 'error',
    'typescript/no-empty-object-type': 'error',
    'typescript/no-explicit-any': 'error',
    'typescript/no-inferrable-types': 'error',
    'typescript/no-namespace': 'error',
    'typescript/no-non-null-asserted-nullish-coalescing': 'error',
    'typescript/no-require-imports': 'error',
    'typescript/no-unnecessary-type-constraint': 'error',
    'typescript/no-unsafe-function-type': 'error',
    'typescript/prefer-for-of': 'error',
    'typescript/prefer-function-type': 'error',
    'typescript/prefer-literal-enum-member': 'error',
    'typescript/unified-signatures': 'error',
  },
  overrides: [
    {
      // What one store hands on is one list: its parts are taken out of it as it grows.
      files: ['web/stores/{derived,job,planner,shelf}.ts'],
      rules: { 'max-lines-per-function': ['error', { max: 200, ...IGNORING }] },
    },
    ...arrows,
    ...webArrows,
    { files: ['core/**/*.ts'], rules: { 'no-console': 'error', 'import/no-default-export': 'error' } },
    forbid(['server/**/*.ts'], ['**/web/**', '@web/**', 'vue'], 'The server knows nothing of the interface.'),
    {
      files: ['**/*.test.ts', 'e2e/**'],
      rules: {
        'max-lines': 'off',
        'max-lines-per-function': 'off',
        'no-console': 'off',
        'no-restricted-imports': 'off',
        'import/no-default-export': 'off',
      },
    },
  ],
})
