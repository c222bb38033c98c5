/** Papers as files: PDF drawn by a worker of its own, whatever else as it is. */
import { wrap, type Remote } from 'comlink'
import type { Paper } from '~/papers/paper'
import type { Printer } from '~/papers/print.worker'

let remote: Remote<Printer> | undefined
function usePrinterWorker(): Remote<Printer> {
  return remote ??= wrap<Printer>(new Worker(new URL('../papers/print.worker.ts', import.meta.url), { type: 'module' }))
}

export const drawPaper = (paper: Paper): Promise<Uint8Array> => usePrinterWorker().pdf(paper)

/** Gives it to the person as a file. */
export function saveFile(name: string, type: string, bytes: Uint8Array | string | Blob) {
  const blob = bytes instanceof Blob ? bytes : new Blob([bytes as BlobPart], { type })
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000)
}

/** @returns what stands in the way, where something does */
export function usePrinting() {
  const busy = ref('')
  const trouble = ref('')
  async function print(paper: Paper | Promise<Paper>) {
    trouble.value = ''
    const { name } = await paper
    busy.value = name
    try {
      saveFile(`${name}.pdf`, 'application/pdf', await drawPaper(await paper))
    }
    catch (error) {
      trouble.value = `The paper could not be drawn: ${error instanceof Error ? error.message : String(error)}. `
        + 'Nothing is lost; print the page from the browser instead.'
    }
    finally {
      busy.value = ''
    }
  }
  return { busy, trouble, print }
}
