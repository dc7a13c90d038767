import {
  AmbientLight,
  Box3,
  Color,
  DirectionalLight,
  Group,
  LineBasicMaterial,
  LineSegments,
  Matrix4,
  Mesh,
  MeshLambertMaterial,
  OrthographicCamera,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import type { Panel, PanelName } from '@core/box'
import { edgeGeometry, solidGeometry } from './solid-geometry'

type Look = 'ply' | 'heather'

/** How each panel is shown, and how far it is moved out along its own outside, mm. */
export interface Showing {
  name: PanelName
  colour: Look
  out: number
}

/** Colours come from the page, so that light and dark hold in the scene as well. */
const pageColour = (name: string): Color =>
  new Color(getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim() || '#888888')

const makeLook = () => ({
  face: new MeshLambertMaterial({ polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 }),
  edge: new LineBasicMaterial(),
})

/**
 * A box in space, drawn with three.js. Panels are the derived ones, extruded and put where their placement
 * says.
 */
export class BoxScene {
  private readonly scene = new Scene()
  private readonly camera = new OrthographicCamera(-1, 1, 1, -1, -5000, 5000)
  private readonly renderer: WebGLRenderer
  private readonly bodies = new Map<PanelName, Group>()
  private readonly content = new Group()
  /** Made once: a new material would have its shader compiled again at every keystroke. */
  private readonly looks: Record<Look, { face: MeshLambertMaterial; edge: LineBasicMaterial }> = {
    ply: makeLook(),
    heather: makeLook(),
  }
  private theme: string | null = null
  private half = new Vector3(50, 50, 50)
  /** Turned about the upright axis, and tilted, radians. */
  angle = -0.6
  tilt = 0.5

  /** @throws when the browser has no WebGL */
  constructor(canvas?: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true, preserveDrawingBuffer: true })
    const sun = new DirectionalLight(0xffffff, 2)
    sun.position.set(-0.5, -0.9, 1.4)
    this.scene.add(new AmbientLight(0xffffff, 1.5), sun, this.content)
    this.camera.up.set(0, 0, 1)
  }

  setSize(width: number, height: number, ratio = Math.min(devicePixelRatio, 2)): void {
    this.renderer.setPixelRatio(ratio)
    this.renderer.setSize(width, height, false)
  }

  /** Takes new panels. The view stays as it is turned. */
  setPanels(panels: Panel[]): void {
    this.clear()
    for (const panel of panels) this.bodies.set(panel.name, this.makeBody(panel))
    const box = new Box3().setFromObject(this.content)
    this.half = box.getSize(new Vector3()).multiplyScalar(0.5)
    this.content.position.copy(box.getCenter(new Vector3()).negate())
  }

  private makeBody({ name, region, thickness, placement }: Panel): Group {
    const body = new Group()
    const inner = new Group()
    inner.add(
      new Mesh(solidGeometry(region, thickness), this.looks.ply.face),
      new LineSegments(edgeGeometry(region, thickness), this.looks.ply.edge),
    )
    inner.applyMatrix4(new Matrix4().fromArray(placement).transpose())
    body.userData.outward = new Vector3(placement[2], placement[6], placement[10])
    body.name = name
    body.add(inner)
    this.content.add(body)
    return body
  }

  /** Draws the named panels; the others are hidden. @param spread how far things reach when moved out, mm */
  draw(showing: Showing[], spread = Math.max(0, ...showing.map(({ out }) => out))): void {
    this.takePageColours()
    for (const body of this.bodies.values()) body.visible = false
    for (const { name, colour, out } of showing) {
      const body = this.bodies.get(name)
      if (!body) continue
      body.visible = true
      body.position.copy(body.userData.outward as Vector3).multiplyScalar(out)
      body.traverse((part) => {
        if (part instanceof Mesh) part.material = this.looks[colour].face
        if (part instanceof LineSegments) part.material = this.looks[colour].edge
      })
    }
    this.frame(spread)
    this.renderer.render(this.scene, this.camera)
  }

  private takePageColours(): void {
    const { theme = '' } = document.documentElement.dataset
    if (theme === this.theme) return
    this.theme = theme
    this.looks.ply.face.color = pageColour('ply')
    this.looks.ply.edge.color = pageColour('ply-edge')
    this.looks.heather.face.color = pageColour('heather-wash')
    this.looks.heather.edge.color = pageColour('heather')
  }

  /**
   * Looks at the whole box as near as it fits, whatever is hidden, so that steps of a build are all drawn to
   * one scale.
   */
  private frame(spread: number): void {
    const { x, y } = this.renderer.getSize(new Vector2())
    this.camera.position
      .set(
        Math.sin(this.angle) * Math.cos(this.tilt),
        -Math.cos(this.angle) * Math.cos(this.tilt),
        Math.sin(this.tilt),
      )
      .multiplyScalar(1000)
    this.camera.lookAt(0, 0, 0)
    this.camera.updateMatrixWorld()
    const seen = new Vector2(1, 1)
    for (const corner of [0, 1, 2, 3, 4, 5, 6, 7]) {
      const at = new Vector3(corner & 1 ? 1 : -1, corner & 2 ? 1 : -1, corner & 4 ? 1 : -1)
        .multiply(this.half)
        .applyMatrix4(this.camera.matrixWorldInverse)
      seen.set(Math.max(seen.x, Math.abs(at.x)), Math.max(seen.y, Math.abs(at.y)))
    }
    const scale = Math.max((seen.x + spread) / Math.max(1, x), (seen.y + spread) / Math.max(1, y)) * 1.05
    Object.assign(this.camera, { left: -x * scale, right: x * scale, top: y * scale, bottom: -y * scale })
    this.camera.updateProjectionMatrix()
  }

  /** What was drawn last, as a PNG. */
  picture(): string {
    return this.renderer.domElement.toDataURL('image/png')
  }

  private clear(): void {
    this.content.traverse((part) => {
      if (!(part instanceof Mesh || part instanceof LineSegments)) return
      part.geometry.dispose()
    })
    this.content.clear()
    this.content.position.set(0, 0, 0)
    this.bodies.clear()
  }

  dispose(): void {
    this.clear()
    for (const { face, edge } of Object.values(this.looks)) {
      face.dispose()
      edge.dispose()
    }
    this.renderer.dispose()
    this.renderer.forceContextLoss()
  }
}
