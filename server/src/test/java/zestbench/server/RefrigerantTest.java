package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The saturation tables that are shipped, and those that come in. */
class RefrigerantTest {
    private static final double PSIA_PER_PASCAL = 1.450377e-4;
    private static final double ATMOSPHERE_PSIA = 14.696;
    private final RunningBench bench = RunningBench.demo();

    /** A row of a table. */
    private record Row(double fahrenheit, double bubble, double dew) {}

    /** Pressures of the trade's charts, in psig; written down from memory, so 2 % is allowed. */
    @ParameterizedTest(name = "{0} at {1} °F is {2} psig")
    @CsvSource({
        "R-22, 40, 68.5",
        "R-22, 70, 121.4",
        "R-22, 100, 195.9",
        "R-22, 120, 259.9",
        "R-134a, 40, 35.0",
        "R-134a, 70, 71.1",
        "R-134a, 100, 124.1",
        "R-410A, 40, 118",
        "R-410A, 45, 130",
        "R-410A, 70, 201",
        "R-410A, 100, 318",
        "R-410A, 120, 418",
        "R-32, 40, 121",
        "R-32, 100, 325",
    })
    void theTablesSayWhatChartsSay(String refrigerant, double fahrenheit, double psig) {
        Row row = rows(refrigerant).stream()
                .filter(r -> r.fahrenheit() == fahrenheit)
                .findFirst()
                .orElseThrow();
        assertThat(row.dew()).isCloseTo(psig, within(0.02 * (psig + ATMOSPHERE_PSIA)));
    }

