import { planSentence } from '../angled'
import { fittingSentence } from '../fittings'
import { counted, type Say } from '../length'
import type { Working } from '../working'
import type { Edge } from './edges'
import type { SpecProblem } from './problems'
import type { EdgeRule, TabOwner } from '../joints'
import type { EdgeGroup } from './spec'

const GROUP_NAMES: Record<EdgeGroup, string> = { uprights: 'uprights', floor: 'floor', top: 'top' }

/** Whose tabs they are, per group: the panel that leads the edge and the other one. */
export const OWNER_NAMES: Record<EdgeGroup, Record<TabOwner, string>> = {
  uprights: { leading: 'front and back', other: 'left and right' },
  floor: { leading: 'the walls', other: 'the floor' },
  top: { leading: 'the walls', other: 'the top' },
}

/** What is said of each kind of problem. */
const SENTENCES: {
  [Kind in SpecProblem['kind']]: (problem: Extract<SpecProblem, { kind: Kind }>, say: Say) => string
} = {
  apart: (problem) =>
    `The ${problem.panel} would fall into ${counted(problem.pieces, 'piece')}: the sheet is too ` +
    'thin for so loose a fit, or what is cut out of it meets. Choose a tighter fit, a thicker sheet ' +
    'or wider tabs.',
  narrow: (problem, say) => narrowSentence(problem, say),
  plan: planSentence,
  'plan takes': ({ what }) =>
    `Walls at any angle take no ${what}. Leave that out, or make the plan a rectangle again.`,
  'no room': (problem, say) => {
    const offered = say.short(problem.least, 1)
    return problem.sizesAre === 'outer'
      ? `The ${problem.field} leaves no room inside: the sheet takes ${say.short(problem.walls)} of ` +
          `it. Make it at least ${offered}.`
      : `The inner ${problem.field} is too small for a joint. Make it at least ${offered}.`
  },
  cells: (problem, say) =>
    `The ${problem.field} are ${say.short(problem.over, 2)} too wide together: there are ` +
    `${say.short(problem.room, 2)} between the walls, dividers included. Make some narrower, or ` +
    'one of them “rest”.',
  'divider height': (problem, say) =>
    problem.most < 1
      ? 'There is no room for dividers above that distance from the floor. Make it smaller.'
      : 'The dividers are higher than the room inside. Make them at most ' +
        `${say.short(problem.most, 1)} high.`,
  'slot under top': () =>
    'Slots open at the rim cannot be reached under this lid. Join the dividers by tenons or grooves.',
  'opening panel': (problem) =>
    `There is no ${problem.panel} for that opening. Put it on another panel, or take it away.`,
  'engraving panel': (problem) =>
    `There is no ${problem.panel} for that engraving. Put it on another panel, or take it away.`,
  'picture dots': (problem) =>
    `The pictures on it come to ${problem.count} dots; ${problem.most} are the most. ` +
    `Make them smaller, or ` +
    'their dots farther apart.',
  'opening count': (problem) =>
    `These openings come to ${problem.count} holes; ${problem.most} are the most. Make the ` +
    'holes larger or the field smaller.',
  'bend joints': () =>
    'A sheet that bends goes with fingers on all other edges, between floor and rim. Where it reaches ' +
    'the top, there must be one. Choose those, or no bend.',
  'bend stock': () => 'The panels of a bent sheet are cut in one piece: choose one stock for all of them.',
  'bend radius': (problem, say) =>
    'Bends of that radius leave nothing flat between them. Make the radius at most ' +
    `${say.short(problem.most, 0)}, or the box larger.`,
  'bend link': (problem, say) =>
    'Links that wide do not fit twice into the arc. Make them at most ' +
    `${say.short(problem.most, 1)} wide, or the radius larger.`,
  'latch wedge': (problem, say) =>
    `The wedge of the latch, cut from the stock of the dividers, ` +
    `may be ${say.length(problem.most)} thick at ` +
    'most. Choose a thinner stock for the dividers, or leave the latch out.',
  'latch room': (problem, say) =>
    `The wall across from the bend is too short for a latch. Make the ${problem.size} at least ` +
    `${say.length(problem.least)} larger, or leave the latch out.`,
  'bend bridge': (problem, say) =>
    `Bridges that wide leave no link to twist. Make them at most ${say.short(problem.most, 1)}, ` +
    'the slits longer, or the box longer along the bend.',
  groove: (problem, say) =>
    `A groove ${say.short(problem.depth)} deep would go through ${say.short(problem.thickness)}. ` +
    'Make it about half as deep as the wall is thick.',
  fitting: fittingSentence,
  'set in': (problem, say) =>
    'The walls must stand in from the ends, or their slots are open. Make it at least ' +
    `${say.short(problem.least, 1)}.`,
  raised: (problem, say) =>
    'The floor lies too near the edge for its slots or ledges. ' +
    `Make it at least ${say.short(problem.least, 1)}.`,
  bolt: (problem, say) =>
    'The bolt is too short: its nut would lie in the joint. Take one at least ' +
    `${say.short(problem.least)} long.`,
  'bolt edge': (problem, say) =>
    `The bolt's hole would open at the panel's edge. Let the other panel stand in at least ` +
    `${say.short(problem.least, 1)}, or take a thinner bolt.`,
  'bolt room': (problem, say) =>
    `No tab is wide enough for the bolt's hole: it needs ${say.short(problem.needed, 1)}. Make ` +
    'tabs wider, or take a thinner bolt.',
}

