import { firstLink } from '../services/people'
import { useOpenedDatabase } from '../database/use'

/**
 * Opens and migrates the database before the first request, so that a bad path is known at once, and prints the link
 * that makes the owner while there is none. Without HOST only this machine is answered.
 */
export default defineNitroPlugin(() => {
  if (import.meta.prerender) return
  process.env.HOST ||= '127.0.0.1'
  useOpenedDatabase()
    .then(async ({ db }) => {
      const word = await firstLink(db)
      if (word) console.log(`Nobody is the owner yet. Whoever opens this link becomes it: ${joinAddress(word)}`)
    })
    .catch((error: unknown) => {
      console.error(
        `The database cannot be opened (DATABASE_URL): ${error instanceof Error ? error.message : String(error)}`,
      )
      process.exit(1)
    })
})

const joinAddress = (word: string) =>
  `${process.env.KEEP_TAB_ADDRESS ?? `http://localhost:${process.env.PORT ?? 3000}`}/join#${word}`
