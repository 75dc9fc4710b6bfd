package brandeon.server.access;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface ServerKeyRows extends JpaRepository<ServerKeyRow, String> {

    /** Several servers may start at once; the first one's secret stands. */
    @Transactional
    @Modifying
    @Query("insert into ServerKeyRow (name, secret) values (:name, :secret) on conflict do nothing")
    void offer(String name, byte[] secret);
}
