package brandeon.server.table;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface TableStepRows extends JpaRepository<TableStepRow, TableStepRow.Key> {

    @Query("""
            select s from TableStepRow s where s.key.tableId = :table and s.accountId = :account and s.undone = false
            order by s.key.number desc""")
    List<TableStepRow> done(UUID table, UUID account, Limit limit);

    @Query("""
            select s from TableStepRow s where s.key.tableId = :table and s.accountId = :account and s.undone = true
            order by s.key.number asc""")
    List<TableStepRow> undone(UUID table, UUID account, Limit limit);

    /** Those of before a version, and what this person took back before they did something else. */
    @Modifying
    @Query("""
            delete from TableStepRow s where s.key.tableId = :table
            and (s.key.number < :before or (s.accountId = :account and s.undone = true))""")
    void forget(UUID table, UUID account, long before);
}
