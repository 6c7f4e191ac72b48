package zestbench.core.motor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.plate.PlateLabel;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.core.value.Value;

/** What stands in for an old fan motor, criterion by criterion. */
class MotorMatchTest {
    /** The motor of every case; a case changes one thing on one side. */
    private static final String OLD =
            "1/4 HP 1075 RPM 208-230V 1PH 60HZ FLA 1.9 CWLE CAP 5 MFD 370V ENCL TEAO AMB 60°C INS CL B FR 48Y"
                    + " THERMALLY PROTECTED 5.6\" DIA SHAFT 1/2 X 6";

    private static final String PLATE = "COMPRESSOR RLA 17.9\nOUTDOOR FAN FLA 1.9\nMCA %s 208/230-1-60";

    private static Spec spec(String label) {
        return new Spec(MotorLabel.read(label).fields());
    }

    private static Match match(String old, String offered, Circuit circuit, ShopRules rules) {
        MatchAnswer answer = MotorMatch.of(new MatchRequest(
                spec(old), List.of(), circuit, List.of(new Offer("a", spec(offered))), List.of(), rules));
        return answer.matches().get(0);
    }

    private static Criterion criterion(Match match, String attribute) {
        return match.criteria().stream()
                .filter(c -> c.attribute().equals(attribute))
                .findFirst()
                .orElseThrow(() -> new AssertionError(attribute + " in " + match.criteria()));
    }

    /** Line volts, hertz, taps and the plate's MCA, each left out where it is a dash. */
    private static Circuit circuit(@Nullable String facts) {
        String[] words = facts == null ? new String[] {"-", "-", "-", "-"} : facts.split(" ");
        return new Circuit(
                words[1].equals("-") ? null : Double.valueOf(words[1]),
                words[0].equals("-") ? null : Double.valueOf(words[0]),
                null,
                words[3].equals("-")
                        ? Spec.EMPTY
                        : new Spec(
                                PlateLabel.read(String.format(PLATE, words[3])).fields()),
                words[2].equals("-") ? null : Integer.valueOf(words[2]));
    }

    @Test
    void theSameMotorIsLikeForLike() {
        Match match = match(OLD, OLD, circuit("238 60 1 26.4"), ShopRules.DEFAULT);
        assertThat(match.grade()).as(match.criteria().toString()).isEqualTo(Grade.LIKE_FOR_LIKE);
        assertThat(match.changes()).containsExactly("Capacitor new with the motor: 5 µF 370 V.");
        assertThat(match.title()).isEqualTo("1/4 HP 1075 rpm 208-230 V CW lead end");
    }

