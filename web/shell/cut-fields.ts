import { againCard, cutForm, cutPlayer, cutStation } from '@web/stations/cut/words'
import { at, type FieldEntry } from './field-entry'

const cut = at('cut')
const inPrice = (id: string, label: string, words: string): FieldEntry =>
  cut(id, label, words, { view: 'price' })

/** Fields about what is written, and what is done beside it at the laser. */
export const CUT_FIELDS: FieldEntry[] = [
  cut('turn', 'How the sheet is turned over', 'both faces flip two sides registration'),
  cut('formats', 'Files: SVG, DXF, panels', 'export save write download'),
  cut('paper', 'Paper of a PDF', 'print a4 a3 template', { behind: 'formats' }),
  cut('files-per', 'What one file is for', 'split operation part separate export'),
  cut('frame', 'Go round what will be cut first', 'frame outline trace program', { behind: 'formats' }),
  cut('look', 'Wait at the end of a program', 'pause stop look', { behind: 'formats' }),
  cut('print-traveller', cutForm.printTraveller, 'paper job sheet route card printout'),
  cut('again', againCard.extraPassOver, 'second pass knot not through repeat'),
  cut('again-passes', 'How many extra passes', 'second pass repeat', { behind: 'again' }),
  cut('laser', 'A simulated laser to work', 'simulate practice device machine pause door'),
  cut('read-back', 'Hold a file against the plan', 'compare import check'),
  cut('scrubber', cutPlayer.timeIntoCut, 'play watch simulate beam'),
  cut('count-off', 'Count it off, sheet by sheet', 'batch complete boxes reject spoilt progress tick'),
  cut('price', cutStation.whatItCosts, 'price quote offer money cost sell customer'),
  inPrice('price-boxes', 'How many boxes the price is for', 'batch count quantity price'),
  inPrice('price-hour', 'What your hour costs', 'wage labour rate price'),
  inPrice('price-machineHour', 'What the machine’s hour costs', 'rate electricity tube price'),
  inPrice('price-glue', 'What a kilogram of glue costs', 'price'),
  inPrice('price-setUp', 'Minutes to set up, once', 'labour preparation price'),
  inPrice('price-perSheet', 'Minutes at the bed for each sheet', 'labour load unload price'),
  inPrice('price-finishing', 'Minutes to finish each box', 'sanding oil varnish packing labour price'),
  inPrice('price-margin', 'What goes on top of the cost', 'margin profit markup price'),
  inPrice('price-rest', 'What pieces left over count for', 'offcut waste price'),
  inPrice('price-currency', 'Currency', 'euro dollar pound money'),
  inPrice('price-extras', 'What is bought for each box', 'pins magnets felt hinges hardware price'),
  inPrice('price-customer', 'Who asks for the boxes', 'customer quote delivery note name'),
  inPrice('price-seller', 'Who offers the boxes', 'workshop name quote'),
  inPrice('price-note', 'A line for the customer', 'quote delivery note remark'),
  inPrice('price-days', 'How long a quote holds', 'valid days offer'),
]
