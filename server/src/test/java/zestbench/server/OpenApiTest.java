package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

class OpenApiTest {
    private static final Path KEPT = Path.of("../web/src/api/openapi.json");
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    /** The screen's types are made from the kept document; {@code ./zest types} takes a change over. */
    @Test
    void theScreensTypesAreThoseOfTheServer() throws IOException {
        String served =
                JSON.writeValueAsString(RunningBench.demo().get("/v3/api-docs").json()) + "\n";
        if (Boolean.getBoolean("zest.types.write")) {
            Files.writeString(KEPT, served);
        }
        boolean same = JSON.readTree(Files.readString(KEPT)).equals(JSON.readTree(served));
        assertThat(same)
                .as("web/src/api/openapi.json is what the server says; if not, run ./zest types")
                .isTrue();
    }

    @Test
    void theOpenInterfaceIsDescribedWithTheShapesOfEveryFamily() {
        var api = RunningBench.demo().get("/v3/api-docs").json();
        assertThat(api.at("/paths/~1api~1read/post").isMissingNode()).isFalse();
        assertThat(api.at("/paths/~1api~1judge/post").isMissingNode()).isFalse();
        assertThat(api.at("/paths/~1api~1match/post").isMissingNode()).isFalse();
        var capacitor = api.at("/components/schemas/CapacitorFields/properties");
        assertThat(capacitor.propertyNames())
                .contains("sections", "volts", "tolerancePlusPercent", "microfaradsLow", "voltsByClass");
    }
}
