<script lang="ts">
  import type { VersionId } from '../api/ids';
  import Choice from '../parts/Choice.svelte';
  import { growHere } from '../shell/grow.svelte';
  import type { Course } from './course';
  import { dayNumber } from './days';
  import type { Decision, Season } from './season.svelte';
  import Button from '../parts/Button.svelte';
  import InSentence from '../parts/InSentence.svelte';

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
      {:else}has {left} {left === 1 ? 'day' : 'days'} left after today.{/if}
    </p>
    <div class="acts">
      {#if now.waits_for}
        <Button kind="main" onclick={() => consider({ kind: 'sign', sign: now.waits_for })}>
          Seen: {now.waits_for}
        </Button>
      {/if}
      <Button onclick={() => consider({ kind: 'advance' })}>
        End this column today{next ? `, go on to ${next.label}` : ''}
      </Button>
      {#if !held && !now.waits_for}
        <Button onclick={() => consider({ kind: 'hold' })}>Hold it for good</Button>
        <span class="days">
          <InSentence
            label="Days longer or shorter"
            kind="figure"
            type="number"
            min="1"
            max="99"
            room={4}
            bind:value={days}
          />
          days
          <Button onclick={() => consider({ kind: 'stretch', days })}>longer</Button>
          <Button onclick={() => consider({ kind: 'stretch', days: -days })}>shorter</Button>
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
            if (!column) {
              season.leave();
              return;
            }
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
        <InSentence
          label="What plants show"
          bind:value={sign}
          maxlength={120}
          room={28}
          placeholder="plants show: first flowers"
        />
        <Button type="submit">Save this sign</Button>
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

  .days {
    display: inline-flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px;
  }

  @media print {
    section {
      display: none;
    }
  }
</style>
