package zestbench.core.motor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.shop.ShopRules;

/** What holds for any motor: made-up ones, printed in every style, read back and matched against each other. */
class MotorPropertiesTest {
    private static final double[] POWERS = {1.0 / 8, 1.0 / 6, 1.0 / 4, 1.0 / 3, 1.0 / 2, 3.0 / 4, 1, 1.5, 2};
    private static final String[] PRINTED = {"1/8", "1/6", "1/4", "1/3", "1/2", "3/4", "1", "1-1/2", "2"};
    private static final String[] VOLTS = {"115", "208-230", "230", "277", "460", "208-230/460"};
    private static final int[] SPEEDS = {1725, 1625, 1140, 1075, 825};

    /** A motor as it could be made; what is printed of it differs by style alone. */
    private record Motor(
            int power,
            String volts,
            int rpm,
            double amps,
            String hand,
            String view,
            double microfarads,
            int capacitorVolts,
            String frame,
            String enclosure,
            int ambient) {
        static Motor any(Random random) {
            return new Motor(
                    random.nextInt(POWERS.length),
                    VOLTS[random.nextInt(VOLTS.length)],
                    SPEEDS[random.nextInt(SPEEDS.length)],
                    (10 + random.nextInt(70)) / 10.0,
                    random.nextBoolean() ? "CW" : "CCW",
                    random.nextBoolean() ? "LE" : "SE",
                    new double[] {3, 4, 5, 7.5, 10, 12.5}[random.nextInt(6)],
                    random.nextBoolean() ? 370 : 440,
                    new String[] {"48Y", "48Z", "56Y", "56Z"}[random.nextInt(4)],
                    new String[] {"TEAO", "TENV", "OPEN", "ODP"}[random.nextInt(4)],
                    new int[] {40, 60, 70}[random.nextInt(3)]);
        }

        private String microfaradsText() {
            return microfarads == Math.floor(microfarads)
                    ? String.valueOf((int) microfarads)
                    : String.valueOf(microfarads);
        }

        String named() {
            return "HP " + PRINTED[power] + " VOLTS " + volts + " PH 1 HZ 60 RPM " + rpm + " FLA " + amps + " ROT "
                    + hand
                    + view + " CAP " + microfaradsText() + " MFD " + capacitorVolts + "V FR " + frame + " ENCL "
                    + enclosure + " AMB " + ambient + "C";
        }

        String behind() {
            return PRINTED[power] + " HP " + rpm + " RPM " + volts + "V 1PH 60HZ " + amps + "A " + hand + "-" + view
                    + " "
                    + microfaradsText() + "uF/" + capacitorVolts + "V FRAME " + frame + " " + enclosure + " " + ambient
                    + "°C AMB";
        }

        String lines() {
            return "MOTOR\nFRAME: " + frame + "\nH.P. " + PRINTED[power] + "\nR.P.M. " + rpm + "\nVOLTS: " + volts
                    + "\nF.L.A.: " + amps + "\nPHASE 1\nHZ: 60\nROTATION " + hand + " FACING "
                    + (view.equals("LE") ? "LEAD END" : "SHAFT END") + "\nCAPACITOR " + microfaradsText() + " µF "
                    + capacitorVolts + " VAC\n" + enclosure + "\nMAX AMBIENT " + ambient + " °C";
        }

        List<String> styles() {
            return List.of(
                    named(),
                    behind(),
                    lines(),
                    named().toLowerCase(Locale.ROOT),
                    lines().replace('\n', ' '),
                    behind().replace(" ", "  "));
        }
    }

    static Stream<Motor> motors() {
        Random random = new Random(20261126);
        return IntStream.range(0, 120).mapToObj(i -> Motor.any(random));
    }

    private static Spec spec(String label) {
        return new Spec(MotorLabel.read(label).fields());
    }

    /** parse∘print: every style of a label comes to the same motor. */
    @ParameterizedTest
    @MethodSource("motors")
    void everyStyleReadsBackAsTheMotorItWasPrintedFrom(Motor motor) {
        for (String label : motor.styles()) {
            Spec read = spec(label);
            assertThat(read.number("horsepower").orElseThrow()).as(label).isEqualTo(POWERS[motor.power()]);
            assertThat(read.numbers("rpm")).as(label).containsExactly((double) motor.rpm());
            assertThat(MotorRating.from(read).voltsText()).as(label).isEqualTo(motor.volts());
            assertThat(read.numbers("fullLoadAmps")).as(label).containsExactly(motor.amps());
            assertThat(read.text("rotation")).as(label).contains(motor.hand());
            assertThat(read.text("rotationView"))
                    .as(label)
                    .contains(motor.view().equals("LE") ? "LEAD_END" : "SHAFT_END");
            assertThat(read.number("capacitorMicrofarads")).as(label).contains(motor.microfarads());
            assertThat(read.number("capacitorVolts")).as(label).contains((double) motor.capacitorVolts());
            assertThat(read.text("frame")).as(label).contains(motor.frame());
            assertThat(read.text("enclosure")).as(label).contains(motor.enclosure());
            assertThat(read.number("ambientCelsius")).as(label).contains((double) motor.ambient());
            assertThat(read.numbers("hertz")).as(label).containsExactly(60.0);
            assertThat(read.number("phase")).as(label).contains(1.0);
            assertThat(read.text("type")).as(label).contains("PSC");
        }
    }

    private static Match match(Spec old, Spec offered) {
        return MotorMatch.of(new MatchRequest(
                        old,
                        List.of(),
                        Circuit.UNKNOWN,
                        List.of(new Offer("a", offered)),
                        List.of(),
                        ShopRules.DEFAULT))
                .matches()
                .get(0);
    }

    /** A motor serves in its own place; only a second winding has still to be connected. */
    @ParameterizedTest
    @MethodSource("motors")
    void aMotorServesInItsOwnPlace(Motor motor) {
        Spec spec = spec(motor.named());
        boolean dual = motor.volts().contains("/");
        assertThat(match(spec, spec).grade()).isEqualTo(dual ? Grade.NEEDS_CHANGE : Grade.LIKE_FOR_LIKE);
    }

    /** The grade is the worst of the criteria, less power is never taken, and no one turns the wrong way. */
    @ParameterizedTest
    @MethodSource("motors")
    void noMatchIsBetterThanItsWorstCriterion(Motor motor) {
        Spec old = spec(motor.named());
        List<Motor> others = new ArrayList<>(motors().limit(25).toList());
        for (Motor other : others) {
            Match match = match(old, spec(other.behind()));
            Grade worst = Grade.LIKE_FOR_LIKE;
            for (Criterion each : match.criteria()) {
                worst = worst.worst(each.outcome());
                assertThat(each.why().text()).isNotBlank().doesNotContain("{}");
            }
            assertThat(match.grade()).isEqualTo(worst);
            if (POWERS[other.power()] < POWERS[motor.power()]) {
                assertThat(match.grade()).isEqualTo(Grade.REFUSED);
            }
            boolean sameHand = motor.hand().equals(other.hand()) == motor.view().equals(other.view());
            if (!sameHand) {
                assertThat(match.grade()).as("%s for %s", other, motor).isEqualTo(Grade.REFUSED);
            }
            if (match.grade().fits()) {
                assertThat(MotorRating.from(spec(other.behind())).poles())
                        .isEqualTo(MotorRating.from(old).poles());
            }
        }
    }
}
