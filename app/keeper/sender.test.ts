import { describe, expect, it } from 'vitest'
import { createSender, type Outgoing } from './sender'

const quiet = { kept: () => {}, refused: () => {}, trouble: () => {} }

/** Nothing to send; counts how often it was looked for. */
function nothingToSend() {
  const looks = { count: 0 }
  const from: Outgoing = {
    unsent: async () => {
      looks.count++
      return []
    },
    keep: async () => {},
    refuse: async () => {},
  }
  return { looks, from }
}

const turns = async (n: number) => {
  for (let i = 0; i < n; i++) await Promise.resolve()
}
const settle = () => new Promise(resolve => setTimeout(resolve, 0))

describe('a sender that is asked while it sends', () => {
  it.each(Array.from({ length: 14 }, (_, n) => n))('looks once more, %i turns after it began', async (n) => {
    const { looks, from } = nothingToSend()
    const sender = createSender(from, quiet)
    void sender.send()
    await turns(n)
    const before = looks.count
    void sender.send()
    await settle()
    expect(looks.count).toBeGreaterThan(before)
    sender.stop()
  })

  it('looks no more once it was stopped', async () => {
    const { looks, from } = nothingToSend()
    const sender = createSender(from, quiet)
    sender.stop()
    void sender.send()
    await settle()
    expect(looks.count).toBe(0)
  })
})
