<script lang="ts">
  let { what }: { what: string } = $props();
</script>

<!-- The page's own shape while it loads: a sentence, a climb, a strip of tickets. -->
<div class="shape" role="status" aria-busy="true">
  <span class="unseen">{what}</span>
  <i class="sentence"></i>
  <i class="sentence short"></i>
  <svg viewBox="0 0 640 200" preserveAspectRatio="none" aria-hidden="true">
    <path d="M0 180h90v-34h110v-44h130v-46h120v-14h190" />
  </svg>
  <div class="tickets" aria-hidden="true">
    {#each [1, 2, 3, 4, 5] as one (one)}<i></i>{/each}
  </div>
</div>

<style>
  .shape {
    display: grid;
    gap: 16px;
    max-width: 980px;
    padding: 24px 32px;
  }

  i {
    display: block;
    background: var(--rule);
    border-radius: 4px;
    opacity: 0.6;
  }

  .sentence {
    height: 28px;
  }

  .short {
    width: 60%;
  }

  svg {
    width: 100%;
    height: 260px;
  }

  path {
    fill: none;
    stroke: var(--rule);
    stroke-width: 3;
    vector-effect: non-scaling-stroke;
  }

  .tickets {
    display: grid;
    grid-template-columns: repeat(5, 1fr);
    gap: 12px;
  }

  .tickets i {
    height: 180px;
  }
</style>
