/** What a camera sees that looks at a label: a film of one picture (YUV4MPEG2), for the browser's pretended camera. */
import { writeFileSync } from 'node:fs'
import encodeQR from 'qr'

const [WIDTH, HEIGHT, SCALE] = [640, 480, 10]

export function filmLabel(path: string, token: string) {
  const cells = encodeQR(token, 'raw', { ecc: 'medium', border: 4 })
  const side = cells.length * SCALE
  const [left, top] = [Math.floor((WIDTH - side) / 2), Math.floor((HEIGHT - side) / 2)]
  // a grey wall round it
  const luma = Buffer.alloc(WIDTH * HEIGHT, 120)
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const on = cells[Math.floor(y / SCALE)]![Math.floor(x / SCALE)]
      luma[(top + y) * WIDTH + left + x] = on ? 20 : 235
    }
  const chroma = Buffer.alloc((WIDTH * HEIGHT) / 2, 128)
  const frame = Buffer.concat([Buffer.from('FRAME\n'), luma, chroma])
  const head = Buffer.from(`YUV4MPEG2 W${WIDTH} H${HEIGHT} F10:1 Ip A1:1 C420jpeg\n`)
  writeFileSync(path, Buffer.concat([head, ...Array.from({ length: 10 }, () => frame)]))
}
