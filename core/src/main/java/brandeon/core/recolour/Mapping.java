package brandeon.core.recolour;

import brandeon.core.colour.Colour;

/** What recolouring does to one colour. A pure function; opacity is kept. */
public interface Mapping {

    Colour apply(Colour colour);
}
