/**
 * The post, behind an interface. What ships is a stand-in: each message becomes a file in a folder beside the database
 * (`outbox/`, RFC 5322 with its attachments), which any mail program opens. With KEEP_TAB_SMTP, the address of a mail
 * server, the same message goes out.
 */
import { mkdirSync, renameSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createTransport, type SendMailOptions } from 'nodemailer'
import { besideBook } from '../database/files'
import { Refusal } from './problems'

export interface Message {
  readonly to: string
  readonly subject: string
  readonly text: string
  readonly attachment: { readonly name: string, readonly type: string, readonly bytes: Uint8Array }
}
export interface Outbox {
  /** @returns where it stands now, in words */
  send(message: Message): Promise<string>
}

const FROM = process.env.KEEP_TAB_MAIL_FROM || 'keep-tab@localhost'
/** How long a mail server may take, ms. */
const PATIENCE = 10_000

export function openOutbox(url: string, smtp = process.env.KEEP_TAB_SMTP): Outbox {
  return smtp ? mailServer(smtp) : folder(besideBook(url, 'outbox'))
}

const written = ({ to, subject, text, attachment }: Message): SendMailOptions => ({
  from: FROM, to, subject, text,
  attachments: [{ filename: attachment.name, contentType: attachment.type, content: Buffer.from(attachment.bytes) }],
})

/** Each under its name only once it is whole. */
function folder(place: string): Outbox {
  const transport = createTransport({ streamTransport: true, buffer: true, newline: 'windows' })
  return {
    async send(message) {
      mkdirSync(place, { recursive: true })
      const { message: bytes } = await transport.sendMail(written(message))
      const name = `${new Date().toISOString().replace(/[:.]/g, '-')}.eml`
      writeFileSync(join(place, `.${name}`), bytes as Buffer)
      renameSync(join(place, `.${name}`), join(place, name))
      return `It stands in the outbox as ${name}, until a mail server is named.`
    },
  }
}

function mailServer(smtp: string): Outbox {
  const transport = createTransport({
    url: smtp, connectionTimeout: PATIENCE, greetingTimeout: PATIENCE, socketTimeout: PATIENCE,
  })
  return {
    async send(message) {
      try {
        await transport.sendMail(written(message))
      }
      catch {
        throw new Refusal(502, { code: 'post-down', facts: {} })
      }
      return 'It is on its way.'
    },
  }
}
