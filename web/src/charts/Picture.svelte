<script lang="ts">
  import { answered, api, type Problem } from '../api/client';
  import Button from '../parts/Button.svelte';
  import FileField from '../parts/FileField.svelte';
  import Notice from '../parts/Notice.svelte';

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

  async function send(file: File) {
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
    <FileField
      words={sending ? 'The picture is being kept …' : 'Lay a photograph of the leaflet beside it'}
      accept="image/jpeg,image/png,image/webp"
      kind="word"
      disabled={sending}
      onfile={send}
    />
  </p>
  <Notice {problem} />
{:else}
  <div class="picture">
    <p>
      <Button size="small" onclick={() => (zoom = Math.min(zoom * 1.4, 8))} aria-label="Larger"
        >+</Button
      >
      <Button size="small" onclick={() => (zoom = Math.max(zoom / 1.4, 0.5))} aria-label="Smaller"
        >−</Button
      >
      <Button size="small" onclick={() => (zoom = 1)}>whole width</Button>
      <Button size="small" onclick={() => onchange(null)}>remove the picture</Button>
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
  .add {
    font-size: var(--type-note);
    color: var(--faded);
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
