package zestbench.core.motor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.HookupRequest.Site;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.PartProof;
import zestbench.core.family.Spec;
import zestbench.core.wiring.Graph;
import zestbench.core.wiring.Graph.Spot;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** Which lead of a new motor goes where. */
class MotorHookupTest {
    private static final Family MOTOR = Families.named("motor");
    private static final String OLD = "1/4 HP 208-230 V 1 PH 1075 RPM 1.8 A CWLE CAP 7.5 MFD 370 V PSC";
    private static final List<Wire> FOUND = List.of(
            new Wire("LINE 1", "black", null, "contactor T1"),
            new Wire("LINE 2", "white", null, "contactor T2"),
            new Wire("CAP", "brown", null, "run capacitor FAN"),
            new Wire("GND", "green", null, "chassis"));

    private static Spec spec(String label) {
        return new Spec(MotorLabel.read(label).fields());
    }

    private static Sheet sheet(String old, String now, List<Wire> wires, Site site) {
        return MOTOR.sheet(new HookupRequest(spec(old), List.of(spec(now)), List.of(), wires, site));
    }

    private static Sheet sheet(String old, String now, List<Wire> wires) {
        return sheet(old, now, wires, Site.UNKNOWN);
    }

    private static Site site(@Nullable Double volts, String printed, Wire... leads) {
        return new Site(List.of(leads), printed, new Circuit(null, volts, null, Spec.EMPTY, null), null);
    }

    private static List<String> texts(Sheet sheet) {
        return sheet.steps().stream().map(Sheet.Step::text).toList();
    }

    @Test
    void leadsGoByWhatTheyAreForAndInTheColoursOfTheNewLabel() {
        Sheet sheet = sheet(
                OLD,
                OLD,
                FOUND,
                site(null, "", new Wire("LINE 1", "purple", null, ""), new Wire("CAP", "brown", "white", "")));
        assertThat(texts(sheet))
                .contains("purple: LINE 1 to contactor T1", "brown/white: CAP to run capacitor FAN", "GND to chassis");
        assertThat(sheet.found().leads()).extracting(l -> l.wire().colour()).contains("black", "white");
        assertThat(sheet.left().leads())
                .as("the old motor's colours say nothing of the new one")
                .extracting(l -> l.wire().colour())
                .doesNotContain("black", "white");
    }

    @ParameterizedTest(name = "{0} tap of {1} speeds lands on {3} of {2}, the rest is capped: {4}")
    @CsvSource({
        "LINE 2, 1, 3, HIGH, MED LOW",
        "HIGH, 3, 3, HIGH, MED LOW",
        "LOW, 3, 3, LOW, HIGH MED",
        "MED, 3, 4, MED LOW, HIGH:MED HIGH:LOW",
        "LOW, 2, 4, LOW, HIGH:MED HIGH:MED LOW",
        "HIGH, 2, 1, LINE 2, ",
    })
    void theUsedTapIsFoundOnThisMotorsLabelAndEveryOtherIsCappedByItself(
            String found, int oldSpeeds, int speeds, String lands, @Nullable String capped) {
        String common = oldSpeeds == 1 ? "LINE 1" : "COM";
        Sheet sheet = sheet(
                OLD + " " + oldSpeeds + " SPD",
                OLD + " " + speeds + " SPD",
                List.of(new Wire(common, "white", null, "neutral"), new Wire(found, "black", null, "fan relay")));
        assertThat(sheet.left().leads())
                .filteredOn(l -> l.wire().name().equals("fan relay"))
                .extracting(l -> l.at().terminal())
                .containsExactly(lands);
        List<String> wanted = capped == null ? List.of() : List.of(capped.split(capped.contains(":") ? ":" : " "));
        assertThat(sheet.left().insulated()).extracting(Spot::terminal).containsExactlyElementsOf(wanted);
        assertThat(texts(sheet).stream().filter(t -> t.startsWith("Cap ")))
                .hasSize(wanted.size())
                .allMatch(t -> t.contains("live") && t.contains("by itself"));
    }

