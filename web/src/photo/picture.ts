/** A part of a picture, in its own px. */
export interface Cut {
  x: number
  y: number
  width: number
  height: number
}

/** What is sent: enough to read a label from across a roof, small enough for one bar of signal. */
const MOST_PIXELS = 2_000_000
const QUALITY = 0.88

/**
 * The picture upright as the camera noted, turned and cut as asked, drawn anew no larger than is read: with nothing in it but
 * the picture, so without the place where it was taken.
 *
 * @param degrees clockwise, a multiple of 90
 */
export async function drawnAnew(photo: Blob, degrees = 0, cut?: Cut): Promise<File> {
  const bitmap = await createImageBitmap(photo, { imageOrientation: 'from-image' })
  const from = cut ?? { x: 0, y: 0, width: bitmap.width, height: bitmap.height }
  const scale = Math.min(1, Math.sqrt(MOST_PIXELS / (from.width * from.height)))
  const width = Math.max(1, Math.round(from.width * scale))
  const height = Math.max(1, Math.round(from.height * scale))
  const isAside = degrees % 180 !== 0
  const canvas = document.createElement('canvas')
  canvas.width = isAside ? height : width
  canvas.height = isAside ? width : height
  const pen = canvas.getContext('2d')
  if (!pen) throw new Error('This browser cannot draw the picture: type the label.')
  pen.translate(canvas.width / 2, canvas.height / 2)
  pen.rotate((degrees * Math.PI) / 180)
  pen.drawImage(bitmap, from.x, from.y, from.width, from.height, -width / 2, -height / 2, width, height)
  bitmap.close()
  const drawn = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
  if (!drawn) throw new Error('This picture cannot be drawn: take it again.')
  return new File([drawn], 'label.jpg', { type: 'image/jpeg' })
}
