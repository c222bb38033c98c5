import { useOpenedDatabase } from '../database/use'

/** Opens and migrates the database before the first request, so that a bad path is known at once. */
export default defineNitroPlugin(() => {
  if (import.meta.prerender) return
  useOpenedDatabase().catch((error: unknown) => {
    console.error(`The database cannot be opened (DATABASE_URL): ${error instanceof Error ? error.message : String(error)}`)
    process.exit(1)
  })
})
