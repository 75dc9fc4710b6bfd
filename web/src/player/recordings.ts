/** What the practice player plays: nobody hears it, it only says how far it is. */
export interface Recording {
  title: string;
  artist: string;
  /** Seconds. */
  length: number;
}

export const RECORDINGS: Recording[] = [
  { title: "Curlews at low tide", artist: "Tove Sedge", length: 94 },
  { title: "Marsh recording no. 4", artist: "Mirela Osk", length: 212 },
  { title: "Rain on the hide roof", artist: "Saltmarsh Sal", length: 48 },
  { title: "The lamp man’s waltz", artist: "Wren of Low Quay", length: 175 },
  { title: "Bittern, far left of the channel", artist: "Oskar Tide", length: 31 },
];

/** A player: which recording, how far it is and since when it goes on from there. Instants are milliseconds. */
export interface Player {
  which: number;
  /** Seconds into it at {@link since}. */
  position: number;
  since: number;
  playing: boolean;
}

export function into(player: Player, now: number): number {
  return player.position + (player.playing ? (now - player.since) / 1000 : 0);
}

/** As it is at an instant: a recording that is over is followed by the next one, from its beginning. */
export function played(player: Player, now: number): Player {
  let next = player;
  for (;;) {
    const length = RECORDINGS[next.which]?.length ?? 0;
    const over = into(next, now) - length;
    if (over < 0 || !next.playing) return next;
    next = { which: (next.which + 1) % RECORDINGS.length, position: 0, since: now - over * 1000, playing: true };
  }
}

/** What it tells of itself. */
export function told(player: Player, now: number) {
  const recording = RECORDINGS[player.which];
  return {
    title: recording?.title ?? "",
    artist: recording?.artist ?? "",
    position: Math.round(into(player, now) * 10) / 10,
    length: recording?.length ?? 0,
    playing: player.playing,
  };
}
