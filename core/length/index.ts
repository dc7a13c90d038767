export { parseLength, parseSpeed, parseFigure, type Parsed } from './parse'
export { fixed, short, formatMillimetres, formatInches, otherSpeeds, formatDuration } from './format'
