package brandeon.core.live;

import brandeon.core.problem.Mistake;

/**
 * What a signal must be beside its kind, so that a rule is for it.
 *
 * @param from      least amount: people, things, or money in its smallest unit
 * @param to        most amount; 0 for no end
 * @param currency  of the amount, by ISO 4217; empty for any
 * @param months    of support, at least
 * @param level     of support; empty for any
 * @param first     whether it must be the viewer's first of its kind
 * @param anonymous whether it must come from somebody who does not want to be named
 */
public record When(long from, long to, String currency, int months, String level, boolean first, boolean anonymous) {

    /** Any signal of the kind. */
    public static final When ANY = new When(0, 0, "", 0, "", false, false);

    public When {
        if (from < 0 || to < 0 || months < 0) {
            throw new Mistake("Amounts and months of a rule are not below nothing.");
        }
        if (to > 0 && to < from) {
            throw new Mistake("A rule's largest amount is not less than its least.");
        }
    }

    /** From an amount on. */
    public static When from(long amount) {
        return new When(amount, 0, "", 0, "", false, false);
    }

    public boolean matches(Signal signal) {
        return signal.amount() >= from
                && (to == 0 || signal.amount() <= to)
                && (currency.isEmpty() || currency.equals(signal.currency()))
                && signal.months() >= months
                && (level.isEmpty() || level.equalsIgnoreCase(signal.level()))
                && (!first || signal.first())
                && (!anonymous || signal.anonymous());
    }
}
