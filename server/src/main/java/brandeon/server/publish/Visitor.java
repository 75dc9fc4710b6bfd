package brandeon.server.publish;

import brandeon.core.account.Device;
import java.net.InetAddress;

/** Who has a page open, in words for people: the machine and the kind of program. */
public final class Visitor {

    private Visitor() {}

    /**
     * @param address of the machine; null where it is not known
     * @param program what the program says of itself; may be empty
     */
    public static String named(InetAddress address, String program) {
        String machine = address == null
                ? "a machine that is not known"
                : address.isLoopbackAddress() ? "the server’s own machine" : address.getHostAddress();
        String device = Device.named(program);
        return device.isBlank() ? machine : machine + " (" + device + ")";
    }

    /** @param address in digits, so that no name is looked up */
    static String named(String address, String program) {
        return named(InetAddress.ofLiteral(address), program);
    }
}
