/**
 * The Tab screen's keys. Letters belong to the reading line, so commands sit on function keys; `?` works while it is
 * empty.
 */
import { useEventListener } from '@vueuse/core'

export interface TabKeys {
  next(): void
  prove(): void
  keys(): void
  settle(): void
  strikeLast(): void
  escape(): void
}

const AREAS = ['.path', '.area-next', '.area-suspects', '.area-tape', '#reading']

export function useTabKeys(keys: TabKeys) {
  useEventListener(window, 'keydown', (event) => {
    if (document.querySelector('dialog[open]')) return
    const field = event.target instanceof HTMLInputElement ? event.target : undefined
    const run = (f: () => void) => {
      event.preventDefault()
      f()
    }
    if (event.key === 'F2') run(keys.next)
    else if (event.key === 'F4') run(keys.prove)
    else if (event.key === 'F6') run(() => moveArea(event.shiftKey ? -1 : 1))
    else if (event.key === 'F8') run(keys.settle)
    else if (event.key === 'Escape') keys.escape()
    else if (event.key === '?' && !field?.value) run(keys.keys)
    else if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && !field?.value)
      run(keys.strikeLast)
    else if (
      !field
      && event.key.length === 1
      && !event.ctrlKey
      && !event.metaKey
      && !event.altKey
      && event.key !== ' '
    )
      document.querySelector<HTMLInputElement>('#reading')?.focus()
  })
}

function moveArea(step: number) {
  const areas = AREAS.map(a => document.querySelector<HTMLElement>(a)).filter(a => a !== null)
  const here = areas.findIndex(a => a.contains(document.activeElement))
  const area = areas[(here + step + areas.length) % areas.length]
  const target = area?.matches('input') ? area : area?.querySelector<HTMLElement>('button, [tabindex="0"]')
  target?.focus()
}
