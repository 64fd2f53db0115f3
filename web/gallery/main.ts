/** All parts on one page, for who builds a screen: `./brisk dev` serves it, no build contains it. */
import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-700.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-700.css';
import '../src/styles.css';
import { mount } from 'svelte';

import Gallery from './Gallery.svelte';

const target = document.getElementById('parts');
if (!target) throw new Error('The page has no place for the parts.');
mount(Gallery, { target });
