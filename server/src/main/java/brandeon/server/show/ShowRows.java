package brandeon.server.show;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ShowRows extends JpaRepository<ShowRow, UUID> {

    /** Locked until the transaction ends, so that cues of one show follow each other on all servers. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from ShowRow s where s.id = :id")
    Optional<ShowRow> locked(UUID id);

    /**
     * @param due when something is to be done by itself; null for never
     * @return 0 when the show is not at this version any more, or is gone; nothing is changed then
     */
    @Modifying
    @Query("""
            update ShowRow s set s.document = :document, s.due = :due, s.version = s.version + 1
            where s.id = :id and s.version = :version""")
    int change(UUID id, long version, String document, Long due);

    /** Shows in which something is to be done by itself until an instant, epoch milliseconds. */
    @Query("select s.id from ShowRow s where s.due <= :until")
    List<UUID> due(long until);

    @Modifying
    @Query("update ShowRow s set s.ledBy = :theme where s.id = :id")
    void lead(UUID id, UUID theme);

    /** @param outlet null for whichever viewers see */
    @Modifying
    @Query("update ShowRow s set s.soundsIn = :outlet where s.id = :id")
    void hearIn(UUID id, UUID outlet);

    /** Shows that no channel feeds any more. */
    @Modifying
    @Query("delete from ShowRow s where s.id = :id")
    void remove(UUID id);
}
