package brandeon.server.live;

import brandeon.core.publish.Picture;
import brandeon.core.theme.ThemeChange;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.UUID;

/** What the server says on the live channel; see docs/protocol.md. Instants are epoch milliseconds. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @Type(value = Told.Welcome.class, name = "welcome"),
    @Type(value = Told.Patch.class, name = "patch"),
    @Type(value = Told.Changed.class, name = "changed"),
    @Type(value = Told.ShowChanged.class, name = "show"),
    @Type(value = Told.Arrived.class, name = "arrived"),
    @Type(value = Told.PeopleHere.class, name = "people"),
    @Type(value = Told.Sounding.class, name = "sounding"),
    @Type(value = Told.Time.class, name = "time"),
    @Type(value = Told.Refusal.class, name = "error")
})
public sealed interface Told {

    /**
     * Where a feed stands.
     *
     * @param number of the picture at {@code hash}
     * @param hash   of the picture to fetch; empty when what was missed follows as patches
     */
    record Welcome(String feed, String epoch, long number, String hash, long now) implements Told {}

    /**
     * What turns picture {@code number - 1} of a feed into picture {@code number}: pieces that are not in the order
     * go, layers that are not listed stay as they are.
     *
     * @param x left edge of the picture on its canvas, in canvas pixels
     */
    record Patch(
            String feed,
            long number,
            String hash,
            int x,
            int y,
            int width,
            int height,
            List<String> order,
            List<Picture.Layer> layers)
            implements Told {}

    /**
     * A theme that one follows has a new version.
     *
     * @param from    the version that the change turns into the new one; whoever has another one fetches the whole
     * @param onAir   number of the release on air; 0 when none is
     * @param differs whether the draft is another one than what is on air
     */
    record Changed(UUID theme, long from, long version, int onAir, boolean differs, ThemeChange change)
            implements Told {}

    /** Something else is said in a show that one follows. */
    record ShowChanged(UUID show, long version) implements Told {}

    /**
     * How far what is said in a show that one follows has come.
     *
     * @param version of the show
     * @param on      how many of all open sources show it
     */
    record Arrived(UUID show, long version, int on, int of) implements Told {}

    /** The others on the theme that one is on. */
    record PeopleHere(List<Person> people) implements Told {}

    /** @param id of the connection, so that one person's two windows are two */
    record Person(String id, String name, String scene, String canvas, List<String> selected) {}

    /** The server's clock, to be corrected by half the way. */
    record Time(double sent, long now) implements Told {}

    /**
     * Whether this outlet is the one in which its show is heard, and what is heard.
     *
     * @param load  addresses of all sounds that may be wanted, to be fetched beforehand
     * @param plays what is heard now and next; whatever is not listed any more ends
     */
    record Sounding(boolean on, List<String> load, List<Play> plays) implements Told {}

    /**
     * A sound at its time.
     *
     * @param key   the same play keeps it
     * @param gain  in dB
     * @param until when it ends, if it has not ended by itself
     */
    record Play(String key, String address, double gain, long from, long until) {}

    /** Something was not done. @param feed it was about; may be empty */
    record Refusal(String feed, String detail) implements Told {}
}
