/** A camera that is not there: a round of bread on a board beside a sheet of paper, in warm light, drawn and handed over as a photo. */
export async function standInPhoto(shade: number, now: number): Promise<Blob> {
  const canvas = document.createElement('canvas')
  canvas.width = 1200
  canvas.height = 900
  const pen = canvas.getContext('2d')
  if (!pen) throw new Error('This browser draws no pictures.')
  pen.fillStyle = '#6d5c4a'
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.fillStyle = '#f2e9d8'
  pen.fillRect(60, 120, 360, 560)
  const light = Math.round(226 - 150 * shade)
  pen.fillStyle = `rgb(${light}, ${Math.round(light * 0.86)}, ${Math.round(light * 0.62)})`
  pen.beginPath()
  pen.ellipse(800, 460, 320, 300, 0, 0, 2 * Math.PI)
  pen.fill()
  // Spots, each time elsewhere, as griddles make them.
  pen.fillStyle = `rgba(92, 58, 24, ${0.25 + 0.5 * shade})`
  for (let spot = 0; spot < 26; spot++) {
    const turn = spot * 2.4 + (now % 1000) / 160
    const reach = 40 + ((spot * 37) % 220)
    pen.beginPath()
    pen.arc(800 + reach * Math.cos(turn), 460 + reach * Math.sin(turn), 6 + (spot % 5) * 3, 0, 2 * Math.PI)
    pen.fill()
  }
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      blob => (blob ? resolve(blob) : reject(new Error('No photo was made.'))),
      'image/jpeg',
      0.9,
    ),
  )
}
