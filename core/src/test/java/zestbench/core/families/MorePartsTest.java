package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.HookupRequest.Site;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Beside;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.family.Turning;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.PlateLabel;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;

/** Compressors, crankcase heaters and the switches that open for a cause. */
class MorePartsTest {
    private static Spec spec(String kind, String label) {
        return new Spec(Families.read(kind, label).fields());
    }

    @ParameterizedTest(name = "{0} is a {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "CRANKCASE HEATER 240 VOLTS 70 WATTS | crankcase-heater | volts=[240] watts=70",
                "belly band heater 208/240V 50W | crankcase-heater | volts=[208,240] watts=50 form=BAND",
                "HIGH PRESSURE SWITCH OPENS 610 PSI CLOSES 420 PSI SPNC 24V MANUAL RESET | switch | acts=HIGH_PRESSURE opensPsig=610 closesPsig=420 reset=MANUAL contacts=SPNC contactVolts=24",
                "LOW PRESSURE SWITCH cut out 50 cut in 95 PSI 1/4 FLARE | switch | acts=LOW_PRESSURE opensPsig=50 closesPsig=95 fitting=FLARE",
                "FLOAT SWITCH SPDT 5A 250V | switch | acts=FLOAT contacts=SPDT contactVolts=250 contactAmps=5",
                "LIMIT SWITCH OPENS 180F CLOSES 150F AUTO RESET | switch | acts=LIMIT opensFahrenheit=180 closesFahrenheit=150 reset=AUTOMATIC",
                "AIRFLOW SWITCH CLOSES 0.15 IN WC SPNO | switch | acts=AIRFLOW closesInchesOfWater=0.15 contacts=SPNO",
                "freeze stat opens 38F closes 48F | switch | acts=FREEZE opensFahrenheit=38 closesFahrenheit=48",
                "SCROLL COMPRESSOR R-410A 208/230 V 1 PH 60 HZ RLA 17.6 LRA 96 36000 BTU/H | compressor | type=SCROLL volts=[208,230] phase=1 hertz=[60] ratedLoadAmps=17.6 lockedRotorAmps=96 nominalBtuPerHour=36000 refrigerant=R-410A",
                "HERMETIC COMPRESSOR 3.5 TON R22 208-230-1-60 RLA 19.2 LRA 118 RUN CAP 45 MFD 440V | compressor | type=RECIPROCATING volts=[208,230] phase=1 hertz=[60] ratedLoadAmps=19.2 lockedRotorAmps=118 nominalBtuPerHour=42000 refrigerant=R-22 capacitorMicrofarads=45 capacitorVolts=440",
            })
    void aLabelTellsItselfAndItsFields(String text, String kind, String fields) {
        assertThat(LabelsTest.text(Families.read(Families.AUTO, text), kind)).isEqualTo(fields);
        assertThat(LabelsTest.text(Families.read(kind, text), kind)).isEqualTo(fields);
    }

    /** A plate names its compressors too; without the kind of compressor it stays a plate. */
    @Test
    void aPlateStaysAPlate() {
        assertThat(Families.read(Families.AUTO, "COMPRESSOR RLA 17.9 LRA 95 208/230-1-60 R-410A")
                        .kind())
                .isEqualTo(PlateLabel.KIND);
    }

    private static Judgement judge(String kind, String label, String section, String reading) {
        Reading taken = reading.equals("OL")
                ? Reading.overRange(Quantity.OHMS)
                : Reading.of(Quantity.OHMS, Double.parseDouble(reading));
        return Families.named(kind)
                .judge(new TestRequest(
                        spec(kind, label),
                        List.of(new SectionReading(section, taken)),
                        Meter.USUAL,
                        ShopRules.DEFAULT));
    }

    /** V² ÷ W [physics]: 240² ÷ 70 = 822.9 Ω, a tenth to each side; contacts by practice. */
    @ParameterizedTest(name = "{0} {1}, {2} {3}: {4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "crankcase-heater | 240 V 70 W | HEATER | 823 | GOOD | -",
                "crankcase-heater | 240 V 70 W | HEATER | 900 | TOO_CLOSE | -",
                "crankcase-heater | 240 V 70 W | HEATER | 950 | FAILED | -",
                "crankcase-heater | 240 V 70 W | HEATER | OL | FAILED | -",
                "crankcase-heater | 208/240 V 70 W | HEATER | 640 | GOOD | -",
                "crankcase-heater | 240 V 70 W PTC | HEATER | 400 | - | -",
                "crankcase-heater | 240 V | HEATER | 823 | - | -",
                "crankcase-heater | 240 V 70 W | GROUND | 1200 | FAILED | grounded",
                "crankcase-heater | 240 V 70 W | GROUND | 2000000 | TOO_CLOSE | 500 V DC",
                "crankcase-heater | 240 V 70 W | GROUND | OL | GOOD | -",
                "switch | FLOAT SWITCH SPNC | CAUSE GONE | 0.2 | GOOD | -",
                "switch | FLOAT SWITCH SPNC | CAUSE GONE | 12 | WEAK | -",
                "switch | FLOAT SWITCH SPNC | CAUSE GONE | OL | FAILED | never a repair",
                "switch | FLOAT SWITCH SPNC | CAUSE THERE | OL | GOOD | -",
                "switch | FLOAT SWITCH SPNC | CAUSE THERE | 0.3 | FAILED | protects nothing",
                "switch | HIGH PRESSURE SWITCH SPNC | CAUSE GONE | OL | TOO_CLOSE | tripped",
                "switch | HIGH PRESSURE SWITCH SPNC AUTO RESET | CAUSE GONE | OL | FAILED | never a repair",
                "switch | HIGH PRESSURE SWITCH SPNC | CAUSE GONE | 0.1 | GOOD | no ohmmeter tells",
            })
    void readingsAreJudged(
            String kind,
            String label,
            String section,
            String reading,
            @Nullable Verdict overall,
            @Nullable String says) {
        Judgement judgement = judge(kind, label, section, reading);
        assertThat(judgement.overall()).as(judgement.toString()).isEqualTo(overall);
        assertThat(judgement.verdicts().get(0).reckoning().text()).isNotBlank();
        assertThat(says == null
                        || judgement.findings().stream().anyMatch(f -> f.text().contains(says)))
                .as(judgement.findings().toString())
                .isTrue();
    }

    /** Ohms that were drawn about V² ÷ W are good inside a tenth, the meter's doubt kept clear, and fail outside it. */
    @Test
    void heatersGoByTheirOwnWatts() {
        Random random = new Random(17);
        for (int draw = 0; draw < 300; draw++) {
            double volts = List.of(120.0, 208.0, 240.0, 480.0).get(random.nextInt(4));
            double watts = 20 + random.nextInt(150);
            double share = 0.7 + 0.6 * random.nextDouble();
            double ohms = share * volts * volts / watts;
            Judgement judgement =
                    judge("crankcase-heater", volts + " V " + watts + " W", "HEATER", String.valueOf(ohms));
            double doubt = judgement.verdicts().get(0).uncertainty() / ohms;
            if (Math.abs(share - 1) < 0.1 - 2 * doubt) {
                assertThat(judgement.overall()).isEqualTo(Verdict.GOOD);
            } else if (Math.abs(share - 1) > 0.1 + 2 * doubt) {
                assertThat(judgement.overall()).isEqualTo(Verdict.FAILED);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"crankcase-heater, COIL", "switch, COIL", "compressor, COIL"})
    void aSectionThatIsNoneIsSaid(String kind, String section) {
        assertThatThrownBy(() -> judge(kind, "240 V", section, "3")).hasMessageContaining("give");
    }

    /** Where its cause can be made by hand both ways are asked for; of the others only that they close. */
    @Test
    void aSwitchIsGoodOnlyOnceItsCauseWasTriedWhereThatCanBeDone() {
        Family family = Families.named("switch");
        assertThat(family.asked(spec("switch", "FLOAT SWITCH SPNC"))).containsExactly("CAUSE GONE", "CAUSE THERE");
        assertThat(family.asked(spec("switch", "HIGH PRESSURE SWITCH SPNC"))).containsExactly("CAUSE GONE");
    }

    private static MatchAnswer match(String old, String now, String plate) {
        Family family = Families.named("compressor");
        Spec known =
                plate.isEmpty() ? Spec.EMPTY : new Spec(PlateLabel.read(plate).fields());
        return family.match(new MatchRequest(
                spec("compressor", old),
                List.of(),
                new Circuit(null, null, null, known, null),
                List.of(new Offer("x", spec("compressor", now))),
                List.of(),
                ShopRules.DEFAULT));
    }

    /** The contactor that is in decides by its own LRA, not by that of the old compressor. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {"-, NEEDS_CHANGE", "150, SUITABLE", "100, NEEDS_CHANGE"})
    void theLockedRotorAmpsAreHeldAgainstTheContactorThatIsIn(@Nullable Double breaks, Grade grade) {
        String whole = "SCROLL COMPRESSOR R-410A 208-230-1-60 RLA 17.6 LRA 96 36000 BTU/H";
        Circuit circuit =
                new Circuit(null, null, null, Spec.EMPTY, null, new Beside(null, null, null, null, null, null, breaks));
        MatchAnswer answer = Families.named("compressor")
                .match(new MatchRequest(
                        spec("compressor", whole),
                        List.of(),
                        circuit,
                        List.of(new Offer("x", spec("compressor", whole.replace("LRA 96", "LRA 118")))),
                        List.of(),
                        ShopRules.DEFAULT));
        assertThat(answer.matches().get(0).grade()).isEqualTo(grade);
    }

    /** A label that is gone leaves it to the plate; two that disagree on the refrigerant stop. */
    @Test
    void thePlateTellsWhatTheLabelLeavesOpen() {
        String plate = "MODEL SV042 208/230-1-60 COMPRESSOR RLA 19.2 LRA 118 R-410A MCA 25.4 3.5 TON";
        String whole = "SCROLL COMPRESSOR R-410A 208-230-1-60 RLA 19.2 LRA 118 42000 BTU/H";
        assertThat(match("SCROLL COMPRESSOR 42000 BTU/H", whole, plate)
                        .matches()
                        .get(0)
                        .grade()
                        .fits())
                .isTrue();
        assertThat(match("SCROLL COMPRESSOR", whole, plate)
                        .matches()
                        .get(0)
                        .grade()
                        .fits())
                .as("a unit's tons are not its compressor's")
                .isFalse();
        assertThat(match("SCROLL COMPRESSOR 42000 BTU/H", whole, "")
                        .matches()
                        .get(0)
                        .grade()
                        .fits())
                .isFalse();
        assertThat(match(whole.replace("R-410A", "R-22"), whole, plate).findings())
                .extracting(Finding::demand)
                .contains(Demand.REFRIGERANT);
        assertThat(match(whole, whole, plate).findings().get(0).text()).contains("die of");
    }

    /** Its own capacitor is the HERM section of a dual, and witnesses what the capacitor has to be. */
    @Test
    void itsLabelNamesItsCapacitor() {
        Turning turning = Objects.requireNonNull(Families.named("compressor").turning());
        Spec wanted = turning.capacitor(spec("compressor", "SCROLL COMPRESSOR RLA 19 RUN CAP 45 MFD 440 V"));
        assertThat(wanted.rows("sections").get(0).number("microfarads")).hasValue(45.0);
        assertThat(wanted.rows("sections").get(0).text("terminal")).hasValue("HERM");
        assertThat(wanted.number("volts")).hasValue(440.0);
        assertThat(turning.capacitor(spec("compressor", "SCROLL COMPRESSOR RLA 19")))
                .isEqualTo(Spec.EMPTY);
        assertThat(turning.ratedAmps(spec("compressor", "SCROLL COMPRESSOR RLA 19"), Optional.empty(), 0))
                .hasValue(19.0);
    }

    /** Each wire goes back by the name of its terminal, none is lost, and something is ticked before power and after. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "compressor | SCROLL COMPRESSOR 208-230-1-60 RLA 19 | C R S",
                "compressor | SCROLL COMPRESSOR 460-3-60 RLA 9 | T1 T2 T3",
                "crankcase-heater | 240 V 70 W | 1 2",
                "switch | FLOAT SWITCH SPDT | COM NO NC",
            })
    void itIsHookedUpAndProved(String kind, String label, String terminals) {
        Family family = Families.named(kind);
        Spec part = spec(kind, label);
        assertThat(family.terminals(part)).containsExactly(terminals.split(" "));
        HookupRequest request = new HookupRequest(part, List.of(part), List.of(), List.of(), Site.UNKNOWN);
        List<String> texts = new ArrayList<>();
        family.sheet(request).steps().forEach(s -> texts.add(s.text()));
        for (String terminal : terminals.split(" ")) {
            assertThat(texts).anyMatch(t -> t.endsWith("back on " + terminal));
        }
        assertThat(family.proof(request).before()).isNotEmpty();
        assertThat(family.proof(request).running()).isNotEmpty();
        assertThat(family.condemnedFor()).isNotEmpty();
    }
}
