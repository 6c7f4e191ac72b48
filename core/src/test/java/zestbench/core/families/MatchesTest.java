package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Beside;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.CrankcaseHeat;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.plate.PlateLabel;
import zestbench.core.shop.ShopRules;
import zestbench.core.shop.ShopRules.ShuntToTwoPole;
import zestbench.core.shop.ShopRules.SmallerTransformer;

/** What serves in the place of an old contactor, relay, fuse, transformer or start device. */
class MatchesTest {
    private static final ShopRules RULES = ShopRules.DEFAULT;
    /** RLA 17.9, LRA 95, fan 1.4: 19.3 A switched, 95 + 6 × 1.4 = 103.4 A locked. */
    private static final String PLATE =
            "MODEL AB036-1 COMPRESSOR RLA 17.9 LRA 95 OUTDOOR FAN FLA 1.4 MCA 23.8 MAX FUSE 40 208/230-1-60";

    private static Spec spec(String kind, String label) {
        return new Spec(Families.read(kind, label).fields());
    }

    private static Circuit circuit(@Nullable String plate, @Nullable Double line, Beside beside) {
        Spec read = plate == null ? Spec.EMPTY : new Spec(PlateLabel.read(plate).fields());
        return new Circuit(null, line, null, read, null, beside);
    }

    private static MatchAnswer answer(String kind, String old, String now, Circuit circuit, ShopRules rules) {
        Family family = Families.named(kind);
        return family.match(new MatchRequest(
                spec(kind, old), List.of(), circuit, List.of(new Offer("a", spec(kind, now))), List.of(), rules));
    }

    private static Criterion criterion(Match match, String attribute) {
        return match.criteria().stream()
                .filter(c -> c.attribute().equals(attribute))
                .findFirst()
                .orElseThrow(() -> new AssertionError(attribute + " in " + match.criteria()));
    }

    private static void expect(Match match, String attribute, Grade outcome, String why) {
        Criterion found = criterion(match, attribute);
        assertThat(found.outcome()).as(found.toString()).isEqualTo(outcome);
        assertThat(found.why().text()).contains(why);
        assertThat(match.grade()).isGreaterThanOrEqualTo(outcome);
    }

