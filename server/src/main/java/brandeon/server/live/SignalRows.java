package brandeon.server.live;

import brandeon.core.live.Fate;
import brandeon.core.live.SignalKind;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SignalRows extends JpaRepository<SignalRow, SignalRow.Key> {

    @Query("select s.content from SignalRow s where s.key.channelId in :channels order by s.number")
    List<String> contents(Collection<UUID> channels);

    /** @param name a pattern of LIKE in small letters, in which a backslash takes the next character as it is */
    @Query("""
            select s from SignalRow s where s.key.channelId = :channel and s.kind in :kinds and s.fate in :fates
                and lower(function('jsonb_extract_path_text', s.content, 'name')) like :name escape '\\'
            order by s.number desc""")
    List<SignalRow> latest(
            UUID channel, Collection<SignalKind> kinds, Collection<Fate> fates, String name, Limit limit);

    /** Those whose alert was neither shown nor dropped. */
    @Query("select s from SignalRow s where s.key.channelId in :channels and s.fate = WAITS order by s.number")
    List<SignalRow> waiting(Collection<UUID> channels);

    @Query("select s.key.id from SignalRow s where s.key.channelId = :channel and s.key.id in :ids")
    List<String> known(UUID channel, Collection<String> ids);

    /** What channels sent since an instant, the earliest first. */
    @Query(
            "select s.content from SignalRow s where s.key.channelId = :channel and s.at >= :since order by s.at, s.key.id")
    List<String> since(UUID channel, Instant since, Limit most);

    /** When somebody wrote into the chat last, practice left aside. */
    @Query("""
            select s.at from SignalRow s where s.key.channelId = :channel and s.kind = CHAT
                and function('jsonb_extract_path_text', s.content, 'name') = :name
                and function('jsonb_extract_path_text', s.content, 'practice') is null
            order by s.number desc""")
    List<Instant> wrote(UUID channel, String name, Limit limit);
}
