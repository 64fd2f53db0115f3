<script lang="ts">
  import { daysScale, drawCourse, frameFor, type Course } from './course';
  import Handles from './Handles.svelte';
  import Strokes from './Strokes.svelte';
  import { Zooming } from './zooming.svelte';

  let {
    course,
    ondrag,
    onrule,
  }: {
    course: Course;
    /** A column's end is being dragged by so many days. */
    ondrag: (first: string, by: number) => void;
    /** The next day of what a rule gives is being dragged to another day of the season. */
    onrule: (rule: number, day: number) => void;
  } = $props();

  let width = $state(980);
  let svg = $state<SVGSVGElement>();
  const frame = $derived(frameFor(width, course));
  const named = $derived(new Map(course.products.map((one) => [one.key, one])));
  const told = $derived(
    `${course.chart_name} in ${course.name} over ${course.columns.length} columns; ` +
      course.treads.map((one) => `from ${one.first} target ${one.shown ?? 'none'}`).join('; '),
  );

  const zooming = new Zooming(() => ({ course, frame, svg }));
  const x = $derived(zooming.transform.rescaleX(daysScale(course, frame)));
  const drawing = $derived(drawCourse(course, frame, x));
  const perDay = $derived(x(1) - x(0));

  /** Whether the water is drawn deep enough to hold its own name. */
  const deep = $derived(frame.bottom - drawing.floorY > 22);

  $effect(() => zooming.attach());

  /** Show so many days, with today a third from the left; without, the whole season. */
  export function show(days?: number) {
    zooming.show(days);
  }
</script>

<figure bind:clientWidth={width}>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <svg
    bind:this={svg}
    {width}
    height={frame.height}
    viewBox="0 0 {width} {frame.height}"
    role="img"
    aria-label={told}
    tabindex="0"
    onkeydown={(event) => zooming.press(event)}
  >
    <defs>
      <clipPath id="days">
        <rect x={frame.left} y="0" width={frame.right - frame.left} height={frame.height} />
      </clipPath>
    </defs>
    <text x="0" y="14" class="quiet">EC {course.unit}</text>
    {#each drawing.ticks as tick (tick.words)}
      <line x1={frame.left} x2={frame.right} y1={tick.y} y2={tick.y} class="rule" />
      <text x={frame.left - 8} y={tick.y + 4} class="figure quiet" text-anchor="end"
        >{tick.words}</text
      >
    {/each}
    <g clip-path="url(#days)">
      {#each drawing.bands as band, n (n)}
        <rect x={band.x} y={band.y} width={band.width} height={band.height} class="band">
          <title>target {band.shown}</title>
        </rect>
      {/each}
      <rect
        x={frame.left}
        width={frame.right - frame.left}
        y={drawing.floorY}
        height={Math.max(2, frame.bottom - drawing.floorY)}
        class="water"
      />
      {#each drawing.columns as column, n (n)}
        <line x1={column.x} x2={column.x} y1={frame.top} y2={frame.foot} class="bound" />
      {/each}
      <path d={drawing.planned} class="planned" />
      <path d={drawing.past} class="past" />
      {#if perDay > 4}
        {#each drawing.readings as dot, n (n)}
          <circle cx={dot.x} cy={dot.y} r="3.2"><title>{dot.words}</title></circle>
        {/each}
      {/if}
      {#each drawing.rings as ring, n (n)}
        <circle cx={ring.x} cy={ring.y} r="3.5" class="ring">
          <title>topped up {ring.words}</title>
        </circle>
      {/each}
      {#each drawing.phBands as band, n (n)}
        <rect x={band.x} y={band.y} width={band.width} height={band.height} class="band" />
      {/each}
      <path d={drawing.phPath} class="ph" />
    </g>
    <text
      x={deep ? frame.left + 6 : frame.right - 4}
      y={deep ? drawing.floorY + 16 : drawing.floorY - 7}
      text-anchor={deep ? 'start' : 'end'}
      class="source"
    >
      {course.water}
      {course.floor_shown ?? 'not read'}
    </text>
    {#each drawing.columnWords as label, n (n)}
      <text x={label.x} y={frame.labels} text-anchor="middle" class={{ now: label.strong }}>
        {label.words}
      </text>
    {/each}
    <text x="0" y={(frame.ph.top + frame.ph.bottom) / 2 + 4} class="quiet">pH</text>

    <Strokes strokes={drawing.strokes} {named} {perDay} />

    <line x1={frame.left} x2={frame.right} y1={frame.foot} y2={frame.foot} class="line" />
    {#each drawing.tasks as task, n (n)}
      <line x1={task.x} x2={task.x} y1={frame.foot - 5} y2={frame.foot + 5} class="line" />
    {/each}
    {#each drawing.taskWords as label, n (n)}
      <text x={label.x} y={frame.foot + 20} class={{ now: label.strong, quiet: !label.strong }}>
        {label.words}
      </text>
    {/each}
    {#each drawing.dates as label, n (n)}
      <text x={label.x} y={frame.foot + 44} class="figure quiet">{label.words}</text>
    {/each}
    {#if drawing.today >= frame.left && drawing.today <= frame.right}
      <line x1={drawing.today} x2={drawing.today} y1="4" y2={frame.foot + 6} class="today" />
      <text x={drawing.today + 6} y="14" class="today-word">today</text>
    {/if}
    <Handles {course} {drawing} {frame} {perDay} {ondrag} {onrule} />
  </svg>
</figure>

<style>
  figure {
    min-width: 0;
  }

  svg {
    display: block;
    overflow: visible;
    font: 13px var(--text);
    touch-action: pan-y;
    user-select: none;
  }

  text {
    fill: var(--ink);
  }

  .figure {
    font-family: var(--figures);
  }

  .quiet {
    fill: var(--faded);
  }

  .rule {
    stroke: var(--rule);
  }

  .bound {
    stroke: var(--rule);
    stroke-dasharray: 2 4;
  }

  .band {
    fill: var(--grow-wash);
  }

  .water {
    fill: var(--water-wash);
    opacity: 0.45;
  }

  .source {
    fill: #1f5570;
    paint-order: stroke;
    stroke: #f5f2ea88;
    stroke-width: 4px;
  }

  .past,
  .planned {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
    stroke-linejoin: round;
  }

  .planned {
    stroke-width: 1.5;
    stroke-dasharray: 5 4;
  }

  .ring {
    fill: none;
    stroke: var(--water);
    stroke-width: 1.75;
  }

  .ph {
    fill: none;
    stroke: var(--water);
    stroke-width: 1.75;
  }

  .now {
    font-weight: 700;
  }

  .line {
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .today {
    stroke: var(--danger);
    stroke-width: 1.5;
  }

  .today-word {
    fill: var(--danger);
    font-weight: 700;
  }
</style>