    /** NEMA MG 1, part 2, nine-lead star: from memory. */
    @Test
    void aDualVoltageMotorIsConnectedForTheLineThatWasMeasured() {
        String dual = "3 HP 208-230/460 V 3 PH 60 HZ 1725 RPM 9.6/4.8 A";
        Sheet low = sheet(dual, dual, List.of(), site(231.0, ""));
        assertThat(low.left().jumpers())
                .extracting(j -> j.from().terminal() + j.to().terminal())
                .containsExactly("T1T7", "T2T8", "T3T9", "T4T5", "T5T6");
        Sheet high = sheet(dual, dual, List.of(), site(463.0, ""));
        assertThat(high.left().jumpers())
                .extracting(j -> j.from().terminal() + j.to().terminal())
                .containsExactly("T4T7", "T5T8", "T6T9");
        assertThat(texts(high)).anyMatch(t -> t.startsWith("Connect HIGH for 460 V, the line reads 463 V"));
        Sheet printed = sheet(dual, dual, List.of(), site(463.0, "4-7 5-8 6-9"));
        assertThat(texts(printed)).anyMatch(t -> t.endsWith("As printed on it: 4-7 5-8 6-9"));
        assertThat(printed.left().jumpers())
                .as("the label's own table is not guessed at")
                .isEmpty();
        assertThat(texts(sheet(dual, dual, List.of())))
                .as("no line, no connection")
                .anyMatch(t -> t.startsWith("Measure the line before"));
    }

    @Test
    void turningIsGivenFromBothEnds() {
        assertThat(texts(sheet(OLD, OLD.replace("CWLE", "REV"), FOUND)))
                .contains("Reversing leads for CW seen from the leads, CCW from the shaft, as its label draws them");
        assertThat(texts(sheet(OLD.replace("CWLE", "CWSE"), OLD.replace("CWLE", "REV"), FOUND)))
                .contains("Reversing leads for CCW seen from the leads, CW from the shaft, as its label draws them");
        assertThat(texts(sheet(OLD, OLD, FOUND))).noneMatch(t -> t.startsWith("Reversing"));
    }

    @Test
    void whatTheNewMotorHasNoUseForIsCapped() {
        Sheet sheet = sheet(OLD, "1/4 HP 208-230 V 1 PH 1075 RPM 1.8 A CWLE CONSTANT TORQUE", FOUND);
        assertThat(texts(sheet)).anyMatch(t -> t.contains("Cap run capacitor FAN: this motor has no CAP"));
        Sheet second = sheet(OLD, OLD, FOUND, site(null, "", new Wire("CAP 2", "brown", "white", "")));
        assertThat(texts(second)).anyMatch(t -> t.startsWith("brown/white: Cap CAP 2"));
        assertThat(second.left().insulated()).extracting(Spot::terminal).containsExactly("CAP 2");
    }

    @Test
    void bladeBandAndDrainAreGivenBack() {
        Spec old = spec(OLD + " 5.6\" DIA").with("bladeDepthInches", zestbench.core.value.Value.of(1.75));
        Spec now = spec(OLD + " TEAO 6.5\" DIA SHAFT 1/2 X 6");
        List<String> texts = texts(MOTOR.sheet(new HookupRequest(old, List.of(now), List.of(), FOUND, Site.UNKNOWN)));
        assertThat(texts)
                .anyMatch(t -> t.startsWith("Blade back 1.75 in deep in its ring"))
                .anyMatch(t -> t.startsWith("Another belly band, for 6.5 in; hub on its 0.5 in shaft"))
                .anyMatch(t -> t.startsWith("Drain plug out at the lowest point"));
        assertThat(texts(sheet(OLD, OLD, FOUND))).anyMatch(t -> t.contains("measure that before it comes off"));
    }

