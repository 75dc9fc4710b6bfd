package brandeon.server.move;

import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.theme.Themes;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The list of what is still to be done after a move; anybody of the workspace goes on with it. */
@RestController
@RequestMapping("/api/themes/{id}/move/list")
class MoveListController {

    /** @param key of a source */
    record TickWish(String key, boolean done) {}

    record DoneWish(boolean done) {}

    private final Members members;
    private final Themes themes;
    private final MoveList list;

    MoveListController(Members members, Themes themes, MoveList list) {
        this.members = members;
        this.themes = themes;
        this.list = list;
    }

    @GetMapping
    MoveList.MoveListView all(@PathVariable UUID id) {
        Member member = members.current();
        return list.of(member, themes.get(member, id));
    }

    /** Ticks a source by hand, or takes the tick back. */
    @PutMapping("/sources")
    MoveList.MoveListView tick(@PathVariable UUID id, @RequestBody TickWish wish) {
        Member member = members.current();
        list.tick(member, themes.get(member, id), wish.key(), wish.done());
        return all(id);
    }

    @PostMapping("/lines")
    @ResponseStatus(HttpStatus.CREATED)
    MoveList.OwnLine add(@PathVariable UUID id, @RequestBody MoveList.OwnWish wish) {
        Member member = members.current();
        return list.add(member, themes.get(member, id), wish);
    }

    @PutMapping("/lines/{line}")
    MoveList.MoveListView change(@PathVariable UUID id, @PathVariable UUID line, @RequestBody MoveList.OwnWish wish) {
        Member member = members.current();
        list.change(member, themes.get(member, id), line, wish);
        return all(id);
    }

    @PutMapping("/lines/{line}/done")
    MoveList.MoveListView done(@PathVariable UUID id, @PathVariable UUID line, @RequestBody DoneWish wish) {
        Member member = members.current();
        list.done(member, themes.get(member, id), line, wish.done());
        return all(id);
    }

    @DeleteMapping("/lines/{line}")
    MoveList.MoveListView remove(@PathVariable UUID id, @PathVariable UUID line) {
        Member member = members.current();
        list.remove(member, themes.get(member, id), line);
        return all(id);
    }
}
