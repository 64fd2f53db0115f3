<script lang="ts">
  import { answered, api, type GuidedState, type Problem } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import { PACES } from '../words/guided';
  import { canSpeak, type SignalChoices, type Signals } from './signals.svelte';

  /** How much is pressed at the bench, kept for the person; and this device's signals. */
  let {
    grow,
    pace,
    signals,
    onclose,
    onchanged,
  }: {
    grow: number;
    pace: GuidedState['pace'];
    signals: Signals;
    onclose: () => void;
    onchanged: () => void;
  } = $props();

  const EACH = Object.entries(PACES) as [GuidedState['pace'], { words: string; note: string }][];
  const SIGNALS = $derived<[keyof SignalChoices, string][]>([
    ['awake', `keep the screen awake${'wakeLock' in navigator ? '' : ' (this browser cannot)'}`],
    ['sound', 'two tones when a time is over'],
    ['vibration', 'shake when a time is over'],
    ['speech', `read aloud what comes${canSpeak() ? '' : ' (this device has no voice)'}`],
  ]);
  let problem = $state.raw<Problem | undefined>();

  async function choose(next: GuidedState['pace']) {
    const params = { path: { grow_id: grow } };
    const outcome = await answered(
      api.PUT('/api/grows/{grow_id}/pace', { params, body: { pace: next } }),
    );
    problem = outcome.problem;
    if (outcome.data) onchanged();
  }
</script>

<Dialog title="Your pace" {onclose}>
  <fieldset>
    <legend class="unseen">Pace</legend>
    {#each EACH as [value, { words, note }] (value)}
      <label>
        <input
          type="radio"
          name="pace"
          {value}
          checked={value === pace}
          onchange={() => void choose(value)}
        />
        <span><b>{words}</b>: {note}</span>
      </label>
    {/each}
  </fieldset>
  {#if problem}<p role="alert">△ {problem.message}</p>{/if}
  <fieldset>
    <legend>On this device</legend>
    {#each SIGNALS as [name, words] (name)}
      <label>
        <input
          type="checkbox"
          checked={signals.choices[name]}
          onchange={(event) => signals.choose({ [name]: event.currentTarget.checked })}
        />
        <span>{words}</span>
      </label>
    {/each}
  </fieldset>
  <p class="quiet">Space, Enter or Page Down presses the large button, by a foot switch too.</p>
</Dialog>

<style>
  fieldset {
    margin: 0 0 12px;
    padding: 0;
    border: 0;
  }

  legend {
    font-weight: 700;
  }

  label {
    display: flex;
    gap: 10px;
    align-items: baseline;
    min-height: 48px;
    padding: 6px 0;
  }

  input {
    flex: none;
    width: 22px;
    height: 22px;
    accent-color: var(--ink);
  }

  .quiet {
    color: var(--faded);
  }
</style>
