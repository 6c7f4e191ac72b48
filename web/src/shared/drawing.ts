/** Takes a drawing off the screen as a file: colours and letters as they are seen, on the sheet's own ground. */
const TAKEN = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'font-family',
  'font-size',
  'font-weight',
] as const
const SCALE = 3

function asText(svg: SVGSVGElement): { text: string; width: number; height: number } {
  const copy = svg.cloneNode(true) as SVGSVGElement
  const seen = [svg, ...svg.querySelectorAll('*')]
  const copied = [copy, ...copy.querySelectorAll('*')]
  seen.forEach((element, i) => {
    const style = getComputedStyle(element)
    for (const name of TAKEN) copied[i]?.setAttribute(name, style.getPropertyValue(name))
  })
  const { width, height } = svg.viewBox.baseVal
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(width))
  copy.setAttribute('height', String(height))
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect')
  ground.setAttribute('width', '100%')
  ground.setAttribute('height', '100%')
  ground.setAttribute('fill', getComputedStyle(document.body).backgroundColor)
  copy.insertBefore(ground, copy.firstChild)
  return { text: new XMLSerializer().serializeToString(copy), width, height }
}

function save(url: string, name: string) {
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
}

export function saveSvg(svg: SVGSVGElement, name: string) {
  const url = URL.createObjectURL(new Blob([asText(svg).text], { type: 'image/svg+xml' }))
  save(url, `${name}.svg`)
  URL.revokeObjectURL(url)
}

export async function savePng(svg: SVGSVGElement, name: string) {
  const { text, width, height } = asText(svg)
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width * SCALE
  canvas.height = height * SCALE
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
  save(canvas.toDataURL('image/png'), `${name}.png`)
}
