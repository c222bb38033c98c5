import withNuxt from './.nuxt/eslint.config.mjs'

const CLOCK = [
  {
    selector: 'MemberExpression[object.name="Math"][property.name="random"]',
    message: 'Randomness is passed in: see createRandom.',
  },
  { selector: 'MemberExpression[object.name="Date"][property.name="now"]', message: 'Time is passed in.' },
  { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'Time is passed in.' },
]

export default withNuxt(
  { ignores: ['.output/**', '.nuxt/**', 'data/**', 'server/database/migrations/**'] },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/cli/**', '**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...CLOCK], '@typescript-eslint/no-explicit-any': 'error' },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
      // the rows of tables of numbers may be longer: there are none yet
      '@stylistic/max-len': ['error', { code: 120 }],
      'vue/multi-word-component-names': 'off',
      '@stylistic/max-statements-per-line': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-indent': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
    },
  },
)
