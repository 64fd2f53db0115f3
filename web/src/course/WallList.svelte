<script lang="ts">
  import { taskWords } from '../words/seasons';
  import type { Course } from './course';
  import { clockWords, shortDay } from '../words/dates';

  /** The tasks of a season for the wall, with a box for each: on paper alone. */
  let { course }: { course: Course } = $props();

  /** As many as one page holds below the picture. */
  const MOST = 54;

  const named = (key: string) => course.products.find((one) => one.key === key)?.name ?? key;
  const open = $derived(
    course.tasks.filter(
      (one) => one.state !== 'done' && one.state !== 'skipped' && one.kind !== 'read',
    ),
  );
</script>

<section>
  <ul>
    {#each open.slice(0, MOST) as task (task.key)}
      <li>
        <span class="box"></span><b>{shortDay(task.on)}</b>
        {task.at && task.kind === 'prepare' && task.why[0] === 'chlorine_gasses_off'
          ? `${clockWords(task.at)}: draw water, let it stand`
          : taskWords(task, named)}
      </li>
    {/each}
  </ul>
  {#if open.length > MOST}<p>and {open.length - MOST} more, up to {shortDay(course.until)}</p>{/if}
</section>

<style>
  section {
    display: none;
  }

  @media print {
    section {
      display: block;
      margin-top: 8px;
      font-size: 10px;
    }

    ul {
      columns: 3;
      column-gap: 24px;
    }

    li {
      display: flex;
      gap: 6px;
      break-inside: avoid;
      line-height: 1.7;
    }

    .box {
      flex: none;
      width: 9px;
      height: 9px;
      margin-top: 4px;
      border: 1px solid var(--ink);
    }

    b {
      flex: none;
      width: 44px;
    }
  }
</style>
