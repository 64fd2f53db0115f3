<script lang="ts">
  import type { VersionId } from '../api/ids';
  import Choice from '../parts/Choice.svelte';
  import { growHere } from '../shell/grow.svelte';
  import type { Course } from './course';
  import { dayNumber } from './days';
  import type { Decision, Season } from './season.svelte';

  /** What a grower may say of the season today; each shows first what it would move. */
  let { season, course }: { season: Season; course: Course } = $props();

  const grow = growHere();
  /** Other charts that the season may go over to, over some days or at once. */
  const others = $derived(
    grow.overview?.leaflets.filter((one) => one.version_id !== course.version_id) ?? [],
  );

  const now = $derived(
    course.columns.find((one) => one.first <= course.today && course.today <= one.last),
  );
  const next = $derived(course.columns.find((one) => now !== undefined && one.first > now.first));
  const held = $derived(now?.is_open && !now.waits_for);
  const left = $derived(now ? dayNumber(now.last) - dayNumber(course.today) : 0);
  /** The columns of the chart that were or will be, each once. */
  const keys = $derived([...new Map(course.columns.map((one) => [one.key, one.label]))]);

  let days = $state(3);
  let sign = $state('');
  let to = $state('');

  function consider(told: Partial<Decision> & { kind: Decision['kind'] }) {
    void season.consider({ on: course.today, over_days: 0, reason: '', ...told });
  }
</script>

{#if now && course.ended_on === null}
  <section aria-label="What is decided today">
    <p>
      <b>{now.label}</b>
      {#if now.waits_for}waits for <b>{now.waits_for}</b>.
      {:else if held}is held until you go on.
      {:else}has {left} {left === 1 ? 'day' : 'days'} left behind today.{/if}
    </p>
    <div class="acts">
      {#if now.waits_for}
        <button
          type="button"
          class="main"
          onclick={() => consider({ kind: 'sign', sign: now.waits_for })}
        >
          Seen: {now.waits_for}
        </button>
      {/if}
      <button type="button" onclick={() => consider({ kind: 'advance' })}>
        End it today{next ? `, go on to ${next.label}` : ''}
      </button>
      {#if !held && !now.waits_for}
        <button type="button" onclick={() => consider({ kind: 'hold' })}>Hold it for good</button>
        <span class="days">
          <label>
            <span class="unseen">Days longer or shorter</span>
            <input type="number" min="1" max="99" bind:value={days} />
          </label>
          days
          <button type="button" onclick={() => consider({ kind: 'stretch', days })}>longer</button>
          <button type="button" onclick={() => consider({ kind: 'stretch', days: -days })}
            >shorter</button
          >
        </span>
      {/if}
      <span class="days">
        from tomorrow
        <Choice
          label="Another column from tomorrow"
          value={to}
          options={[
            { value: '', words: 'as planned' },
            ...keys.map(([value, words]) => ({ value, words })),
          ]}
          onchoose={(column) => {
            to = column;
            if (!column) return season.leave();
            const back = keys.findIndex(([key]) => key === column) <= keys.findIndex(([key]) => key === now.key); // prettier-ignore
            consider({ kind: back ? 'set_back' : 'jump', column });
          }}
        />
      </span>
      {#if others.length}
        <span class="days">
          from tomorrow by
          <Choice
            label="Another chart from tomorrow"
            value={0 as VersionId}
            options={[
              { value: 0 as VersionId, words: 'this chart' },
              ...others.map((one) => ({ value: one.version_id, words: one.name })),
            ]}
            onchoose={(version_id) =>
              version_id && consider({ kind: 'switch', version_id, over_days: days })}
          />, blended in over {days} days
        </span>
      {/if}
      <form
        class="days"
        onsubmit={(event) => {
          event.preventDefault();
          if (sign.trim()) consider({ kind: 'sign', sign: sign.trim() });
        }}
      >
        <label>
          <span class="unseen">What plants show</span>
          <input bind:value={sign} maxlength="120" placeholder="plants show: first flowers" />
        </label>
        <button type="submit">Note it</button>
      </form>
    </div>
  </section>
{/if}

<style>
  section {
    margin-top: 12px;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 20px;
  }

  button {
    min-height: 44px;
    padding: 0 6px;
    text-decoration: underline;
    text-decoration-color: var(--faded);
    text-underline-offset: 4px;
  }

  .main {
    padding: 0 16px;
    font-weight: 700;
    text-decoration: none;
    color: var(--sheet);
    background: var(--ink);
    border-radius: 6px;
  }

  .days {
    display: inline-flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px;
  }

  input {
    min-height: 44px;
    padding: 0 6px;
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  input[type='number'] {
    width: 4ch;
    font: 700 1rem var(--figures);
    text-align: right;
    appearance: textfield;
  }

  form input {
    width: 17rem;
  }

  @media print {
    section {
      display: none;
    }
  }
</style>
