import globals from 'globals'
import tseslint from 'typescript-eslint'
import vue from 'eslint-plugin-vue'
import setByFormatter from 'eslint-config-prettier/flat'

/** What pages keep to, by the rules of their framework. All scripts: `oxlint.config.mjs`. */
export default [
  { ignores: ['dist/', 'node_modules/', 'test-results/', 'playwright-report/', '**/*.{ts,js,mjs}'] },
  ...vue.configs['flat/recommended'],
  setByFormatter, // how code is set is the formatter's alone
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser }, globals: globals.browser },
    rules: {
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
      'vue/one-component-per-file': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
]
