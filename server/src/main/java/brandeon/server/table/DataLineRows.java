package brandeon.server.table;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DataLineRows extends JpaRepository<DataLineRow, DataLineRow.Key> {

    @Query("select l from DataLineRow l where l.key.tableId = :table")
    List<DataLineRow> of(UUID table);

    @Modifying
    @Query("delete from DataLineRow l where l.key.tableId = :table and l.key.line in :lines")
    void remove(UUID table, Collection<Long> lines);
}
