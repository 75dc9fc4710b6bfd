package brandeon.server.table;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DataTableRows extends JpaRepository<DataTableRow, UUID> {

    /** @param version that it has now */
    record Stand(UUID id, long version) {}

    @Query("""
            select new brandeon.server.table.DataTableRows$Stand(t.id, t.version) from DataTableRow t
            where t.showId = :show order by t.createdAt""")
    List<Stand> ofShow(UUID show);

    /** @param at null while nothing came */
    record FedLast(UUID id, Instant at, String said, boolean well) {}

    @Query("""
            select new brandeon.server.table.DataTableRows$FedLast(t.id, t.fedAt, t.fedSaid, t.fedWell)
            from DataTableRow t where t.showId = :show""")
    List<FedLast> fedOf(UUID show);

    /** @return 0 when the table is not at this version any more, or is gone; nothing is changed then */
    @Modifying
    @Query("update DataTableRow t set t.version = t.version + 1 where t.id = :id and t.version = :version")
    int change(UUID id, long version);

    @Modifying
    @Query("update DataTableRow t set t.word = :word, t.head = :head where t.id = :id")
    void head(UUID id, String word, String head);

    @Modifying
    @Query("update DataTableRow t set t.lineOrder = :order where t.id = :id")
    void order(UUID id, String order);

    @Modifying
    @Query("update DataTableRow t set t.number = t.number + 1 where t.id = :id")
    void renew(UUID id);

    @Modifying
    @Query("update DataTableRow t set t.fedAt = :at, t.fedSaid = :said, t.fedWell = :well where t.id = :id")
    void fed(UUID id, Instant at, String said, boolean well);

    @Modifying
    @Query("delete from DataTableRow t where t.id = :id")
    void remove(UUID id);
}
