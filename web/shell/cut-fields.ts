import { at, type FieldEntry } from './field-entry'

const cut = at('cut')

/** Fields about what is written, and what is done beside it at the laser. */
export const CUT_FIELDS: FieldEntry[] = [
  cut('turn', 'How the sheet is turned over', 'both faces flip two sides registration'),
  cut('formats', 'Files: SVG, DXF, panels', 'export save write download'),
  cut('paper', 'Paper of a PDF', 'print a4 a3 template', { behind: 'formats' }),
  cut('files-per', 'What one file is for', 'split operation part separate export'),
  cut('frame', 'Go round what will be cut first', 'frame outline trace program', { behind: 'formats' }),
  cut('look', 'Wait at the end of a program', 'pause stop look', { behind: 'formats' }),
  cut('print-traveller', 'Print the traveller', 'paper job sheet route card printout'),
  cut('again', 'An extra pass over some parts', 'second pass knot not through repeat'),
  cut('again-passes', 'How many extra passes', 'second pass repeat', { behind: 'again' }),
  cut('laser', 'A simulated laser to work', 'simulate practice device machine pause door'),
  cut('read-back', 'Hold a file against the plan', 'compare import check'),
  cut('scrubber', 'Time into the cut', 'play watch simulate beam'),
]
