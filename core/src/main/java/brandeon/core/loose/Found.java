package brandeon.core.loose;

import brandeon.core.colour.Colour;
import brandeon.core.opening.Openings;
import brandeon.core.recolour.Cluster;
import brandeon.core.sound.Loudness;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** What was found in a file; each is kept under the lasting name of its content. */
@JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION)
@JsonSubTypes({
    @JsonSubTypes.Type(Found.Picture.class),
    @JsonSubTypes.Type(Found.Heard.class),
    @JsonSubTypes.Type(Found.Typeface.class),
    @JsonSubTypes.Type(Found.Words.class),
    @JsonSubTypes.Type(Found.Nothing.class)
})
public sealed interface Found {

    /**
     * A picture, still or moving.
     *
     * @param file   name of its content
     * @param type   media type of what is kept
     * @param width  in pixels
     * @param height in pixels
     */
    record Picture(
            String file,
            String type,
            int width,
            int height,
            boolean moving,
            List<Cluster> clusters,
            Openings openings,
            Traits traits)
            implements Found {

        boolean vector() {
            return type.equals("image/svg+xml");
        }
    }

    /** A sound. @param wave name of its content @param millis its length */
    record Heard(String wave, int millis, Loudness loudness) implements Found {}

    /** A font. @param face name of its content @param title family and style */
    record Typeface(String face, String title) implements Found {}

    /**
     * A text.
     *
     * @param says    its beginning
     * @param licence id of the licence that it states (SPDX); empty where it states none that is known
     * @param origin  who made the pack, where it says so
     * @param palette colours, where it is a palette
     */
    record Words(String says, String licence, String origin, List<Colour> palette) implements Found {}

    /** Nothing that can be used. @param why as a sentence */
    record Nothing(String why) implements Found {}
}
