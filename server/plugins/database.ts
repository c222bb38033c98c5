import { useOpenedDatabase } from '../database/use'

/**
 * Opens and migrates the database before the first request, so that a bad path is known at once. Without HOST only
 * this machine is answered.
 */
export default defineNitroPlugin(() => {
  if (import.meta.prerender) return
  process.env.HOST ||= '127.0.0.1'
  useOpenedDatabase().catch((error: unknown) => {
    console.error(
      `The database cannot be opened (DATABASE_URL): ${error instanceof Error ? error.message : String(error)}`,
    )
    process.exit(1)
  })
})
