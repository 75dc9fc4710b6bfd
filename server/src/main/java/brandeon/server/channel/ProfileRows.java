package brandeon.server.channel;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ProfileRows extends JpaRepository<ProfileRow, ProfileRow.Key> {

    @Query("select p from ProfileRow p where p.key.workspaceId = :workspace order by p.key.id")
    List<ProfileRow> of(UUID workspace);

    @Modifying
    @Query("delete from ProfileRow p where p.key = :key")
    void remove(ProfileRow.Key key);
}
