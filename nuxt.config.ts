import { cpSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { build } from 'vite'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

// the core has no load-time side effects: what is not used of it is not shipped
const treeshake = { moduleSideEffects: (id: string) => !/[\\/]core[\\/][^?]*\.ts$/.test(id) }

/** A script of its own: were it a chunk of the server's, the thread would begin a second server. */
const buildThread = (outDir: string) => build({
  configFile: false,
  logLevel: 'warn',
  resolve: { alias: { '#contracts': here('./shared/contracts.ts') } },
  build: {
    ssr: here('./server/jobs/worker.ts'),
    outDir,
    emptyOutDir: false,
    target: 'node20',
    rollupOptions: { output: { entryFileNames: 'jobs.mjs', inlineDynamicImports: true } },
  },
})

export default defineNuxtConfig({
  modules: ['@pinia/nuxt', '@primevue/nuxt-module', '@vite-pwa/nuxt', '@nuxt/eslint'],
  ssr: false,
  components: [{ path: '~/components', pathPrefix: false }],
  // the core says what it uses: no auto-imports there
  imports: { transform: { exclude: [/[\\/]core[\\/]/, /[\\/]node_modules[\\/]/] } },
  devtools: { enabled: false },
  app: {
    head: {
      title: 'Keep Tab',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'theme-color', content: '#E9E2D3' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
      ],
    },
  },
  css: ['~/assets/faces.css', '~/assets/look.css'],
  alias: { '#core': here('./core'), '#contracts': here('./shared/contracts.ts') },
  experimental: { defaults: { nuxtLink: { prefetch: false } } },
  compatibilityDate: '2026-01-01',
  nitro: { compressPublicAssets: true, prerender: { routes: ['/shell'] } },
  vite: {
    worker: { format: 'es', rollupOptions: { treeshake } },
    build: { target: 'es2022', rollupOptions: { treeshake } },
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true, types: ['node'] } },
  },
  telemetry: false,
  hooks: {
    // nothing is fetched ahead of the page that is asked for: the service worker brings the rest once it stands
    'build:manifest': (manifest) => {
      for (const file of Object.values(manifest)) file.prefetch = false
    },
    // drizzle reads its migrations from disk: they travel with the build
    'nitro:init': (nitro) => {
      // pages are drawn in the browser, which brings the components' styles itself: the server need not load them
      nitro.options.plugins = nitro.options.plugins.filter(plugin => !plugin.includes('@primevue'))
      nitro.hooks.hook('compiled', async () => {
        const { serverDir } = nitro.options.output
        cpSync(here('./server/database/migrations'), `${serverDir}/migrations`, { recursive: true })
        // what takes long runs in a thread, whose script stands beside the server's
        if (!nitro.options.dev) await buildThread(serverDir)
      })
    },
  },
  eslint: { config: { stylistic: true } },
  primevue: {
    importTheme: { from: '~/assets/preset.ts' },
    autoImport: true,
    components: { include: ['AutoComplete', 'DatePicker', 'Select', 'Textarea', 'Checkbox'] },
  },
  // the shell opens without a signal; what is on the server still comes only from the server
  pwa: {
    registerType: 'autoUpdate',
    manifest: false,
    workbox: {
      // with the faces that papers are drawn in
      globPatterns: ['**/*.{js,css,html,woff2,svg,webmanifest}', '**/*-normal-*.woff', '**/*.ttf'],
      navigateFallback: '/shell',
      navigateFallbackDenylist: [/^\/api\//],
      clientsClaim: true,
      skipWaiting: true,
    },
  },
})
