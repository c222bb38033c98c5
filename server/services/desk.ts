/**
 * A supplier's desk, behind an interface: what a part costs, whether there is one, when it comes; and ordering it. The
 * one that ships is a stand-in over HTTP (standins/desk.ts); KEEP_TAB_DESK names where a desk answers.
 */
import { z } from 'zod'
import { Refusal } from './problems'

const quote = z.object({
  number: z.string(),
  price: z.number().min(0).max(1e7),
  available: z.number().int().min(0),
  days: z.number().min(0).max(3650),
})
const ordered = z.object({ order: z.string().min(1).max(120), days: z.number().min(0).max(3650) })
export type Quote = Readonly<z.infer<typeof quote>>
export type Ordered = Readonly<z.infer<typeof ordered>>

export interface SupplierDesk {
  quote(number: string): Promise<Quote>
  /** @param key of the order: asked twice it is ordered once */
  order(asked: { readonly key: string, readonly number: string, readonly count: number }): Promise<Ordered>
}

/** How long a desk may take, ms; and the most that it may say, bytes. */
const [PATIENCE, MOST] = [4000, 64 * 1024]

export function openDesk(url = process.env.KEEP_TAB_DESK): SupplierDesk {
  if (!url) throw new Refusal(404, { code: 'desk-none', facts: {} })
  return {
    quote: async (number) => {
      const told = await ask(`${url}/quotes?number=${encodeURIComponent(number)}`, quote)
      if (told.number !== number) throw odd('it is of another number')
      return told
    },
    order: asked => ask(`${url}/orders`, ordered, asked),
  }
}

const odd = (why: string) => new Refusal(502, { code: 'desk-odd', facts: { why } })

async function ask<S extends z.ZodType>(url: string, schema: S, body?: unknown): Promise<z.infer<S>> {
  let text: string
  try {
    const response = await fetch(url, {
      signal: AbortSignal.timeout(PATIENCE),
      redirect: 'error',
      ...(body === undefined
        ? {}
        : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    })
    if (response.status >= 500) throw new Error('down')
    text = (await response.text()).slice(0, MOST)
    if (!response.ok) throw odd(`it says ${response.status}`)
  }
  catch (error) {
    if (error instanceof Refusal) throw error
    throw new Refusal(502, { code: 'desk-down', facts: {} })
  }
  const parsed = schema.safeParse(readJson(text))
  if (parsed.success) return parsed.data
  throw odd(parsed.error.issues[0]?.path.join(' › ') || 'it is no JSON')
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text)
  }
  catch {
    return undefined
  }
}
