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

export default ts.config(
  { ignores: ['web/api/schema.d.ts', 'public', 'vendor', 'node_modules'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
      'vue/no-static-inline-styles': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'no-undef': 'off',
    },
  },
  layer(
    ['web/{api,bench,devices,pictures,ui}/**'],
    ['places', 'stages'],
    'What pages share does not know a page: move what both need down.',
  ),
  layer(['web/places/**'], ['stages'], 'Places and stages do not know each other: move what both need down.'),
  layer(['web/stages/**'], ['places'], 'Places and stages do not know each other: move what both need down.'),
  prettier,
)
