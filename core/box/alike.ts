import type { EdgeRule } from '../joints'
import { kindOfLid, lidOf } from '../fittings'
import { EDGE_GROUPS, type BoxSpec, type EdgeGroup } from './spec'

const isAlike = (a: EdgeRule, b: EdgeRule): boolean =>
  a.rule === b.rule && 'width' in a && 'width' in b && a.width === b.width

const isTabbed = (kind: string | undefined): boolean => kind === 'fingers' || kind === 'tenon'

/** Whether the edges of a group have tabs of their rule. */
function hasTabs(spec: BoxSpec, group: EdgeGroup): boolean {
  const lid = lidOf(spec)
  if (group === 'top') return isTabbed(lid ? kindOfLid(lid).edge : undefined)
  return isTabbed(group === 'floor' ? spec.floor.kind : spec.corners.kind)
}

/** The other groups of edges of a box that are shared out by the same rule to the same width. */
export const groupsAlike = (spec: BoxSpec, group: EdgeGroup): EdgeGroup[] =>
  EDGE_GROUPS.filter(
    (other) => other !== group && hasTabs(spec, other) && isAlike(spec.tabs[group], spec.tabs[other]),
  )

/**
 * The rules of all edges once one group has another rule: a width that is typed holds for all that were
 * alike, who has the tabs stays each group's own. Another way to share out is that group's alone.
 */
export function withRule(spec: BoxSpec, group: EdgeGroup, rule: EdgeRule): BoxSpec['tabs'] {
  const tabs = { ...spec.tabs, [group]: rule }
  if (rule.rule !== spec.tabs[group].rule || !('width' in rule)) return tabs
  for (const other of groupsAlike(spec, group))
    tabs[other] = { ...spec.tabs[other], width: rule.width } as EdgeRule
  return tabs
}
