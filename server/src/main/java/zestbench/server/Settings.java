package zestbench.server;

import java.nio.file.Path;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How this bench was started.
 *
 * @param data folder of the database and photos
 * @param demo whether an empty database is filled with the demo town
 * @param host name or address other devices reach it under; null where only this machine does
 * @param rebuild whether what lists show is made anew, and the bench then ends
 * @param uploadTime in which an upload is here, however it drips
 */
@ConfigurationProperties("zest")
public record Settings(
        Path data,
        @DefaultValue("true") boolean demo,
        @Nullable String host,
        @DefaultValue("false") boolean rebuild,
        @DefaultValue("10m") Duration uploadTime) {
    public Path photos() {
        return data.resolve("photos");
    }

    /** Whether other devices reach it, each of which then needs a pass. */
    public boolean isShared() {
        return host != null;
    }
}
