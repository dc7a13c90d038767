import { counted, type Say } from '../length'
import type { Working } from '../working'
import type { Edge } from './edges'
import type { SpecProblem } from './problems'
import type { EdgeRule, TabOwner } from '../joints'
import type { EdgeGroup } from './spec'

export const GROUP_NAMES: Record<EdgeGroup, string> = { uprights: 'uprights', floor: 'floor', top: 'top' }

/** Whose tabs they are, per group: the panel that leads the edge and the other one. */
export const OWNER_NAMES: Record<EdgeGroup, Record<TabOwner, string>> = {
  uprights: { leading: 'front and back', other: 'left and right' },
  floor: { leading: 'the walls', other: 'the floor' },
  top: { leading: 'the walls', other: 'the top' },
}

/** Why a box cannot be made, as one sentence that says what would mend it. */
export function problemSentence(problem: SpecProblem, say: Say): string {
  switch (problem.kind) {
    case 'apart':
      return (
        `The ${problem.panel} would fall into ${counted(problem.pieces, 'piece')}: the sheet is too ` +
        'thin for so loose a fit, or what is cut out of it meets. Choose a tighter fit, a thicker sheet ' +
        'or wider tabs.'
      )
    case 'narrow':
      return narrowSentence(problem, say)
    case 'no room': {
      const offered = say.short(problem.least, 1)
      return problem.sizesAre === 'outer'
        ? `The ${problem.field} leaves no room inside: the sheet takes ${say.short(problem.walls)} of ` +
            `it. Make it at least ${offered}.`
        : `The inner ${problem.field} is too small for a joint. Make it at least ${offered}.`
    }
    case 'cells':
      return (
        `The ${problem.field} are ${say.short(problem.over, 2)} too wide together: there are ` +
        `${say.short(problem.room, 2)} between the walls, dividers included. Make some narrower, or ` +
        'one of them “rest”.'
      )
    case 'divider height':
      return problem.most < 1
        ? 'There is no room for dividers above that distance from the floor. Make it smaller.'
        : 'The dividers are higher than the room inside. Make them at most ' +
            `${say.short(problem.most, 1)} high.`
    case 'slot under top':
      return 'Slots open at the rim cannot be reached under a top. Let the dividers in by tenons or grooves.'
    case 'opening panel':
      return `There is no ${problem.panel} for that opening. Put it on another panel, or take it away.`
    case 'engraving panel':
      return `There is no ${problem.panel} for that engraving. Put it on another panel, or take it away.`
    case 'picture dots':
      return (
        `The pictures on it come to ${problem.count} dots; ${problem.most} are the most. ` +
        `Make them smaller, or ` +
        'their dots farther apart.'
      )
    case 'opening count':
      return (
        `These openings come to ${problem.count} holes; ${problem.most} are the most. Make the ` +
        'holes larger or the field smaller.'
      )
    case 'hinge room':
      return (
        `A lid on pins needs ${say.short(problem.deep, 0)} inside from front to back and ` +
        `${say.short(problem.high, 0)} of height. Make the box larger, or the pins thinner.`
      )
    case 'hinge corners':
      return 'A lid on pins turns between flush walls. Join the corners with fingers or butt.'
    case 'bend joints':
      return (
        'A sheet that bends goes with fingers on all other edges, shared out between floor and rim, ' +
        'and with a top where it reaches there. Choose those, or no bend.'
      )
    case 'bend stock':
      return 'The panels of a bent sheet are cut in one piece: choose one stock for all of them.'
    case 'bend radius':
      return (
        'Bends of that radius leave nothing flat between them. Make the radius at most ' +
        `${say.short(problem.most, 0)}, or the box larger.`
      )
    case 'bend link':
      return (
        'Links so wide do not go twice into the arc. Make them at most ' +
        `${say.short(problem.most, 1)} wide, or the radius larger.`
      )
    case 'rim with':
      return (
        'A lower front goes with plain walls: no grip, plate, lining or arches, and no bend. Leave those ' +
        'out, or the front as high as the others.'
      )
    case 'rim drop':
      return `That leaves too little of the front. Make it lower by at most ${say.short(problem.most, 0)}.`
    case 'latch wedge':
      return (
        `The wedge of the latch, cut from the stock of the dividers, ` +
        `may be ${say.length(problem.most)} thick at ` +
        'most. Choose a thinner stock for the dividers, or leave the latch out.'
      )
    case 'latch room':
      return (
        `The wall across from the bend is too short for a latch. Make the ${problem.size} at least ` +
        `${say.length(problem.least)} larger, or leave the latch out.`
      )
    case 'bend bridge':
      return (
        `Bridges so wide leave no link to twist. Make them at most ${say.short(problem.most, 1)}, ` +
        'the slits longer, or the box longer along the bend.'
      )
    case 'grip':
      return `The front has no room for that. Make it at most ${say.short(Math.max(0, problem.most), 0)}.`
    case 'holes':
      return (
        `The holes of row ${problem.row} would meet each other or the walls: they have room for ` +
        `${say.short(Math.max(0, problem.most), 1)} each. Make the stand larger, or stand fewer in it.`
      )
    case 'rim arch':
      return `Arches that high would reach the floor. Make them at most ${say.short(problem.most, 0)}.`
    case 'pull':
      return `The lid has no room for that finger hole. Make it at most ${say.short(problem.most, 0)}.`
    case 'captive':
      return (
        `The strip under the lid needs ${say.short(problem.high, 0)} of height and ` +
        `${say.short(problem.deep, 0)} of depth inside. Make the box larger, or let the lid come out.`
      )
    case 'groove':
      return (
        `A groove ${say.short(problem.depth)} deep would go through ${say.short(problem.thickness)}. ` +
        'Make it about half as deep as the wall is thick.'
      )
    case 'set in':
      return (
        'The walls must stand in from the ends, or their slots are open. Make it at least ' +
        `${say.short(problem.least, 1)}.`
      )
    case 'raised':
      return (
        `The ${problem.field === 'raised' ? 'floor' : 'top'} lies too near the edge for its slots or ` +
        `ledges. Make it at least ${say.short(problem.least, 1)}.`
      )
    case 'bolt':
      return (
        'The bolt is too short: its nut would lie in the joint. Take one at least ' +
        `${say.short(problem.least)} long.`
      )
    case 'bolt edge':
      return (
        `The bolt's hole would open at the panel's edge. Let the other panel stand in at least ` +
        `${say.short(problem.least, 1)}, or take a thinner bolt.`
      )
    case 'bolt room':
      return (
        `No tab is wide enough for the bolt's hole: it needs ${say.short(problem.needed, 1)}. Make ` +
        'tabs wider, or take a thinner bolt.'
      )
  }
}

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

/** `7 shares of 14.51 mm`, or every width where they differ. */
export function sharesLine(widths: number[], say: Say): string {
  const middle = widths[Math.floor(widths.length / 2)]
  const same = widths.every((width) => Math.abs(width - middle) < 1e-6)
  if (same) return `${widths.length} shares of ${say.length(middle)}`
  if (widths.length <= 5) return `${widths.map((width) => say.plain(width)).join(', ')} ${say.lengthUnit}`
  return `${widths.length} shares of ${say.length(middle)}, ends ${say.plain(widths[0])}`
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
