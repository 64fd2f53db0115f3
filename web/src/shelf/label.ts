import type { Label } from '../api/client';
import { written } from '../words/numbers';

/** What a label is about: its analysis, a plain salt, or an acid. */
export type LabelKind = 'analysis' | 'salt' | 'acid';

export const LINES: { line: string; words: string }[] = [
  { line: 'N', words: 'total N' },
  { line: 'N_nitrate', words: 'nitrate N' },
  { line: 'N_ammonium', words: 'ammonium N' },
  { line: 'N_urea', words: 'urea N' },
  { line: 'P2O5', words: 'P₂O₅' },
  { line: 'P', words: 'or P' },
  { line: 'K2O', words: 'K₂O' },
  { line: 'K', words: 'or K' },
  { line: 'Ca', words: 'Ca' },
  { line: 'CaO', words: 'or CaO' },
  { line: 'Mg', words: 'Mg' },
  { line: 'MgO', words: 'or MgO' },
  { line: 'S', words: 'S' },
  { line: 'SO3', words: 'or SO₃' },
  { line: 'Fe', words: 'Fe' },
  { line: 'Mn', words: 'Mn' },
  { line: 'Zn', words: 'Zn' },
  { line: 'Cu', words: 'Cu' },
  { line: 'B', words: 'B' },
  { line: 'Mo', words: 'Mo' },
  { line: 'SiO2', words: 'SiO₂' },
  { line: 'Si', words: 'or Si' },
  { line: 'Na', words: 'Na' },
  { line: 'Cl', words: 'Cl' },
];

export const SALTS: { value: NonNullable<Label['salt']>; words: string }[] = [
  { value: 'calcium_nitrate', words: 'calcium nitrate, granular' },
  { value: 'calcium_nitrate_tetrahydrate', words: 'calcium nitrate, crystals' },
  { value: 'potassium_nitrate', words: 'potassium nitrate' },
  { value: 'magnesium_nitrate', words: 'magnesium nitrate' },
  { value: 'ammonium_nitrate', words: 'ammonium nitrate' },
  { value: 'monopotassium_phosphate', words: 'monopotassium phosphate' },
  { value: 'monoammonium_phosphate', words: 'monoammonium phosphate' },
  { value: 'potassium_sulfate', words: 'potassium sulfate' },
  { value: 'magnesium_sulfate', words: 'magnesium sulfate' },
  { value: 'ammonium_sulfate', words: 'ammonium sulfate' },
  { value: 'calcium_chloride', words: 'calcium chloride' },
  { value: 'potassium_chloride', words: 'potassium chloride' },
  { value: 'potassium_carbonate', words: 'potassium carbonate' },
  { value: 'potassium_hydroxide', words: 'potassium hydroxide' },
  { value: 'urea', words: 'urea' },
];

export const ACIDS: { value: NonNullable<Label['acid']>['kind']; words: string; note: string }[] = [
  { value: 'nitric', words: 'nitric', note: 'brings nitrogen' },
  { value: 'phosphoric', words: 'phosphoric', note: 'brings phosphorus' },
  { value: 'sulfuric', words: 'sulfuric', note: 'brings sulfur; for large tanks' },
  { value: 'citric', words: 'citric', note: 'mild, and soon gone' },
];

export const EMPTY: Label = {
  analysis: {},
  basis: 'w/w',
  printed_in: 'percent',
  derived_from: '',
  purity: '100',
};

/** What the lines of a liquid's label are printed in. */
export type Printed = Label['basis'] | Exclude<Label['printed_in'], 'percent'>;

export const PRINTED_IN: { value: Printed; words: string; note: string }[] = [
  { value: 'w/w', words: 'percent by weight', note: 'g in 100 g, as most labels' },
  { value: 'w/v', words: 'percent by volume', note: 'g in 100 mL' },
  { value: 'g/L', words: 'g/L', note: 'grams in a litre of it' },
  { value: 'mg/L', words: 'mg/L', note: 'also printed as ppm' },
];

export function printedIn(label: Label): Printed {
  return label.printed_in === 'percent' ? label.basis : label.printed_in;
}

export function kindOf(label: Label | null): LabelKind {
  if (label?.acid) return 'acid';
  return label?.salt ? 'salt' : 'analysis';
}

/** The label with one line changed; an empty text takes the line away. */
export function withLine(label: Label | null, line: string, text: string): Label {
  const kept = label ?? EMPTY;
  const others = Object.entries(kept.analysis).filter(([name]) => name !== line);
  const percent = text.trim().replace(',', '.');
  return { ...kept, analysis: Object.fromEntries(percent ? [...others, [line, percent]] : others) };
}

/** A few words for a label, as a list shows it. */
export function summary(label: Label | null): string {
  if (!label) return 'no label yet';
  if (label.acid)
    return `${label.acid.kind} acid ${written(label.acid.percent ? `${label.acid.percent} %` : `${label.acid.molar} mol/L`)}`;
  if (label.salt) return SALTS.find((salt) => salt.value === label.salt)?.words ?? label.salt;
  const lines = LINES.filter(({ line }) => label.analysis[line]).map(
    ({ line, words }) => `${words.replace('or ', '')} ${written(`${label.analysis[line]}`)}`,
  );
  return lines.length
    ? `${lines.slice(0, 3).join(', ')}${lines.length > 3 ? ' …' : ''}`
    : 'no label yet';
}
