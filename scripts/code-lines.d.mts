export function codeFiles(folder: string): Generator<string>
export function countLines(root: string): { code: number; tests: number }
