package zestbench.core.plate;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.Spec;

/** What a newly read plate does to the one that is known. */
class PlatesTest {
    private static Spec plate(String text) {
        return new Spec(PlateLabel.read(text).fields());
    }

    private static final Spec KNOWN = plate("MODEL A036B SERIAL Z20-9917345 208/230-1-60 RLA 17.9 LRA 96\nMCA 23.8");

    /** The field asked for after {@code text} was read over the known plate. */
    @ParameterizedTest(name = "{0}: {1} is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "MCA 24.4 | minimumCircuitAmps | 24.4",
                "MCA 24.4 | minVolts | ",
                "MAX FUSE 40 | minimumCircuitAmps | 23.8",
                "SERIAL z20-9917345 MAX FUSE 40 | minimumCircuitAmps | 23.8",
                "SERIAL ••••••••345 MAX FUSE 40 | minimumCircuitAmps | 23.8",
                "SERIAL Q11-0000002 MAX FUSE 40 | minimumCircuitAmps | ",
            })
    void halfAPlateTakesNothingAwayAndAnotherUnitsStartsAfresh(String text, String field, Double value) {
        assertThat(Plates.overlaid(KNOWN, plate(text)).number(field).orElse(null))
                .isEqualTo(value);
    }

    @Test
    void aMaskedSerialNeverReplacesAWholeOne() {
        Spec masked = Serial.masked(KNOWN);
        assertThat(Plates.overlaid(KNOWN, masked).text("serial")).contains("Z20-9917345");
        assertThat(Plates.overlaid(Spec.EMPTY, masked).text("serial")).contains("••••••••345");
        assertThat(Plates.overlaid(KNOWN, KNOWN)).isEqualTo(KNOWN);
        assertThat(Plates.overlaid(KNOWN, Spec.EMPTY)).isEqualTo(KNOWN);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "MODEL A036B RLA 17.9 | OUTDOOR",
                "INDOOR COIL MODEL QC-42B R-22 PISTON | INDOOR",
                "AIR HANDLER MODEL AH-3 FAN FLA 3.4 | INDOOR",
                "CONDENSER COIL MODEL A036B COMPRESSOR RLA 17.9 | OUTDOOR",
            })
    void tellsByItsWordsWhichOneItIs(String text, Plates.Which which) {
        assertThat(Plates.of(text)).isEqualTo(which);
    }
}
