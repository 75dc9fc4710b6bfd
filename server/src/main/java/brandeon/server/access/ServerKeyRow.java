package brandeon.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A secret that all servers share. */
@Entity
@Table(name = "server_key")
class ServerKeyRow {

    @Id
    String name;

    byte[] secret;

    protected ServerKeyRow() {}
}