    @ParameterizedTest(name = "contactor {0} → {1}, plate {2}: {3} {4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "2 pole 30 FLA coil 24 V | 2 pole 30 FLA coil 24 V | y | fullLoadAmps | LIKE_FOR_LIKE | 17.9 + 1.4 A",
                "2 pole 30 FLA coil 24 V | 2 pole 40 FLA coil 24 V | y | fullLoadAmps | SUITABLE | enough",
                "2 pole 30 FLA coil 24 V | 2 pole 25 FLA coil 24 V | y | fullLoadAmps | NEEDS_CHANGE | smaller than the old",
                "2 pole 30 FLA coil 24 V | 2 pole 15 FLA coil 24 V | y | fullLoadAmps | REFUSED | 17.9 + 1.4 A",
                "2 pole 30 FLA coil 24 V | 2 pole 25 FLA coil 24 V | - | fullLoadAmps | REFUSED | less than the old one",
                "2 pole 30 FLA coil 24 V | 2 pole coil 24 V RES 40 | y | fullLoadAmps | UNDECIDED | never stand for it",
                "2 pole 30 FLA coil 24 V | 2 pole 30 FLA LRA 100 coil 24 V | y | lockedRotorAmps | REFUSED | 103.4 A",
                "2 pole 30 FLA coil 24 V | 2 pole 30 FLA LRA 150 coil 24 V | y | lockedRotorAmps | SUITABLE | 103.4 A",
                "2 pole 30 FLA coil 24 V | 1 pole 30 FLA coil 24 V | - | poles | REFUSED | fewer poles",
                "2 pole 30 FLA coil 24 V | 3 pole 30 FLA coil 24 V | - | poles | SUITABLE | a pole more",
                "1 pole 30 FLA coil 24 V | 1.5 pole 30 FLA coil 24 V | - | poles | SUITABLE | stays hot",
                "2 pole 30 FLA coil 24 V | 2 pole 30 FLA coil 120 V | - | coilVolts | REFUSED | another coil",
                "2 pole 30 FLA coil 240 V | 2 pole 30 FLA coil 208/240 V | - | coilVolts | SUITABLE | serves",
                "2 pole 30 FLA coil 208/240 V | 2 pole 30 FLA coil 240 V | - | coilVolts | UNDECIDED | only some",
                "2 pole 30 FLA coil 24 V | 2 pole 30 FLA coil 24 V dc | - | coilVolts | REFUSED | DC for DC",
                "2 pole 30 FLA coil 24 V | 2 pole 30 FLA coil 24 V 50 hz | - | coilHertz | REFUSED | may chatter",
                "2 pole 30 FLA coil 24 V 1 aux | 2 pole 30 FLA coil 24 V | - | auxiliaryContacts | UNDECIDED | kept",
                "2 pole 30 FLA coil 24 V lugs | 2 pole 30 FLA coil 24 V screw | - | terminals | NEEDS_CHANGE | stranded",
                "2 pole 30 FLA coil 24 V 6 qc | 2 pole 30 FLA coil 24 V 4 qc | - | quickConnects | NEEDS_CHANGE | old one",
            })
    void contactorsGoByWhatTheySwitchAndByTheirCoil(
            String old, String now, @Nullable String plate, String attribute, Grade outcome, String why) {
        MatchAnswer answer =
                answer("contactor", old, now, circuit(plate == null ? null : PLATE, null, Beside.UNKNOWN), RULES);
        expect(answer.matches().get(0), attribute, outcome, why);
        boolean disagree = outcome == Grade.NEEDS_CHANGE && attribute.equals("fullLoadAmps");
        assertThat(answer.findings().stream().anyMatch(f -> f.kind() == Finding.Kind.WITNESSES_DISAGREE))
                .isEqualTo(disagree);
    }

    /** Two poles for one and a shunt cut the leg that may feed the crankcase heat. */
    @ParameterizedTest(name = "heat {0}, school {1}: {2}")
    @CsvSource(
            nullValues = "-",
            value = {
                "-, UNLESS_CRANKCASE_HEAT, UNDECIDED",
                "NONE, UNLESS_CRANKCASE_HEAT, SUITABLE",
                "OWN_SUPPLY, UNLESS_CRANKCASE_HEAT, SUITABLE",
                "UNSWITCHED_LEG, UNLESS_CRANKCASE_HEAT, REFUSED",
                "NONE, NEVER, REFUSED",
                "UNSWITCHED_LEG, ALWAYS, SUITABLE",
            })
    void aShuntIsReplacedByAPoleOnlyWhereNoHeatHangsOnIt(
            @Nullable CrankcaseHeat heat, ShuntToTwoPole school, Grade outcome) {
        Circuit circuit = circuit(null, null, new Beside(null, null, heat, null, null, null));
        Match match = answer(
                        "contactor",
                        "1.5 pole 30 FLA coil 24 V",
                        "2 pole 30 FLA coil 24 V",
                        circuit,
                        Rules.with(school))
                .matches()
                .get(0);
        assertThat(criterion(match, "poles").outcome()).isEqualTo(outcome);
    }

    @Test
    void rowsGoByTheCircuitsVoltsAndAnA2lUnitAsksForItsMakersList() {
        String rows = "2 pole coil 24 V 240V FLA 40 LRA 240 480V FLA 25 LRA 120";
        assertThat(criterion(
                                answer("contactor", rows, rows, circuit(null, 463.0, Beside.UNKNOWN), RULES)
                                        .matches()
                                        .get(0),
                                "fullLoadAmps")
                        .offered())
                .isEqualTo("25 A");
        expect(
                answer("contactor", rows, "2 pole coil 24 V 240V FLA 40", circuit(null, 463.0, Beside.UNKNOWN), RULES)
                        .matches()
                        .get(0),
                "lineVolts",
                Grade.REFUSED,
                "above");
        Beside a2l = new Beside(null, null, null, null, "R-454B", null);
        expect(
                answer("contactor", rows, rows, circuit(null, 238.0, a2l), RULES)
                        .matches()
                        .get(0),
                "refrigerant",
                Grade.UNDECIDED,
                "maker lists");
    }

    /** NEC 240.6(A) sizes, UL 248 classes and bodies; plate MCA 23.8, max fuse 40. */
    @ParameterizedTest(name = "fuse {0} → {1}, plate {2}: {3} {4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "40 A 250 V RK5 TD | 40 A 250 V RK5 TD | y | amps | LIKE_FOR_LIKE | max fuse 40 A",
                "40 A 250 V RK5 TD | 45 A 250 V RK5 TD | y | amps | REFUSED | above the most",
                "40 A 250 V RK5 TD | 20 A 250 V RK5 TD | y | amps | REFUSED | opens for nothing",
                "40 A 250 V RK5 TD | 35 A 250 V RK5 TD | y | amps | SUITABLE | inside",
                "30 A 250 V RK5 TD | 35 A 250 V RK5 TD | - | amps | REFUSED | the most",
                "30 A 250 V RK5 TD | 30 A 250 V RK5 TD | - | amps | LIKE_FOR_LIKE | same",
                "40 A 600 V RK5 TD | 40 A 250 V RK5 TD | - | volts | REFUSED | does not break",
                "40 A 250 V RK5 TD | 40 A 250 V RK1 TD | y | fuseClass | SUITABLE | less through",
                "40 A 250 V RK1 TD | 40 A 250 V RK5 TD | y | fuseClass | REFUSED | more through",
                "40 A 250 V K5 TD | 40 A 250 V RK5 TD | y | fuseClass | SUITABLE | clips",
                "40 A 250 V RK5 TD | 40 A 250 V K5 TD | y | fuseClass | REFUSED | rejection clips",
                "40 A 600 V class J TD | 40 A 600 V RK1 TD | y | fuseClass | REFUSED | another class",
                "30 A 600 V midget TD | 30 A 600 V CC TD | - | fuseClass | SUITABLE | fits",
                "30 A 600 V CC TD | 30 A 600 V midget TD | - | fuseClass | REFUSED | midget never",
                "40 A 250 V RK5 TD | 40 A 600 V RK5 TD | y | body | REFUSED | another body",
                "40 A 250 V RK5 TD | 30 A 250 V RK5 TD | y | body | NEEDS_CHANGE | reducers",
                "30 A 250 V RK5 TD | 40 A 250 V RK5 TD | y | body | REFUSED | another body",
                "40 A 250 V RK5 TD | 40 A 250 V RK5 fast | y | timeDelay | REFUSED | 500 %",
                "40 A 250 V RK5 fast | 40 A 250 V RK5 TD | y | timeDelay | UNDECIDED | plate allows",
                "40 A 250 V RK5 TD | 40 A 250 V RK5 | y | timeDelay | UNDECIDED | running amps",
                "40 A 250 V RK5 TD 200KA | 40 A 250 V RK5 TD 100KA | y | interruptingKiloamps | REFUSED | may not break",
            })
    void fusesGoByPlateClassAndBody(
            String old, String now, @Nullable String plate, String attribute, Grade outcome, String why) {
        MatchAnswer answer =
                answer("fuse", old, now, circuit(plate == null ? null : PLATE, null, Beside.UNKNOWN), RULES);
        expect(answer.matches().get(0), attribute, outcome, why);
        assertThat(answer.findings())
                .as("never without the cause")
                .anyMatch(f -> f.severity() == Finding.Severity.STOP);
    }

    @Test
    void theWholeSetGoesAndALargerOldFuseIsAFinding() {
        String fuse = "40 A 250 V RK5 TD";
        assertThat(answer("fuse", fuse, fuse, circuit(PLATE, null, Beside.UNKNOWN), RULES)
                        .matches()
                        .get(0)
                        .offer())
                .containsExactly("a", "a");
        Circuit three = circuit(PLATE.replace("-1-60", "-3-60"), null, Beside.UNKNOWN);
        assertThat(answer("fuse", fuse, fuse, three, RULES).matches().get(0).offer())
                .hasSize(3);
        assertThat(answer("fuse", "60 A 250 V RK5 TD", fuse, circuit(PLATE, null, Beside.UNKNOWN), RULES)
                        .findings())
                .anyMatch(f -> f.text().startsWith("The old fuse is 60 A"));
        // plate gone: 2.25 × 17.9 + 1.4 = 41.675 → 40 A, and marked so (NEC 440.22)
        Circuit loads = circuit("COMPRESSOR RLA 17.9 LRA 95 OUTDOOR FAN FLA 1.4 208/230-1-60", null, Beside.UNKNOWN);
        expect(
                answer("fuse", "45 A 250 V RK5 TD", "45 A 250 V RK5 TD", loads, RULES)
                        .matches()
                        .get(0),
                "amps",
                Grade.REFUSED,
                "reckoned max fuse 40 A");
    }

    @ParameterizedTest(name = "{0} AWG, column {1}: {2}")
    @CsvSource(
            nullValues = "-",
            value = {"10, -, INFO", "12, -, CAUTION", "12, 75, INFO", "14, 75, CAUTION"})
    void theWireIsHeldAgainstTheCircuitNeverAgainstTheFuse(
            double gauge, @Nullable String column, Finding.Severity severity) {
        Spec fuse = spec("fuse", "40 A 250 V RK5 TD").with("wireGauge", zestbench.core.value.Value.of(gauge));
        Spec old = column == null ? fuse : fuse.with("wireColumn", zestbench.core.value.Value.of(column));
        MatchAnswer answer = Families.named("fuse")
                .match(new MatchRequest(
                        old,
                        List.of(),
                        circuit(PLATE, null, Beside.UNKNOWN),
                        List.of(new Offer("a", fuse)),
                        List.of(),
                        RULES));
        Finding wire = answer.findings().stream()
                .filter(f -> f.text().contains("AWG copper"))
                .findFirst()
                .orElseThrow();
        assertThat(wire.severity()).as(wire.text()).isEqualTo(severity);
    }

    @Test
    void electricHeatGoesByTheResistiveRating() {
        Circuit heat = circuit("HEATER 10 KW 240-1-60", 240.0, Beside.UNKNOWN);
        String old = "2 pole coil 24 V 240V RES 30";
        expect(
                answer("contactor", old, "2 pole coil 24 V 240V RES 40", heat, RULES)
                        .matches()
                        .get(0),
                "resistiveAmps",
                Grade.REFUSED,
                "41.7 A");
        expect(
                answer("contactor", old, "2 pole coil 24 V 240V RES 50", heat, RULES)
                        .matches()
                        .get(0),
                "resistiveAmps",
                Grade.SUITABLE,
                "heater");
    }

    /** 208 on the 240 tap gives 20.8 V, 240 on the 208 tap 27.7 V; coils stand 20.4 to 26.4 V [IEC 60947-4-1], under 21.0 without margin. */
    @ParameterizedTest(name = "transformer {0} → {1} on {2} V, {3} VA held: {4} {5}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "40 VA 208/240 V to 24 V | 40 VA 208/240 V to 24 V | 208 | - | primaryVolts | LIKE_FOR_LIKE | gives 24.0 V",
                "40 VA 208/240 V to 24 V | 40 VA 240 V to 24 V | 208 | - | primaryVolts | REFUSED | gives 20.8 V",
                "40 VA 208/240 V to 24 V | 40 VA 240 V to 24 V | 212 | - | primaryVolts | STOPGAP | gives 21.2 V",
                "40 VA 208/240 V to 24 V | 40 VA 208 V to 24 V | 240 | - | primaryVolts | REFUSED | gives 27.7 V",
                "40 VA 208/240 V to 24 V | 40 VA 120 V to 24 V | 240 | - | primaryVolts | REFUSED | gives 48.0 V",
                "40 VA 480 V to 24 V | 40 VA 480 V to 24 V | 463 | - | primaryVolts | LIKE_FOR_LIKE | gives 23.2 V",
                "40 VA 240 V to 24 V | 40 VA 230 V to 24 V | 238 | - | primaryVolts | SUITABLE | gives 24.8 V",
                "40 VA 208/240 V to 24 V | 40 VA 240 V to 24 V | - | - | primaryVolts | UNDECIDED | follows from the line",
                "40 VA 240 V to 24 V | 75 VA 240 V to 24 V | 240 | 32 | voltAmps | SUITABLE | 3.13 A",
                "75 VA 240 V to 24 V | 40 VA 240 V to 24 V | 240 | - | voltAmps | REFUSED | smaller",
                "40 VA 240 V to 24 V | 40 VA 240 V to 24 V | 240 | 36 | voltAmps | REFUSED | more than 80 %",
                "40 VA 240 V to 24 V | 40 VA 240 V to 24 V | 240 | 32 | voltAmps | LIKE_FOR_LIKE | same",
                "40 VA 240 V to 24 V | 40 VA 240 V to 18 V | 240 | - | secondaryVolts | REFUSED | made for 24 V",
                "40 VA 240 V to 24 V CLASS 2 | 40 VA 240 V to 24 V | 240 | - | class2 | UNDECIDED | Class 2 wires",
                "40 VA 240 V to 24 V CLASS 2 | 120 VA 240 V to 24 V CLASS 2 | 240 | - | class2 | REFUSED | 100 VA",
                "40 VA 240 V to 24 V BREAKER | 40 VA 240 V to 24 V | 240 | - | secondaryProtection | NEEDS_CHANGE | protected",
                "40 VA 240 V to 24 V | 40 VA 240 V to 24 V 50 hz | 240 | - | hertz | REFUSED | not on its label",
            })
    void transformersGoByLineLoadAndSecondary(
            String old,
            String now,
            @Nullable Double line,
            @Nullable Double held,
            String attribute,
            Grade outcome,
            String why) {
        Circuit circuit = circuit(null, line, new Beside(held, null, null, null, null, null));
        expect(answer("transformer", old, now, circuit, RULES).matches().get(0), attribute, outcome, why);
    }

    @Test
    void aTransformerThatWasFittedTooSmallIsAFindingAndTheShopMayGoByTheLoad() {
        Circuit circuit = circuit(null, 240.0, new Beside(36.0, null, null, null, null, null));
        String small = "40 VA 240 V to 24 V";
        assertThat(answer("transformer", small, "75 VA 240 V to 24 V", circuit, RULES)
                        .findings())
                .anyMatch(f -> f.text().startsWith("36 VA hang on a transformer of 40 VA"));
        ShopRules byLoad = Rules.with(SmallerTransformer.WHEN_LOAD_FITS);
        Circuit light = circuit(null, 240.0, new Beside(20.0, null, null, null, null, null));
        expect(
                answer("transformer", "75 VA 240 V to 24 V", small, light, byLoad)
                        .matches()
                        .get(0),
                "voltAmps",
                Grade.SUITABLE,
                "1.67 A");
    }

    @ParameterizedTest(name = "{0}: {1} → {2}: {3} {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "relay | SPDT coil 24 V 12 A | SPDT coil 24 V 12 A | contacts | LIKE_FOR_LIKE | same",
                "relay | SPNO coil 24 V 12 A | SPDT coil 24 V 12 A | contacts | SUITABLE | every contact",
                "relay | SPDT coil 24 V 12 A | SPNO coil 24 V 12 A | contacts | REFUSED | missing",
                "relay | SPDT coil 24 V 12 A | DPDT coil 24 V 12 A | contacts | SUITABLE | every contact",
                "relay | SPDT coil 24 V 12 A | SPDT coil 120 V 12 A | coilVolts | REFUSED | another coil",
                "relay | SPDT coil 24 V 12 A | SPDT coil 24 V 10 A | contactAmps | REFUSED | less",
                "relay | SPDT coil 24 V 8 fla | SPDT coil 24 V 12 A resistive | contactAmps | REFUSED | never stand",
                "relay | SPDT coil 24 V 8 fla | SPDT coil 24 V 12 A | contactAmps | UNDECIDED | say nothing of another",
                "relay | SPDT coil 24 V 12 A 8 pin | SPDT coil 24 V 12 A 5 pin | base | NEEDS_CHANGE | moved",
                "start-device | PTC 1-3 ton 208/277 V | PTC 1-3 ton 208/277 V | tons | LIKE_FOR_LIKE | holds",
                "start-device | PTC 1-3 ton 208/277 V | PTC 3-5 ton 208/277 V | tons | UNDECIDED | narrower",
                "start-device | potential relay 1-5 ton | PTC 1-5 ton | type | UNDECIDED | equal",
                "start-device | PTC 1-3 ton | potential relay 1-5 ton | type | NEEDS_CHANGE | another kind",
            })
    void relaysAndStartDevicesAreExactOrBetter(
            String kind, String old, String now, String attribute, Grade outcome, String why) {
        expect(answer(kind, old, now, Circuit.UNKNOWN, RULES).matches().get(0), attribute, outcome, why);
    }

    @Test
    void aStartDeviceGoesByTheUnitsTonsAndNeverOnThreePhases() {
        Circuit unit = circuit(PLATE, 238.0, Beside.UNKNOWN);
        expect(
                answer("start-device", "PTC 1-3 ton 208/277 V", "PTC 3-5 ton 208/277 V", unit, RULES)
                        .matches()
                        .get(0),
                "tons",
                Grade.SUITABLE,
                "unit's size");
        expect(
                answer("start-device", "PTC 1-3 ton 115 V", "PTC 1-3 ton 115 V", unit, RULES)
                        .matches()
                        .get(0),
                "volts",
                Grade.REFUSED,
                "outside");
        Circuit three = circuit(PLATE.replace("-1-60", "-3-60"), null, Beside.UNKNOWN);
        expect(
                answer("start-device", "PTC 1-3 ton", "PTC 1-3 ton", three, RULES)
                        .matches()
                        .get(0),
                "phase",
                Grade.REFUSED,
                "three-phase");
    }

    /** Whatever lacks on either side never passes: an empty label is undecided or refused, for every family. */
    @ParameterizedTest
    @CsvSource({"contactor", "relay", "fuse", "transformer", "start-device"})
    void anEmptyLabelNeverPasses(String kind) {
        String label = switch (kind) {
            case "contactor" -> "2 pole 30 FLA coil 24 V";
            case "relay" -> "SPDT coil 24 V 12 A";
            case "fuse" -> "40 A 250 V RK5 TD";
            case "transformer" -> "40 VA 240 V to 24 V";
            default -> "PTC 1-3 ton 208/277 V";
        };
        for (String[] pair : new String[][] {{label, ""}, {"", label}}) {
            Match match = answer(kind, pair[0], pair[1], Circuit.UNKNOWN, RULES)
                    .matches()
                    .get(0);
            assertThat(match.grade()).as(kind + " " + match.criteria()).isGreaterThanOrEqualTo(Grade.UNDECIDED);
            assertThat(match.asks()).as("and says what to look for").isNotEmpty();
        }
        Grade same = answer(kind, label, label, Circuit.UNKNOWN, RULES)
                .matches()
                .get(0)
                .grade();
        assertThat(same).as(kind.toUpperCase(Locale.ROOT)).isEqualTo(Grade.LIKE_FOR_LIKE);
    }
}
