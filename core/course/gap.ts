/** Gap at each boundary of a tab in its notch where nothing else is wanted, mm: g = k − 2c. [DEF] */
export const boundaryGap = (kerf: number, compensation: number): number => kerf - 2 * compensation
