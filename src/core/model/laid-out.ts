import type { Plan } from '../body/plan';

/**
 * Keeps what a table lays out on a plan: the same for every car of the kind, however often it is judged. `kept(table, plan,
 * key, make)` returns what `make` gave for that table, plan and key the first time; nothing is held longer than its table.
 */
export function keepLaidOut<Table extends object, Laid>() {
  const tables = new WeakMap<Table, WeakMap<Plan, Map<string, Laid>>>();
  return (table: Table, plan: Plan, key: string, make: () => Laid): Laid => {
    const plans = tables.get(table) ?? new WeakMap<Plan, Map<string, Laid>>();
    tables.set(table, plans);
    const byKey = plans.get(plan) ?? new Map<string, Laid>();
    plans.set(plan, byKey);
    const held = byKey.get(key) ?? make();
    byKey.set(key, held);
    return held;
  };
}
