package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.circuit.Isolation;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.HookupRequest.Site;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.shop.ShopRules.Pitted;
import zestbench.core.transformer.Primary;
import zestbench.core.wiring.Graph.Spot;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** Tests and hook-up of contactors, relays, fuses, transformers and start devices. */
class TestsAndSheetsTest {
    private static Spec spec(String kind, String label) {
        return new Spec(Families.read(kind, label).fields());
    }

    /** Readings written as {@code SECTION=12.4;OTHER=OL}. */
    private static Judgement judge(String kind, String label, String readings) {
        Family family = Families.named(kind);
        List<SectionReading> taken = new ArrayList<>();
        for (String each : readings.split(";")) {
            String[] halves = each.split("=");
            Quantity quantity = family.quantity(halves[0]);
            taken.add(new SectionReading(
                    halves[0],
                    halves[1].equals("OL")
                            ? Reading.overRange(quantity)
                            : Reading.of(quantity, Double.parseDouble(halves[1]))));
        }
        return family.judge(new TestRequest(spec(kind, label), taken, Meter.USUAL, ShopRules.DEFAULT));
    }

    /** Coil 85 to 110 % of rated: 20.4 to 26.4 V [IEC 60947-4-1]; the rest is practice. */
    @ParameterizedTest(name = "{0} {2}: {3}, {4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "contactor | coil 24 V 2 pole 30 FLA | COIL=12.4 | GOOD | -",
                "contactor | coil 24 V 2 pole 30 FLA | COIL=OL | FAILED | -",
                "contactor | coil 24 V 2 pole 30 FLA | COIL=0.1 | FAILED | -",
                "contactor | coil 24 V 2 pole 30 FLA | COIL=1.2 | TOO_CLOSE | -",
                "contactor | coil 24 V 2 pole 30 FLA | COIL VOLTS=25.1 | GOOD | -",
                "contactor | coil 24 V 2 pole 30 FLA | COIL VOLTS=18.2 | FAILED | chatter",
                "contactor | coil 24 V 2 pole 30 FLA | COIL VOLTS=20.6 | TOO_CLOSE | -",
                "contactor | coil 24 V 2 pole 30 FLA | POLE 1=0.1;POLE 2=0.9 | WEAK | heats up",
                "contactor | coil 24 V 2 pole 30 FLA | POLE 1=118 | FAILED | -",
                "contactor | coil 24 V 2 pole 30 FLA | COIL VOLTS=0;PULLED IN=1 | FAILED | welded",
                "contactor | coil 24 V 2 pole 30 FLA | PULLED IN=1 | TOO_CLOSE | -",
                "relay | SPDT coil 24 V 12 A | COIL=70 | GOOD | -",
                "fuse | 40 A 250 V RK5 TD | FUSE 1=0.1;FUSE 2=0.2 | GOOD | -",
                "fuse | 40 A 250 V RK5 TD | FUSE 1=0.1;FUSE 2=OL | FAILED | why it opened",
                "fuse | 40 A 250 V RK5 TD | FUSE 1=4 | TOO_CLOSE | -",
                "fuse | 40 A 250 V RK5 TD | FUSE 1 LIVE=0.1 | GOOD | -",
                "fuse | 40 A 250 V RK5 TD | FUSE 1 LIVE=160 | FAILED | why it opened",
                "fuse | 40 A 250 V RK5 TD | FUSE 1 LOAD OFF=0 | TOO_CLOSE | -",
                "transformer | 40 VA 208/240 V to 24 V | PRIMARY=208;SECONDARY=24 | GOOD | -",
                "transformer | 40 VA 208/240 V to 24 V | PRIMARY=208;SECONDARY=0 | FAILED | its own breaker",
                "transformer | 40 VA 208/240 V to 24 V | SECONDARY=0 | TOO_CLOSE | Read the primary",
                "transformer | 40 VA 208/240 V to 24 V | PRIMARY=208;SECONDARY=19.5 | FAILED | overloaded",
                "transformer | 40 VA 208/240 V to 24 V | SECONDARY, NO LOAD=26.9 | GOOD | -",
                "transformer | 40 VA 208/240 V to 24 V | SECONDARY, NO LOAD=29.5 | WEAK | it is the tap",
                "transformer | 40 VA 240 V to 24 V | PRIMARY=208;SECONDARY=20.8 | WEAK | another tap",
                "start-device | PTC 1-3 ton | OHMS, COLD=22 | GOOD | 3 to 5 min",
                "start-device | PTC 1-3 ton | OHMS, COLD=OL | FAILED | 3 to 5 min",
                "start-device | POTENTIAL RELAY PICK-UP 180 V DROP-OUT 90 V | CONTACT 1-2=0.1;COIL 2-5=9500 | GOOD | -",
                "start-device | POTENTIAL RELAY PICK-UP 180 V DROP-OUT 90 V | CONTACT 1-2=40;COIL 2-5=9500 | WEAK | -",
                "start-device | POTENTIAL RELAY PICK-UP 180 V DROP-OUT 90 V | CONTACT 1-2=OL | FAILED | -",
                "start-device | POTENTIAL RELAY PICK-UP 180 V DROP-OUT 90 V | COIL 2-5=3 | FAILED | -",
                "start-device | POTENTIAL RELAY PICK-UP 180 V DROP-OUT 90 V | COIL 2-5=OL | FAILED | -",
            })
    void readingsAreJudgedWithTheirWorking(
            String kind, String label, String readings, Verdict overall, @Nullable String finding) {
        Judgement judgement = judge(kind, label, readings);
        assertThat(judgement.overall()).as(judgement.toString()).isEqualTo(overall);
        assertThat(judgement.verdicts()).allMatch(v -> !v.reckoning().text().isBlank());
        assertThat(finding == null
                        || judgement.findings().stream().map(Finding::text).anyMatch(t -> t.contains(finding)))
                .as(judgement.findings().toString())
                .isTrue();
    }

    /** Secondary = rated × measured ÷ tap [physics]: 24 × 200 ÷ 208 = 23.08 V, 90 to 110 % of it. */
    @Test
    void theSecondaryIsExpectedFromTheTap() {
        Judged secondary = judge("transformer", "40 VA 208/240 V to 24 V", "PRIMARY=200;SECONDARY=23")
                .verdicts()
                .get(1);
        assertThat(java.util.Objects.requireNonNull(secondary.limits()).low()).isBetween(20.76, 20.78);
        assertThat(secondary.reckoning().text()).contains("24 × 200 ÷ 208");
    }

    @ParameterizedTest
    @CsvSource({"contactor, COIL VOLT, 3", "fuse, FUSE 9, 0.1", "transformer, TERTIARY, 24", "relay, POLE 1, 3"})
    void aSectionThatIsNoneIsSaid(String kind, String section, double value) {
        Family family = Families.named(kind);
        Reading reading = Reading.of(family.quantity(section), value);
        TestRequest request = new TestRequest(
                Spec.EMPTY, List.of(new SectionReading(section, reading)), Meter.USUAL, ShopRules.DEFAULT);
        assertThatThrownBy(() -> family.judge(request))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("give");
    }

    @Test
    void theShopSaysWhatPittedContactsMean() {
        assertThat(pitted(ShopRules.DEFAULT)).isEqualTo(Verdict.WEAK);
        assertThat(pitted(Rules.with(Pitted.IGNORE))).isEqualTo(Verdict.GOOD);
    }

    private static Verdict pitted(ShopRules rules) {
        return Families.named("contactor").looks(rules).stream()
                .filter(l -> l.key().equals("CONTACTS"))
                .findFirst()
                .flatMap(l -> l.answer("pitted"))
                .orElseThrow()
                .verdict();
    }

    private static Sheet sheet(String kind, String old, String now, List<Wire> wires, @Nullable Double line) {
        Circuit circuit = new Circuit(null, line, null, Spec.EMPTY, null);
        return Families.named(kind)
                .sheet(new HookupRequest(
                        spec(kind, old),
                        List.of(spec(kind, now)),
                        List.of(),
                        wires,
                        new Site(List.of(), "", circuit, null)));
    }

    private static List<String> texts(Sheet sheet) {
        return sheet.steps().stream().map(Sheet.Step::text).toList();
    }

    /** Leads C/120/208/240: 120–208 is 88 V by design, 208–240 is 32 V; 208 V across 88 V is 2.36 times that. */
    @Test
    void aTransformersTwoLeadsAreNamedTheRestCappedAndAWrongPairShown() {
        String label = "40 VA SEC 24 V BLK COM WHT 120 BLU 208 ORG 240";
        List<Wire> wires = List.of(
                new Wire("PRI COM", "white", null, "contactor L1"),
                new Wire("PRI 208", "red", null, "contactor L2"),
                new Wire("SEC R", "yellow", null, "thermostat R"));
        Sheet sheet = sheet("transformer", "40 VA 208/240 V to 24 V", label, wires, 208.0);
        assertThat(texts(sheet))
                .contains("BLACK (common) to contactor L1", "BLUE (208 V) to contactor L2")
                .contains("Cap WHITE (120 V) by itself: it is live", "Cap ORANGE (240 V) by itself: it is live")
                .anyMatch(t -> t.startsWith("Before power: BLACK–BLUE: 208 V by design"))
                .anyMatch(t -> t.contains("thermostat R: back on SEC R"));
        assertThat(sheet.left().insulated()).extracting(Spot::terminal).containsExactly("PRI 120", "PRI 240");
        assertThat(sheet.notes())
                .contains("WHITE–BLUE: 88 V by design, the line is 2.36 times that: this burns it")
                .anyMatch(n -> n.startsWith("BLUE–ORANGE: 32 V by design, the line is 6.50 times"))
                .anyMatch(n -> n.equals("BLACK–ORANGE: 240 V by design, gives 20.8 V"));
        assertThat(texts(sheet("transformer", label, label, wires, null)))
                .as("no line, no tap")
                .anyMatch(t -> t.startsWith("Measure the line"));
        assertThat(texts(sheet("transformer", label, "40 VA 208 V to 24 V", wires, 208.0)))
                .as("colours are never guessed")
                .anyMatch(t -> t.contains("type its lead list"));
    }

    @Test
    void aContactorGoesPoleByPoleWithItsCoilsCaution() {
        List<Wire> wires = List.of(
                new Wire("L1", "black", null, "disconnect"),
                new Wire("T2", "red", null, "compressor"),
                new Wire("AUX 1", "blue", null, "interlock"));
        Sheet sheet =
                sheet("contactor", "1.5 pole 30 FLA coil 24 V lugs", "2 pole 30 FLA coil 24 V screw", wires, null);
        assertThat(texts(sheet))
                .contains("black: disconnect: back on L1", "red: compressor: back on T2")
                .contains("Cap blue: interlock: the new part has no AUX 1")
                .anyMatch(t -> t.startsWith("24 V from the indoor unit stays live"))
                .anyMatch(t -> t.startsWith("The shunt goes"))
                .anyMatch(t -> t.startsWith("A ferrule"));
    }

    @ParameterizedTest(name = "{0}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "fuse | 40 A 250 V RK5 TD | 40 A 250 V RK5 TD | Ratings facing out",
                "relay | SPNO coil 24 V 12 A | DPDT coil 24 V 12 A | what was on COM: from COM to COM 1",
                "start-device | PTC 1-3 ton | PTC 1-3 ton | One wire on HERM of the run capacitor",
                "start-device | potential relay 1-5 ton | potential relay 1-5 ton | 5 to the compressor's common",
            })
    void everySheetSaysWhatMatters(String kind, String old, String now, String step) {
        Sheet sheet = sheet(kind, old, now, List.of(), null);
        assertThat(texts(sheet)).anyMatch(t -> t.startsWith(step));
        assertThat(sheet.steps()).extracting(Sheet.Step::key).doesNotHaveDuplicates();
        HookupRequest request = new HookupRequest(spec(kind, old), List.of(spec(kind, now)), List.of(), List.of());
        assertThat(Families.named(kind).proof(request).all()).hasSizeGreaterThan(3);
    }

    /** A fuse's proof does not let the cause be passed over. */
    @Test
    void theCauseIsLookedForBeforePowerGoesOnAgain() {
        Spec fuse = spec("fuse", "40 A 250 V RK5 TD");
        assertThat(Families.named("fuse")
                        .proof(new HookupRequest(fuse, List.of(fuse), List.of(), List.of()))
                        .before())
                .extracting(c -> c.key())
                .contains("ground", "wires", "start", "motors");
        assertThat(Families.named("fuse").looks(ShopRules.DEFAULT).stream()
                        .filter(l -> l.key().equals("AGAIN"))
                        .findFirst()
                        .flatMap(l -> l.answer("yes"))
                        .orElseThrow()
                        .meaning())
                .contains("Isolate the loads one by one");
    }

    /** What is likely and quick to part comes first: likelihood over minutes, falling. */
    @Test
    void loadsArePartedByLikelihoodAndEase() {
        for (List<Isolation> loads : List.of(Isolation.LINE, Isolation.CONTROL)) {
            List<Double> weights =
                    loads.stream().map(l -> (double) l.likely() / l.minutes()).toList();
            assertThat(weights).isSortedAccordingTo(java.util.Comparator.reverseOrder());
            assertThat(loads).extracting(Isolation::key).doesNotHaveDuplicates();
        }
        assertThat(Isolation.order(Isolation.CONTROL)).startsWith("contactor coil, thermostat wire outdoors");
    }

    /** On 208 V: 0–208 gives 24 V; 0–240 gives 20.8 V, without margin for a coil; 120–208 is 88 V by design and burns. */
    @ParameterizedTest(name = "{0}–{1} V leads on 208 V: right {2}")
    @CsvSource({
        "0, 208, true",
        "0, 240, false",
        "0, 120, false",
        "120, 208, false",
        "208, 240, false",
        "208, 208, false"
    })
    void thePairThatIsConnectedIsHeldAgainstItsDesign(double one, double two, boolean isRight) {
        Primary.Pair pair = Primary.pair(new Primary.Lead("A", one), new Primary.Lead("B", two), 208, 24);
        assertThat(pair.isRight(24)).as(pair.words()).isEqualTo(isRight);
        boolean burns = pair.words().contains("burns it") || pair.words().contains("a short");
        assertThat(burns).isEqualTo(!isRight && !(one == 0 && two == 240));
    }

    /** What a section should come to is told where its label gives one figure, and no range. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "45/5 MFD 440 VAC C FAN HERM, FAN, 5",
                "45/5 MFD 440 VAC C FAN HERM, OTHER, -",
                "88-106 MFD 330 VAC MOTOR START, CAPACITOR, -",
                "7.5 MFD 370 VAC, CAPACITOR, 7.5",
            })
    void whatASectionIsRated(String label, String section, @Nullable Double microfarads) {
        assertThat(Families.named("capacitor").rated(spec("capacitor", label), section))
                .isEqualTo(Optional.ofNullable(microfarads));
    }
}
