package brandeon.server.begin;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BeginningRows extends JpaRepository<BeginningRow, UUID> {}
