// What the plain pass of the types takes a page for: what is in it is looked at by a pass of its own.
declare module '*.vue' {
  import type { Component } from 'vue'
  const page: Component
  export default page
}
