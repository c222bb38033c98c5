/**
 * Who is signed in on this device. What was known last holds while there is no signal; lines are written under that
 * name, and the server stamps who sent them.
 */
import { useLocalStorage, StorageSerializers } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { doneReply, meReply, passkeyOptions, personReply, type MeReply, type PersonCard, type Role } from '#contracts'
import type { Problem, Result } from '#core/foundation'
import { askServer } from '~/composables/useServer'
import { device } from '~/keeper/device'

interface Known {
  readonly name: string
  readonly role: Role
}

export const useMe = defineStore('me', () => {
  const known = useLocalStorage<Known | null>('keep-tab-me', null, { serializer: StorageSerializers.object })
  /** what the server said last; nothing while it cannot be reached */
  const reply = shallowRef<MeReply>()
  const name = computed(() => known.value?.name ?? '')
  const role = computed(() => known.value?.role)
  /** whose lines are written here: a session that was ended elsewhere changes no hand, signing out does */
  const writer = useLocalStorage('keep-tab-writer', () => known.value?.name ?? '')

  async function load(): Promise<MeReply | undefined> {
    const answer = await askServer('/api/me', meReply)
    if (!answer.ok) return undefined
    reply.value = answer.value
    known.value = answer.value.me
    if (answer.value.me) writer.value = answer.value.me.name
    return answer.value
  }

  /** A new session begins with a fresh page: nothing of another's is left in it. */
  async function begin(asking: Promise<Result<unknown>>): Promise<Problem | undefined> {
    const answer = await asking
    if (!answer.ok) return answer.problem
    await load()
    window.location.assign('/')
    return undefined
  }
  const post = (path: string, body: object) => askServer(path, doneReply, { method: 'POST', body })
  const signIn = (name: string, passphrase: string, trusted: boolean) =>
    begin(post('/api/me/sign-in', { name, passphrase, trusted }))
  const join = (word: string, name: string, passphrase: string, trusted: boolean) =>
    begin(post('/api/me/join', { word, name, passphrase, trusted }))
  const becomeInDemo = (person: string) => begin(post('/api/demo', { person }))
  const readLink = (word: string): Promise<Result<PersonCard>> =>
    askServer('/api/me/link', personReply, { method: 'POST', body: { word } })

  async function byPasskey(trusted: boolean): Promise<Problem | undefined> {
    const options = await askServer('/api/me/passkey/ask', passkeyOptions, { method: 'POST', body: {} })
    if (!options.ok) return options.problem
    const { startAuthentication } = await import('@simplewebauthn/browser')
    const response = await startAuthentication({ optionsJSON: options.value as never }).catch(() => undefined)
    if (!response) return { code: 'passkey-failed', facts: {} }
    return begin(post('/api/me/passkey/sign-in', { response, trusted }))
  }

  /** Has this browser make a passkey for who is signed in. */
  async function addPasskey(): Promise<Problem | undefined> {
    const options = await askServer('/api/me/passkey/new', passkeyOptions, { method: 'POST', body: {} })
    if (!options.ok) return options.problem
    const { startRegistration } = await import('@simplewebauthn/browser')
    const response = await startRegistration({ optionsJSON: options.value as never }).catch(() => undefined)
    if (!response) return { code: 'passkey-failed', facts: {} }
    const added = await post('/api/me/passkey', { response })
    return added.ok ? undefined : added.problem
  }

  /** Wipes the copies of tabs from this device; lines that have not been sent stay for who signs in next. */
  async function signOut(): Promise<Problem | undefined> {
    const answer = await post('/api/me/sign-out', {})
    if (!answer.ok && answer.problem.code !== 'sign-in-first') return answer.problem
    await device.wipeCopies().catch(() => undefined)
    known.value = null
    writer.value = ''
    window.location.assign('/sign-in')
    return undefined
  }

  return { reply, name, role, writer, load, signIn, join, readLink, becomeInDemo, byPasskey, addPasskey, signOut }
})
