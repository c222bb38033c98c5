/** Tells those who watch a tab that lines were added to it. In one process; each watcher then reads what it lacks. */
import { EventEmitter } from 'node:events'

const bus = new EventEmitter()
bus.setMaxListeners(0)

export const announce = (tab: string, ids: readonly string[]) => bus.emit(tab, ids)

/** @returns a function that stops watching */
export function watchTab(tab: string, heard: (ids: readonly string[]) => void): () => void {
  bus.on(tab, heard)
  return () => bus.off(tab, heard)
}
