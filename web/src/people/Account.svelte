<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { dayWords } from '../words/dates';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import CheckField from '../parts/CheckField.svelte';
  import Field from '../parts/Field.svelte';

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
    <Field
      label="Current password"
      type="password"
      autocomplete="current-password"
      bind:value={old}
      required
      maxlength={200}
    />
    <Field
      label="New password"
      type="password"
      autocomplete="new-password"
      bind:value={fresh}
      required
      maxlength={200}
    />
    <CheckField bind:checked={calendars}>Also revoke my secret calendar addresses</CheckField>
    <Button type="submit">Change password</Button>
  </form>
  <Notice {problem} />
  {#if changed}
    <Notice kind="done">Password changed. All other devices are signed out.</Notice>
  {/if}
  <h2>Signed-in devices</h2>
  <ul>
    {#each devices as one (one.id)}
      <li>
        {one.words}, since {dayWords(one.since.slice(0, 10))}
        {#if one.here}<b>here</b>{:else}<Button onclick={() => end(one.id)}
            >Sign out this device</Button
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
    font-size: var(--type-more);
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: end;
  }

  ul {
    padding: 0;
    list-style: none;
  }
</style>
