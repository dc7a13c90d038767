/**
 * A figure that is probably a slip: what is odd about it, and what was probably meant. `value` in the unit
 * of the field.
 */
export interface Doubt {
  says: string
  suggestion: { value: number; label: string } | null
}
