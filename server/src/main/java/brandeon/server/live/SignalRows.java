package brandeon.server.live;

import brandeon.core.live.SignalKind;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SignalRows extends JpaRepository<SignalRow, SignalRow.Key> {

    /** @return 0 when it was taken in before */
    @Modifying
    @Query("""
            insert into SignalRow (key.channelId, key.id, kind, content, at, showsFrom, showsTill)
            values (:channel, :id, :kind, :content, :at, :from, :till) on conflict do nothing""")
    int add(UUID channel, String id, SignalKind kind, String content, Instant at, Long from, Long till);

    @Query("select s.content from SignalRow s where s.key.channelId = :channel order by s.number")
    List<String> contents(UUID channel);

    @Query("select s from SignalRow s where s.key.channelId = :channel order by s.number desc")
    List<SignalRow> latest(UUID channel, Limit limit);

    @Query("select s from SignalRow s where s.key.channelId = :channel and s.showsTill >= :now order by s.showsFrom")
    List<SignalRow> shownAfter(UUID channel, long now, Limit limit);

    @Query("select coalesce(max(s.showsTill), 0) from SignalRow s where s.key.channelId = :channel")
    long lastTill(UUID channel);
}
