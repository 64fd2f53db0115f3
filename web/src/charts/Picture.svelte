<script lang="ts">
  import { answered, api, type Problem } from '../api/client';

  /** A photograph or scan of the leaflet, to type from: zoomed, and moved by dragging or arrows. */
  let {
    grow,
    picture,
    onchange,
  }: { grow: number; picture: number | null; onchange: (picture: number | null) => void } =
    $props();

  let zoom = $state(1);
  let problem = $state.raw<Problem | undefined>();
  let sending = $state(false);
  let frame = $state<HTMLDivElement>();

  async function send(file: File | undefined) {
    if (!file) return;
    sending = true;
    const form = new FormData();
    form.set('file', file);
    const { data, problem: wrong } = await answered(
      api.POST('/api/grows/{grow_id}/leaflet-pictures', {
        params: { path: { grow_id: grow } },
        body: { file: '' },
        bodySerializer: () => form,
      }),
    );
    sending = false;
    problem = wrong;
    if (data) onchange(data.id);
  }

  function drag(event: PointerEvent) {
    if (!frame || event.buttons !== 1) return;
    frame.scrollLeft -= event.movementX;
    frame.scrollTop -= event.movementY;
  }
</script>

{#if picture === null}
  <p class="add">
    <label>
      {sending ? 'The picture is being kept …' : 'Lay a photograph of the leaflet beside it'}
      <input
        type="file"
        accept="image/jpeg,image/png,image/webp"
        disabled={sending}
        onchange={(event) => send(event.currentTarget.files?.[0])}
      />
    </label>
    {#if problem}<span role="alert">△ {problem.message}</span>{/if}
  </p>
{:else}
  <div class="picture">
    <p>
      <button type="button" onclick={() => (zoom = Math.min(zoom * 1.4, 8))} aria-label="Larger"
        >+</button
      >
      <button type="button" onclick={() => (zoom = Math.max(zoom / 1.4, 0.5))} aria-label="Smaller"
        >−</button
      >
      <button type="button" onclick={() => (zoom = 1)}>whole width</button>
      <button type="button" onclick={() => onchange(null)}>take it away</button>
    </p>
    <!-- A scrolled region has to be reached by the keyboard, too. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div
      class="frame"
      bind:this={frame}
      role="group"
      aria-label="The leaflet’s picture"
      tabindex="0"
      onpointermove={drag}
    >
      <img
        src="/api/grows/{grow}/leaflet-pictures/{picture}"
        alt="The leaflet as photographed"
        draggable="false"
        style:width="{zoom * 100}%"
      />
    </div>
  </div>
{/if}

<style>
  .add label {
    position: relative;
    overflow: hidden;
    display: inline-block;
    min-height: 32px;
    font-size: 0.9375rem;
    color: var(--faded);
    text-decoration: underline;
    text-underline-offset: 4px;
    cursor: pointer;
  }

  .add label:focus-within {
    outline: 3px solid var(--water);
    outline-offset: 2px;
  }

  .add input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }

  .add span {
    color: var(--danger);
  }

  .picture button {
    min-width: 36px;
    min-height: 36px;
    padding: 0 8px;
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-underline-offset: 4px;
  }

  .frame {
    max-height: 70vh;
    overflow: auto;
    background: var(--sheet);
    border: 1px solid var(--rule);
    cursor: grab;
    touch-action: pan-x pan-y pinch-zoom;
  }

  img {
    display: block;
    max-width: none;
  }
</style>
