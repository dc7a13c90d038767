/** What a job file says it is. */
export const JOB_FORMAT = 'uplands-job'

/** The version of the job file, which goes up with every change of what a job holds. */
export const JOB_VERSION = 22
