import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  effect,
  type ElementRef,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import {
  BufferAttribute,
  BufferGeometry,
  DirectionalLight,
  DoubleSide,
  FrontSide,
  HemisphereLight,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Scene,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { MeshReading } from '../../../workers/mesh-task';

/** The mesh in the round, tinted by the way its faces look; turned by hand, drawn only when something moves. */
@Component({
  selector: 'lb-mesh-view',
  template: `<div #box class="box" role="img" [attr.aria-label]="says()">@if (failed()) { <p class="soft">This browser shows no 3D. The figures beside it hold all the same.</p> }</div>`,
  styles:
    '.box { width: 100%; aspect-ratio: 4 / 3; border: 1px solid var(--line); border-radius: 4px; background: var(--sunk); touch-action: none; cursor: grab; overflow: hidden; } p { padding: 20px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MeshView {
  readonly reading = input.required<MeshReading>();
  readonly says = input.required<string>();
  private readonly box = viewChild.required<ElementRef<HTMLElement>>('box');
  protected readonly failed = signal(false);
  private readonly mesh = new Mesh(new BufferGeometry(), new MeshLambertMaterial({ vertexColors: true, flatShading: true }));
  private readonly scene = new Scene();
  private draw: (() => void) | null = null;

  constructor() {
    const destroyed = inject(DestroyRef);
    this.scene.add(this.mesh, new HemisphereLight(0xffffff, 0x8a8578, 1.5));
    afterNextRender(() => void this.start(destroyed));
    effect(() => {
      const { corners, colours, measure } = this.reading();
      // A closed body is looked at from outside; a skin without thickness from both sides.
      this.mesh.material.side = measure.volume === null ? DoubleSide : FrontSide;
      this.mesh.geometry.dispose();
      this.mesh.geometry = new BufferGeometry();
      this.mesh.geometry.setAttribute('position', new BufferAttribute(corners, 3));
      this.mesh.geometry.setAttribute('color', new BufferAttribute(colours, 3, true));
      this.draw?.();
    });
  }

  /** In steps with a frame between them, so that none holds the page up: context, shaders, then the mesh itself. */
  private async start(destroyed: DestroyRef): Promise<void> {
    const host = this.box().nativeElement;
    const renderer = rendererOf();
    if (!renderer) return this.failed.set(true);
    const { clientWidth: width, clientHeight: height } = host;
    const camera = new PerspectiveCamera(36, width / height, 0.01, 20);
    camera.position.set(1.1, 0.8, 1.5);
    const light = new DirectionalLight(0xffffff, 1.1);
    camera.add(light);
    this.scene.add(camera);
    renderer.setPixelRatio(Math.min(2, devicePixelRatio));
    renderer.setSize(width, height);
    host.append(renderer.domElement);
    const controls = new OrbitControls(camera, renderer.domElement);
    controls.enableDamping = false;
    destroyed.onDestroy(() => {
      controls.dispose();
      this.mesh.geometry.dispose();
      this.mesh.material.dispose();
      renderer.dispose();
    });
    await nextFrame();
    await renderer.compileAsync(this.scene, camera);
    await nextFrame();
    this.draw = () => renderer.render(this.scene, camera);
    controls.addEventListener('change', this.draw);
    this.draw();
  }
}

const nextFrame = (): Promise<void> => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));

/** Null where the machine has no 3D. */
function rendererOf(): WebGLRenderer | null {
  try {
    return new WebGLRenderer({ antialias: true, alpha: true });
  } catch {
    return null;
  }
}
