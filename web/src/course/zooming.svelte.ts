import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom';

import { daysScale, seasonDays, type Course, type Frame } from './course';
import { dayNumber } from './days';

interface Shown {
  course: Course;
  frame: Frame;
  svg: SVGSVGElement | undefined;
}

/** From a season to a day and back, by keys, wheel with Ctrl, and fingers. */
export class Zooming {
  transform = $state.raw<ZoomTransform>(zoomIdentity);

  readonly #shown: () => Shown;
  #behavior: ZoomBehavior<SVGSVGElement, unknown> | undefined;

  constructor(shown: () => Shown) {
    this.#shown = shown;
  }

  /** Listen to the picture; again whenever its frame or its season has changed. */
  attach() {
    const { course, frame, svg } = this.#shown();
    if (!svg) return;
    const corners: [[number, number], [number, number]] = [
      [frame.left, 0],
      [frame.right, frame.height],
    ];
    this.#behavior = zoom<SVGSVGElement, unknown>()
      .scaleExtent([1, Math.max(1, seasonDays(course)[1] / 2)])
      .extent(corners)
      .translateExtent(corners)
      // A wheel alone scrolls the page; what has a handle is dragged, not the picture.
      .filter((event: Event) => {
        if ((event.target as Element).closest('.end')) return false;
        return event.type !== 'wheel' || (event as WheelEvent).ctrlKey;
      })
      .on('zoom', (event: { transform: ZoomTransform }) => (this.transform = event.transform));
    select(svg).call(this.#behavior).on('dblclick.zoom', null);
  }

  /** Show so many days, with today a third from the left; without, the whole season. */
  show(days?: number) {
    const { course, frame, svg } = this.#shown();
    if (!svg || !this.#behavior) return;
    const [, all] = seasonDays(course);
    if (days === undefined || days >= all)
      return void select(svg).call(this.#behavior.transform, zoomIdentity);
    const scale = all / days;
    const today = dayNumber(course.today) - dayNumber(course.started_on);
    const left = Math.min(Math.max(today - days / 3, 0), all - days);
    const x = daysScale(course, frame)(left);
    const to = zoomIdentity.translate(frame.left - x * scale, 0).scale(scale);
    select(svg).call(this.#behavior.transform, to);
  }

  press(event: KeyboardEvent) {
    const { svg } = this.#shown();
    if (!svg || !this.#behavior || event.ctrlKey || event.metaKey || event.altKey) return;
    const picture = select(svg);
    const by = 80 / this.transform.k;
    if (event.key === '+' || event.key === '=') picture.call(this.#behavior.scaleBy, 1.5);
    else if (event.key === '-') picture.call(this.#behavior.scaleBy, 1 / 1.5);
    else if (event.key === 'ArrowLeft') picture.call(this.#behavior.translateBy, by, 0);
    else if (event.key === 'ArrowRight') picture.call(this.#behavior.translateBy, -by, 0);
    else if (event.key === 'Home') this.show();
    else return;
    event.preventDefault();
  }
}
