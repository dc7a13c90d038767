import { groupsOf, type SheetFile } from './sheet-file'

/** A tenth of a micrometre. */
const figure = (value: number): string => String(Number(value.toFixed(4)))

/**
 * Signs that no XML file may hold, however they are written. [PUB: W3C, Extensible Markup Language (XML)
 * 1.0, 2.2 Characters]
 */
const FORBIDDEN =
  // eslint-disable-next-line no-control-regex -- they are what is looked for
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g

const escaped = (text: string): string =>
  text.replace(FORBIDDEN, ' ').replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)

/**
 * One sheet as SVG: millimetres, one named group per operation, strokes only. y runs down, as the format
 * wants it. What is true of the file stands in its `desc`.
 */
export function writeSvg(file: SheetFile): string {
  const { title, statement, width, height } = file
  const groups = groupsOf(file).flatMap(({ name, id, colour, paths }) => {
    const lines = paths.map(({ points, closed, part }) => {
      const way = points.map(({ x, y }) => `${figure(x)} ${figure(height - y)}`).join(' L')
      return `    <path data-part="${escaped(part)}" d="M${way}${closed ? ' Z' : ''}"/>`
    })
    return [
      `  <g id="${id}" fill="none" stroke="${colour}" stroke-width="0.1">`,
      `    <title>${escaped(name)}</title>`,
      ...lines,
      '  </g>',
    ]
  })
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${figure(width)}mm" ` +
      `height="${figure(height)}mm" viewBox="0 0 ${figure(width)} ${figure(height)}">`,
    `  <title>${escaped(title)}</title>`,
    `  <desc>${escaped(statement)}</desc>`,
    ...groups,
    '</svg>',
    '',
  ].join('\n')
}
