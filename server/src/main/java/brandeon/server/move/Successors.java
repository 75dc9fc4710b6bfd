package brandeon.server.move;

import brandeon.core.move.Counterparts;
import brandeon.server.publish.Outlets;
import brandeon.server.publish.Outlets.Outlet;
import brandeon.server.publish.Outlets.Place;
import brandeon.server.theme.Themes;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;

/** Which source of a theme takes the place of one of the theme whose links it takes over. */
final class Successors {

    private final Themes.Draft to;
    private final Counterparts counterparts;
    private final Map<Place, Outlet> fresh;

    Successors(Themes themes, Outlets outlets, Themes.Draft from, Themes.Draft to) {
        this.to = to;
        this.counterparts = Counterparts.of(themes.onAir(from).orElse(from.theme()), to.theme());
        this.fresh = outlets.byPlace(to.id());
    }

    /** All sources of the new theme. */
    Collection<Outlet> all() {
        return fresh.values();
    }

    /** Of a source of the old theme, or a former link of one of the new. */
    Optional<Outlet> of(Outlet outlet) {
        return outlet.theme().equals(to.id()) ? Optional.ofNullable(fresh.get(outlet.place())) : of(outlet.place());
    }

    /** Of a place of the old theme. */
    Optional<Outlet> of(Place place) {
        return counterparts
                .scene(place.scene())
                .flatMap(scene ->
                        counterparts.canvas(place.canvas()).map(canvas -> new Place(scene, canvas, place.part())))
                .map(fresh::get);
    }
}
