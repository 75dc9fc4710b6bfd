import type { Schemas } from "../api/client";
import { useTables } from "../tables/useTables";
import { useCatalogue } from "../theme/useTheme";

/** All live values that texts of pieces may show: what signals come to, and what tables hold. */
export function useValues(): Schemas["ReadingView"][] {
  const readings = useCatalogue().data?.readings ?? [];
  const tables = useTables().data ?? [];
  return [
    ...readings,
    ...tables.flatMap((table) => table.values.map((value) => ({ ...value, period: `of the table ${table.title}` }))),
  ];
}
