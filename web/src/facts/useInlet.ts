import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { useDeed } from "../app/useDeed";

export type Inlet = Schemas["InletView"];
export type Delivery = Schemas["DeliveryView"];

/** The page looks again at what came at most so long ago; milliseconds. */
const LOOKS = 1500;

/** How facts come into a channel. */
export function useInlet(channel: string) {
  return useQuery({
    queryKey: ["inlet", channel],
    queryFn: () => answer(api.GET("/api/channels/{channel}/inlet", { params: { path: { channel } } })),
  });
}

/** The last things that came, and what became of them. */
export function useDeliveries(channel: string) {
  return useQuery({
    queryKey: ["deliveries", channel],
    queryFn: () => answer(api.GET("/api/channels/{channel}/deliveries", { params: { path: { channel } } })),
    refetchInterval: LOOKS,
  });
}

/** Something done to a channel; afterwards all that is known of channels is asked for again. */
export function useChannelDeed<Wish, Done>(
  does: (wish: Wish) => Promise<Done>,
  said: (done: Done, wish: Wish) => string,
) {
  return useDeed(does, said, [["channels"], ["inlet"], ["deliveries"], ["theme"], ["shelf"]]);
}
