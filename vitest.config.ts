import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '~': here('./app'), '#core': here('./core'), '#contracts': here('./shared/contracts.ts') }

/** Those that put something of their own in place of a global or of a module: each has modules of its own. */
const STUBBING = ['app/stores/*.test.ts', 'app/keeper/leader.test.ts', 'tests/tape/trials.test.ts']

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      // the core has no side effects: its test files may share what one of them has loaded
      {
        resolve: { alias },
        test: { name: 'core', include: ['core/**/*.test.ts'], testTimeout: 60000, pool: 'threads', isolate: false },
      },
      // nor have these, once those that stub are by themselves
      {
        resolve: { alias },
        test: { name: 'stubbing', include: STUBBING, testTimeout: 60000 },
      },
      {
        resolve: { alias },
        test: {
          name: 'unit',
          isolate: false,
          exclude: STUBBING,
          include: [
            'server/**/*.test.ts',
            'app/**/*.test.ts',
            'demo/**/*.test.ts',
            'tests/house/*.test.ts',
            'tests/tape/*.test.ts',
            'tests/calls/*.test.ts',
            'tests/lines/*.test.ts',
            'tests/wiring/*.test.ts',
          ],
          testTimeout: 60000,
        },
      },
      {
        resolve: { alias },
        test: { name: 'outside', include: ['tests/outside/*.test.ts'], testTimeout: 300000, pool: 'forks' },
      },
      {
        resolve: { alias },
        test: { name: 'errands', include: ['tests/errands/*.test.ts'], testTimeout: 180000, pool: 'forks' },
      },
      {
        resolve: { alias },
        test: {
          name: 'browser',
          include: ['tests/browser/*.test.ts'],
          testTimeout: 180000,
          hookTimeout: 180000,
          fileParallelism: false,
          isolate: false,
          pool: 'forks',
        },
      },
    ],
  },
})
