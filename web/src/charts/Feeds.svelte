<script lang="ts">
  import type { Leaflet, Meaning } from '../api/client';
  import { type Fed, highest, inAll, printed, steps } from './feeds';
  import { fixed } from '../words/numbers';

  /** What a leaflet feeds, column by column: EC by chemistry beside the printed one, and elements. */
  let {
    sheet,
    meaning,
    strength,
    other,
  }: { sheet: Leaflet; meaning: Meaning; strength: string; other?: Fed[] | undefined } = $props();

  const WIDE = 960;
  const TALL = 150;
  const SMALL = 56;

  const fed = $derived(meaning.fed);
  const water = $derived(meaning.water_ms_cm);
  const ec = $derived(inAll(fed, water));
  const before = $derived(other ? inAll(other, water) : []);
  const bands = $derived(fed.map((one) => printed(one, sheet.readings, water)));
  const top = $derived(highest([...ec, ...before, ...bands.map((band) => band?.[1])]));
  const step = $derived(WIDE / Math.max(fed.length, 1));
  const y = $derived((value: number) => TALL - (value / top) * TALL);
  const elements = $derived(fed[0]?.elements.map((one) => one.element) ?? []);
  const told = $derived(ec.some((one) => one !== null));

  function of(at: number) {
    const values = fed.map((one) => one.elements[at]);
    const others = (other ?? []).map((one) => one.elements[at]?.ppm ?? null);
    const most = highest([...values.flatMap((one) => [one?.ppm, one?.high]), ...others]);
    const small = (value: number) => SMALL - (value / most) * SMALL;
    return {
      values,
      most,
      small,
      beside: others.length ? steps(others, WIDE, small) : '',
      path: steps(
        values.map((one) => one?.ppm ?? null),
        WIDE,
        small,
      ),
    };
  }

  /** In words, for who does not see the drawing. */
  const words = $derived(
    fed
      .map((one, at) => {
        const label = sheet.columns[at]?.label ?? '';
        const found = ec[at];
        return `${label}: ${found == null ? 'no label tells' : `${fixed(found, 2)} mS/cm`}${one.ratio ? `, N to P to K ${one.ratio}` : ''}`;
      })
      .join('; '),
  );
</script>

<figure aria-label="What it feeds. {words}">
  {#if told}
    <div class="row" aria-hidden="true">
      <p class="axis">
        <b>EC, mS/cm</b>
        <span class="line">by the labels</span>
        <span class="band">as printed{strength === '100 %' ? '' : `, at ${strength}`}</span>
        {#if water !== null}<span class="floor">the water, {fixed(water, 2)}</span>{/if}
      </p>
      <svg viewBox="0 -8 {WIDE} {TALL + 16}" preserveAspectRatio="none">
        {#each bands as band, at (at)}
          {#if band}
            <rect
              class="printed"
              x={at * step}
              width={step}
              y={y(band[1]) - 3}
              height={Math.max(y(band[0]) - y(band[1]), 0) + 6}
            />
          {/if}
        {/each}
        {#if water !== null}<line class="water" x1="0" x2={WIDE} y1={y(water)} y2={y(water)} />{/if}
        {#if before.length}<path class="before" d={steps(before, WIDE, y)} />{/if}
        <path class="ec" d={steps(ec, WIDE, y)} />
        <line class="ground" x1="0" x2={WIDE} y1={TALL} y2={TALL} />
      </svg>
      <p class="scale"><span>{top}</span><span>0</span></p>
    </div>
    {#each elements as element, at (element)}
      {@const drawn = of(at)}
      <div class="row small" aria-hidden="true">
        <p class="axis"><b>{element}</b> ppm</p>
        <svg viewBox="0 0 {WIDE} {SMALL}" preserveAspectRatio="none">
          {#each drawn.values as value, n (n)}
            {#if value?.high != null && value.low != null}
              <rect
                class="range"
                x={n * step}
                width={step}
                y={drawn.small(value.high)}
                height={drawn.small(value.low) - drawn.small(value.high)}
              />
            {/if}
          {/each}
          {#if drawn.beside}<path class="before" d={drawn.beside} />{/if}
          <path class="element" d={drawn.path} />
          <line class="ground" x1="0" x2={WIDE} y1={SMALL} y2={SMALL} />
        </svg>
        <p class="scale"><span>{drawn.most}</span><span>0</span></p>
      </div>
    {/each}
    <div class="row words">
      <p class="axis"><b>N : P : K</b></p>
      <ol style:grid-template-columns="repeat({fed.length}, minmax(0, 1fr))">
        {#each fed as one, at (at)}
          <li>
            <span>{sheet.columns[at]?.label.split(',')[0]}</span>
            <b>{fed.length > 8 ? one.ratio.replace(/\.\d/g, '') : one.ratio || '–'}</b>
          </li>
        {/each}
      </ol>
      <p></p>
    </div>
    {#if meaning.priced}
      <div class="row words">
        <p class="axis"><b>Cost of 100 L</b></p>
        <ol style:grid-template-columns="repeat({fed.length}, minmax(0, 1fr))">
          {#each fed as one, at (at)}<li><b>{one.cost ?? '–'}</b></li>{/each}
        </ol>
        <p></p>
      </div>
    {/if}
    <p class="note">
      Green is what the crop takes in that stage, a general range. {meaning.labelled} of {sheet.rows
        .length} bottles have a label on the shelf, {meaning.priced} a price; the others bring nothing
      here.
    </p>
  {:else}
    <p class="note">
      No bottle of this leaflet has a label on the shelf yet: type one in on the Shelf, and here
      stands what each week feeds.
    </p>
  {/if}
</figure>

<style>
  figure {
    display: grid;
    gap: 6px;
  }

  .row {
    display: grid;
    grid-template-columns: 176px minmax(0, 1fr) 36px;
    gap: 8px;
  }

  svg {
    width: 100%;
    height: 150px;
    overflow: visible;
  }

  .small svg {
    height: 40px;
  }

  .axis {
    display: flex;
    flex-wrap: wrap;
    align-content: start;
    gap: 0 8px;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  .axis b {
    color: var(--ink);
  }

  .axis span {
    width: 100%;
  }

  .axis span::before {
    content: '';
    display: inline-block;
    width: 20px;
    margin-right: 8px;
    vertical-align: middle;
    border-top: 3px solid var(--ink);
  }

  .axis .band::before {
    border-top: 10px solid var(--water-wash);
  }

  .axis .floor::before {
    border-top: 2px dashed var(--water);
  }

  .scale {
    display: flex;
    flex-direction: column;
    justify-content: space-between;
    font: 0.75rem/1 var(--figures);
    color: var(--faded);
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    vector-effect: non-scaling-stroke;
  }

  .element {
    stroke: var(--water);
    stroke-width: 2.5;
  }

  .before {
    stroke: var(--faded);
    stroke-width: 2;
    stroke-dasharray: 2 5;
  }

  .printed {
    fill: var(--water-wash);
  }

  .range {
    fill: var(--grow-wash);
  }

  line {
    stroke: var(--rule);
    vector-effect: non-scaling-stroke;
  }

  .water {
    stroke: var(--water);
    stroke-width: 2;
    stroke-dasharray: 6 4;
  }

  ol {
    display: grid;
  }

  li {
    display: grid;
    font: 0.75rem/1.3 var(--figures);
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  li span {
    color: var(--faded);
    overflow: hidden;
    text-overflow: ellipsis;
  }

  .note {
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  @media screen and (width < 900px) {
    .row {
      grid-template-columns: minmax(0, 1fr) 36px;
    }

    .axis {
      grid-column: 1 / 3;
    }
  }
</style>
