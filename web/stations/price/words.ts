import { common, type Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const offerFiles = {
  onPaper: 'On paper',
  asPdf: (isQuote: boolean) => `${isQuote ? 'Quote' : 'Delivery note'} as PDF`,
  paper: 'Paper',
  quoteSaysAll: 'A quote says what one and all cost; a delivery note says no prices.',
}

export const pricePage = {
  oneIsTogether: (names: Shown) => `One is ${names} together.`,
  eachAll: (price: Shown) => `each, ${price} for all`,
  machinesClockMay: (less: Shown, more: Shown) =>
    `The machine’s clock may make it ${less} less or ${more} more.`,
  itCostsYou: (cost: Shown) => `It costs you ${cost}.`,
  backCut: 'Back to Cut',
  whatItCosts: 'What it costs',
  priceBoxBoxes: (boxes: number) => `The price of ${counted(boxes, 'box', 'boxes')}`,
  layingOutSee: common.layingOutSee,
  leftOut: 'Left out',
  boxNeeds: (unsaid: Shown) => `This box needs ${unsaid}.`,
  addBought: 'Add to what is bought',
  makesDear: 'What makes it dear',
  saveMost: 'What would save most',
  amountEach: (amount: Shown) => `${amount} each`,
  howMany: 'By how many',
  one: 'One',
  all: 'All',
  yourHours: 'Your hours',
  cannotLaidOut: 'cannot be laid out',
  eachCountLaid:
    'Each count is laid out by itself. Where it is too much for one layout, the same run is cut again ' +
    'and again.',
}

export const termsForm = {
  yourHour: 'Your hour',
  machinesHour: 'The machine’s hour',
  setUpOnce: 'To set up, once',
  bedEachSheet: 'At the bed, each sheet',
  finishEachBox: 'To finish, each box',
  glueKilogram: 'Glue, a kilogram',
  onTop: 'On top',
  leftOverCounts: 'Left over counts',
  whoAsks: 'Who asks',
  whoOffers: 'Who offers',
  lineCustomer: 'A line for the customer',
  whatYouReckon: 'What you reckon with',
  currency: 'Currency',
  boughtEachBox: 'Bought for each box',
  what: 'What',
  count: 'Count',
  each: 'Each',
  remove: (what: Shown) => `Remove ${what}`,
  addLine: 'Add a line',
  quoteHolds: 'The quote holds for',
  days: 'days',
}

export const usePrice = {
  cannotLaidOut: 'This cannot be laid out on its sheets, so it has no price. See Lay out.',
  priceCouldNot: 'The price could not be worked out: reload the page. What you typed is kept.',
}
