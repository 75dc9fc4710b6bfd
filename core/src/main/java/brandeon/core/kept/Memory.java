package brandeon.core.kept;

/** The memory that the JVM was given ({@code BRANDEON_HEAP}), and which part of it each cache may hold. */
public final class Memory {

    private Memory() {}

    /** So many hundredths of it, in bytes. */
    public static long percent(int hundredths) {
        return Runtime.getRuntime().maxMemory() / 100 * hundredths;
    }
}
