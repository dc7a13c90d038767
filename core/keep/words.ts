/** All that this room says, by the part that says it. */

export const everything = {
  fileLargerMb: (everythingLimit: number) =>
    `The file is larger than ${everythingLimit} MB. Choose the file that Uplands wrote.`,
  fileNotReadable: 'The file is not readable JSON: it may have been cut short on its way. Write it again.',
  notFileEverything:
    'This is not a file of everything. Choose one that was written with “Everything as one file”.',
  writtenNewerUplands: (version: number) =>
    `It was written by a newer Uplands (version ${version}). Update Uplands first.`,
  fileCannotUsed: (what: string, bad: number) =>
    `The file cannot be used: ${what} ${bad} in it is spoilt. Nothing was taken from it.`,
  fileCannotUsedNothing: (error: string) => `The file cannot be used: ${error}. Nothing was taken from it.`,
}

export const jobFile = {
  notUplandsJob: 'It is not an Uplands job. Choose a file that was exported with “Export job”.',
  writtenNewerUplands: (version: number, jobVersion: number) =>
    `It was written by a newer Uplands (version ${version} of the format; this one reads up to ` +
    `${jobVersion}). Update Uplands, or export it from there for an older one.`,
  jobCannotUsed: (error: string) =>
    `The job cannot be used: ${error}. Mend that in the file, or export the job again.`,
  fileLargerMb: (jobFileLimit: number) =>
    `The file is larger than ${jobFileLimit} MB, too large for a job. Choose the file that Uplands ` +
    'exported.',
  fileNotReadable:
    'The file is not readable JSON: it may have been cut short on its way. Export the job again and ' +
    'choose that file.',
}

export const recut = {
  nonePartsCut: 'None of these parts is in that cut. Choose another cut.',
  noPieceStock: (label: string) =>
    `No piece of the stock takes “${label}”. Write down a larger one in the stock.`,
}

export const wholeFile = {
  cutJob: 'What was cut of the job',
  photographedJob: 'What was photographed of the job',
  cannotReadExport: (what: string) => `${what} cannot be read. Export the job again.`,
  cannotUsedSpoilt: (what: string, one: string, spoilt: number) =>
    `${what} cannot be used: ${one} ${spoilt} is spoilt. Export the job again.`,
}
