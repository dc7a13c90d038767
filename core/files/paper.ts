/** Sheets of paper, mm. [PUB: ISO 216 for A4 and A3; ANSI/ASME Y14.1 for letter] */
export type Paper = 'A4' | 'A3' | 'letter'
export const PAPERS: Record<Paper, { width: number; height: number }> = {
  A4: { width: 210, height: 297 },
  A3: { width: 297, height: 420 },
  letter: { width: 215.9, height: 279.4 },
}
export const PAPER_NAMES = Object.keys(PAPERS) as Paper[]
