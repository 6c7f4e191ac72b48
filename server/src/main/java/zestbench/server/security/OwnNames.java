package zestbench.server.security;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Component;
import zestbench.server.Settings;

/** The names this bench goes by: those of this machine to itself, and the one it is shared under with its address. */
@Component
public class OwnNames {
    private final Set<String> names = new LinkedHashSet<>(Set.of("localhost", "127.0.0.1", "[::1]", "::1"));

    OwnNames(Settings settings) {
        String host = settings.host();
        if (host != null) {
            names.add(host.toLowerCase(Locale.ROOT));
            try {
                for (InetAddress address : InetAddress.getAllByName(host)) {
                    names.add(address.getHostAddress());
                }
            } catch (UnknownHostException unknown) {
                // only others know it under that name; Connectors says so
            }
        }
    }

    public boolean isOwn(String name) {
        return names.contains(name.toLowerCase(Locale.ROOT));
    }
}
