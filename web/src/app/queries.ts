import { type InvalidateOptions, type InvalidateQueryFilters, type Query, QueryClient } from "@tanstack/react-query";

/**
 * What was asked of the server. TanStack's own forgets a change that comes while the first answer is still on its way;
 * here that answer is shown, and asked for again, since it was perhaps computed before the change.
 */
export class Queries extends QueryClient {
  private readonly outdated = new Map<Query, Promise<void>>();

  override async invalidateQueries(filters?: InvalidateQueryFilters, options?: InvalidateOptions): Promise<void> {
    const first = this.getQueryCache()
      .findAll({ ...filters, fetchStatus: "fetching" })
      .filter((query) => query.state.data === undefined);
    await Promise.all([super.invalidateQueries(filters, options), ...first.map((query) => this.afterFirst(query))]);
  }

  private afterFirst(query: Query): Promise<void> {
    const planned = this.outdated.get(query);
    if (planned) return planned;
    const again = () => {
      this.outdated.delete(query);
      return super.invalidateQueries({ queryKey: query.queryKey, exact: true });
    };
    const asked = (query.promise ?? Promise.resolve()).then(again, again);
    this.outdated.set(query, asked);
    return asked;
  }
}
