<script lang="ts">
  import type { Course, CourseDrawing } from './course';

  /** Each product a stroke, as thick as its dose; what rules give as marks on their days. */
  let {
    strokes,
    named,
    perDay,
  }: {
    strokes: CourseDrawing['strokes'];
    named: Map<string, Course['products'][number]>;
    perDay: number;
  } = $props();
</script>

{#each strokes as stroke (stroke.key)}
  <g transform="translate(0 {stroke.y})">
    <title>{named.get(stroke.key)?.name}</title>
    <rect x="2" y="-9" width="30" height="18" rx="2" class="label" />
    <text x="17" y="5" text-anchor="middle" class="figure tag">{named.get(stroke.key)?.tag}</text>
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

<style>
  text {
    fill: var(--ink);
  }

  .label {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.25;
  }

  .tag {
    font: 700 13px var(--figures);
  }

  .stroke {
    stroke: var(--ink);
  }

  .coming {
    stroke: #98a09d;
  }
</style>
