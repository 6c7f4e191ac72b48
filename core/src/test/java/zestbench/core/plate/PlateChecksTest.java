package zestbench.core.plate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.label.LabelRead;
import zestbench.core.plate.PlateChecks.Check;

/** Range, size and pressures of a plate, what two plates say together, and what leaves the record masked. */
class PlateChecksTest {
    private static Spec plate(String text) {
        return new Spec(PlateLabel.read(text.replace("; ", "\n")).fields());
    }

    private static Check check(String text, String name) {
        return PlateChecks.of(plate(text)).stream()
                .filter(c -> c.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0}: {1} agrees is {2}, {3} may be {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "208/230-1-60 VOLTAGE RANGE 197 TO 253 | Voltage range | true | |",
                "208/230-1-60 VOLTAGE RANGE 187 TO 253 | Voltage range | true | |",
                "208/230-1-60 VOLTAGE RANGE 137 TO 253 | Voltage range | false | minVolts | 187",
                "460-3-60 VOLTAGE RANGE 414 TO 506 | Voltage range | true | |",
                "460-3-60 VOLTAGE RANGE 414 TO 566 | Voltage range | false | maxVolts | 506",
                "MODEL A036B 208/230-1-60 RLA 17.9 | RLA for its size | true | |",
                "MODEL A036B 208/230-1-60 RLA 77.9 | RLA for its size | false | compressors[0].ratedLoadAmps | 17.9",
                "MODEL A120B 460-3-60 COMP RLA 14.8 | RLA for its size | true | |",
                "R-410A DESIGN PRESSURE HIGH 446 LOW 236 | Design pressures | true | |",
                "R-410A DESIGN PRESSURE HIGH 146 LOW 236 | Design pressures | false | highSideDesignPsig | 446",
                "R-22 DESIGN PRESSURE HIGH 300 LOW 150 | Design pressures | true | |",
                "DESIGN PRESSURE HIGH 300 LOW 450 | Design pressures | false | highSideDesignPsig | 500",
                "RLA 17.9 LRA 12 | LRA ÷ RLA | false | compressors[0].lockedRotorAmps | 92",
                "RLA 17.9 LRA 412 | LRA ÷ RLA | false | compressors[0].lockedRotorAmps | 112",
                "RLA 17.9; FAN FLA 1.4; MCA 23.8 MAX FUSE 90 | Max fuse | false | maximumFuseAmps | 40",
            })
    void eachCheckFindsTheMisreadDigit(String text, String name, boolean agrees, String field, Double likely) {
        Check check = check(text, name);
        assertThat(check.agrees()).as(check.reckoning().text()).isEqualTo(agrees);
        if (!agrees) {
            assertThat(check.corrections())
                    .as(check.reckoning().text())
                    .anyMatch(c -> c.field().equals(field) && c.likely() == likely);
        } else {
            assertThat(check.corrections()).isEmpty();
        }
    }

    /** A plate with a blower it does not name: 24.8 + a blower of 2.6 A. Both explanations stand side by side. */
    @Test
    void aLoadLeftOutIsToldApartFromAMisreadDigit() {
        String text = "RLA 17.9\nFAN FLA 1.4\nMCA 26.4";
        Check check = check(text, "MCA");
        assertThat(check.agrees()).isFalse();
        assertThat(check.leftOut()).contains("about 2.6 A");
        assertThat(check.corrections())
                .as("and as digits")
                .anyMatch(c -> c.likely() == 23.4 || c.likely() == 4.4 || c.likely() == 19.9);
        LabelRead read = PlateLabel.read(text);
        assertThat(read.doubts()).anyMatch(d -> d.why().contains("A. Or the plate leaves out a load of about 2.6 A"));
        assertThat(check("RLA 17.9\nFAN FLA 1.4\nMCA 20.8", "MCA").leftOut())
                .as("less printed than summed: nothing was left out")
                .isEmpty();
    }

    /** RLA 12.7 read as 17.2: 1.25 × 12.7 + 1.1 = 17.0. */
    @Test
    void neighboursInTheWrongOrderAreOfferedToo() {
        String text = "COMPRESSOR RLA 17.2\nOUTDOOR FAN: FLA 1.1\nMCA 17.0";
        Check check = check(text, "MCA");
        assertThat(check.corrections())
                .extracting(PlateChecks.Correction::likely)
                .contains(12.7);
        assertThat(check.reckoning().text()).isEqualTo("1.25 × 17.2 + 1.1 = 22.6 A. The plate prints 17 A.");
        assertThat(PlateLabel.read(text).unread()).as("headings are no riddle").isEmpty();
    }

