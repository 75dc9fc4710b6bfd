/**
 * Kinds of pieces. Each kind is one class that knows all that is particular to it: what a piece of it says and of which
 * type that is, which figures it has, where it goes, what a family is asked to draw for it, sample words, and what
 * checks and sources must know. {@link brandeon.core.kind.PieceKind} lists them. Nothing here knows themes.
 */
package brandeon.core.kind;
