/**
 * A double of an S3-compatible store, called so: objects in memory by bucket and key, over the calls that the product
 * makes (PUT, GET, HEAD, DELETE of an object). A request that is not signed for it (AWS Signature Version 4) is
 * refused; the signature is worked out anew from its published recipe and must be the same.
 */
import { createHash, createHmac } from 'node:crypto'
import { createServer, type IncomingMessage } from 'node:http'
import type { AddressInfo } from 'node:net'

export interface S3Double {
  readonly url: string
  readonly objects: Map<string, Buffer>
  readonly refused: string[]
  close(): void
}
interface Keys { readonly id: string, readonly secret: string }

export async function openS3({ id, secret }: Keys): Promise<S3Double> {
  const objects = new Map<string, Buffer>()
  const refused: string[] = []
  const server = createServer((request, response) => {
    void read(request).then((body) => {
      const path = (request.url ?? '/').split('?')[0]!
      if (!isSigned(request, { id, secret })) {
        refused.push(`${request.method} ${path}`)
        return response.writeHead(403).end('<Error><Code>SignatureDoesNotMatch</Code></Error>')
      }
      const held = objects.get(path)
      switch (request.method) {
        case 'PUT':
          objects.set(path, body)
          return response.writeHead(200).end()
        case 'DELETE':
          objects.delete(path)
          return response.writeHead(204).end()
        default:
          if (!held) return response.writeHead(404).end('<Error><Code>NoSuchKey</Code></Error>')
          response.writeHead(200, { 'content-length': held.length, 'content-type': 'application/octet-stream' })
          return response.end(request.method === 'HEAD' ? undefined : held)
      }
    })
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, objects, refused, close: () => server.close(),
  }
}

async function read(request: IncomingMessage): Promise<Buffer> {
  const parts: Buffer[] = []
  for await (const part of request as AsyncIterable<Buffer>) parts.push(part)
  return Buffer.concat(parts)
}

/** The recipe: canonical request, string to sign, a key for day, region and service (AWS General Reference). */
function isSigned(request: IncomingMessage, { id, secret }: Keys): boolean {
  const { headers } = request
  const told = /Credential=([^/]+)\/(\d+)\/([^/]+)\/s3\/aws4_request, ?SignedHeaders=([^,]+), ?Signature=(\w+)/
    .exec(headers.authorization ?? '')
  if (!told) return false
  const [, who, day, region, signed, signature] = told as unknown as [string, string, string, string, string, string]
  const url = new URL(request.url ?? '/', 'http://s3')
  const names = signed.split(';')
  const canonical = [
    request.method, url.pathname, url.searchParams.toString(),
    ...names.map(h => `${h}:${String(headers[h] ?? '').trim()}`), '', signed,
    String(headers['x-amz-content-sha256'] ?? 'UNSIGNED-PAYLOAD'),
  ].join('\n')
  const sha = (text: string) => createHash('sha256').update(text).digest('hex')
  const mac = (key: string | Buffer, text: string) => createHmac('sha256', key).update(text).digest()
  const scope = `${day}/${region}/s3/aws4_request`
  const key = ['s3', 'aws4_request'].reduce(mac, mac(mac(`AWS4${secret}`, day), region))
  const text = ['AWS4-HMAC-SHA256', headers['x-amz-date'], scope, sha(canonical)].join('\n')
  return who === id && mac(key, text).toString('hex') === signature
}