    /** The dual's other half: what the difference of the capacitor's two drawings leaves bare. */
    @Test
    void theOldDualsOtherHalfFallsOutOfTheDifferenceOfTheDrawings() {
        Family capacitor = Families.named("capacitor");
        Spec dual = new Spec(capacitor.read("50+7.5 µF 440 V ±6%").fields());
        Spec single = new Spec(capacitor.read("5 µF 440 V ±6%").fields());
        List<Wire> wires = List.of(
                new Wire("C", "orange", null, "contactor T2"),
                new Wire("HERM", "purple", null, "compressor S"),
                new Wire("FAN", "brown", null, "fan CAP"));
        Sheet beside = capacitor.sheet(new HookupRequest(
                dual,
                List.of(dual, single),
                List.of(new Assignment("stays", 0, "HERM", List.of(0)), new Assignment("new", 1, "FAN", List.of(0))),
                wires));
        assertThat(beside.left().freedSince(beside.found()))
                .extracting(Spot::terminal)
                .containsExactly("FAN");
        Sheet sheet =
                sheet(OLD, OLD.replace("7.5 MFD", "5 MFD"), FOUND, new Site(List.of(), "", Circuit.UNKNOWN, beside));
        assertThat(texts(sheet))
                .contains("CAP to b of the 5 µF 440 V, no longer FAN")
                .anyMatch(t -> t.startsWith("FAN of the 50+7.5 µF 440 V stays bare"));
    }

    static Stream<Arguments> pairs() {
        List<String> motors = List.of(
                OLD,
                OLD.replace("CWLE", "REV") + " 3 SPD",
                OLD + " 4 SPD TEAO",
                "1/2 HP 115 V 1 PH 1075 RPM 7.6 A CCWLE SHADED POLE",
                "2 HP 460 V 3 PH 1725 RPM 3.4 A",
                "3 HP 208-230/460 V 3 PH 1725 RPM 9.6/4.8 A",
                "1/2 HP 208-230 V 1 PH CONSTANT TORQUE CWLE 4.1 A");
        return motors.stream().flatMap(a -> motors.stream().map(b -> Arguments.of(a, b)));
    }

    /** Whatever comes out and whatever goes in: no wire is lost, no lead is used twice, no live tap is left open. */
    @ParameterizedTest
    @MethodSource("pairs")
    void everyWireIsAccountedForOnce(String old, String now) {
        List<String> terminals = MOTOR.terminals(spec(old));
        List<Wire> wires = new ArrayList<>();
        IntStream.range(0, terminals.size())
                .forEach(i -> wires.add(new Wire(terminals.get(i), "", null, "place " + i + ".")));
        Sheet sheet = sheet(old, now, wires);
        for (Wire wire : wires) {
            assertThat(texts(sheet).stream().filter(t -> t.contains(wire.name())))
                    .as(wire.name())
                    .hasSize(1);
        }
        assertThat(sheet.steps()).extracting(Sheet.Step::key).doesNotHaveDuplicates();
        Graph left = sheet.left();
        Set<Spot> known = new LinkedHashSet<>();
        left.devices().get(0).terminals().forEach(t -> known.add(new Spot(0, t)));
        assertThat(known).containsAll(left.leads().stream().map(Graph.Lead::at).toList());
        assertThat(left.insulated()).noneMatch(left::isUsed);
        for (String tap : new MotorOnLine().taps(spec(now))) {
            Spot spot = new Spot(0, tap);
            assertThat(tap.isEmpty() || left.isUsed(spot) || left.insulated().contains(spot))
                    .as("tap " + tap)
                    .isTrue();
        }
    }

    @Test
    void theProofAsksForEverySpeedThatIsUsed() {
        List<Wire> two = List.of(
                new Wire("COM", "white", null, "neutral"),
                new Wire("HIGH", "black", null, "cool relay"),
                new Wire("LOW", "red", null, "heat relay"));
        PartProof proof =
                MOTOR.proof(new HookupRequest(spec(OLD + " 3 SPD"), List.of(spec(OLD + " 4 SPD")), List.of(), two));
        assertThat(proof.ampsAt()).containsExactly("HIGH", "LOW");
        assertThat(proof.running()).anyMatch(c -> c.text().startsWith("Turns CW seen from the leads"));
        assertThat(new MotorOnLine().usedTaps(spec(OLD + " 3 SPD"), two)).isEqualTo(2);
        PartProof single = MOTOR.proof(new HookupRequest(spec(OLD), List.of(spec(OLD)), List.of(), FOUND));
        assertThat(single.ampsAt()).containsExactly("");
    }
}
