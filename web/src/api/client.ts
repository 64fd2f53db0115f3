import createClient from 'openapi-fetch';

import { forPerson } from '../words/numbers';
import { writing } from '../words/writing.svelte';
import type { components, paths } from './schema';
import { send } from './token';

export type Shapes = components['schemas'];
export type SignedIn = Shapes['SignedIn'];
export type Tank = Shapes['TankOut'];
export type Chart = Shapes['ChartOut'];
export type Water = Shapes['WaterOut'];
/**
 * What a grow has, as a screen holds it: what holds for all of it, and its lists in whole.
 * `charts` are those that its tanks are fed by, and any that was asked for; `leaflets` names all.
 */
export type Overview = Shapes['GrowOverview'] & {
  tanks: Tank[];
  waters: Water[];
  charts: Chart[];
  leaflets: Shapes['ChartBrief'][];
  /** What tanks need by their seasons, by tank; a grow without this answer has all the rest. */
  needs?: Record<number, Shapes['TankToday']>;
};
export type MixIn = Shapes['MixIn'];
export type MixOut = Shapes['MixOut'];
export type Pour = Shapes['PourDocument'];
export type Fill = Shapes['FillDocument'];
export type Caution = Shapes['WarningDocument'];
export type Element = Shapes['ElementDocument'];
export type Shelf = Shapes['ShelfOut'];
export type Product = Shapes['ProductOut'];
export type Label = Shapes['LabelDocument'];
export type MeasuringVessel = Shapes['VesselOut'];
export type OrderPreferences = Shapes['OrderPreferencesOut'];
export type GuidedState = Shapes['GuidedOut'];
export type GuidedStep = Shapes['StepOut'];
export type MixEvent = Shapes['EventIn'];
export type MixRecord = Shapes['MixRecordDocument'];
export type WaterIn = Shapes['WaterIn'];
export type TankIn = Shapes['TankIn'];
export type UnitsIn = Shapes['UnitsIn'];
export type Figure = Shapes['Figure'];
/** What went wrong: of the server's own codes, or that nothing was heard of it. */
export type Problem = Omit<Shapes['Problem'], 'code'> & {
  code: Shapes['Problem']['code'] | 'server_silent';
};
export type Leaflet = Shapes['LeafletDocument'];
export type LeafletRow = Shapes['LeafletRow'];
export type LeafletColumn = Shapes['LeafletColumn'];
export type LeafletFound = Shapes['LeafletOut'];
export type Meaning = Shapes['MeaningOut'];
export type ReadTable = Shapes['ReadOut'];
export type ChartCard = Shapes['ChartCard'];

export const api = createClient<paths>({ baseUrl: location.origin, fetch: send });

api.use({
  async onResponse({ response }) {
    const isJson = response.headers.get('Content-Type')?.includes('json') && response.body;
    if (writing.decimal === '.' || !isJson) return;
    const { status, statusText, headers } = response;
    const body = JSON.stringify(forPerson(await response.json()));
    return new Response(body, { status, statusText, headers });
  },
});

export const SERVER_SILENT: Problem = {
  code: 'server_silent',
  message: 'The server does not answer.',
  where: '',
};

/** The problem in an error answer, whatever came back. */
export function problemOf(error: unknown): Problem {
  const told = (error as { error?: Problem } | undefined)?.error;
  return told?.message ? told : SERVER_SILENT;
}

export type Answer<Data> =
  { data: Data; problem: undefined } | { data: undefined; problem: Problem };

/** What a request came to: its data, or the problem that is shown, whatever went wrong. */
export async function answered<Data>(
  asked: Promise<{ data?: Data; error?: unknown }>,
): Promise<Answer<Data>> {
  const { data, error } = await asked.catch(() => ({ data: undefined, error: undefined }));
  if (data !== undefined) return { data, problem: undefined };
  return { data: undefined, problem: problemOf(error) };
}

/** A list in whole, page after page; a problem with one page is one with the list. */
export async function listed<Item>(
  page: (after: number) => Promise<{
    data?: { items: Item[]; after: number | null };
    error?: unknown;
  }>,
): Promise<Answer<Item[]>> {
  const found: Item[] = [];
  for (let after: number | null = 0; after !== null;) {
    const { data, problem }: Answer<{ items: Item[]; after: number | null }> = await answered(
      page(after),
    );
    if (!data) return { data: undefined, problem };
    found.push(...data.items);
    after = data.after;
  }
  return { data: found, problem: undefined };
}
