import { dayAfter } from '../course/days';
import { answered, api, type Problem, type Shapes } from '../api/client';

export type Today = Shapes['TodayOut'];
export type TankToday = Shapes['TankToday'];
export type Task = Shapes['TaskOut'];

/** What a grow needs today: fetched, and told what became of its tasks. */
export class Day {
  readonly grow: number;
  today = $state.raw<Today | undefined>();
  problem = $state.raw<Problem | undefined>();

  constructor(grow: number) {
    this.grow = grow;
  }

  async load() {
    const path = { grow_id: this.grow };
    const { data, problem } = await answered(
      api.GET('/api/grows/{grow_id}/today', { params: { path } }),
    );
    this.problem = problem;
    if (data) this.today = data;
  }

  async tell(season: number, body: Shapes['TaskTold']): Promise<boolean> {
    const path = { grow_id: this.grow, season_id: season };
    const { problem } = await answered(
      api.POST('/api/grows/{grow_id}/seasons/{season_id}/tasks', { params: { path }, body }),
    );
    this.problem = problem;
    if (problem) return false;
    await this.load();
    return true;
  }

  read(tank: number, body: Shapes['TankReadingIn']) {
    const path = { grow_id: this.grow, tank_id: tank };
    return answered(
      api.POST('/api/grows/{grow_id}/tanks/{tank_id}/readings', { params: { path }, body }),
    );
  }
}

/** Tasks by when they are wanted: late and of today, of tomorrow, of the days after. */
export function byWhen(today: string, tasks: Task[]): { now: Task[]; soon: Task[]; later: Task[] } {
  const next = dayAfter(today, 1);
  return {
    now: tasks.filter((one) => one.state === 'late' || one.state === 'due'),
    soon: tasks.filter((one) => one.state === 'planned' && one.on === next),
    later: tasks.filter((one) => one.state === 'planned' && one.on > next),
  };
}
