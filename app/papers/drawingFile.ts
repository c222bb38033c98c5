/** A drawing of the screen as a file of its own: in the day's colours, with its styles in it. */
const KEPT = [
  'fill', 'stroke', 'stroke-width', 'stroke-dasharray', 'stroke-linecap', 'stroke-linejoin', 'opacity', 'font-family',
  'font-size', 'font-weight', 'text-anchor', 'display',
] as const

/** @param drawn an SVG on the page; by night it is coloured as by day */
export function drawingFile(drawn: SVGSVGElement): string {
  const paper = document.createElement('div')
  paper.className = 'on-paper visually-hidden'
  const copy = drawn.cloneNode(true) as SVGSVGElement
  paper.append(copy)
  document.body.append(paper)
  try {
    for (const element of [copy, ...copy.querySelectorAll<SVGElement>('*')]) {
      const style = getComputedStyle(element)
      for (const name of KEPT) element.setAttribute(name, style.getPropertyValue(name))
    }
    for (const element of copy.querySelectorAll('[class], [tabindex], [role]'))
      for (const name of ['class', 'tabindex', 'role', 'style']) element.removeAttribute(name)
    const [, , width = '1180', height = '420'] = (copy.getAttribute('viewBox') ?? '').split(/\s+/)
    for (const name of ['class', 'style', 'display']) copy.removeAttribute(name)
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
    copy.setAttribute('width', width)
    copy.setAttribute('height', height)
    return new XMLSerializer().serializeToString(copy)
  }
  finally {
    paper.remove()
  }
}

/** In twice its size, on white. */
export async function pngOf(svg: string): Promise<Blob> {
  const image = new Image()
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    image.src = url
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = 2 * image.naturalWidth
    canvas.height = 2 * image.naturalHeight
    const pen = canvas.getContext('2d')!
    pen.fillStyle = '#ffffff'
    pen.fillRect(0, 0, canvas.width, canvas.height)
    pen.drawImage(image, 0, 0, canvas.width, canvas.height)
    return await new Promise((resolve, reject) => canvas.toBlob(
      blob => (blob ? resolve(blob) : reject(new Error('the picture is too large for this browser'))), 'image/png'))
  }
  finally {
    URL.revokeObjectURL(url)
  }
}
