package brandeon.server.inlet;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DeliveryRows extends JpaRepository<DeliveryRow, UUID> {

    List<DeliveryRow> findByChannelIdOrderByAtDesc(UUID channel, Limit limit);

    Optional<DeliveryRow> findByChannelIdAndId(UUID channel, UUID id);

    /** All but the last ones. */
    @Modifying
    @Query("""
            delete from DeliveryRow d where d.channelId = :channel and d.id not in
                (select k.id from DeliveryRow k where k.channelId = :channel order by k.at desc limit 50)""")
    void removeOld(UUID channel);
}
