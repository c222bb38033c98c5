/** Tells those who watch that lines were added to a tab. In one process; each watcher then reads what it lacks. */
import { EventEmitter } from 'node:events'

export interface News { readonly tab: string, readonly lines: readonly string[] }

const bus = new EventEmitter()
bus.setMaxListeners(0)

export const announce = (tab: string, lines: readonly string[]) => bus.emit('news', { tab, lines } satisfies News)
/** The server stops: nothing more will be heard. */
export const endWatching = () => bus.emit('end')
export const isWatched = () => bus.listenerCount('news') > 0

/** @returns a function that stops watching */
export function watchTabs(heard: (news: News) => void, ended: () => void = () => undefined): () => void {
  bus.on('news', heard)
  bus.on('end', ended)
  return () => {
    bus.off('news', heard)
    bus.off('end', ended)
  }
}
