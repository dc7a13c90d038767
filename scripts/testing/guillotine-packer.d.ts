declare module '*/guillotine-packer.es5.js' {
  export { packer } from 'guillotine-packer'
}