/** Why a box cannot be made, as one sentence that says what would mend it. */
export const problemSentence = (problem: SpecProblem, say: Say): string =>
  (SENTENCES[problem.kind] as (problem: SpecProblem, say: Say) => string)(problem, say)

type Narrow = Extract<SpecProblem, { kind: 'narrow' }>

function narrowSentence(problem: Narrow, say: Say): string {
  const narrowest = problem.narrowest > 0 ? say.length(problem.narrowest) : 'nothing'
  const larger = Number.isFinite(problem.least)
    ? `, or the ${problem.size} at least ${say.short(problem.least, 1)}`
    : ''
  return (
    `Some tabs of the ${GROUP_NAMES[problem.group]} would have ${narrowest} left; with this ` +
    `kerf and fit they need ${say.length(problem.needed)}. Make tabs wider or fewer${larger}.`
  )
}

/** `7 × 14.51 mm`, tabs and notches together, or every width where they differ. */
export function sharesLine(widths: number[], say: Say): string {
  const middle = widths[Math.floor(widths.length / 2)]
  const same = widths.every((width) => Math.abs(width - middle) < 1e-6)
  if (same) return `${widths.length} × ${say.length(middle)}`
  if (widths.length <= 5) return `${widths.map((width) => say.plain(width)).join(', ')} ${say.lengthUnit}`
  return `${widths.length} × ${say.length(middle)}, ends ${say.plain(widths[0])}`
}

type Formula = Pick<Working, 'formula' | 'substituted'>

function formulaOf(rule: EdgeRule, length: number, widths: number[], say: Say): Formula {
  const n = widths.length
  const middle = widths[Math.floor(n / 2)]
  const equal = `${say.plain(length)} ÷ ${n} = ${say.length(middle, 3)}`
  const ends = (inside: string): string =>
    `(${say.plain(length)} − ${inside}) ÷ 2 = ${say.length(widths[0], 3)} at each end`
  switch (rule.rule) {
    case 'even':
      return { formula: 'n odd, nearest to L ÷ w; real width = L ÷ n', substituted: equal }
    case 'shares':
      return { formula: 'real width = L ÷ n', substituted: equal }
    case 'tabs':
      return { formula: 'real width = L ÷ (2 × tabs + 1)', substituted: equal }
    case 'fixed':
      return {
        formula: 'ends = (L − m × w) ÷ 2, m odd',
        substituted: ends(`${n - 2} × ${say.shortPlain(middle, 3)}`),
      }
    case 'centre':
      return { formula: 'ends = (L − w) ÷ 2', substituted: ends(say.shortPlain(middle, 3)) }
    case 'pattern':
      return {
        formula: 'ends = (L − sum of the pattern) ÷ 2',
        substituted: ends(rule.widths.map((width) => say.shortPlain(width, 3)).join(' − ')),
      }
  }
}

/** What stands behind the tab width along one edge. @param name of the edge, as in "the width" */
export function shareWorking(name: string, edge: Edge, rule: EdgeRule, full: boolean, say: Say): Working {
  const widths = edge.shares
  const length = widths.reduce((sum, width) => sum + width, 0)
  const typed = rule.rule === 'shares' || rule.rule === 'tabs'
  return {
    title: `Tabs along ${name}`,
    result: sharesLine(widths, say),
    ...formulaOf(rule, length, widths, say),
    terms: [
      {
        symbol: 'L',
        meaning: full ? `${name}, over the full height` : `${name}, between the corners`,
        value: say.length(length),
        source: 'derived',
      },
      ...('width' in rule
        ? [
            {
              symbol: 'w',
              meaning: 'wanted width',
              value: say.short(rule.width, 3),
              source: 'your choice' as const,
            },
          ]
        : []),
      {
        symbol: 'n',
        meaning: 'shares, tabs and notches together',
        value: String(widths.length),
        source: typed ? 'your choice' : 'derived',
      },
    ],
  }
}

export const cellsText = {
  typeCountWidths: (mostCells: number) =>
    `Type a count from 1 to ${mostCells}, or widths with commas between.`,
  tooNarrowCell: (piece: string) => `“${piece}” is too narrow: a cell is at least 1 mm wide.`,
  cellsMost: (cells: number, mostCells: number) => `These are ${cells} cells; ${mostCells} are the most.`,
  widthAloneType: (trimmed: string) =>
    `“${trimmed}” is one width alone: type “${trimmed}, rest”, or a count of cells.`,
}

export const planBox = {
  cornersOtherFingers: 'corners other than fingers',
  floorsOtherFingers: 'floors other than by fingers or in slots',
  lidsOtherClosed: 'lids other than a closed top or one that lifts off',
  looseLidSloping: 'loose lid on a sloping rim: it would slide off',
  jointsEdge: 'joints of one edge',
  stockWallAlone: 'stock of one wall alone',
}
