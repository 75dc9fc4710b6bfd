package brandeon.core.live;

/** What happened, in words that no platform owns. Platforms differ in which they have and what they call them. */
public enum SignalKind {
    FOLLOW,
    SUBSCRIPTION,
    RENEWAL,
    GIFTED_SUBSCRIPTIONS,
    POINTS,
    GOODS,
    PAID_MESSAGE,
    RAID
}
