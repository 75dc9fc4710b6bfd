package brandeon.core.art;

/** Numbers as SVG text: at most two decimals, no trailing zeros, never in exponent form. */
final class Numbers {

    private Numbers() {}

    static String text(double value) {
        StringBuilder out = new StringBuilder(8);
        appendOne(out, value);
        return out.toString();
    }

    static void append(StringBuilder out, double... values) {
        for (int i = 0; i < values.length; i++) {
            if (i > 0) {
                out.append(' ');
            }
            appendOne(out, values[i]);
        }
    }

    private static void appendOne(StringBuilder out, double value) {
        long hundredths = Math.round(value * 100);
        if (hundredths < 0) {
            out.append('-');
            hundredths = -hundredths;
        }
        out.append(hundredths / 100);
        long rest = hundredths % 100;
        if (rest != 0) {
            out.append('.').append(rest / 10);
            if (rest % 10 != 0) {
                out.append(rest % 10);
            }
        }
    }
}
