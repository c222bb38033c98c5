/**
 * Reads QR codes off the camera: by the browser's own reader where it has one, else by a standard decoder. The camera
 * is let go with the page.
 */
import decodeQR from 'qr/decode.js'
import type { Ref } from 'vue'

/** Looks a second; and the longest side of what is looked at: a phone's whole picture takes too long. */
const [LOOKS, SIDE] = [6, 640]

interface Reader { read(video: HTMLVideoElement): Promise<string | undefined> }
interface NativeDetector { detect(of: HTMLVideoElement): Promise<readonly { readonly rawValue: string }[]> }
type Native = new (of: { formats: string[] }) => NativeDetector

export function useScanner(video: Readonly<Ref<HTMLVideoElement | null>>) {
  const seen = ref('')
  const standing = ref<'starting' | 'looking' | 'none'>('starting')
  let stream: MediaStream | undefined
  let timer: ReturnType<typeof setTimeout> | undefined
  let gone = false

  onMounted(async () => {
    try {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
    }
    catch {
      standing.value = 'none'
      return
    }
    if (gone || !video.value) return stop()
    video.value.srcObject = stream
    await video.value.play().catch(() => undefined)
    standing.value = 'looking'
    const reader = nativeReader() ?? ownReader()
    const look = async () => {
      const text = video.value ? await reader.read(video.value).catch(() => undefined) : undefined
      // shown again it is read again only once something else was seen between
      if (text && text !== seen.value) seen.value = text
      if (!gone) timer = setTimeout(() => void look(), 1000 / LOOKS)
    }
    void look()
  })
  function stop() {
    gone = true
    clearTimeout(timer)
    stream?.getTracks().forEach(t => t.stop())
  }
  onBeforeUnmount(stop)
  return { seen, standing }
}

function nativeReader(): Reader | undefined {
  const { BarcodeDetector: Detector } = globalThis as { BarcodeDetector?: Native }
  if (!Detector) return undefined
  try {
    const detector = new Detector({ formats: ['qr_code'] })
    const own = ownReader()
    // where the browser has the reader by name only, each look fails
    return { read: async video => (await detector.detect(video).catch((): [] => []))[0]?.rawValue ?? own.read(video) }
  }
  catch {
    return undefined
  }
}

function ownReader(): Reader {
  const canvas = document.createElement('canvas')
  const pen = canvas.getContext('2d', { willReadFrequently: true })!
  return {
    read: async (video) => {
      const scale = Math.min(1, SIDE / Math.max(video.videoWidth, video.videoHeight, 1))
      canvas.width = Math.round(video.videoWidth * scale)
      canvas.height = Math.round(video.videoHeight * scale)
      if (canvas.width === 0 || canvas.height === 0) return undefined
      pen.drawImage(video, 0, 0, canvas.width, canvas.height)
      const { data, width, height } = pen.getImageData(0, 0, canvas.width, canvas.height)
      return decodeQR({ data, width, height })
    },
  }
}
