package zestbench.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.quantity.ShaftPower;
import zestbench.core.value.Value;

/** Labels as wear, hurry and cameras leave them: what is lost is mended where one word fits, and asked for where it decides. */
class WornLabelTest {
    private static final String PLATE = "MINIMUM CIRCUIT AMPACITY 53.8\nBLOWER MOTOR 1/2 HP 3.0 FLA\nVOLTS 240 PH 1";

    private static LabelRead read(String kind, String text) {
        return Families.read(kind, text);
    }

    private static List<String> doubted(LabelRead read) {
        return read.doubts().stream().map(LabelRead.Doubt::field).toList();
    }

    @ParameterizedTest
    @CsvSource({"MINIMUM, MINIMUN", "CIRCUIT, CIRCUT", "AMPACITY, AMPACIITY", "BLOWER, BLOMER"})
    void oneWrongLetterOfALongWordIsMended(String word, String misspelt) {
        LabelRead whole = read("unit-plate", PLATE);
        LabelRead worn = read("unit-plate", PLATE.replace(word, misspelt));
        assertThat(worn.fields()).isEqualTo(whole.fields());
    }

    /** Every letter but the first two of each long word of it, wrong in every way: the fields stay. */
    @ParameterizedTest
    @ValueSource(strings = {"MINIMUM", "CIRCUIT", "AMPACITY", "BLOWER"})
    void noMisspellingMakesAnotherFigure(String word) {
        Value.Fields whole = read("unit-plate", PLATE).fields();
        SoftAssertions all = new SoftAssertions();
        for (int at = 2; at < word.length(); at++) {
            for (char wrong = 'A'; wrong <= 'Z'; wrong++) {
                String misspelt = word.substring(0, at) + wrong + word.substring(at + 1);
                LabelRead worn = read("unit-plate", PLATE.replace(word, misspelt));
                all.assertThat(worn.fields().fields().entrySet())
                        .as("%s for %s", misspelt, word)
                        .isSubsetOf(whole.fields().entrySet());
            }
        }
        all.assertAll();
    }

    @Test
    void lettersInATablesHeadAreColumnsNotVoltAmperes() {
        LabelRead read = read("auto", "HP V A RPM\n1/4 208/230 1.6 1100/850");
        assertThat(read.kind()).isEqualTo("motor");
        assertThat(read.fields().fields())
                .containsEntry("horsepower", Value.of(.25))
                .containsEntry("volts", Value.numbers(208, 230))
                .containsEntry("fullLoadAmps", Value.numbers(1.6))
                .containsEntry("rpm", Value.numbers(1100, 850));
        assertThat(read("transformer", "24 V 40 V A").fields().fields()).containsEntry("voltAmps", Value.of(40));
    }

    @Test
    void whatIsLeftOfAFigureBeforeAnotherIsADoubt() {
        assertThat(doubted(read("unit-plate", "CHARGE R-410A 10 B 6 OZ RLA 18.3 LRA 94")))
                .contains("chargeOunces");
        assertThat(doubted(read("unit-plate", "CHARGE R-410A 10 LB 6 OZ RLA 18.3 LRA 94")))
                .doesNotContain("chargeOunces");
    }

    /** No motor gives more than it takes: 1.25 hp are 932 W, 1.4 A of 230 V are 322 VA. [physics] */
    @Test
    void aRatingThatNoMotorHasIsADoubt() {
        assertThat(doubted(read("motor", "1 1/4 HP 230V 1.4A 1075 RPM 1PH 60HZ")))
                .contains("horsepower", "fullLoadAmps");
        assertThat(doubted(read("motor", "1/4 HP 230V 1.4A 1075 RPM 1PH 60HZ"))).doesNotContain("horsepower");
        assertThat(doubted(read(
                        "unit-plate", "VOLTS 208/230 PH 1 RLA 16.7 LRA 79\nOUTDOOR FAN MOTOR H.P. 1 1/4 F.L.A. 1.4")))
                .contains("outdoorFans[0].horsepower");
        assertThat(doubted(read("motor", "HP 1 V 208/230/460 A 48/4.6/2.3 RPM 1140 PH 3")))
                .contains("fullLoadAmps");
    }

    @RepeatedTest(20)
    void efficiencyAndPowerFactorOnlyLessenWhatAMotorGives() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        double volts = 115 + random.nextInt(360);
        double amps = .2 + 20 * random.nextDouble();
        int phases = random.nextBoolean() ? 1 : 3;
        double share = .05 + .9 * random.nextDouble();
        double horsepower = share * volts * amps * (phases == 1 ? 1 : Math.sqrt(3)) / 745.7;
        assertThat(ShaftPower.isImpossible(horsepower, volts, amps, phases))
                .as("seed %d", seed)
                .isFalse();
        assertThat(ShaftPower.isImpossible(horsepower / share * 1.01, volts, amps, phases))
                .as("seed %d", seed)
                .isTrue();
    }
}
