package brandeon.core.art;

/** A style: geometry, ornament and motion that turn a brand into pieces. Drawing the same ask twice gives the same art. */
public interface Family {

    /** Lasting name in theme documents. */
    String id();

    /** Name for people. */
    String title();

    /** One sentence for people. */
    String description();

    PieceArt draw(Ask ask, Look look);
}
