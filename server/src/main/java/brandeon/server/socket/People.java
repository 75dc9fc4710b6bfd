package brandeon.server.socket;

import brandeon.core.problem.Mistake;
import brandeon.server.access.Member;
import brandeon.server.live.Asked;
import brandeon.server.live.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiConsumer;
import org.springframework.stereotype.Component;

/** Who looks at which theme in the editor, where, and what they have selected. Kept in this server's memory only. */
@Component
class People {

    private record Place(UUID theme, Told.Person person) {}

    private static final int MOST_SELECTED = 100;

    private final Map<String, Place> places = new ConcurrentHashMap<>();

    /**
     * @param tell sends the others on a theme to one connection
     * @throws Mistake for a selection that is too long
     */
    void at(String connection, Member member, Asked.Whereabouts at, BiConsumer<String, List<Told.Person>> tell) {
        UUID theme = at.theme();
        if (at.selected().size() > MOST_SELECTED) {
            throw new Mistake("A selection has at most " + MOST_SELECTED + " pieces.");
        }
        Place before = places.put(
                connection,
                new Place(
                        theme,
                        new Told.Person(
                                connection, member.name(), at.scene(), at.canvas(), List.copyOf(at.selected()))));
        if (before != null && !before.theme().equals(theme)) {
            tellAll(before.theme(), tell);
        }
        tellAll(theme, tell);
    }

    void gone(String connection, BiConsumer<String, List<Told.Person>> tell) {
        Place before = places.remove(connection);
        if (before != null) {
            tellAll(before.theme(), tell);
        }
    }

    private void tellAll(UUID theme, BiConsumer<String, List<Told.Person>> tell) {
        List<Told.Person> here = new ArrayList<>();
        places.values().stream()
                .filter(place -> place.theme().equals(theme))
                .forEach(place -> here.add(place.person()));
        here.forEach(person -> tell.accept(
                person.id(),
                here.stream().filter(other -> !other.id().equals(person.id())).toList()));
    }
}
