declare module 'jstat' {
  const jstat: Record<string, unknown>
  export default jstat
}
