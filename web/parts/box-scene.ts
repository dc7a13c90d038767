import {
  AmbientLight,
  ArrowHelper,
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
  Plane,
  Raycaster,
  Scene,
  Spherical,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js'
import type { Panel } from '@core/assembly'
import type { Region } from '@core/geometry'
import { markBodies, type HoldMark } from './hold-marks'
import { edgeGeometry, faceGeometry, pocketGeometry, solidGeometry } from './solid-geometry'

/** Of the job's own stock, of another one, in hand, and what is wrong. */
export type Look = 'ply' | 'second' | 'heather' | 'rowan'
const LOOKS: Look[] = ['ply', 'second', 'heather', 'rowan']

/** How each panel is shown, and how far it is moved which way, mm; outward where no way is given. */
export interface Showing {
  name: string
  colour: Look
  out: number
  way?: [number, number, number]
  /** Moved on top of that, along the axes of the box, mm. */
  by?: [number, number, number]
  /** Whether an arrow shows its way back in. */
  arrow?: boolean
}

/** Colours come from the page, so that light and dark hold in the scene as well. */
const pageColour = (name: string): Color =>
  new Color(getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim() || '#888888')

const makeLook = () => ({
  face: new MeshLambertMaterial({ polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 }),
  edge: new LineBasicMaterial(),
})

/** What a panel's drawing is made from: panels that read the same are not made again. */
const keyOf = ({ region, thickness, frame, features, faces }: Panel): string =>
  [
    thickness,
    frame,
    textOf(region),
    features.map(({ depth, joint }) => [depth, joint]),
    // Pictures are told by their names: their points are many.
    faces ? JSON.stringify(faces, (key, value: unknown) => (key === 'greys' ? null : value)) : '',
  ].join('|')

/** Shapes as text: boxes that are alike share their shapes. */
const texts = new WeakMap<Region, string>()
function textOf(region: Region): string {
  const known = texts.get(region) ?? JSON.stringify(region)
  texts.set(region, known)
  return known
}

interface Body {
  group: Group
  key: string
}

/**
 * A box in space, drawn with three.js. Panels are the derived ones, extruded and put where their frame says.
 * Turned, moved and brought near by the library's own controls.
 */
export class BoxScene {
  private readonly scene = new Scene()
  private readonly camera = new OrthographicCamera(-1, 1, 1, -1, -5000, 5000)
  private readonly renderer: WebGLRenderer
  private readonly controls: OrbitControls | null = null
  private bodies = new Map<string, Body>()
  private readonly content = new Group()
  /** Made once: a new material would have its shader compiled again at every keystroke. */
  private readonly looks = Object.fromEntries(LOOKS.map((look) => [look, makeLook()])) as Record<
    Look,
    ReturnType<typeof makeLook>
  >
  private theme: string | null = null
  private half = new Vector3(50, 50, 50)

  /**
   * @param canvas the one on the page; none for pictures
   * @param changed called when the controls turned or moved the view
   * @throws when the browser has no WebGL
   */
  constructor(canvas?: HTMLCanvasElement, changed?: () => void) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true, preserveDrawingBuffer: true })
    const sun = new DirectionalLight(0xffffff, 2)
    sun.position.set(-0.5, -0.9, 1.4)
    this.scene.add(new AmbientLight(0xffffff, 1.5), sun, this.content)
    this.camera.up.set(0, 0, 1)
    this.look(-0.6, 0.5)
    if (!canvas || !changed) return
    this.controls = new OrbitControls(this.camera, canvas)
    canvas.style.touchAction = 'pan-y' // up and down, a finger scrolls the page; sideways it turns the box
    this.controls.addEventListener('change', changed)
  }

  setSize(width: number, height: number, ratio = Math.min(devicePixelRatio, 2)): void {
    this.renderer.setPixelRatio(ratio)
    this.renderer.setSize(width, height, false)
  }

  /** Looks from an angle about the upright axis, tilted down, radians. */
  look(angle: number, tilt: number): void {
    this.camera.position
      .set(Math.sin(angle) * Math.cos(tilt), -Math.cos(angle) * Math.cos(tilt), Math.sin(tilt))
      .multiplyScalar(1000)
      .add(this.controls?.target ?? new Vector3())
    this.camera.lookAt(this.controls?.target ?? new Vector3())
  }

  /** Turns on from where one looks, radians. */
  turn(angle: number, tilt: number): void {
    const target = this.controls?.target ?? new Vector3()
    const { x, y, z } = this.camera.position.clone().sub(target)
    const spherical = new Spherical().setFromVector3(new Vector3(x, z, -y))
    const now = Math.PI / 2 - spherical.phi
    this.look(Math.atan2(x, -y) + angle, Math.max(-1.5, Math.min(1.5, now + tilt)))
  }

  /** As it was first, whatever was moved. */
  reset(): void {
    this.controls?.target.set(0, 0, 0)
    this.camera.zoom = 1
    this.look(-0.6, 0.5)
  }

  zoom(by: number): void {
    this.camera.zoom = Math.max(0.3, Math.min(12, this.camera.zoom * by))
  }

  /** Takes new panels; those that read as before are kept. The view stays as it is turned. */
  setPanels(panels: Panel[]): void {
    const before = this.bodies
    this.bodies = new Map()
    for (const panel of panels) {
      const key = keyOf(panel)
      const known = before.get(panel.id)
      if (known?.key === key) before.delete(panel.id)
      this.bodies.set(panel.id, known?.key === key ? known : { group: this.makeBody(panel), key })
    }
    for (const { group } of before.values()) this.remove(group)
    for (const { group } of this.bodies.values()) group.position.set(0, 0, 0)
    this.content.position.set(0, 0, 0)
    const box = new Box3().setFromObject(this.content)
    this.half = box.getSize(new Vector3()).multiplyScalar(0.5)
    this.content.position.copy(box.getCenter(new Vector3()).negate())
  }

  private makeBody({ id, region, thickness, frame, features, faces }: Panel): Group {
    const body = new Group()
    const inner = new Group()
    inner.add(
      new Mesh(solidGeometry(region, thickness), this.looks.ply.face),
      new LineSegments(edgeGeometry(region, thickness), this.looks.ply.edge),
      new LineSegments(pocketGeometry(features, thickness), this.looks.ply.edge),
      new LineSegments(faceGeometry(faces, thickness), this.looks.ply.edge),
    )
    inner.applyMatrix4(new Matrix4().fromArray(frame).transpose())
    body.userData.outward = new Vector3(frame[2], frame[6], frame[10])
    body.name = id
    body.add(inner)
    this.content.add(body)
    return body
  }

  private readonly arrow = new ArrowHelper(new Vector3(0, 0, 1), new Vector3(), 1, 0x888888)

  /**
   * Shows by an arrow which way what was moved out comes in, over everything else.
   * @param names of what was moved @param way it was moved out @param long mm; nothing is shown for 0
   */
  private point(names: string[], way: [number, number, number], long: number): void {
    const box = new Box3()
    for (const name of names) {
      const body = this.bodies.get(name)
      if (body) box.expandByObject(body.group)
    }
    const middle = this.content.worldToLocal(box.getCenter(new Vector3()))
    const back = new Vector3(...way)
    const half = box.getSize(new Vector3()).multiply(back).length() / 2
    this.arrow.position.copy(middle).addScaledVector(back, half + long * 1.2)
    this.arrow.setDirection(back.clone().negate())
    this.arrow.setLength(long * 1.1, long * 0.45, long * 0.3)
    this.arrow.setColor(pageColour('heather'))
    for (const part of [this.arrow.line, this.arrow.cone]) {
      part.renderOrder = 1
      ;(part.material as LineBasicMaterial).depthTest = false
    }
  }

  private readonly held = new Group()

  /** Shows what holds the box (bands, and arrows where it is pressed on) and what of it stays dry. */
  setMarks(marks: HoldMark[]): void {
    this.remove(this.held)
    this.held.clear()
    if (marks.length === 0) return
    this.held.add(...markBodies(marks, this.half.length(), pageColour('heather'), pageColour('rowan')))
    this.content.add(this.held)
  }

  /** Draws the named panels; the others are hidden. @param spread how far things reach when moved out, mm */
  draw(showing: Showing[], spread = Math.max(0, ...showing.map(({ out }) => out))): void {
    this.takePageColours()
    for (const { group } of this.bodies.values()) group.visible = false
    for (const { name, colour, out, way, by } of showing) {
      const body = this.bodies.get(name)?.group
      if (!body) continue
      body.visible = true
      const direction = way ? new Vector3(...way) : (body.userData.outward as Vector3)
      body.position.copy(direction).multiplyScalar(out)
      if (by) body.position.add(new Vector3(...by))
      body.traverse((part) => {
        if (part instanceof Mesh) part.material = this.looks[colour].face
        if (part instanceof LineSegments) part.material = this.looks[colour].edge
      })
    }
    const coming = showing.filter(({ arrow }) => arrow)
    this.content.remove(this.arrow)
    if (coming.length > 0) {
      const [{ way, out }] = coming
      this.content.add(this.arrow)
      this.content.updateWorldMatrix(true, true)
      this.point(
        coming.map(({ name }) => name),
        way ?? [0, 0, 1],
        out,
      )
    }
    this.frame(spread)
    this.renderer.render(this.scene, this.camera)
  }

  /** Cuts away what lies before a plane across the box, 0 (nothing) to 1 (all of it). */
  section(share: number): void {
    const { y } = this.half
    const plane = new Plane(new Vector3(0, 1, 0), y * (1 - 2 * share))
    this.renderer.clippingPlanes = share > 0 ? [plane] : []
  }

  /** The panel under a place of the canvas, from (−1, −1) at its lower left to (1, 1). */
  pick(x: number, y: number): string | null {
    const ray = new Raycaster()
    ray.setFromCamera(new Vector2(x, y), this.camera)
    const hits = ray
      .intersectObject(this.content, true)
      .filter(({ object, point }) => object instanceof Mesh && this.isSeen(object.parent!.parent!, point))
    return hits[0]?.object.parent?.parent?.name ?? null
  }

  private isSeen(body: { visible: boolean }, point: Vector3): boolean {
    return body.visible && this.renderer.clippingPlanes.every((plane) => plane.distanceToPoint(point) >= 0)
  }

  private takePageColours(): void {
    const { theme = '' } = document.documentElement.dataset
    if (theme === this.theme) return
    this.theme = theme
    this.looks.ply.face.color = pageColour('ply')
    this.looks.ply.edge.color = pageColour('ply-edge')
    this.looks.second.face.color = pageColour('ply-second')
    this.looks.second.edge.color = pageColour('ply-edge')
    this.looks.heather.face.color = pageColour('heather-wash')
    this.looks.heather.edge.color = pageColour('heather')
    this.looks.rowan.face.color = pageColour('rowan-wash')
    this.looks.rowan.edge.color = pageColour('rowan')
  }

  /**
   * Shows the whole box as near as it fits, whatever is hidden, so that steps of a build are all drawn to
   * one scale. The controls' own nearness is on top of that.
   */
  private frame(spread: number): void {
    const { x, y } = this.renderer.getSize(new Vector2())
    this.camera.updateMatrixWorld()
    const turned = new Matrix4().extractRotation(this.camera.matrixWorldInverse)
    const seen = new Vector2(1, 1)
    for (const corner of [0, 1, 2, 3, 4, 5, 6, 7]) {
      const at = new Vector3(corner & 1 ? 1 : -1, corner & 2 ? 1 : -1, corner & 4 ? 1 : -1)
        .multiply(this.half)
        .applyMatrix4(turned)
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

  private remove(group: Group): void {
    group.traverse((part) => {
      if (part instanceof Mesh || part instanceof LineSegments) part.geometry.dispose()
    })
    this.content.remove(group)
  }

  dispose(): void {
    this.controls?.dispose()
    for (const { group } of this.bodies.values()) this.remove(group)
    this.bodies.clear()
    for (const { face, edge } of Object.values(this.looks)) {
      face.dispose()
      edge.dispose()
    }
    this.renderer.dispose()
    this.renderer.forceContextLoss()
  }
}
