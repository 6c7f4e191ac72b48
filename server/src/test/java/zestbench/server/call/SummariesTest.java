package zestbench.server.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import zestbench.core.call.CallStatus;
import zestbench.core.call.OnCall;
import zestbench.core.call.Refusal;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.UnitEntry;
import zestbench.core.tape.UnitHistory;
import zestbench.server.RunningBench;
import zestbench.server.board.CallBoard;
import zestbench.server.board.CallSummaries;
import zestbench.server.person.Sender;
import zestbench.server.record.UnitHistories;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** What lists show is what tapes say, after whatever happened; and lists come in pages and are searched by the database. */
class SummariesTest {
    private static final int STEPS = 400;
    private static final List<String> TABLES = List.of(
            "call_summary",
            "call_put_in",
            "call_write_up",
            "call_write_up_ended",
            "call_word",
            "unit_summary",
            "unit_stopgap");

    private static final Sender TECH = new Sender(1, "Tech 1", "Truck 1", null);

    private final long seed = System.nanoTime();
    private final Random random = new Random(seed);
    private final List<Long> known = new ArrayList<>();
    private int made;

    @Test
    void keptIsWhatIsMadeAnewAndWhatTheTapesSay(@TempDir Path data) {
        String[] settings = {"--zest.data=" + data};
        Map<String, List<Map<String, Object>>> before;
        String board;
        try (RunningBench bench = RunningBench.start(settings)) {
            for (int i = 0; i < STEPS; i++) {
                change(bench);
            }
            before = tables(bench);
            assertThat(before.get("call_put_in")).as("seed %d", seed).isNotEmpty();
            sameAsTheTapes(bench);
            bench.bean(CallSummaries.class).rebuild();
            assertThat(tables(bench)).as("seed %d", seed).isEqualTo(before);
            board = bench.get("/api/calls").text();
            // as an earlier bench leaves it
            bench.bean(JdbcTemplate.class).update("delete from summary_form");
            TABLES.forEach(table -> bench.bean(JdbcTemplate.class).update("delete from " + table));
            bench.bean(JdbcTemplate.class).update("update unit set words = '', serials = ''");
        }
        try (RunningBench bench = RunningBench.start(settings)) {
            assertThat(tables(bench)).as("seed %d", seed).isEqualTo(before);
            assertThat(bench.get("/api/calls").text()).isEqualTo(board);
            assertThat(bench.get("/api/units?words=museum").json()).isNotEmpty();
        }
    }

    private void change(RunningBench bench) {
        Calls calls = bench.bean(Calls.class);
        CallChanges changes = bench.bean(CallChanges.class);
        if (known.isEmpty() || random.nextInt(12) == 0) {
            List<Unit> units = bench.bean(Units.class).all();
            known.add(calls.start(units.get(random.nextInt(units.size())).id(), "complaint " + made++));
            return;
        }
        long call = known.get(random.nextInt(known.size()));
        String part = "p" + random.nextInt(3);
        String writeUp = "w" + random.nextInt(6);
        try {
            switch (random.nextInt(9)) {
                case 0 ->
                    calls.add(
                            call,
                            "Tech 1",
                            new PartEntry.PartAdded(part, "capacitor", "Run capacitor", "Outdoor unit", "compressor"));
                case 1 ->
                    calls.add(
                            call,
                            "Tech 2",
                            new PartEntry.PartClosed(
                                    part,
                                    Entry.Outcome.values()[random.nextInt(3)],
                                    "45 µF",
                                    "",
                                    random.nextBoolean() ? null : "2031-0" + (1 + random.nextInt(9)) + "-11"));
                case 2 ->
                    calls.add(
                            call,
                            "Tech 1",
                            new LeaveEntry.WrittenUp(
                                    writeUp, "", "seen " + made++, "", Entry.Urgency.values()[random.nextInt(3)]));
                case 3 -> calls.add(call, "Tech 1", new LeaveEntry.WriteUpEnded(writeUp, "seen", "done"));
                case 4 ->
                    calls.add(
                            call,
                            "Tech 3",
                            new PartEntry.Ordered(part, "o", "i", "45/5", "", 12, "the counter", "2031-05-06"));
                case 5 ->
                    changes.make(
                            call,
                            TECH,
                            new OnCall.End(random.nextBoolean() ? Entry.End.CLOSED : Entry.End.CANCELLED, "left so"));
                case 6 -> changes.make(call, TECH, new OnCall.Reopen());
                case 7 -> changes.make(call, TECH, new OnCall.Strike(1 + random.nextInt(6), "wrong"));
                default -> calls.add(call, "Tech 2", new UnitEntry.Noted("note " + made++));
            }
        } catch (Refusal | InputProblem refused) {
            // what cannot be is refused, and leaves no trace
        }
    }

    private static Map<String, List<Map<String, Object>>> tables(RunningBench bench) {
        Map<String, List<Map<String, Object>>> out = new LinkedHashMap<>();
        for (String table : TABLES) {
            out.put(table, bench.bean(JdbcTemplate.class).queryForList("select * from " + table + " order by 1, 2"));
        }
        return out;
    }

