<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { dayWords } from '../words/dates';

  /** One's own account: another password, and where one is signed in. */
  let devices = $state.raw<Shapes['DeviceOut'][]>([]);
  let old = $state('');
  let fresh = $state('');
  let calendars = $state(false);
  let problem = $state.raw<Problem | undefined>();
  let changed = $state(false);

  async function load() {
    const { data } = await answered(api.GET('/api/session/devices'));
    devices = data ?? [];
  }

  $effect(() => void load());

  async function change(event: SubmitEvent) {
    event.preventDefault();
    const body = { old, new: fresh, end_calendars: calendars };
    const outcome = await answered(api.PUT('/api/session/password', { body }));
    problem = outcome.problem;
    changed = !problem;
    if (problem) return;
    old = fresh = '';
    calendars = false;
    await load();
  }

  async function end(device: number) {
    await answered(
      api.DELETE('/api/session/devices/{device_id}', { params: { path: { device_id: device } } }),
    );
    await load();
  }
</script>

<section>
  <h2>Password</h2>
  <form onsubmit={change}>
    <label
      >Current password <input
        type="password"
        autocomplete="current-password"
        bind:value={old}
        required
        maxlength="200"
      /></label
    >
    <label
      >New password <input
        type="password"
        autocomplete="new-password"
        bind:value={fresh}
        required
        maxlength="200"
      /></label
    >
    <label class="tick"
      ><input type="checkbox" bind:checked={calendars} /> Also revoke my secret calendar addresses</label
    >
    <button type="submit">Change password</button>
  </form>
  {#if problem}<p role="alert">△ {problem.message}</p>{/if}
  {#if changed}<p role="status">Password changed. All other devices are signed out.</p>{/if}
  <h2>Signed-in devices</h2>
  <ul>
    {#each devices as one (one.id)}
      <li>
        {one.words}, since {dayWords(one.since.slice(0, 10))}
        {#if one.here}<b>here</b>{:else}<button type="button" onclick={() => end(one.id)}
            >Sign out this device</button
          >{/if}
      </li>
    {/each}
  </ul>
</section>

<style>
  section {
    margin-top: 32px;
  }

  h2 {
    margin-top: 16px;
    font-size: 1.0625rem;
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: end;
  }

  label {
    display: grid;
    color: var(--faded);
  }

  .tick {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 44px;
    color: var(--ink);
  }

  .tick input {
    width: 24px;
    min-height: 24px;
  }

  input {
    min-height: 44px;
    padding: 0 8px;
    color: var(--ink);
    background: var(--sheet);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  ul {
    padding: 0;
    list-style: none;
  }

  button {
    min-height: 44px;
    padding: 0 8px;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  [role='alert'] {
    font-weight: 700;
    color: var(--heed);
  }
</style>
