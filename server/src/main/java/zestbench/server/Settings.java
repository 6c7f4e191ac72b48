package zestbench.server;

import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How this bench was started.
 *
 * @param data folder of the database and photos
 * @param demo whether an empty database is filled with the demo town
 * @param host name or address it is reached under besides loopback; null where only this machine reaches it
 * @param code what another device has to give once; null where none is asked
 */
@ConfigurationProperties("zest")
public record Settings(
        Path data,
        @DefaultValue("true") boolean demo,
        @Nullable String host,
        @Nullable String code) {
    public Path photos() {
        return data.resolve("photos");
    }
}
