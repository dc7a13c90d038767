import { z } from 'zod'

export const familySchema = z.enum(['plywood', 'fibreboard', 'solid wood', 'acrylic', 'card', 'other'])
export type Family = z.infer<typeof familySchema>

/** What a family of sheet material brings with it: whether it crushes in a joint, and what to beware of. [CP] */
export const FAMILIES: Record<Family, { crushes: 'a little' | 'never' | 'easily'; cautions: string[] }> = {
  plywood: {
    crushes: 'a little',
    cautions: ['Glue lines and knots may not cut through: look before the sheet is moved. Unknown glues give unknown fumes.'],
  },
  fibreboard: {
    crushes: 'a little',
    cautions: [
      'Fumes and fine dust: extraction on while cutting, dust mask while sanding.',
      'Thick board holds heat and can go on smouldering inside the edge: let it cool and look again before you leave it.',
    ],
  },
  'solid wood': { crushes: 'a little', cautions: ['Resin and knots flare up. Char grows with every pass that was not needed.'] },
  acrylic: {
    crushes: 'never',
    cautions: ['The vapour burns: air on, never leave it. Be sure that it is acrylic: PVC gives off chlorine gas, polycarbonate burns.'],
  },
  card: { crushes: 'easily', cautions: ['Card catches fire quickly: low power, high speed, and stay beside it.'] },
  other: {
    crushes: 'never',
    cautions: [
      'Not known here: read the material’s data sheet first. Never cut PVC, vinyl or an unknown plastic (chlorine gas); avoid ABS, polycarbonate and carbon fibre.',
    ],
  },
}

/** One batch of sheet material. Lengths in mm; `nominal` is only its name, `readings` are what was measured with the film off. */
export const stockSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  family: familySchema,
  nominal: z.number().positive().max(50),
  readings: z.array(z.number().positive().max(50)).max(200),
  sheetWidth: z.number().positive().max(5000),
  sheetHeight: z.number().positive().max(5000),
  sheetsAtHand: z.number().int().min(0).max(999),
  pricePerSheet: z.number().min(0).max(100000),
})
export type Stock = z.infer<typeof stockSchema>
