package brandeon.server.access;

import org.springframework.data.jpa.repository.JpaRepository;

interface InstallationRows extends JpaRepository<InstallationRow, String> {}
