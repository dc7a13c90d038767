import { symbolCircle, symbolDiamond, symbolSquare, symbolTriangle, type SymbolType } from 'd3'
import type { TestResult } from '@core/tune'

/** A result is told by shape and by colour. */
export const RESULT_SHAPES: Record<TestResult, { shape: SymbolType; colour: string }> = {
  'not through': { shape: symbolTriangle, colour: 'var(--quiet)' },
  'just through': { shape: symbolDiamond, colour: 'var(--gorse)' },
  clean: { shape: symbolCircle, colour: 'var(--moss)' },
  charred: { shape: symbolSquare, colour: 'var(--rowan)' },
}