    @Test
    void candidatesAreRankedByTheCompressor() {
        List<Capacity.Candidate> ranked = Capacity.ranked(plate("MODEL X018060 RLA 28.8 208/230-1-60"));
        assertThat(ranked.stream().map(c -> c.capacity().group())).containsExactly("060", "018");
        assertThat(ranked.stream().map(Capacity.Candidate::likely)).containsExactly(true, false);
        assertThat(ranked.get(0).reckoning()).isNotNull();
        assertThat(Capacity.ranked(plate("MODEL X018060")).get(0).reckoning())
                .as("without a compressor nothing ranks them")
                .isNull();
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "MODEL A042B 208/230-1-60 MFD 04/2014 RLA 19.2; FAN FLA 1.4 | 3.5 ton · 208/230 V 1 ph · made 04/2014",
                "460-3-60 | 460 V 3 ph",
                "nothing at all | plate not read yet",
            })
    void aUnitInOneLine(String text, String line) {
        assertThat(PlateFacts.of(plate(text)).line()).isEqualTo(line);
    }

    @Test
    void placesFollowFromThePlate() {
        List<String> single = UnitPlaces.of(plate("208/230-1-60 RLA 19.2\nFAN FLA 1.4")).stream()
                .map(UnitPlaces.Place::name)
                .toList();
        assertThat(single)
                .contains("Contactor", "Compressor", "Outdoor fan motor", "Control transformer", "Disconnect and fuses")
                .contains(
                        "Crankcase heater",
                        "Start device",
                        "Pressure switches",
                        "Indoor blower motor",
                        "Outdoor fan relay")
                .doesNotHaveDuplicates();
        List<String> two = UnitPlaces.of(plate("460-3-60\nCOMPR A RLA 10.6\nCOMPR B RLA 10.6\nFAN FLA 1.2")).stream()
                .map(UnitPlaces.Place::name)
                .toList();
        assertThat(two).contains("Compressor 1", "Compressor 2", "Contactor 2").doesNotContain("Start device");
    }

    @Test
    void plateBesidePlate() {
        Spec outdoor = plate("MODEL A R-410A DESIGN PRESSURE HIGH 446 LOW 236 TXV");
        Spec old = plate("COIL MODEL B R-22 DESIGN PRESSURE HIGH 300 LOW 150");
        assertThat(PlatesTogether.findings(outdoor, old).stream().map(Finding::text))
                .anyMatch(t -> t.contains("R-410A") && t.contains("R-22"))
                .anyMatch(t -> t.contains("never above 150 psig"))
                .anyMatch(t -> t.contains("does not prove"));
        assertThat(PlatesTogether.findings(plate("R-32"), Spec.EMPTY).stream().map(Finding::text))
                .singleElement()
                .satisfies(t -> assertThat(t).contains("mildly flammable"));
        assertThat(PlatesTogether.findings(Spec.EMPTY, Spec.EMPTY)).isEmpty();
        // what a valve or coil is made for alone, and a coil smaller than its unit
        assertThat(PlatesTogether.findings(plate("MODEL HW036 R-410A"), plate("COIL MODEL B024 TXV R-22 ONLY")).stream()
                        .map(Finding::text))
                .anyMatch(t -> t.contains("R-22 only") && t.contains("made for one refrigerant"))
                .anyMatch(t -> t.contains("indoor coil 2 ton: a smaller coil"));
    }

    /** Makers print the next whole ampere; a ratio just outside the usual is no misreading. [practice] */
    @Test
    void roundedUpIsNoMisreading() {
        Spec plate = plate("208/230-3-60\nCOMPR RLA 15.9 LRA 132 QTY 2\nFAN FLA 2.6 QTY 2\nBLOWER FLA 5.4\nMCA 47");
        assertThat(plate.rows("compressors")).hasSize(2);
        // 1.25 × 15.9 + 15.9 + 2 × 2.6 + 5.4 = 46.375 → 47
        assertThat(PlateChecks.of(plate))
                .filteredOn(c -> c.name().equals("MCA"))
                .singleElement()
                .satisfies(c -> assertThat(c.agrees()).isTrue());
        assertThat(PlateChecks.of(plate).stream().filter(c -> c.name().startsWith("LRA")))
                .allSatisfy(c -> assertThat(c.corrections()).isEmpty());
    }

    /** Two digits are the commonest way of printing a size; a plate of two numbers its places. [practice] */
    @Test
    void sizesInPairsAndNumberedPlaces() {
        assertThat(Capacity.candidates("AB36C")).extracting(Capacity::thousands).containsExactly(36);
        assertThat(Capacity.candidates("CM3617A"))
                .extracting(Capacity::thousands)
                .containsExactly(36);
        assertThat(Capacity.candidates("CX1748"))
                .extracting(Capacity::thousands)
                .containsExactly(48);
        Spec two = plate("460-3-60\nCOMPR A RLA 10.6\nCOMPR B RLA 10.6\nFAN FLA 1.2");
        assertThat(UnitPlaces.nameNow("Compressor", two)).isEqualTo("Compressor 1");
        assertThat(UnitPlaces.nameNow("Outdoor fan motor", two)).isEqualTo("Outdoor fan motor");
        assertThat(UnitPlaces.nameNow("Cupboard", two)).isEqualTo("Cupboard");
    }

    @Test
    void serialsAreMaskedOutsideTheRecord() {
        String text = "MODEL HW036 SERIAL 0416C20931 and again 0416C20931";
        Spec plate = plate(text);
        assertThat(Serial.masked(plate).text("serial")).contains("•••••••931");
        assertThat(Serial.maskedIn(text, Optional.empty()))
                .doesNotContain("0416C20931")
                .contains("931");
        assertThat(Serial.maskedIn("S/N is 0416c20931", Optional.of("0416c20931")))
                .doesNotContain("0416c");
        assertThat(Serial.unmasked(Serial.masked(plate), plate)).isEqualTo(plate);
        assertThat(Serial.unmasked(Serial.masked(plate), Spec.EMPTY).has("serial"))
                .as("a mask is no serial")
                .isFalse();
        assertThat(Serial.masked("A12")).isEqualTo("•••");
    }
}
