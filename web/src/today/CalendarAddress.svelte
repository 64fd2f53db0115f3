<script lang="ts">
  import { answered, api, type Problem } from '../api/client';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import TextLink from '../parts/TextLink.svelte';

  /** Tasks in a calendar of one's own: by a secret address that can be revoked, or as a file. */
  let { grow }: { grow: number } = $props();

  let address = $state('');
  let revoked = $state(false);
  let problem = $state.raw<Problem | undefined>();
  const path = $derived({ grow_id: grow });

  async function make() {
    const { data, problem: trouble } = await answered(
      api.POST('/api/grows/{grow_id}/calendar', { params: { path } }),
    );
    problem = trouble;
    revoked = false;
    if (data) address = location.origin + data.path;
  }

  async function revoke() {
    const { problem: trouble } = await answered(
      api.DELETE('/api/grows/{grow_id}/calendar', { params: { path } }),
    );
    problem = trouble;
    if (trouble) return;
    address = '';
    revoked = true;
  }
</script>

<details>
  <summary>In your calendar</summary>
  <p>
    A calendar can fetch these tasks by a secret address. Whoever has it reads them; a new one ends
    the one before.
  </p>
  {#if address}
    <p>
      <input
        readonly
        value={address}
        aria-label="Secret address"
        onfocus={(event) => event.currentTarget.select()}
      />
    </p>
    <p>It is shown this once: copy it now.</p>
  {/if}
  {#if revoked}<p role="status">The address is revoked.</p>{/if}
  <Notice {problem} />
  <p class="acts">
    <Button onclick={make}>Create an address</Button>
    <Button onclick={revoke}>Revoke the address</Button>
    <TextLink href="/api/grows/{grow}/calendar.ics" download>Download as a file</TextLink>
  </p>
</details>

<style>
  details {
    margin-top: 32px;
    border-top: 1px solid var(--rule);
  }

  summary {
    min-height: 44px;
    padding: 10px 0;
    cursor: pointer;
    color: var(--faded);
  }

  input {
    width: 100%;
    min-height: 44px;
    font: 1rem var(--figures);
    background: var(--sheet);
    border: 1px solid var(--rule);
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 20px;
  }
</style>