    /** The unit's history reads every tape; the board reads none. */
    private void sameAsTheTapes(RunningBench bench) {
        JsonNode board = bench.get("/api/calls").json();
        List<String> seen = new ArrayList<>();
        List<String> temporary = new ArrayList<>();
        for (Unit unit : bench.bean(Units.class).all()) {
            UnitHistory history = bench.bean(UnitHistories.class).of(unit.id());
            List<UnitHistory.OpenWriteUp> open = history.openWriteUps();
            if (!open.isEmpty()) {
                seen.add(unit.id() + " " + open.size() + " "
                        + open.get(0).writeUp().urgency() + " "
                        + open.get(0).writeUp().what());
            }
            history.putIn().stream()
                    .filter(in -> in.returnDate() != null)
                    .forEach(in -> temporary.add(in.call() + " " + in.returnDate()));
        }
        List<String> listed = new ArrayList<>();
        board.at("/writeUps")
                .forEach(w -> listed.add(w.at("/unitId").asLong() + " "
                        + w.at("/count").asInt() + " " + w.at("/urgency").asString() + " "
                        + w.at("/words").asString()));
        assertThat(listed).as("seed %d", seed).containsExactlyInAnyOrderElementsOf(seen);
        assertThat(board.at("/unitsWithWriteUps").asInt()).isEqualTo(seen.size());
        List<String> due = new ArrayList<>();
        board.at("/due")
                .forEach(d -> due.add(
                        d.at("/callId").asLong() + " " + d.at("/returnDate").asString()));
        assertThat(due).as("seed %d", seed).containsExactlyInAnyOrderElementsOf(temporary);
        long waiting = known.stream()
                .map(bench.bean(Calls.class)::open)
                .filter(c -> c.status() == CallStatus.OPEN)
                .mapToLong(c -> parts(c).stream()
                        .filter(p -> p.ordered() != null && p.chosen() == null)
                        .count())
                .sum();
        assertThat(board.at("/waiting").size()).isGreaterThanOrEqualTo((int) waiting);
    }

    private static List<PartState> parts(Calls.Open call) {
        List<PartState> out = new ArrayList<>();
        call.state().parts().forEach(out::add);
        return out;
    }

    @Test
    void oneTapeThatCannotBeReadKeepsNoBenchFromOpening(@TempDir Path data) {
        String[] settings = {"--zest.data=" + data};
        long broken;
        int calls;
        try (RunningBench bench = RunningBench.start(settings)) {
            JsonNode all = bench.get("/api/calls").json().at("/calls");
            broken = all.get(0).at("/id").asLong();
            calls = all.size();
            bench.bean(JdbcTemplate.class)
                    .update("update tape_line set entry = '{\"nonsense\":1' where call_id = ? and number = 1", broken);
            bench.bean(JdbcTemplate.class).update("delete from summary_form");
        }
        try (RunningBench bench = RunningBench.start(settings)) {
            JsonNode all = bench.get("/api/calls").json().at("/calls");
            assertThat(all).hasSize(calls);
            assertThat(all.get(0).at("/id").asLong()).isEqualTo(broken);
            assertThat(all.get(0).at("/next").asString()).isEqualTo("Its tape cannot be read");
        }
    }

    @Test
    void listsComeInPagesAndAreSearchedByWords() {
        try (RunningBench bench = RunningBench.start()) {
            Calls calls = bench.bean(Calls.class);
            long unit = bench.bean(Units.class).all().get(0).id();
            String name = bench.bean(Units.class).all().get(0).name();
            for (int i = 0; i < 2 * CallBoard.PAGE; i++) {
                long call = calls.start(unit, "squeals 100% of nights, run " + i);
                calls.end(call, "Tech 1", Entry.End.CLOSED, "");
            }
            assertThat(bench.get("/api/calls").json().at("/hasMore").asBoolean())
                    .isTrue();
            List<Long> ids = new ArrayList<>();
            for (int page = 0; page < 3; page++) {
                JsonNode found =
                        bench.get("/api/calls?find=squeal+night&page=" + page).json();
                found.at("/calls").forEach(c -> ids.add(c.at("/id").asLong()));
                assertThat(found.at("/hasMore").asBoolean()).isEqualTo(page < 1);
            }
            assertThat(ids)
                    .hasSize(2 * CallBoard.PAGE)
                    .doesNotHaveDuplicates()
                    .isSortedAccordingTo((a, b) -> Long.compare(b, a));
            assertThat(bench.get("/api/calls?find=" + name.split(" ")[0] + "+squeals")
                            .json()
                            .at("/calls"))
                    .hasSize(CallBoard.PAGE);
            assertThat(bench.get("/api/calls?find=squeals+elsewhere").json().at("/calls"))
                    .isEmpty();
            for (String odd : List.of("%25", "_", "%27", "%5C", "a%00b", "%E2%80%8B")) {
                assertThat(bench.get("/api/calls?find=" + odd).status()).as(odd).isBetween(200, 422);
                assertThat(bench.get("/api/units?words=" + odd).status())
                        .as(odd)
                        .isBetween(200, 422);
            }
            assertThat(bench.get("/api/units?words=%25").json())
                    .as("a sign is no wild card")
                    .isEmpty();
            assertThat(bench.get("/api/calls?page=-1").status()).isBetween(400, 422);
            assertThat(bench.get("/api/calls?find=" + "x".repeat(201)).status()).isBetween(400, 422);
        }
    }
}
