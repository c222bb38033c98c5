import withNuxt from './.nuxt/eslint.config.mjs'

const CLOCK = [
  {
    selector: 'MemberExpression[object.name="Math"][property.name="random"]',
    message: 'Randomness is passed in: see createRandom.',
  },
  { selector: 'MemberExpression[object.name="Date"][property.name="now"]', message: 'Time is passed in.' },
  { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'Time is passed in.' },
]

const ask = 'Only the worker loads the engine: ask it (useIsolation, useSystems).'
const ENGINE = [
  { name: '#core/circuit', message: ask },
  { name: '#core/flow', message: ask },
  { name: '#core/systems', allowTypeImports: true, message: ask },
  { name: '#core/isolation', allowTypeImports: true, message: ask },
  {
    name: '#core/tab',
    importNames: ['createFold', 'foldTab', 'checkLine', 'parseShorthand', 'completeShorthand'],
    message: ask,
  },
  {
    name: '#core/formats',
    importNames: ['parseNameplate', 'writeNameplate', 'spellOut', 'readBook', 'readFile', 'writeBook'],
    message: ask,
  },
]

export default withNuxt(
  { ignores: ['.output/**', '.nuxt/**', 'data/**', 'server/database/migrations/**'] },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/cli/**', '**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...CLOCK], '@typescript-eslint/no-explicit-any': 'error' },
  },
  {
    // the engine is the worker's: what pages need of it they ask for
    files: ['app/**/*.{ts,vue}'],
    ignores: ['app/workers/**', '**/*.test.ts'],
    rules: { '@typescript-eslint/no-restricted-imports': ['error', { paths: ENGINE }] },
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
