/** Whether a job is one of the field station's, which every browser begins with: not the maker's. */
export const isOfTheStation = (job: string): boolean => job.startsWith('demo-')
