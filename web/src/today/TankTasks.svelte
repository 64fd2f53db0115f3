<script lang="ts">
  import { shortDay, timeOfDay } from '../words/dates';
  import { go } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, COURSE, TANK } from '../shell/views';
  import { lackWords, taskWords } from '../words/seasons';
  import TaskLine from './TaskLine.svelte';
  import { byWhen, type Day, type TankToday } from './today.svelte';
  import Button from '../parts/Button.svelte';

  /** What one tank needs: now with a press to begin it, then tomorrow and the days after. */
  let {
    day,
    tank,
    today,
    onbrew,
  }: { day: Day; tank: TankToday; today: string; onbrew: (task: string) => void } = $props();

  const grow = growHere();
  const when = $derived(byWhen(today, tank.tasks));
  const timeWords = (moment: string) => timeOfDay(new Date(moment), grow.overview?.time_zone);
  const named = (key: string) => tank.products.find((one) => one.key === key)?.name ?? key;
</script>

<section>
  <h2>
    <Button onclick={() => go(at(COURSE, grow.id, { tank: tank.tank }))}>
      {tank.name}<span class="unseen"> and its course</span>
    </Button>
    <small>
      {[
        tank.season === null ? 'no season runs here' : `${tank.column}, day ${tank.day}`,
        tank.target_shown,
        tank.ph_shown && `pH ${tank.ph_shown}`,
      ]
        .filter(Boolean)
        .join(' · ')}
    </small>
  </h2>
  <ul>
    {#if tank.watched}
      <li class="coming">
        <span class="when">{tank.watched.due ? 'due' : timeWords(tank.watched.look_at)}</span>
        <span>
          {tank.watched.due ? '△ ' : ''}look for leaks, plain water stands in it
          <Button onclick={() => go(at(TANK, grow.id, { tank: tank.tank }))}>
            Look<span class="unseen"> at {tank.name}</span>
          </Button>
        </span>
      </li>
    {/if}
    {#each tank.lacks as lack (lack)}
      <li class="lack"><span class="when">now</span>△ {lackWords(lack, tank)}</li>
    {/each}
    {#each when.now as task (task.key)}
      <TaskLine {day} {tank} {task} {named} onbrew={() => onbrew(task.key)} />
    {/each}
    {#each when.soon as task (task.key)}
      <li class="coming"><span class="when">tomorrow</span>{taskWords(task, named)}</li>
    {/each}
    {#each when.later as task (task.key)}
      <li class="coming"><span class="when">{shortDay(task.on)}</span>{taskWords(task, named)}</li>
    {/each}
  </ul>
</section>

<style>
  section {
    padding: 10px 0 8px;
    border-top: 1px solid var(--rule);
  }

  h2 {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 16px;
    font-size: 1.1875rem;
  }

  small {
    font-size: var(--type-note);
    font-weight: 400;
    color: var(--faded);
  }

  .lack {
    font-weight: 700;
    color: var(--heed);
  }

  .coming,
  .lack {
    display: grid;
    grid-template-columns: 104px 1fr;
    gap: 12px;
    padding: 3px 0;
  }

  .coming {
    color: var(--faded);
  }
</style>
