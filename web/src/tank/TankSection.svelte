<script lang="ts">
  import { layOut, levelText, MOST_DRAWN, type Placed } from './layout';
  import { CM_IN, type Drawn } from './drawn.svelte';

  /** A tank cut open, to scale: each water line is taken hold of and moved, or stepped by arrows. */
  let { drawn }: { drawn: Drawn } = $props();

  /** Drums and pipes that lie are closed above. */
  const LIE = new Set(['lying_cylinder', 'pipe']);
  const WIDTH = 1040;
  const HIGHEST = 320;

  const measured = $derived(drawn.measured);
  const layout = $derived(measured ? layOut(measured.joined, measured.vessels) : undefined);
  const scale = $derived(layout ? Math.min(WIDTH / layout.width, HIGHEST / layout.height) : 1);
  const perUnit = $derived(CM_IN[measured?.joined.unit ?? 'cm']);
  const height = $derived(layout ? layout.height * scale + 8 : 0);

  const up = (y: number) => height - 4 - y * scale;
  const points = (place: Placed, of: number[][]) =>
    of.map(([x = 0, y = 0]) => `${(place.x + x) * scale + 2},${up(place.y + y)}`).join(' ');
  /** An open vessel: all of its outline but the rim. */
  function walls(place: Placed, outline: number[][], closed: boolean): string {
    const corner = outline.map(([x = 0, y = 0]) => [(place.x + x) * scale + 2, up(place.y + y)]);
    const rim = corner.length - 2;
    const open = [...corner.slice(rim + 1), ...corner.slice(0, rim + 1)];
    return `M${open.map((at) => at.join(' ')).join('L')}${closed ? 'Z' : ''}`;
  }

  /** From where to where the water reaches; in what slopes, as far as it stands. */
  const reach = (water: number[][]): [number, number] => {
    const across = water.map(([x = 0]) => x);
    return [Math.min(...across), Math.max(...across)];
  };
  /** A film is thinner than any line: it is drawn along the floor, a line's breadth above it. */
  function floorOf(place: Placed, outline: number[][]): string {
    const [[x = 0, y = 0] = [], [farX = 0, farY = 0] = []] = outline;
    const at = (x: number, y: number) => `${(place.x + x) * scale + 2} ${up(place.y + y) - 3}`;
    return `M${at(x, y)}L${at(farX, farY)}`;
  }
  /** Pipes between vessels that stand side by side. */
  const pipes = $derived(
    layout?.placed.flatMap((one, n, all) => {
      const next = all[n + 1];
      return next && next.y === 0 && one.y === 0 ? [[one.x + one.width, next.x] as const] : [];
    }) ?? [],
  );

  const cm = (part: number) => Number(measured?.joined.vessels[part]?.level ?? 0) * perUnit;

  function pull(event: PointerEvent, place: Placed) {
    const handle = event.currentTarget as SVGRectElement;
    handle.setPointerCapture(event.pointerId);
    const box = handle.ownerSVGElement?.getBoundingClientRect();
    const zoom = box ? height / box.height : 1;
    const move = (at: PointerEvent) => {
      const y = (height - 4 - (at.clientY - (box?.top ?? 0)) * zoom) / scale - place.y;
      drawn.set(place.part, { level: levelText(y, rimOf(place.part), perUnit) });
    };
    handle.addEventListener('pointermove', move);
    handle.addEventListener(
      'lostpointercapture',
      () => handle.removeEventListener('pointermove', move),
      { once: true },
    );
  }

  /** How high the level can stand: of what slopes, its lower end. */
  function rimOf(part: number): number {
    const one = measured?.vessels[part];
    return one ? cm(part) + one.freeboard_cm : 0;
  }

  function step(event: KeyboardEvent, part: number) {
    const by = { ArrowUp: 0.5, ArrowDown: -0.5, PageUp: 5, PageDown: -5 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const level = cm(part) + by * perUnit;
    drawn.set(part, { level: levelText(level, rimOf(part), perUnit) });
  }
</script>

{#if measured && layout}
  <svg
    viewBox="0 0 {layout.width * scale + 4} {height}"
    role="group"
    aria-label="The tank, cut open"
    style:max-width="{layout.width * scale + 4}px"
  >
    {#each pipes as [from, to] (from)}
      <path class="pipe" d="M{from * scale - 4} {up(3)}H{to * scale + 8}" />
    {/each}
    <path class="floor" d="M0 {height - 3}H{layout.width * scale + 4}" />
    {#each layout.placed as place (`${place.part}-${place.copy}`)}
      {@const one = measured.vessels[place.part]}
      {@const vessel = measured.joined.vessels[place.part]}
      {#if one && vessel}
        <polygon class="water" points={points(place, one.water)} />
        <path class="walls" d={walls(place, one.outline, LIE.has(vessel.shape))} />
        {#if vessel.plug != null}
          {@const plug = Number(vessel.plug) * perUnit}
          {#each [0.3, 0.7] as share (share)}
            <path
              class="plug"
              d="M{(place.x + place.width * share) * scale - 5} {up(place.y + plug) -
                12}l3 12h8l3 -12z"
            />
          {/each}
        {/if}
        {#if vessel.film}
          <path class="film" d={floorOf(place, one.outline)} />
        {:else}
          {@const [from, to] = reach(one.water)}
          <path
            class="line"
            d="M{(place.x + from) * scale} {up(place.y + cm(place.part))}H{(place.x + to) * scale +
              4}"
          />
        {/if}
        <rect
          class="hold"
          role="slider"
          tabindex={place.copy ? -1 : 0}
          aria-label="Water in {vessel.name}"
          aria-orientation="vertical"
          aria-valuemin="0"
          aria-valuemax={Math.round(rimOf(place.part) * 10) / 10}
          aria-valuenow={Math.round(cm(place.part) * 10) / 10}
          aria-valuetext="{vessel.level} {measured.joined.unit}, {one.shown}"
          x={place.x * scale}
          y={up(place.y + cm(place.part)) - 22}
          width={place.width * scale + 4}
          height="44"
          onpointerdown={(event) => pull(event, place)}
          onkeydown={(event) => step(event, place.part)}
        />
      {/if}
    {/each}
  </svg>
  {#each measured.joined.vessels as vessel (vessel.name)}
    {#if (vessel.count ?? 1) > MOST_DRAWN}
      <p class="more">{MOST_DRAWN} of {vessel.count} × {vessel.name} are drawn.</p>
    {/if}
  {/each}
{/if}

<style>
  svg {
    display: block;
    width: 100%;
    overflow: visible;
  }

  .floor {
    stroke: var(--rule);
    stroke-width: 2;
  }

  .water {
    fill: var(--water-wash);
  }

  .walls {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2.5;
    stroke-linejoin: round;
  }

  .film {
    stroke: var(--water);
    stroke-width: 3;
  }

  .pipe {
    stroke: var(--water);
    stroke-width: 4;
  }

  .line {
    stroke: var(--water);
    stroke-width: 3;
  }

  .plug {
    fill: var(--grow-wash);
    stroke: var(--grow);
    stroke-width: 1.5;
  }

  .hold {
    fill: transparent;
    cursor: ns-resize;
    touch-action: none;
  }

  .hold:focus-visible {
    outline: 3px solid var(--water);
  }

  .more {
    font-size: var(--type-quiet);
    color: var(--faded);
  }
</style>
