import type { z } from 'zod'

/** What a field may hold; read off the schema that the value is kept by, so that limits have one home. */
export interface Limits {
  min: number
  max: number
  whole: boolean
}

/** The limits of a number as its schema has them. A least value that is excluded stands as it is. */
export function limitsOf(schema: z.ZodNumber): Limits {
  return {
    min: schema.minValue ?? -Infinity,
    max: schema.maxValue ?? Infinity,
    whole: schema.isInt,
  }
}
