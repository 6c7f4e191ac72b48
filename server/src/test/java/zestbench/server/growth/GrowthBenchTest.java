package zestbench.server.growth;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import zestbench.server.RunningBench;
import zestbench.server.Statements;

/**
 * Prints what requests take on a bench of 200, 2,000 and 20,000 calls, each as milliseconds, as a ratio to the cheapest
 * request of the same bench, and in statements; and how long it takes to open.
 */
@Tag("bench")
class GrowthBenchTest {
    private static final int UNITS = 2_000;
    private static final int RUNS = 21;
    private static final int WARM_UP = 20;
    private static final double MILLION = 1e6;

    private final Map<String, double[]> figures = new LinkedHashMap<>();

    @Test
    void isPrinted(@TempDir Path data) {
        int[] sizes = {200, 2_000, 20_000};
        String[] settings = {"--zest.data=" + data};
        RunningBench bench = RunningBench.start(settings);
        for (int i = 0; i < sizes.length; i++) {
            long began = System.nanoTime();
            new Growth(bench.bean(JdbcTemplate.class)).to(sizes[i], UNITS);
            double filled = (System.nanoTime() - began) / MILLION;
            bench.close();
            began = System.nanoTime();
            bench = RunningBench.start(settings);
            double opened = (System.nanoTime() - began) / MILLION;
            System.out.printf(
                    Locale.ROOT,
                    "%n%,d calls of %d lines on %,d units (filled in %.1f s, opens in %.1f s, %d MB in use)%n",
                    sizes[i],
                    new Growth(bench.bean(JdbcTemplate.class)).lines(),
                    UNITS,
                    filled / 1000,
                    opened / 1000,
                    used());
            measure(bench, i, sizes.length);
        }
        bench.close();
        System.out.printf(Locale.ROOT, "%nat %,d calls, as a ratio to %,d%n", sizes[2], sizes[0]);
        figures.forEach(
                (what, millis) -> System.out.printf(Locale.ROOT, "  %-28s %5.2f%n", what, millis[2] / millis[0]));
        assertThat(figures).isNotEmpty();
    }

    private static long used() {
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        return (runtime.totalMemory() - runtime.freeMemory()) >> 20;
    }

    private void measure(RunningBench bench, int size, int sizes) {
        Statements statements = new Statements(bench);
        JsonNode board = bench.get("/api/calls").json();
        long unit = bench.bean(JdbcTemplate.class).queryForObject("select max(id) from unit", Long.class);
        String call = "/api/calls/" + board.at("/calls/0/id").asLong();
        String part = part(bench, call);
        String reading = "{\"readings\":[{\"section\":\"HERM\",\"microfarads\":41.2}]}";
        Map<String, Supplier<RunningBench.Answer>> requests = new LinkedHashMap<>();
        requests.put("cheapest request", () -> bench.get("/api/rules"));
        requests.put("first page of calls", () -> bench.get("/api/calls"));
        requests.put("search of calls", () -> bench.get("/api/calls?find=quay+row+11+cooling"));
        requests.put("search of units", () -> bench.get("/api/units?words=quay+row+11"));
        requests.put("a unit's record", () -> bench.get("/api/units/" + unit));
        requests.put("a unit's history", () -> bench.get("/api/units/" + unit + "/history"));
        requests.put(
                "opening a call",
                () -> bench.get("/api/calls/" + board.at("/calls/2/id").asLong()));
        requests.put("a pad's preview", () -> bench.once(part + "/preview", reading));
        requests.put("a reading", () -> bench.once(part + "/readings", reading));
        requests.put("restock", () -> bench.get("/api/truck/restock"));
        requests.put("return dates", () -> bench.get("/api/returns.ics"));
        for (int i = 0; i < (size == 0 ? WARM_UP : RUNS); i++) {
            requests.values().forEach(Supplier::get);
        }
        // measured on tapes that the warming up did not make longer
        String fresh = part(bench, "/api/calls/" + board.at("/calls/1/id").asLong());
        requests.put("a reading", () -> bench.once(fresh + "/readings", reading));
        Supplier<RunningBench.Answer> cheapest = () -> bench.get("/api/rules");
        for (Map.Entry<String, Supplier<RunningBench.Answer>> each : requests.entrySet()) {
            double[][] both = inTurn(each.getValue(), cheapest);
            double[] ratios = new double[RUNS];
            Arrays.setAll(ratios, i -> both[0][i] / both[1][i]);
            figures.computeIfAbsent(each.getKey(), what -> new double[sizes])[size] = middle(both[0]);
            System.out.printf(
                    Locale.ROOT,
                    "  %-24s %8.2f ms %7.1f × %4d statements%n",
                    each.getKey(),
                    middle(both[0]),
                    middle(ratios),
                    statements.of(each.getValue()));
        }
    }

    /** A capacitor in question on a call, its label read. */
    private static String part(RunningBench bench, String call) {
        JsonNode added = bench.once(call + "/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                .json()
                .at("/parts");
        String part = call + "/parts/" + added.get(added.size() - 1).at("/id").asString();
        bench.once(part + "/label", "{\"text\":\"45/5 MFD 440V ±6%\"}");
        return part;
    }

    /** Milliseconds of each, in turn, so that what else the machine does touches them alike. */
    private static double[][] inTurn(Supplier<RunningBench.Answer> one, Supplier<RunningBench.Answer> other) {
        double[][] millis = new double[2][RUNS];
        for (int i = 0; i < RUNS; i++) {
            millis[0][i] = millis(one);
            millis[1][i] = millis(other);
        }
        return millis;
    }

    private static double millis(Supplier<RunningBench.Answer> request) {
        long began = System.nanoTime();
        request.get();
        return (System.nanoTime() - began) / MILLION;
    }

    private static double middle(double[] figures) {
        double[] sorted = figures.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
