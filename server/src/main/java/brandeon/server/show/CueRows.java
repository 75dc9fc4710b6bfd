package brandeon.server.show;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface CueRows extends JpaRepository<CueRow, CueRow.Key> {

    /** @return 0 when a cue with this name was applied before; nothing is added then */
    @Modifying
    @Query("""
            insert into CueRow (key.showId, key.number, accountId, passId, who, door, name, at, cue, inverse, sentence, state)
            values (:show, :number, :account, :pass, :who, :door, :name, :at, :cue, :inverse, :sentence, :state)
            on conflict (key.showId, name) do nothing""")
    int add(
            UUID show,
            long number,
            UUID account,
            UUID pass,
            String who,
            Door door,
            String name,
            Instant at,
            String cue,
            String inverse,
            String sentence,
            CueRow.State state);

    @Query("select c from CueRow c where c.key.showId = :show and c.name = :name")
    Optional<CueRow> named(UUID show, String name);

    @Query("select c from CueRow c where c.key.showId = :show order by c.key.number desc")
    List<CueRow> latest(UUID show, Limit limit);

    /** Of one pass. */
    @Query("""
            select c from CueRow c where c.key.showId = :show and c.passId = :pass
            order by c.key.number desc""")
    List<CueRow> latestWith(UUID show, UUID pass, Limit limit);

    /** What was done after another one and stands. */
    @Query("""
            select c from CueRow c where c.key.showId = :show and c.key.number > :number
            and c.state = brandeon.server.show.CueRow.State.DONE""")
    List<CueRow> since(UUID show, long number);

    @Query("""
            select c from CueRow c where c.key.showId = :show and (c.accountId = :by or c.passId = :by) and c.state = :state
            order by c.key.number desc""")
    List<CueRow> latestOf(UUID show, UUID by, CueRow.State state, Limit limit);

    @Query("""
            select c from CueRow c where c.key.showId = :show and (c.accountId = :by or c.passId = :by) and c.state = :state
            order by c.key.number asc""")
    List<CueRow> earliestOf(UUID show, UUID by, CueRow.State state, Limit limit);

    @Query("select distinct c.state from CueRow c where c.key.showId = :show and (c.accountId = :by or c.passId = :by)")
    List<CueRow.State> states(UUID show, UUID by);

    @Modifying
    @Query("""
            update CueRow c set c.state = brandeon.server.show.CueRow.State.DROPPED where c.key.showId = :show
            and (c.accountId = :by or c.passId = :by) and c.state = brandeon.server.show.CueRow.State.UNDONE""")
    void dropUndone(UUID show, UUID by);
}
