<script lang="ts">
  import { select } from 'd3-selection';
  import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';

  import { daysScale, drawCourse, frameFor, seasonDays, type Course } from './course';

  let {
    course,
    ondrag,
    ondrop,
  }: {
    course: Course;
    /** A column's end is being dragged by so many days. */
    ondrag: (first: string, by: number) => void;
    ondrop: () => void;
  } = $props();

  let width = $state(980);
  let svg = $state<SVGSVGElement>();
  let transform = $state.raw<ZoomTransform>(zoomIdentity);
  /** The column whose end is held, where it was taken hold of, and by how many days it moved. */
  let held = $state<{ from: number; first: string; by: number } | undefined>();

  const frame = $derived(frameFor(width, course));
  const x = $derived(transform.rescaleX(daysScale(course, frame)));
  const drawing = $derived(drawCourse(course, frame, x));
  const perDay = $derived(x(1) - x(0));
  /** Whether the water is drawn deep enough to hold its own name. */
  const deep = $derived(frame.bottom - drawing.floorY > 22);
  const named = $derived(new Map(course.products.map((one) => [one.key, one])));
  const told = $derived(
    `${course.chart} in ${course.name} over ${course.columns.length} columns; ` +
      course.treads.map((one) => `from ${one.first} target ${one.shown ?? 'none'}`).join('; '),
  );

  const zooming = $derived(
    zoom<SVGSVGElement, unknown>()
      .scaleExtent([1, Math.max(1, seasonDays(course)[1] / 2)])
      .extent([
        [frame.left, 0],
        [frame.right, frame.height],
      ])
      .translateExtent([
        [frame.left, 0],
        [frame.right, frame.height],
      ])
      // A wheel alone scrolls the page; a column's end is dragged, not the picture.
      .filter((event: Event) => {
        const on = event.target as Element;
        if (on.closest('.end')) return false;
        return event.type !== 'wheel' || (event as WheelEvent).ctrlKey;
      })
      .on('zoom', (event: { transform: ZoomTransform }) => (transform = event.transform)),
  );

  $effect(() => {
    if (svg) select(svg).call(zooming).on('dblclick.zoom', null);
  });

  /** Show so many days, with today a third from the left; without, the whole season. */
  export function show(days?: number) {
    if (!svg) return;
    const [, all] = seasonDays(course);
    if (days === undefined || days >= all)
      return void select(svg).call(zooming.transform, zoomIdentity);
    const scale = all / days;
    const base = daysScale(course, frame);
    const today = (Date.parse(course.today) - Date.parse(course.started_on)) / 86_400_000;
    const left = Math.min(Math.max(today - days / 3, 0), all - days);
    const to = zoomIdentity.translate(frame.left - base(left) * scale, 0).scale(scale);
    select(svg).call(zooming.transform, to);
  }

  function press(event: KeyboardEvent) {
    if (!svg || event.ctrlKey || event.metaKey || event.altKey) return;
    const picture = select(svg);
    if (event.key === '+' || event.key === '=') picture.call(zooming.scaleBy, 1.5);
    else if (event.key === '-') picture.call(zooming.scaleBy, 1 / 1.5);
    else if (event.key === 'ArrowLeft') picture.call(zooming.translateBy, 80 / transform.k, 0);
    else if (event.key === 'ArrowRight') picture.call(zooming.translateBy, -80 / transform.k, 0);
    else if (event.key === 'Home') show();
    else return;
    event.preventDefault();
  }

  function take(event: PointerEvent, first: string) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = { from: event.clientX, first, by: 0 };
  }

  function drag(event: PointerEvent) {
    if (!held) return;
    const by = Math.round((event.clientX - held.from) / perDay);
    if (by === held.by) return;
    held = { ...held, by };
    ondrag(held.first, by);
  }

  function drop() {
    if (held?.by) ondrop();
    held = undefined;
  }

  const movable = $derived(
    course.columns
      .filter((one) => !one.is_open && one.last >= course.today)
      .map((one) => ({ key: one.key, first: one.first })),
  );
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
    onkeydown={press}
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

    {#each drawing.strokes as stroke (stroke.key)}
      <g transform="translate(0 {stroke.y})">
        <title>{named.get(stroke.key)?.name}</title>
        <rect x="2" y="-9" width="30" height="18" rx="2" class="label" />
        <text x="17" y="5" text-anchor="middle" class="figure tag"
          >{named.get(stroke.key)?.tag}</text
        >
      </g>
      <g clip-path="url(#days)">
        {#each stroke.lines as line, n (n)}
          <line
            x1={line.x1}
            x2={line.x2}
            y1={stroke.y}
            y2={stroke.y}
            class={{ stroke: true, coming: !line.isPast }}
            stroke-width={line.width}
          />
        {/each}
        {#each stroke.marks as mark, n (n)}
          <line
            x1={mark.x}
            x2={mark.x + Math.max(5, perDay)}
            y1={stroke.y}
            y2={stroke.y}
            class={{ stroke: true, coming: !mark.isPast }}
            stroke-width="8"
          />
        {/each}
      </g>
    {/each}

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
    {#each movable as one (one.key)}
      {@const column = drawing.columns.find((column) => column.key === one.key)}
      {#if column && column.end <= frame.right}
        <!-- svelte-ignore a11y_no_static_element_interactions -->
        <rect
          class="end"
          x={column.end - 9}
          y={frame.top}
          width="18"
          height={frame.labels - frame.top + 6}
          onpointerdown={(event) => take(event, one.first)}
          onpointermove={drag}
          onpointerup={drop}
          onpointercancel={drop}
        />
        <path d="M{column.end} {frame.bottom}v6" class="grip" />
      {/if}
    {/each}
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

  .label {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.25;
  }

  .tag {
    font-weight: 700;
  }

  .stroke {
    stroke: var(--ink);
  }

  .coming {
    stroke: #98a09d;
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

  .end {
    fill: transparent;
    cursor: ew-resize;
    touch-action: none;
  }

  .end:hover {
    fill: var(--rule);
    opacity: 0.5;
  }

  .grip {
    stroke: var(--ink);
    stroke-width: 3;
    pointer-events: none;
  }
</style>