    /** One thing of the old motor's label put otherwise on the offer: what the criterion comes to, and why. */
    @ParameterizedTest(name = "{0} → {1} ({2}): {3} {4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // fan laws: (1625 ÷ 1075)³ and (1140 ÷ 1075)³, ASHRAE Handbook HVAC Systems and Equipment
                "1075 RPM | 1625 RPM | - | rpm | REFUSED | 3.45 times the power",
                "1075 RPM | 1140 RPM | - | rpm | REFUSED | 1.19 times the power",
                "1075 RPM | 1100 RPM | - | rpm | SUITABLE | within 5 %",
                "1075 RPM | 825 RPM | - | rpm | REFUSED | other poles",
                "1/4 HP | 1/6 HP | - | horsepower | REFUSED | never less",
                "1/4 HP | 1/3 HP | - | horsepower | SUITABLE | one step",
                "1/4 HP | 1/2 HP | - | horsepower | REFUSED | two steps",
                "1/4 HP | 1/4 HP SF 1.15 | - | horsepower | LIKE_FOR_LIKE | same power",
                "208-230V | 230V | 208 - - - | volts | STOPGAP | runs hot",
                "208-230V | 230V | 205 - - - | volts | REFUSED | 10 % off",
                "208-230V | 115V | 238 - - - | volts | REFUSED | 10 % off",
                "208-230V | 208-230/460V | 461 - - - | volts | NEEDS_CHANGE | low on high destroys it",
                "208-230V | 230V | - | volts | UNDECIDED | serves some",
                "208-230V | 460V | - | volts | REFUSED | within 10 %",
                "60HZ | 50HZ | - | hertz | REFUSED | 1.73 times",
                "60HZ | 60HZ | - 50 - - | hertz | REFUSED | overfluxed",
                "60HZ | 50/60HZ | - 50 - - | hertz | LIKE_FOR_LIKE | same",
                "FLA 1.9 | FLA 2.0 | - | fullLoadAmps | SUITABLE | 10 %",
                "FLA 1.9 | FLA 2.15 | - | fullLoadAmps | UNDECIDED | plate",
                // NEC 440.33: 1.25 × 17.9 + 2.15 = 24.525 A
                "FLA 1.9 | FLA 2.15 | - - - 26.4 | fullLoadAmps | SUITABLE | 24.525 A",
                "FLA 1.9 | FLA 2.15 | - - - 24.3 | fullLoadAmps | REFUSED | prints MCA 24.3 A",
                "FLA 1.9 | FLA 2.6 | - - - 26.4 | fullLoadAmps | REFUSED | more than 1.9",
                "CWLE | CCWSE | - | rotation | LIKE_FOR_LIKE | both turn CW",
                "CWLE | CCWLE | - | rotation | REFUSED | the other way",
                "CWLE | CW | - | rotation | UNDECIDED | without the view",
                "CWLE | REV | - | rotation | NEEDS_CHANGE | hand it needs",
                "5 MFD 370V | 7.5 MFD 370V | - | capacitorMicrofarads | NEEDS_CHANGE | another capacitor",
                "5 MFD 370V | 5 MFD 440V | - | capacitorMicrofarads | NEEDS_CHANGE | another capacitor",
                "ENCL TEAO | ENCL OPEN | - | enclosure | REFUSED | drowns",
                "ENCL TEAO | ENCL TENV | - | enclosure | SUITABLE | closed",
                "AMB 60°C | AMB 40°C | - | ambientCelsius | REFUSED | hotter",
                "INS CL B | INS CL A | - | insulationClass | REFUSED | less heat",
                "INS CL B | INS CL F | - | insulationClass | SUITABLE | not lower",
                "THERMALLY | NOT THERMALLY | - | thermallyProtected | REFUSED | kept",
                // NEMA MG 1, part 4: frame 48 stands 3 in high, 56 stands 3.5 in
                "FR 48Y | FR 56Z | - | frame | UNDECIDED | shaft height 3 in against 3.5 in",
                "FR 48Y | FR 48Z | - | frame | SUITABLE | same frame number",
                "5.6\" DIA | 5.0\" DIA | - | bodyDiameterInches | NEEDS_CHANGE | does not close",
                "SHAFT 1/2 | SHAFT 5/8 | - | shaftDiameterInches | REFUSED | hub",
                "1075 RPM | 1075/2SPD RPM | - - 3 - | speeds | REFUSED | fewer taps",
                "1PH | 3PH | - | phase | REFUSED | own phases",
            })
    void eachCriterionDecidesForItself(
            String part, String other, @Nullable String facts, String attribute, Grade outcome, String why) {
        Match match = match(OLD, OLD.replace(part, other), circuit(facts), ShopRules.DEFAULT);
        Criterion found = criterion(match, attribute);
        assertThat(found.outcome()).as(found.toString()).isEqualTo(outcome);
        assertThat(found.why().text()).contains(why);
        assertThat(match.grade()).isGreaterThanOrEqualTo(outcome);
    }

    /** NEMA MG 1, part 4 (from memory): shaft height and, where no letter says otherwise, shaft diameter. */
    @ParameterizedTest(name = "frame {0}: {1} in high, shaft {2} in")
    @CsvSource({
        "48, 3.0, 0.5",
        "56, 3.5, 0.625",
        "143T, 3.5, 0.875",
        "145t, 3.5, 0.875",
        "182T, 4.5, 1.125",
        "184 T, 4.5, 1.125",
        "48Y, 3.0, ",
        "56C, 3.5, ",
        "999, 24.75, ",
        "round, , ",
        "4, , "
    })
    void theFrameTellsShaftHeightAndDiameter(String frame, @Nullable Double height, @Nullable Double shaft) {
        var found = NemaFrame.of(frame);
        assertThat(found.map(NemaFrame::shaftHeightInches).orElse(null)).isEqualTo(height);
        assertThat(found.flatMap(NemaFrame::shaftInches).orElse(null)).isEqualTo(shaft);
    }

    @ParameterizedTest(name = "frame {0} for {1}: shaft {2}")
    @CsvSource({"48, 48, LIKE_FOR_LIKE", "56, 48, REFUSED", "145T, 143T, LIKE_FOR_LIKE"})
    void withoutAMeasureTheFrameTellsTheShaft(String offered, String old, Grade outcome) {
        String label = "1/4 HP 1075 RPM 208-230V FR ";
        Match match = match(label + old, label + offered, Circuit.UNKNOWN, ShopRules.DEFAULT);
        assertThat(criterion(match, "shaftDiameterInches").outcome()).isEqualTo(outcome);
    }

    @Test
    void theMountIsKeptOrChanged() {
        Match match = match(OLD + " BELLY BAND", OLD + " STUDS", Circuit.UNKNOWN, ShopRules.DEFAULT);
        assertThat(criterion(match, "mount").outcome()).isEqualTo(Grade.NEEDS_CHANGE);
        assertThat(match.changes()).contains("Mount: studs in the place of belly band.");
        assertThat(match(OLD + " BELLY BAND", OLD, Circuit.UNKNOWN, ShopRules.DEFAULT)
                        .asks())
                .contains("Does it mount by belly band, as the old one does?");
    }

    /** Compressor 17.9 and fan 2.0 hang on the contactor; MCA 1.25 × 17.9 + 2.0. [NEC 440.33] */
    @Test
    void whatContactorAndFuseThenCarryIsReckoned() {
        Match match = match(OLD, OLD.replace("FLA 1.9", "FLA 2.0"), circuit("- - - 26.4"), ShopRules.DEFAULT);
        assertThat(match.asks()).anyMatch(a -> a.contains("made for 19.9 A") && a.contains("MCA is 24.38 A"));
    }

    @ParameterizedTest(name = "{0} for {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "SHADED POLE | PSC | NEEDS_CHANGE",
                "PSC | SHADED POLE | REFUSED",
                "PSC | CONSTANT TORQUE | REFUSED",
                "CONSTANT TORQUE | CONSTANT TORQUE | NEEDS_CHANGE",
                "CONSTANT AIRFLOW | CONSTANT AIRFLOW | UNDECIDED",
                "PSC | PSC | LIKE_FOR_LIKE",
            })
    void kindsOfMotor(String old, String offered, Grade outcome) {
        String rest = " 1/2 HP 115V 1PH 60HZ 7.0 FLA 1075 RPM CWLE";
        assertThat(criterion(match(old + rest, offered + rest, Circuit.UNKNOWN, ShopRules.DEFAULT), "type")
                        .outcome())
                .isEqualTo(outcome);
    }

    /** Synchronous speed 120 f ÷ p: poles by rated rpm. */
    @ParameterizedTest(name = "{0} rpm at {1} Hz: {2} poles")
    @CsvSource({"3450,60,2", "1725,60,4", "1625,60,4", "1140,60,6", "1075,60,6", "825,60,8", "1425,50,4", "900,50,6"})
    void polesFollowFromTheRatedSpeed(double rpm, double hertz, int poles) {
        Spec spec =
                new Spec(new Value.Fields(java.util.Map.of("rpm", Value.numbers(rpm), "hertz", Value.numbers(hertz))));
        assertThat(MotorRating.from(spec).poles()).contains(poles);
        double synchronous = 120 * hertz / poles;
        assertThat((synchronous - rpm) / synchronous).as("slip").isBetween(0.0, 0.15);
    }

    /** Property: turning the view twice changes nothing, turning it once together with the hand neither. */
    @Test
    void theViewTurnedTwiceIsTheSame() {
        for (String hand : List.of("CW", "CCW")) {
            for (String view : List.of("LE", "SE")) {
                String other = (hand.equals("CW") ? "CCW" : "CW") + (view.equals("LE") ? "SE" : "LE");
                String back = hand + view;
                assertThat(MotorRating.from(spec(back)).leadEndRotation())
                        .isPresent()
                        .isEqualTo(MotorRating.from(spec(other)).leadEndRotation());
            }
        }
    }

    /** A row of each table of the code, 230 and 460 V, and twice the amps at 115 V. [NEC 430.248, 430.250] */
    @ParameterizedTest(name = "{0} HP, {1} ph, {2} V: {3} A")
    @CsvSource({"0.25,1,230,2.9", "0.5,1,115,9.8", "1,1,230,8.0", "2,3,230,6.8", "2,3,208,7.48", "10,3,460,14"})
    void fullLoadCurrentsOfTheCode(double horsepower, int phase, double volts, double amps) {
        assertThat(FullLoadCurrents.of(horsepower, phase, volts).orElseThrow()).isCloseTo(amps, within(0.001));
    }

    @Test
    void theShopsPolicyAndTheWorstCriterionDecide() {
        ShopRules same = new ShopRules(
                ShopRules.DEFAULT.capacitorOut(),
                false,
                ShopRules.DEFAULT.makeUpCapacitors(),
                ShopRules.DEFAULT.universalCapacitor(),
                false,
                ShopRules.PowerStep.SAME,
                true,
                ShopRules.DEFAULT.replacePittedContactor(),
                ShopRules.DEFAULT.shuntToTwoPole(),
                ShopRules.DEFAULT.smallerTransformer(),
                ShopRules.DEFAULT.discharge(),
                16,
                22);
        Match match = match(OLD, OLD.replace("1/4 HP", "1/3 HP"), circuit("238 60 1 -"), same);
        assertThat(match.grade()).isEqualTo(Grade.REFUSED);
        assertThat(match.changes()).as("no new capacitor asked for").isEmpty();
    }

    @Test
    void aStockIsRankedBestFirstAndAnEmptyLineIsNoOffer() {
        List<StockLine> stock = new ArrayList<>();
        stock.add(new StockLine("none-left", 0, spec(OLD), 1));
        stock.add(new StockLine("wrong-way", 2, spec(OLD.replace("CWLE", "CCWLE")), 1));
        stock.add(new StockLine("reversible", 1, spec(OLD.replace("CWLE", "REV")), 90));
        stock.add(new StockLine("same", 1, spec(OLD), 120));
        MatchAnswer answer = MotorMatch.of(
                new MatchRequest(spec(OLD), List.of(), circuit("238 60 1 -"), List.of(), stock, ShopRules.DEFAULT));
        assertThat(answer.matches())
                .extracting(m -> m.offer().get(0))
                .containsExactly("same", "reversible", "wrong-way");
        assertThat(answer.findings()).anyMatch(f -> f.text().contains("own diagram"));
    }

    @Test
    void whatIsNoMotorIsSaid() {
        Spec wrong = new Spec(new Value.Fields(java.util.Map.of("horsepower", Value.of(0))));
        assertThatThrownBy(() -> MotorMatch.of(
                        new MatchRequest(wrong, List.of(), Circuit.UNKNOWN, List.of(), List.of(), ShopRules.DEFAULT)))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("HP above 0");
    }
}
