import { Injectable } from '@nestjs/common';
import type { CutState, Entry, FishState, MealState, PackState, SubjectState, TripState } from '@dagboek/journal';
import { DataSource } from 'typeorm';

type Bare<T> = Omit<T, 'log'>;

/** One fish from the water to the plate: the states along its line and the entries they were folded from. */
export interface FishLine {
  readonly fish: Bare<FishState>;
  readonly trip: Bare<TripState> | null;
  readonly cuts: Bare<CutState>[];
  readonly packs: Bare<PackState>[];
  readonly meals: Bare<MealState>[];
  readonly entries: Entry[];
}

@Injectable()
export class FishService {
  constructor(private readonly source: DataSource) {}

  /** The line of one fish, by indexed look-ups alone, so that it does not grow with the book. Null when there is none. */
  async line(id: string): Promise<FishLine | null> {
    const states = async <T extends SubjectState>(sql: string, ...args: string[]): Promise<Bare<T>[]> =>
      ((await this.source.query(sql, args)) as { state: string }[]).map((r) => JSON.parse(r.state) as Bare<T>);
    const [fish] = await states<FishState>('SELECT state FROM fish WHERE id = ?', id);
    if (!fish) return null;
    const cuts = await states<CutState>(
      "SELECT c.state FROM link l JOIN cut c ON c.id = l.source WHERE l.target = ? AND l.role = 'fish' ORDER BY c.started_ms",
      id,
    );
    const packs = await states<PackState>(
      "SELECT p.state FROM link l JOIN pack p ON p.id = l.source WHERE l.target = ? AND l.role = 'fish' ORDER BY p.stored_ms",
      id,
    );
    const meals = new Map<string, Bare<MealState>>();
    for (const p of packs)
      for (const m of await states<MealState>(
        "SELECT m.state FROM link l JOIN meal m ON m.id = l.source WHERE l.target = ? AND l.role = 'pack' ORDER BY m.served_ms",
        p.id,
      ))
        meals.set(m.id, m);
    const [trip] = await states<TripState>('SELECT state FROM trip WHERE id = ?', fish.trip);
    const subjects = [id, ...cuts.map((c) => c.id), ...packs.map((p) => p.id), ...meals.keys()];
    const rows = (await this.source.query(
      `SELECT body FROM entry WHERE subject IN (${subjects.map(() => '?').join(',')})`,
      subjects,
    )) as { body: string }[];
    const entries = rows
      .map((r) => JSON.parse(r.body) as Entry)
      .sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1));
    return { fish, trip: trip ?? null, cuts, packs, meals: [...meals.values()], entries };
  }
}
