/**
 * What every answer tells the browser to refuse: scripts that are not ours, frames, guesses at types, devices but the
 * camera. Scripts that stand in a page itself (Nuxt writes one) are let in by their hash (CSP level 3).
 */
import { createHash } from 'node:crypto'

/** @param shell a page as it is served */
export function scriptHashes(shell: string): string[] {
  const inline = /<script(?![^>]*\bsrc=)([^>]*)>([\s\S]*?)<\/script>/g
  return [...shell.matchAll(inline)]
    .filter(([, attributes]) => !/type="application\/json"/.test(attributes!))
    .map(([, , script]) => `'sha256-${createHash('sha256').update(script!).digest('base64')}'`)
}

export function securityHeaders(hashes: readonly string[], secure: boolean): Readonly<Record<string, string>> {
  return {
    'content-security-policy': [
      'default-src \'self\'',
      `script-src 'self' ${[...new Set(hashes)].join(' ')}`.trim(),
      // components and charts write their styles into the page
      'style-src \'self\' \'unsafe-inline\'',
      'img-src \'self\' data: blob:',
      'worker-src \'self\'',
      'connect-src \'self\'',
      'object-src \'none\'',
      'base-uri \'self\'',
      'form-action \'self\'',
      'frame-ancestors \'none\'',
    ].join('; '),
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
    'permissions-policy': 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
    ...(secure ? { 'strict-transport-security': 'max-age=31536000' } : {}),
  }
}
