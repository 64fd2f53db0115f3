<script lang="ts">
  import { answered, api, type GuidedState, type Problem } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import { PACES } from '../words/guided';
  import { canSpeak, type SignalChoices, type Signals } from './device/signals.svelte';
  import CheckField from '../parts/CheckField.svelte';
  import Notice from '../parts/Notice.svelte';
  import OneOf from '../parts/OneOf.svelte';

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
  <div class="pace">
    <OneOf
      title="How much is asked"
      options={EACH.map(([value, { words, note }]) => [value, words, note] as const)}
      value={pace}
      onchoose={(value) => void choose(value)}
    />
  </div>
  <Notice {problem} />
  <fieldset>
    <legend>On this device</legend>
    {#each SIGNALS as [name, words] (name)}
      <CheckField checked={signals.choices[name]} onturn={(on) => signals.choose({ [name]: on })}>
        {words}
      </CheckField>
    {/each}
  </fieldset>
  <p class="quiet">Space, Enter or Page Down presses the large button, by a foot switch too.</p>
</Dialog>

<style>
  .pace {
    --space-line: 6px 0;
  }

  fieldset {
    display: grid;
    margin: 0 0 12px;
    padding: 0;
    border: 0;
  }

  legend {
    font-weight: 700;
  }

  .quiet {
    color: var(--faded);
  }
</style>
