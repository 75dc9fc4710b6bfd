package brandeon.server.live;

import brandeon.core.live.Signal;
import java.util.List;
import java.util.UUID;

/** Signals of a channel were stored, and were new. */
public record SignalsTaken(UUID channel, UUID show, List<Signal> signals) {}
