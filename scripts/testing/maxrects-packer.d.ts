declare module '*/maxrects-packer.mjs' {
  export { MaxRectsPacker, Rectangle } from 'maxrects-packer'
}
