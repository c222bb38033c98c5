/**
 * What the windows of one browser tell each other. Parsed like anything that comes from outside: another version may
 * be open beside.
 */
import { z } from 'zod'

const message = z.discriminatedUnion('say', [
  z.object({ say: z.literal('written'), tab: z.string(), ids: z.array(z.string()) }),
  z.object({ say: z.literal('kept'), tab: z.string(), ids: z.array(z.string()) }),
  z.object({ say: z.literal('refused'), tab: z.string() }),
  /** the server has new lines on a tab, from any device */
  z.object({ say: z.literal('news'), tab: z.string(), lines: z.array(z.string()) }),
  /** the stream has begun anew: what was missed meanwhile is to be asked for */
  z.object({ say: z.literal('streaming') }),
  z.object({ say: z.literal('trouble'), code: z.string() }),
  z.object({ say: z.literal('send') }),
  z.object({ say: z.literal('ping'), id: z.string() }),
  z.object({ say: z.literal('pong'), id: z.string() }),
])
export type Message = z.infer<typeof message>

export interface Channel {
  tell(message: Message): void
  close(): void
}

/** Where there is no such channel each window stands alone. */
export function openChannel(hear: (message: Message) => void): Channel {
  if (typeof BroadcastChannel === 'undefined') return { tell: () => undefined, close: () => undefined }
  const channel = new BroadcastChannel('keep-tab')
  channel.onmessage = ({ data }) => {
    const parsed = message.safeParse(data)
    if (parsed.success) hear(parsed.data)
  }
  return { tell: m => channel.postMessage(m), close: () => channel.close() }
}
