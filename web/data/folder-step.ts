/** What is done about one file of a folder that is kept in step with this browser. */
export type FolderStep = 'same' | 'write' | 'read' | 'conflict'

/**
 * What is to be done about a record that is here and in a folder. Where both changed since they agreed last,
 * somebody is asked; where a file was taken away it is written again: nothing is deleted here for that.
 * @param ours as it is here; null: it is not @param theirs as the folder has it @param last when they agreed
 */
export function folderStep(ours: string | null, theirs: string | null, last: string | null): FolderStep {
  if (ours === theirs) return 'same'
  if (theirs === null) return 'write'
  if (ours === null) return last === theirs ? 'same' : 'read'
  if (theirs === last) return 'write'
  return ours === last ? 'read' : 'conflict'
}
