package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.UnitPlaces;

/** A database of the first version opens in this one with nothing lost. */
class OlderDataTest {
    @Test
    void aUnitsRatingsBecomeItsPlate(@TempDir Path data) throws SQLException {
        String url = "jdbc:h2:file:" + data.resolve("zestbench");
        Flyway.configure()
                .dataSource(url, "sa", "")
                .target("1")
                .loggers("slf4j")
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement sql = connection.createStatement()) {
            sql.execute("insert into unit (site, name, tons, volts, phase, made, rated_load_amps, fan_full_load_amps)"
                    + " values ('Net lofts', 'loft 5', 2.5, '208/230', 1, '06/2019', 12.7, 1.1),"
                    + " ('Net lofts', 'store', 0, '', 1, '', 0, 0)");
            sql.execute("insert into place (unit_id, name, kind, serves)"
                    + " values (1, 'Outdoor unit', 'capacitor', 'compressor and outdoor fan')");
        }
        try (RunningBench bench = RunningBench.start("--zest.data=" + data, "--zest.demo=false")) {
            JsonNode record = bench.get("/api/units/1").json();
            assertThat(record.at("/plate/compressors/0/ratedLoadAmps").asDouble())
                    .isEqualTo(12.7);
            assertThat(record.at("/plate/outdoorFans/0/fullLoadAmps").asDouble())
                    .isEqualTo(1.1);
            assertThat(record.at("/plate/manufactured").asString()).isEqualTo("2019-06");
            assertThat(record.at("/unit/line").asString()).isEqualTo("2.5 ton · 208/230 V 1 ph · made 06/2019");
            List<String> places = new ArrayList<>();
            record.at("/unit/places").forEach(p -> places.add(p.at("/name").asString()));
            assertThat(UnitPlaces.of(PlateFacts.before(List.of(208.0, 230.0), 1, 2.5)))
                    .extracting(UnitPlaces.Place::name)
                    .filteredOn(n -> !n.equals("Start device") && !n.equals("Indoor unit"))
                    .isSubsetOf(places);
            assertThat(bench.get("/api/units/2").json().at("/plate/phase").asInt())
                    .isEqualTo(1);
        }
    }
}