    /**
     * Single substances against the vapour pressure that the Peng–Robinson equation of state gives from three published
     * constants (critical temperature and pressure, acentric factor), which no chart went into. [physics]
     */
    @ParameterizedTest(name = "{0}")
    @CsvSource({"R-134a, 374.21, 4059280, 0.32684", "R-22, 369.295, 4990000, 0.22082", "R-32, 351.255, 5782000, 0.2769"
    })
    void singleSubstancesFollowAnEquationOfState(String refrigerant, double tc, double pc, double omega) {
        for (Row row : rows(refrigerant)) {
            double kelvin = (row.fahrenheit() - 32) / 1.8 + 273.15;
            if (kelvin < 0.95 * tc) {
                double psia = vapourPressure(kelvin, tc, pc, omega) * PSIA_PER_PASCAL;
                assertThat(row.dew() + ATMOSPHERE_PSIA)
                        .as("%s at %s °F", refrigerant, row.fahrenheit())
                        .isCloseTo(psia, within(0.025 * psia));
                assertThat(row.bubble()).as("a single substance has no glide").isCloseTo(row.dew(), within(0.11));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"R-22", "R-32", "R-134a", "R-407C", "R-410A", "R-454B"})
    void everyTableRisesAndIsNeverDewAboveBubble(String refrigerant) {
        List<Row> rows = rows(refrigerant);
        assertThat(rows).hasSizeGreaterThan(30);
        for (int i = 0; i < rows.size(); i++) {
            assertThat(rows.get(i).bubble()).isGreaterThanOrEqualTo(rows.get(i).dew());
            if (i > 0) {
                assertThat(rows.get(i).dew()).isGreaterThan(rows.get(i - 1).dew());
                assertThat(rows.get(i).bubble()).isGreaterThan(rows.get(i - 1).bubble());
            }
        }
        JsonNode table = null;
        for (JsonNode each : bench.get("/api/refrigerants").json()) {
            table = each.at("/refrigerant").asString().equals(refrigerant) ? each : table;
        }
        assertThat(table.at("/source").asString())
                .as("where the figures are from is said")
                .isNotBlank();
    }

    /** R-407C glides by some 10 °F, R-410A hardly at all. */
    @Test
    void blendsGlideAsTheyAreKnownTo() {
        assertThat(glideAt("R-407C", 70)).isBetween(7.0, 13.0);
        assertThat(glideAt("R-410A", 70)).isLessThan(1.5);
        assertThat(glideAt("R-454B", 70)).isBetween(1.0, 4.0);
    }

    @Test
    void aTableComesInIsUsedAndGoesOut() {
        String csv = "fahrenheit,bubblePsig,dewPsig\n0,24,20\n40,76,70\n80,160,152\n120,292,282\n";
        assertThat(bring("R-888", "a made-up blend", csv).status()).isEqualTo(200);
        JsonNode judged = bench.post(
                        "/api/judge",
                        "{\"kind\":\"proof\",\"spec\":{\"refrigerant\":\"r 888\",\"metering\":\"VALVE\"},"
                                + "\"readings\":[{\"suctionPsig\":70,\"suctionLineFahrenheit\":50}]}")
                .json();
        assertThat(judged.toString()).contains("dew 40 at 70 psig = 10");
        assertThat(bench.send("DELETE", "/api/refrigerants/R-888", null).status())
                .isLessThan(300);
        JsonNode gone = bench.post(
                        "/api/judge",
                        "{\"kind\":\"proof\",\"spec\":{\"refrigerant\":\"R-888\",\"metering\":\"VALVE\"},"
                                + "\"readings\":[{\"suctionPsig\":70,\"suctionLineFahrenheit\":50}]}")
                .json();
        assertThat(gone.at("/verdicts").size())
                .as("an unknown refrigerant computes nothing")
                .isZero();
        assertThat(gone.toString()).contains("R-888");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "fahrenheit,bubblePsig\\n0,20|dewPsig",
                "fahrenheit,bubblePsig,dewPsig\\n0,20,18\\n40,lots,66|line 3",
                "fahrenheit,bubblePsig,dewPsig\\n40,70,66\\n0,20,18\\n50,80,76\\n60,90,86|line 3",
                "fahrenheit,bubblePsig,dewPsig\\n0,18,20\\n40,70,66\\n80,150,144\\n90,160,150|line 2",
                "fahrenheit,bubblePsig,dewPsig\\n0,20,18|give 4 to 2,000 rows",
                "''|fahrenheit"
            })
    void aDamagedTableIsRefusedWithItsLine(String csv, String words) {
        RunningBench.Answer answer = bring("R-889", "made up", csv.replace("\\n", "\n"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().at("/detail").asString()).containsIgnoringCase(words);
        assertThat(bench.get("/api/refrigerants").text()).doesNotContain("R-889");
    }

    private RunningBench.Answer bring(String refrigerant, String source, String csv) {
        return bench.upload(
                "/api/refrigerants",
                "file",
                csv.getBytes(StandardCharsets.UTF_8),
                "refrigerant",
                refrigerant,
                "source",
                source);
    }

    /** The span between bubble and dew temperature at the bubble pressure of {@code fahrenheit}. */
    private double glideAt(String refrigerant, double fahrenheit) {
        List<Row> rows = rows(refrigerant);
        double psig = rows.stream()
                .filter(r -> r.fahrenheit() == fahrenheit)
                .findFirst()
                .orElseThrow()
                .bubble();
        for (int i = 1; i < rows.size(); i++) {
            Row low = rows.get(i - 1);
            Row high = rows.get(i);
            if (low.dew() <= psig && high.dew() >= psig) {
                double dew = low.fahrenheit()
                        + (psig - low.dew()) / (high.dew() - low.dew()) * (high.fahrenheit() - low.fahrenheit());
                return dew - fahrenheit;
            }
        }
        throw new AssertionError("no row");
    }

    private List<Row> rows(String refrigerant) {
        List<Row> out = new ArrayList<>();
        bench.get("/api/refrigerants/" + refrigerant + ".csv")
                .text()
                .lines()
                .filter(l -> l.matches("-?\\d.*"))
                .forEach(l -> {
                    String[] cells = l.split(",");
                    out.add(new Row(
                            Double.parseDouble(cells[0]), Double.parseDouble(cells[1]), Double.parseDouble(cells[2])));
                });
        return out;
    }

    /** Equal fugacity of both phases, found by stepping the pressure. */
    private static double vapourPressure(double kelvin, double tc, double pc, double omega) {
        double gas = 8.314462618;
        double kappa = 0.37464 + 1.54226 * omega - 0.26992 * omega * omega;
        double alpha = Math.pow(1 + kappa * (1 - Math.sqrt(kelvin / tc)), 2);
        double a = 0.45724 * gas * gas * tc * tc / pc * alpha;
        double b = 0.07780 * gas * tc / pc;
        double pressure = pc * Math.pow(10, 7.0 / 3 * (1 + omega) * (1 - tc / kelvin));
        for (int step = 0; step < 200; step++) {
            double bigA = a * pressure / (gas * gas * kelvin * kelvin);
            double bigB = b * pressure / (gas * kelvin);
            double liquid = root(bigA, bigB, bigB * 1.0001);
            double vapour = root(bigA, bigB, 1);
            double ratio = Math.exp(logFugacity(liquid, bigA, bigB) - logFugacity(vapour, bigA, bigB));
            pressure *= ratio;
            if (Math.abs(ratio - 1) < 1e-9) {
                break;
            }
        }
        return pressure;
    }

    private static double root(double bigA, double bigB, double start) {
        double z = start;
        for (int step = 0; step < 200; step++) {
            double f = z * z * z
                    - (1 - bigB) * z * z
                    + (bigA - 3 * bigB * bigB - 2 * bigB) * z
                    - (bigA * bigB - bigB * bigB - bigB * bigB * bigB);
            double slope = 3 * z * z - 2 * (1 - bigB) * z + bigA - 3 * bigB * bigB - 2 * bigB;
            double next = z - f / slope;
            if (Math.abs(next - z) < 1e-13) {
                return next;
            }
            z = next;
        }
        return z;
    }

    private static double logFugacity(double z, double bigA, double bigB) {
        double root2 = Math.sqrt(2);
        return z
                - 1
                - Math.log(z - bigB)
                - bigA / (2 * root2 * bigB) * Math.log((z + (1 + root2) * bigB) / (z + (1 - root2) * bigB));
    }
}
