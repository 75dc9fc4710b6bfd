package brandeon.core.live;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A platform's own words: which signals it has, what its events are called on the wire, and what people there say.
 *
 * All three are invented stand-ins. Each knows its signals by a CloudEvents type.
 */
public enum Platform {
    ALDER(
            "Alder",
            new Words("subscriber", "subscribers", "subscription", "subscriptions", "subscribed", "raid", "raided")) {
        @Override
        void fill(Map<SignalKind, Term> terms) {
            terms.put(SignalKind.FOLLOW, new Term("alder.follow", "follow"));
            terms.put(SignalKind.SUBSCRIPTION, new Term("alder.subscription.new", "subscription"));
            terms.put(SignalKind.RENEWAL, new Term("alder.subscription.renewed", "renewed subscription"));
            terms.put(SignalKind.GIFTED_SUBSCRIPTIONS, new Term("alder.subscription.gifted", "gifted subscriptions"));
            terms.put(SignalKind.POINTS, new Term("alder.acorns", "acorns"));
            terms.put(SignalKind.RAID, new Term("alder.raid", "raid"));
        }
    },
    BIRCH(
            "Birch",
            new Words(
                    "member",
                    "members",
                    "membership",
                    "memberships",
                    "became a member",
                    "redirect",
                    "redirected here")) {
        @Override
        void fill(Map<SignalKind, Term> terms) {
            terms.put(SignalKind.SUBSCRIPTION, new Term("birch.membership.new", "membership"));
            terms.put(SignalKind.RENEWAL, new Term("birch.membership.renewed", "renewed membership"));
            terms.put(SignalKind.PAID_MESSAGE, new Term("birch.paid-message", "paid message"));
            terms.put(SignalKind.RAID, new Term("birch.redirect", "redirect"));
        }
    },
    CEDAR("Cedar", new Words("follower", "followers", "follow", "follows", "followed", "follow", "followed")) {
        @Override
        void fill(Map<SignalKind, Term> terms) {
            terms.put(SignalKind.FOLLOW, new Term("cedar.follow", "follow"));
            terms.put(SignalKind.GOODS, new Term("cedar.cones", "cones"));
        }
    };

    /** @param type CloudEvents type on the wire; @param word what people there call it */
    public record Term(String type, String word) {}

    /** The words that viewers read, by concept. */
    public record Words(
            String supporter,
            String supporters,
            String support,
            String supports,
            String supported,
            String raid,
            String raided) {}

    private final String title;
    private final Words words;
    private final Map<SignalKind, Term> terms = new EnumMap<>(SignalKind.class);

    Platform(String title, Words words) {
        this.title = title;
        this.words = words;
        fill(terms);
    }

    abstract void fill(Map<SignalKind, Term> terms);

    public String title() {
        return title;
    }

    public Words words() {
        return words;
    }

    public Optional<Term> term(SignalKind kind) {
        return Optional.ofNullable(terms.get(kind));
    }

    /** What a CloudEvents type means; empty when this platform does not send it. */
    public Optional<SignalKind> kindOf(String type) {
        return terms.entrySet().stream()
                .filter(entry -> entry.getValue().type().equals(type))
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
