package brandeon.server.loose;

import brandeon.core.loose.Effort;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PackFileRows extends JpaRepository<PackFileRow, PackFileRow.Key> {

    @Query("select f from PackFileRow f where f.key.packId = :pack and f.millis >= 0 order by f.key.number")
    List<PackFileRow> read(UUID pack);

    @Query("""
            select new brandeon.core.loose.Effort$Step(f.path, f.bytes, f.millis)
            from PackFileRow f where f.key.packId = :pack order by f.key.number""")
    List<Effort.Step> steps(UUID pack);

    @Query("select f.key.number from PackFileRow f where f.key.packId = :pack and f.millis < 0 order by f.key.number")
    List<Integer> missing(UUID pack);

    @Modifying
    @Query("""
            update PackFileRow f set f.found = :found, f.millis = :millis
            where f.key = :key""")
    int keep(PackFileRow.Key key, String found, int millis);
}
