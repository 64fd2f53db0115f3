<script lang="ts">
  import type { Course, CourseDrawing, Frame } from './course';

  /** What can be dragged: the end of each column to come, and the next mark of each rule. */
  let {
    course,
    drawing,
    frame,
    perDay,
    ondrag,
    onrule,
  }: {
    course: Course;
    drawing: CourseDrawing;
    frame: Frame;
    perDay: number;
    ondrag: (first: string, by: number) => void;
    onrule: (rule: number, day: number) => void;
  } = $props();

  /** What is held, where it was taken hold of, and by how many days it moved. */
  let held = $state<
    { from: number; by: number; of: { first: string } | { rule: number; day: number } } | undefined
  >();

  function take(event: PointerEvent, of: NonNullable<typeof held>['of']) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = { from: event.clientX, of, by: 0 };
  }

  function drag(event: PointerEvent) {
    if (!held) return;
    const by = Math.round((event.clientX - held.from) / perDay);
    if (by === held.by) return;
    held = { ...held, by };
    if ('first' in held.of) ondrag(held.of.first, by);
    else onrule(held.of.rule, Math.max(0, held.of.day + by));
  }

  const drop = () => (held = undefined);

  const movable = $derived(
    course.columns
      .filter((one) => !one.is_open && one.last >= course.today)
      .map((one) => ({ key: one.key, first: one.first })),
  );
</script>

{#each drawing.strokes as stroke (stroke.key)}
  {@const next = stroke.marks.find((mark) => !mark.isPast)}
  {#if next && stroke.rule !== null}
    {@const of = { rule: stroke.rule, day: next.day }}
    <!-- svelte-ignore a11y_no_static_element_interactions -->
    <rect
      class="end"
      x={next.x - 6}
      y={stroke.y - 11}
      width={Math.max(17, perDay + 12)}
      height="22"
      onpointerdown={(event) => take(event, of)}
      onpointermove={drag}
      onpointerup={drop}
      onpointercancel={drop}
    />
  {/if}
{/each}
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
      onpointerdown={(event) => take(event, { first: one.first })}
      onpointermove={drag}
      onpointerup={drop}
      onpointercancel={drop}
    />
    <path d="M{column.end} {frame.bottom}v6" class="grip" />
  {/if}
{/each}

<style>
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
