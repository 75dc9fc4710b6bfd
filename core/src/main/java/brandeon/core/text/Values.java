package brandeon.core.text;

/** Live values by name, as texts ask for them. */
@FunctionalInterface
public interface Values {

    /** Null where there is none, or where it is not known yet. */
    Object get(String name);
}
