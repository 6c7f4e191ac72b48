package zestbench.server;

import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.apache.catalina.connector.Connector;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import zestbench.server.problem.ProblemValve;
import zestbench.server.security.UploadTime;

/**
 * Where the bench listens. To others it listens at the one address of the name it is shared under, and to this machine on
 * loopback, where it also asks its own simulated devices.
 */
@Component
public class OwnAddress implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final String LOOPBACK = "127.0.0.1";

    private final Settings settings;
    private final Environment environment;
    private @Nullable Connector own;
    private boolean isOnlyLoopback;
    private boolean isEverywhere;

    OwnAddress(Settings settings, Environment environment) {
        this.settings = settings;
        this.environment = environment;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextValves(new UploadTime(settings.uploadTime()));
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof org.apache.catalina.core.StandardHost host) {
                host.setErrorReportValveClass(ProblemValve.class.getName());
            }
        });
        String host = settings.host();
        if (host == null) {
            return;
        }
        InetAddress address = address(host);
        factory.setAddress(address);
        isEverywhere = address != null && address.isAnyLocalAddress();
        isOnlyLoopback = address != null && address.isLoopbackAddress();
        boolean isSpecific = address != null
                && !address.isAnyLocalAddress()
                && !address.getHostAddress().equals(LOOPBACK);
        if (isSpecific || isTls()) {
            Connector connector = new Connector("org.apache.coyote.http11.Http11NioProtocol");
            connector.setProperty("address", LOOPBACK);
            connector.setPort(isSpecific ? Integer.parseInt(environment.getProperty("server.port", "0")) : 0);
            factory.addAdditionalConnectors(connector);
            own = connector;
        }
    }

    /** The one address of this machine that goes by {@code host}; all of them where it has several or none of that name. */
    private static @Nullable InetAddress address(String host) {
        List<InetAddress> ours = new ArrayList<>();
        try {
            for (InetAddress each : InetAddress.getAllByName(host)) {
                if (NetworkInterface.getByInetAddress(each) != null) {
                    ours.add(each);
                }
            }
            if (ours.isEmpty()) {
                throw new CannotStart("zest: " + host + " is no address of this machine; it has "
                        + String.join(", ", addresses()) + ". Give one of them, or a name of one.");
            }
            return ours.size() == 1 ? ours.get(0) : InetAddress.getByName("0.0.0.0");
        } catch (UnknownHostException unknown) {
            return anyAddress();
        } catch (IOException problem) {
            throw new CannotStart("zest: the addresses of this machine cannot be read: " + problem.getMessage());
        }
    }

    private static @Nullable InetAddress anyAddress() {
        try {
            return InetAddress.getByName("0.0.0.0");
        } catch (UnknownHostException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static List<String> addresses() throws IOException {
        List<String> out = new ArrayList<>();
        for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
            each.inetAddresses().map(InetAddress::getHostAddress).forEach(out::add);
        }
        return out;
    }

    /** Whether it listens at every address, since the name is known to others only, or has several. */
    boolean isEverywhere() {
        return isEverywhere;
    }

    /** Whether the name it is shared under leads to loopback. */
    boolean isOnlyLoopback() {
        return isOnlyLoopback;
    }

    boolean isTls() {
        return environment.getProperty("server.ssl.key-store") != null;
    }

    String port() {
        return environment.getProperty("local.server.port", "8440");
    }

    /** How this machine reaches the bench, such as {@code http://127.0.0.1:8440}. */
    public String text() {
        return "http://" + LOOPBACK + ":" + (own == null ? port() : String.valueOf(own.getLocalPort()));
    }
}
