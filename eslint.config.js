import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

/** What a layer may not know, in its own words: what serves every page knows no page, and pages do not know each other. */
const layer = (files, rooms, message) => ({
  files,
  rules: {
    '@typescript-eslint/no-restricted-imports': [
      'error',
      { patterns: rooms.map(room => ({ regex: `(^@|\\.\\.)/${room}(/|$)`, message })) },
    ],
  },
})

/** Rules that know types: of what a promise holds, what can be null, what is never anything else. */
const typed = {
  project: './tsconfig.json',
  extraFileExtensions: ['.vue'],
  tsconfigRootDir: import.meta.dirname,
}

export default ts.config(
  { ignores: ['web/api/schema.d.ts', 'public', 'vendor', 'node_modules'] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.{ts,mts,vue}'], languageOptions: { parserOptions: typed } },
  { files: ['**/*.vue'], languageOptions: { parserOptions: { ...typed, parser: ts.parser } } },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
      'vue/no-static-inline-styles': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'no-undef': 'off',
      // A number in a sentence is a number; what an arrow hands on is its reader's to heed.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
  {
    // A component that is imported is of no type here; vue-tsc knows it, and checks these files whole.
    files: ['**/*.vue', 'web/main.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/no-useless-default-assignment': 'off',
    },
  },
  { files: ['**/*.{js,mjs}'], ...ts.configs.disableTypeChecked },
  // Stand-ins answer as what they stand in for does: by promises.
  { files: ['**/*.test.ts'], rules: { '@typescript-eslint/require-await': 'off' } },
  layer(
    ['web/{api,bench,devices,pictures,ui}/**'],
    ['places', 'stages'],
    'What pages share does not know a page: move what both need down.',
  ),
  layer(['web/places/**'], ['stages'], 'Places and stages do not know each other: move what both need down.'),
  layer(['web/stages/**'], ['places'], 'Places and stages do not know each other: move what both need down.'),
  prettier,
)
