package brandeon.core.text;

/**
 * Two texts that stand side by side, such as when and what, or what and who.
 *
 * @param value may be empty
 */
public record TextRow(String label, String value) {}
