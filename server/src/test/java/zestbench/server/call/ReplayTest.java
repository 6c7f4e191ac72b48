package zestbench.server.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import zestbench.core.call.CallStatus;
import zestbench.core.call.Command;
import zestbench.core.call.Decider;
import zestbench.core.call.MeantMotor;
import zestbench.core.call.OnArrival;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnHookUp;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnLeaving;
import zestbench.core.call.OnMotor;
import zestbench.core.call.OnPart;
import zestbench.core.call.OnTest;
import zestbench.core.call.Refusal;
import zestbench.core.call.Surroundings;
import zestbench.core.family.Sections;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judged;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.TapeText;
import zestbench.core.tape.UnitEntry;
import zestbench.core.winding.PairOhms;
import zestbench.server.RunningBench;
import zestbench.server.tape.Calls;

/**
 * The calls of a made-up town, kept with what was shown of them before the rules of a call moved into the core: what is done is
 * decided anew line by line, and what is shown is compared.
 */
class ReplayTest {
    private static final String WHERE = "/town/";
    /** Not compared: what every call shows alike, when the bench's rules were set, and what was not shown then. */
    private static final Set<String> LEFT_OUT = Set.of(
            "markings",
            "attributes",
            "chain",
            "isPaired",
            "wanders",
            "charge",
            "chargeCircuits",
            "optionSources",
            "weighs",
            "warrantyUntil",
            "circuits",
            "figureOf",
            "start",
            "legs",
            "urgencies",
            "standstill",
            "history",
            "condemnedFor",
            "questions",
            "rulesSinceMillis",
            "test",
            "account",
            "prove",
            "toRead",
            "safeNext",
            "unread",
            "readNext",
            "readNextWords",
            "undo",
            "isDeclined",
            "lastAt",
            "lastTime",
            "celsius");

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(tools.jackson.databind.SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();
    private static RunningBench bench;

    @BeforeAll
    static void takeTheTownIn() throws IOException {
        bench = RunningBench.start("--zest.demo=false");
        bench.post("/api/people", "{\"name\":\"Tech 1\"}");
        try (InputStream town = open("town.json")) {
            assertThat(bench.upload("/api/exchange", "file", town.readAllBytes())
                            .status())
                    .isEqualTo(200);
        }
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    @Test
    void theBenchShowsWhatItShowedBefore() throws IOException {
        JsonNode before;
        try (InputStream kept = new GZIPInputStream(open("views.json.gz"))) {
            before = JSON.readTree(kept);
        }
        Map<String, String> now = new TreeMap<>();
        Map<String, String> then = new TreeMap<>();
        before.propertyNames().forEach(call -> {
            then.put(call, plain(before.get(call)));
            now.put(call, plain(bench.get("/api/calls/" + call).json()));
        });
        assertThat(then).hasSizeGreaterThan(15);
        assertThat(now).isEqualTo(then);
    }

    /** Every line that a command leads to, on the call as it stood before it. */
    @Test
    void theDeciderComesToTheLinesOfTheTapes() {
        List<String> apart = new ArrayList<>();
        int replayed = 0;
        for (long call : calls()) {
            Calls.Open open = bench.bean(Calls.class).open(call);
            for (int i = 0; i < open.tape().size(); i++) {
                Line line = open.tape().get(i);
                CallState before =
                        CallState.of(open.tape().subList(0, i), open.state().onRecord());
                Command command = command(line.entry(), before, open);
                if (command == null) {
                    continue;
                }
                replayed++;
                List<String> decided = decide(command, before, open);
                String wanted = words(line.entry());
                if (!decided.contains(wanted)) {
                    apart.add("call " + call + " line " + line.number() + ": " + decided + " instead of " + wanted);
                }
            }
        }
        assertThat(replayed).isGreaterThan(100);
        assertThat(apart).isEmpty();
    }

    private static List<Long> calls() {
        List<Long> out = new ArrayList<>();
        for (JsonNode card : bench.get("/api/calls").json().at("/calls")) {
            out.add(card.at("/id").asLong());
        }
        return out;
    }

    private static List<String> decide(Command command, CallState before, Calls.Open open) {
        try {
            return Decider.decide(
                            before,
                            command,
                            stillOpen(bench.bean(CallSurroundings.class).of(open, command, "Truck 1")))
                    .entries()
                    .stream()
                    .map(ReplayTest::words)
                    .toList();
        } catch (Refusal | InputProblem refusal) {
            return List.of("refused: " + refusal.getMessage());
        }
    }

    /** What stood around it while the call was open. */
    private static Surroundings stillOpen(Surroundings now) {
        return new Surroundings(
                CallStatus.OPEN,
                now.plates(),
                now.places(),
                now.stock(),
                now.writeUps(),
                now.altitude(),
                now.saturation(),
                now.rules(),
                now.rulesNumber(),
                now.meters(),
                now.fresh());
    }

    /**
     * What stands on the tape. Remarks on a part's other sections hang on whether they were read in one go; what the meter tells is
     * written with fewer digits since, and in other words.
     */
    private static String words(Entry entry) {
        TapeText told = entry.told();
        String kind = entry.getClass().getSimpleName();
        String words = entry instanceof PartEntry.Measured
                ? String.join(
                        " ",
                        kind,
                        told.title(),
                        told.figure(),
                        told.detail(),
                        told.word(),
                        told.reckoning().get(0))
                : entry instanceof PartEntry.PartClosed || entry instanceof LeaveEntry.ProofKept
                        ? kind + " " + told.title() + " " + told.word()
                        : kind + " " + told;
        return words.replaceAll("the meter('s doubt is| is good to) ±[0-9.]*[0-9]", "within what the meter tells");
    }

    /** What somebody did that left this line; null where the line alone does not tell, as with a choice from a truck. */
    private static @Nullable Command command(Entry entry, CallState before, Calls.Open open) {
        if (entry instanceof PartEntry.PartAdded e) {
            return new OnCall.AddPart(e.kind(), placeId(open, e.place()), e.place(), e.serves());
        } else if (entry instanceof PartEntry.LabelRead e) {
            return new OnLabel.Correct(e.part(), e.text(), e.spec(), Set.of());
        } else if (entry instanceof PartEntry.Measured e && e.judged().reading().isFigure()) {
            return new OnTest.Read(
                    e.part(),
                    e.piece(),
                    e.method(),
                    List.of(new SectionReading(section(e.judged()), e.judged().reading())));
        } else if (entry instanceof UnitEntry.DeadRead e) {
            return new OnCall.ReadDead(e.place(), e.pair(), e.volts());
        } else if (entry instanceof PartEntry.WiresFound e) {
            return new OnHookUp.NameWires(e.part(), e.wires());
        } else if (entry instanceof PartEntry.Ticked e) {
            return new OnHookUp.Tick(e.part(), e.list(), e.key(), e.on());
        } else if (entry instanceof PartEntry.Looked e && !e.look().equals("pair")) {
            return new OnTest.LookAt(e.part(), e.look(), e.seen());
        } else if (entry instanceof PartEntry.PartClosed e && e.outcome() != Entry.Outcome.REPLACED) {
            return new OnPart.Close(e.part(), e.outcome(), e.note(), e.returnDate());
        } else if (entry instanceof UnitEntry.Answered e) {
            return new OnArrival.Answer(e.question(), e.answer().isEmpty() ? null : e.answer());
        } else if (entry instanceof UnitEntry.PlateRead e) {
            return new OnArrival.ReadPlate(e.which(), e.text());
        } else if (entry instanceof UnitEntry.SupplyRead e) {
            String pair = e.point().isControl() ? null : e.judged().subject();
            return new OnArrival.ReadSupply(
                    e.point(), pair, e.judged().reading().value());
        } else if (entry instanceof UnitEntry.MeterProved e) {
            return new OnArrival.ProveMeter(e.volts());
        } else if (entry instanceof UnitEntry.SafeTicked e) {
            return new OnArrival.TickSafe(e.key(), e.on());
        } else if (entry instanceof PartEntry.WindingsRead e) {
            List<PairOhms> pairs = new ArrayList<>();
            for (Judged judged : e.verdicts()) {
                pairs.add(PairOhms.of(judged.subject(), judged.reading(), 0));
            }
            return new OnMotor.ReadWindings(
                    new MeantMotor.Which(placeId(open, e.place()), e.part(), null), pairs, e.shellHot());
        } else if (entry instanceof PartEntry.AmpsRead e && e.alongside().isEmpty()) {
            return new OnMotor.ReadAmps(
                    new MeantMotor.Which(
                            e.at() == null ? null : placeId(open, e.at()), e.part(), e.at() == null ? e.place() : null),
                    e.speed(),
                    e.judged().reading().value(),
                    null,
                    e.inrush(),
                    null,
                    null,
                    List.of());
        } else if (entry instanceof LeaveEntry.ProofRead e) {
            return new OnLeaving.ReadProof(
                    e.point(), e.value(), e.circuit() == null ? null : Integer.valueOf(e.circuit()));
        } else if (entry instanceof LeaveEntry.ProofKept e) {
            return new OnLeaving.KeepProof(e.isBenchmark(), Objects.requireNonNullElse(e.why(), ""));
        } else if (entry instanceof LeaveEntry.WrittenUp e) {
            return new OnLeaving.WriteUp(e.place(), e.what(), e.why(), e.urgency(), null, e.until());
        } else if (entry instanceof LeaveEntry.OptionsOffered e) {
            return new OnLeaving.Offer(e.options());
        } else if (entry instanceof UnitEntry.Noted e) {
            return new OnCall.Note(e.text());
        } else if (entry instanceof UnitEntry.CallEnded e) {
            return new OnCall.End(e.end(), e.note());
        }
        return null;
    }

    /** A part with one section is read without naming it. */
    private static @Nullable String section(Judged judged) {
        return judged.subject().equals(Sections.WHOLE) ? null : judged.subject();
    }

    private static @Nullable Long placeId(Calls.Open open, String name) {
        return open.row().unit() == null
                ? null
                : open.row().unit().places().stream()
                        .filter(p -> p.name().equals(name))
                        .map(p -> p.id())
                        .findFirst()
                        .orElse(null);
    }

    private static String plain(JsonNode node) {
        drop(node);
        return JSON.writeValueAsString(JSON.treeToValue(node, Object.class));
    }

    private static void drop(JsonNode node) {
        if (node instanceof ObjectNode object) {
            object.remove(LEFT_OUT);
        }
        node.forEach(ReplayTest::drop);
    }

    private static InputStream open(String name) {
        return Objects.requireNonNull(ReplayTest.class.getResourceAsStream(WHERE + name), name);
    }
}
