/** The core's tests as the mutation tester runs them: no projects, and without the long sweeps. */
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  // the copy that is mutated has no settings of the framework to look up
  esbuild: { tsconfigRaw: '{"compilerOptions":{"target":"ES2023"}}' },
  resolve: { alias: { '#core': here('./core') } },
  test: {
    include: (process.env.MUTATION_TESTS ?? 'core/**/*.test.ts tests/tape/fold.test.ts').split(' '),
    exclude: ['core/systems/figures.test.ts', 'core/systems/catalogue.test.ts', 'core/systems/misspelt.test.ts'],
    testTimeout: 20000,
    pool: 'threads',
    isolate: false,
    env: { QUICK: '1' },
  },
})
