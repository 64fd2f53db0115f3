import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-700.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-700.css';
import './styles.css';
import { mount } from 'svelte';

import App from './App.svelte';
import { keepAtHand } from './guided/device/offline';

const target = document.getElementById('app');
if (!target) throw new Error('The page has no place for the application.');
mount(App, { target });
void keepAtHand();
