package brandeon.server.record;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeedRows extends JpaRepository<DeedRow, UUID> {

    List<DeedRow> findByWorkspaceIdOrderByAtDesc(UUID workspace, Limit limit);
}
