<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { dayWords } from '../words/dates';
  import Shape from '../parts/Shape.svelte';
  import { signingOut } from '../sign_in/here';
  import { growHere } from '../shell/grow.svelte';
  import { ROLE_CHOICES, ROLE_WORDS, type Role } from '../words/people';
  import Account from './Account.svelte';
  import Changes from '../parts/Changes.svelte';
  import GrowFile from './GrowFile.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';

  const grow = growHere();
  const leave = signingOut();

  let people = $state.raw<Shapes['PeopleOut'] | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let role = $state<Role>('mixer');
  let invited = $state.raw<Shapes['InvitedOut'] | undefined>();
  let copied = $state(false);
  /** Whom it was asked to remove; one's own number to leave. */
  let asked = $state(0);

  const path = $derived({ grow_id: grow.id });
  const owns = $derived(people?.role === 'owner');
  const address = $derived(invited ? `${location.origin}${invited.path}` : '');

  async function load() {
    const outcome = await answered(api.GET('/api/grows/{grow_id}/people', { params: { path } }));
    people = outcome.data;
    problem = outcome.problem;
  }

  $effect(() => void load());

  async function told(asking: Promise<{ data?: unknown; error?: unknown }>) {
    const outcome = await answered(asking);
    asked = 0;
    if (outcome.problem) return void (problem = outcome.problem);
    await load();
  }

  async function invite() {
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/invitations', { params: { path }, body: { role } }),
    );
    invited = outcome.data;
    copied = false;
    if (outcome.problem) problem = outcome.problem;
    else await load();
  }

  async function copy() {
    await navigator.clipboard?.writeText(address).catch(() => undefined);
    copied = true;
  }

  function setRole(member: number, role: Role) {
    const params = { path: { ...path, member_id: member } };
    void told(api.PATCH('/api/grows/{grow_id}/people/{member_id}', { params, body: { role } }));
  }

  function remove(member: number) {
    const params = { path: { ...path, member_id: member } };
    void told(api.DELETE('/api/grows/{grow_id}/people/{member_id}', { params }));
  }

  function takeBack(invitation: number) {
    const params = { path: { ...path, invitation_id: invitation } };
    void told(api.DELETE('/api/grows/{grow_id}/invitations/{invitation_id}', { params }));
  }

  async function leaveGrow() {
    const outcome = await answered(api.POST('/api/grows/{grow_id}/leave', { params: { path } }));
    asked = 0;
    if (outcome.problem) problem = outcome.problem;
    else leave();
  }
</script>

<div class="view">
  <h1>Who works here</h1>
  <Notice {problem} />
  {#if people}
    <ul>
      {#each people.people as one (one.id)}
        <li>
          <b>{one.name}</b>{one.you ? ', that is you' : ''}:
          {#if owns}
            <Choice
              label="Role of {one.name}"
              value={one.role}
              options={ROLE_CHOICES}
              onchoose={(role) => setRole(one.id, role)}
            />
          {:else}{ROLE_WORDS[one.role].words}{/if}
          <span class="note">{ROLE_WORDS[one.role].note}</span>
          {#if asked === one.id}
            {one.you ? 'You find nothing here any more.' : 'What they did stays in the record.'}
            <Button onclick={() => (one.you ? leaveGrow() : remove(one.id))}>
              {one.you ? 'Yes, leave' : `Yes, remove ${one.name}`}
            </Button>
            <Button onclick={() => (asked = 0)}>No</Button>
          {:else if one.you}
            <Button onclick={() => (asked = one.id)}>Leave this grow</Button>
          {:else if owns}
            <Button onclick={() => (asked = one.id)}>Remove {one.name}</Button>
          {/if}
        </li>
      {/each}
    </ul>
    {#if owns}
      <section>
        <h2>Let somebody in</h2>
        <p>
          As
          <Choice
            label="Role of who is invited"
            value={role}
            options={ROLE_CHOICES}
            onchoose={(chosen) => (role = chosen)}
          />, by a link that is used once and good for seven days.
          <Button kind="main" onclick={invite}>Create the link</Button>
        </p>
        {#if invited}
          <p class="link" role="status">
            <input
              aria-label="The link"
              readonly
              value={address}
              onfocus={(event) => event.currentTarget.select()}
            />
            <Button onclick={copy}>{copied ? 'Copied' : 'Copy it'}</Button>
            Give it to one person. It is shown this once, and good until {dayWords(
              invited.ends_at.slice(0, 10),
            )}.
          </p>
        {/if}
        {#each people.invitations as one (one.id)}
          <p>
            Open: {ROLE_WORDS[one.role].words}, by {one.by}, until {dayWords(
              one.ends_at.slice(0, 10),
            )}.
            <Button onclick={() => takeBack(one.id)}>Revoke this link</Button>
          </p>
        {/each}
      </section>
    {/if}
  {:else if !problem}
    <Shape what="The people are being looked up" />
  {/if}
  <Account />
  <Changes names />
  {#if grow.overview}<GrowFile id={grow.id} name={grow.overview.name} {owns} />{/if}
</div>

<style>
  .view {
    max-width: 900px;
    padding: 8px 32px 32px;
  }

  h1 {
    font-size: 1.75rem;
  }

  h2 {
    margin-top: 24px;
    font-size: var(--type-more);
  }

  ul {
    padding: 0;
    list-style: none;
  }

  li {
    padding: 8px 0;
    font-size: var(--type-lead);
    line-height: 2;
    border-bottom: 1px solid var(--rule);
  }

  .note {
    font-size: var(--type-note);
    color: var(--faded);
  }

  .link input {
    width: min(100%, 36rem);
    min-height: 44px;
    padding: 0 8px;
    font: 1rem var(--figures);
    color: var(--ink);
    background: var(--sheet);
    border: 2px solid var(--ink);
    border-radius: 6px;
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 24px;
    }
  }
</style>
