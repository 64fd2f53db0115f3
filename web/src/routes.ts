import { createRouter } from 'sv-router';

import GuidedPage from './guided/GuidedPage.svelte';
import PlanningView from './planning/PlanningView.svelte';
import Home from './shell/Home.svelte';
import Shell from './shell/Shell.svelte';
import Start from './shell/Start.svelte';

/** Every address; `shell/views.ts` names those of the views. */
export const { navigate, route } = createRouter({
  '/': Home,
  '/g/:grow/guided/:mix': GuidedPage,
  '/g/:grow': {
    '/': Start,
    '/tanks/:tank/mix': PlanningView,
    // Who only mixes need not fetch what the other views are made of.
    '/tanks/:tank/course': () => import('./course/CourseView.svelte'),
    '/tanks/:tank': () => import('./tank/TankView.svelte'),
    '/tanks/:tank/mixes': () => import('./mixes/MixesView.svelte'),
    '/mixes': () => import('./mixes/MixesView.svelte'),
    '/today': () => import('./today/TodayView.svelte'),
    '/people': () => import('./people/PeopleView.svelte'),
    '/water': () => import('./water/WaterView.svelte'),
    '/shelf': () => import('./shelf/ShelfView.svelte'),
    '/charts': () => import('./charts/ChartsView.svelte'),
    '/charts/:chart': () => import('./charts/LeafletPage.svelte'),
    layout: Shell,
  },
  '*': Home,
});

/** Go to an address; `navigate` itself asks for the type of every path. */
export function go(path: string, { hash = '', replace = false } = {}) {
  void navigate(path as '/', { hash, replace });
}

/** A number in the address of the view on screen. */
export function numberHere(name: string): number {
  return Number((route.params as Record<string, string | undefined>)[name]);
}
