/** All that this room says, by the part that says it. */

export const intricate = {
  areasDrawingToo: 'The areas in this drawing are too intricate to be filled. Simplify its paths.',
}

export const pictureRecord = {
  differentNumberPoints: 'has a different number of points than it says',
}

export const pictureSize = {
  pictureLargerMb: (largestPicture: number) =>
    `This picture is larger than ${largestPicture} MB. Make it smaller, and save it again.`,
  onlyPngJpeg: 'Only PNG and JPEG pictures are read. Save it as one of them.',
  pictureNoPoints: 'This picture has no points. Choose another one.',
  picturePointsMore: (width: number, height: number, mostDecoded: number) =>
    `This picture has ${width} × ${height} points, more than ${mostDecoded} million. Scale it down, and ` +
    'save it again.',
}

export const rawArt = {
  drawingOverPlaces: (mostRaw: number) => `This drawing has over ${mostRaw} places. Simplify its paths.`,
}

export const read = {
  noLinesFile: 'There are no lines in this file. Choose another one.',
  someCoordinatesFile:
    'Some coordinates in this file are not numbers. Save it again from the program that made it.',
  drawingWiderM: 'This drawing is wider than 20 m, or has no width. Scale it and save it again.',
  linesLayOthers: (doubled: number) => `${doubled} lines lay on others of the same shape: each is kept once.`,
  linesOpenFollowed: (open: number) => `${open} lines are open: they can be followed, not filled or cut out.`,
  drawingPointsMost: (count: number, mostPoints: number) =>
    `This drawing has ${count} points; ${mostPoints} are the most. Simplify its paths.`,
  drawingColoursLayers: (groups: number, mostGroups: number) =>
    `This drawing has ${groups} colours or layers; ${mostGroups} are the most. Merge some.`,
  fileLargerMb: (largest: number) =>
    `This file is larger than ${largest} MB. Simplify the drawing, or take a part of it.`,
  onlySvgDxf: 'Only SVG and DXF files are read. Save the drawing as one.',
  fileCannotRead: 'This file cannot be read as a drawing. Save it again from the program that made it.',
}

export const readDxf = {
  blocksLeftOut: 'Blocks were left out: explode them in the program that drew them.',
  drawnLeftOut: (kinds: string) => `What is drawn as ${kinds} was left out.`,
  dxfFileCannot: 'This DXF file cannot be read. Save it again as a plain ASCII DXF.',
  textDrawingFonts: 'There is text in this drawing, and fonts differ. Turn it into lines and save it again.',
}

export const readSvg = {
  saveAgainProgram: 'Save it again from the program that made it.',
  textDrawingFonts: 'There is text in this drawing, and fonts differ. Turn it into paths and save it again.',
  drawingTooMany: 'This drawing has too many styles. Turn them into attributes, or simplify the drawing.',
  svgFileGroups: 'This SVG file has groups nested too deep. Ungroup the drawing, or simplify it.',
  svgFileCannot: (saveAgain: string) => `This SVG file cannot be read. ${saveAgain}`,
  noDrawingSvg: 'There is no drawing in this SVG file. Choose another file.',
  pictureLeftOut: 'A picture in it was left out: only lines and areas are read.',
  drawingMasksFilters: 'This drawing has masks or filters. Flatten them into shapes, and save it again.',
  drawingOverPlaces: (mostWays: number) => `This drawing has over ${mostWays} places. Simplify its paths.`,
  pathSvgFile: (saveAgain: string) => `A path in this SVG file cannot be read. ${saveAgain}`,
  dashedLinesFollowed: 'Dashed lines are followed whole.',
  drawingFilledPattern: 'This drawing is filled with a pattern. Turn it into shapes, and save it again.',
}

export const svgSize = {
  noDrawingSvg: readSvg.noDrawingSvg,
}
