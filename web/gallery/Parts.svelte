<script lang="ts">
  import Button from '../src/parts/Button.svelte';
  import CheckField from '../src/parts/CheckField.svelte';
  import Choice from '../src/parts/Choice.svelte';
  import DateField from '../src/parts/DateField.svelte';
  import Field from '../src/parts/Field.svelte';
  import FileField from '../src/parts/FileField.svelte';
  import InSentence from '../src/parts/InSentence.svelte';
  import Notice from '../src/parts/Notice.svelte';
  import OneOf from '../src/parts/OneOf.svelte';
  import Press from '../src/parts/Press.svelte';
  import SheetField from '../src/parts/SheetField.svelte';
  import Table from '../src/parts/Table.svelte';
  import TextLink from '../src/parts/TextLink.svelte';

  const WATERS = [
    ['mains', 'mains'],
    ['rain', 'rain'],
  ] as const;
  let name = $state('Yard mains');
  let volume = $state('425');
  let kind = $state<'mains' | 'rain'>('mains');
  let runs = $state(true);
  let day = $state<string | null>('2026-12-02');
  let file = $state('');
</script>

<h3>Button, TextLink, Press</h3>
<p class="row">
  <Button>Word</Button>
  <Button tone="faded">Faded word</Button>
  <Button kind="framed">Framed</Button>
  <Button kind="framed" tone="danger">I have read it</Button>
  <Button kind="main">Main</Button>
  <Button kind="main" size="large">Large main</Button>
  <Button kind="main" disabled>Not yet</Button>
  <Button kind="bare" aria-label="Take it out">✕</Button>
  <Button size="small">Small word</Button>
  <TextLink href="#parts">A link</TextLink>
  <TextLink kind="framed" href="#parts">A framed link</TextLink>
</p>
<Press>The one press area</Press>
<h3>Field, SheetField, InSentence, Choice</h3>
<div class="row">
  <Field label="Name" bind:value={name} />
  <Field label="Volume" beside figure unit="L" size={6} bind:value={volume} />
  <Field label="Kind" bind:value={kind} options={WATERS} />
  <Field label="Reading" value="5*0.8" wrong />
</div>
<SheetField label="Left in it" value="420" unit="mL" onkeep={() => undefined} />
<p>
  Fill <InSentence label="Tank" bind:value={name} /> to
  <InSentence label="Volume" kind="figure" bind:value={volume} /> L of
  <Choice
    label="Water"
    value={kind}
    options={WATERS.map(([value, words]) => ({ value, words }))}
    onchoose={(chosen) => (kind = chosen)}
  />.
</p>
<h3>CheckField, OneOf, DateField, FileField</h3>
<div class="row">
  <CheckField bind:checked={runs}>holds water only while the pump runs</CheckField>
  <DateField label="Best before" bind:value={day} />
  <FileField words="Choose a file" accept=".csv" onfile={(chosen) => (file = chosen.name)} />
  {file}
</div>
<OneOf title="Water" options={WATERS} value={kind} onchoose={(chosen) => (kind = chosen)} />
<h3>Notice, Table</h3>
<Notice problem={{ message: 'EC: “5*0.8” is not a number. Type one such as 1.8.' }} />
<Notice kind="done">Password changed.</Notice>
<Table label="Waters" head={['', 'Yard mains', 'Roof rain']}>
  <tbody>
    <tr><th scope="row">pH</th><td>7.6</td><td>6.1</td></tr>
  </tbody>
</Table>

<style>
  h3 {
    margin: 16px 0 4px;
    font-size: var(--type-more);
  }

  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: end;
  }
</style>
