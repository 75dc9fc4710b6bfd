import { useChannels } from "../app/useChannels";
import { useTheme } from "../theme/useTheme";
import type { SignalKind } from "./sentence";

const USUAL = ["EUR", "GBP", "USD", "JPY"];

/** In which currencies the channel's platform sends money of a kind; the usual ones where it does not say. */
export function useCurrencies(kind: SignalKind["id"]): string[] {
  const { channel } = useTheme();
  const own = useChannels()
    .data?.find((one) => one.id === channel)
    ?.signals.find((signal) => signal.kind === kind)?.currencies;
  return own && own.length > 0 ? own : USUAL;
}
