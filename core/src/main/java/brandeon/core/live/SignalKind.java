package brandeon.core.live;

/** What happened, in words that no platform owns. Platforms differ in which they have and what they call them. */
public enum SignalKind {
    FOLLOW("follow", Amount.NONE),
    SUBSCRIPTION("subscription", Amount.NONE),
    RENEWAL("renewal", Amount.NONE),
    GIFTED_SUBSCRIPTIONS("gifted subscriptions", Amount.COUNT),
    POINTS("points", Amount.COUNT),
    GOODS("goods", Amount.COUNT),
    PAID_MESSAGE("paid message", Amount.MONEY),
    RAID("raid", Amount.COUNT),
    TIP("tip", Amount.MONEY),
    PURCHASE("purchase", Amount.MONEY),
    CHAT("chat line", Amount.NONE),
    /** Its amount is how many seconds it lasts; 0 says that it is over. */
    ADVERTISING("advertising", Amount.COUNT);

    /** What the amount of a signal is. */
    public enum Amount {
        NONE,
        /** How many: people of a raid, things or subscriptions that were given. */
        COUNT,
        /** In the smallest unit of a currency. */
        MONEY
    }

    private final String title;
    private final Amount amount;

    SignalKind(String title, Amount amount) {
        this.title = title;
        this.amount = amount;
    }

    public String title() {
        return title;
    }

    public Amount amount() {
        return amount;
    }

    /** Whether it is somebody's doing that can be announced; a line of the chat is read there. */
    public boolean announced() {
        return this != CHAT && this != ADVERTISING;
    }
}
