package zestbench.core.plate;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

class PlateTest {
    /** What the processor spent, whatever else it had to do. */
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private static final String SPLIT = """
            MODEL HW036-230A  SERIAL 0416C20931
            MFD 04/2016  208/230-1-60
            COMPRESSOR RLA 17.9 LRA 112
            OUTDOOR FAN 1/4 HP FLA 1.4
            MIN CIRCUIT AMPS 23.8  MAX FUSE OR BREAKER 40
            PERMISSIBLE VOLTAGE 253 MAX 197 MIN
            R-410A 6 LB 4 OZ  SUBCOOLING 10
            DESIGN PRESSURE HIGH 446 LOW 236  TXV
            """;

    @Test
    void aSplitSystemsPlateIsReadInFull() {
        LabelRead read = PlateLabel.read(SPLIT);
        Spec plate = Spec.checked(PlateAttributes.ALL, read.fields());
        assertThat(plate.text("model")).contains("HW036-230A");
        assertThat(plate.text("serial")).contains("0416C20931");
        assertThat(plate.text("manufactured")).as("MFD is a date here").contains("2016-04");
        assertThat(plate.numbers("volts")).containsExactly(208.0, 230.0);
        assertThat(plate.number("phase")).contains(1.0);
        assertThat(plate.numbers("hertz")).containsExactly(60.0);
        assertThat(plate.number("minVolts")).contains(197.0);
        assertThat(plate.number("maxVolts")).contains(253.0);
        assertThat(plate.rows("compressors").get(0).number("ratedLoadAmps")).contains(17.9);
        assertThat(plate.rows("compressors").get(0).number("lockedRotorAmps")).contains(112.0);
        assertThat(plate.rows("outdoorFans").get(0).number("horsepower")).contains(0.25);
        assertThat(plate.rows("outdoorFans").get(0).number("fullLoadAmps")).contains(1.4);
        assertThat(plate.number("minimumCircuitAmps")).contains(23.8);
        assertThat(plate.number("maximumFuseAmps")).contains(40.0);
        assertThat(plate.number("maximumBreakerAmps")).contains(40.0);
        assertThat(plate.text("refrigerant")).contains("R-410A");
        assertThat(plate.number("chargeOunces")).contains(100.0);
        assertThat(plate.number("targetSubcoolingFahrenheit")).contains(10.0);
        assertThat(plate.text("metering")).contains("VALVE");
        assertThat(plate.number("highSideDesignPsig")).contains(446.0);
        assertThat(plate.number("lowSideDesignPsig")).contains(236.0);
        assertThat(plate.number("nominalBtuPerHour")).contains(36_000.0);
        assertThat(read.doubts()).as("its figures agree").isEmpty();
        assertThat(Families.read("auto", SPLIT).kind()).isEqualTo(PlateLabel.KIND);
    }

    @Test
    void everyPieceIsTheExactSlice() {
        assertThat(PlateLabel.read(SPLIT).reads())
                .isNotEmpty()
                .allSatisfy(piece ->
                        assertThat(SPLIT.substring(piece.start(), piece.end())).isEqualTo(piece.text()));
    }

    @Test
    void twoCompressorsAndIndoorFansAreToldApart() {
        Spec plate = new Spec(PlateLabel.read(
                        "M/N PD120 460-3-60\nCOMPR A RLA 10.6 LRA 75\nCOMPR B RLA 10.6 LRA 75\n"
                                + "COND FAN 1/3 HP FLA 1.2\nINDOOR BLOWER 3/4 HP FLA 1.6\nHEATER 18.0 KW\nMCA 26.7 MOCP 35 SCCR 5 KA")
                .fields());
        assertThat(plate.rows("compressors")).hasSize(2);
        assertThat(plate.rows("outdoorFans")).hasSize(1);
        assertThat(plate.rows("indoorFans").get(0).number("horsepower")).contains(0.75);
        assertThat(plate.number("heaterKilowatts")).contains(18.0);
        assertThat(plate.number("phase")).contains(3.0);
        assertThat(plate.number("maximumFuseAmps")).as("a plain MOCP sets both").contains(35.0);
        assertThat(plate.number("maximumBreakerAmps")).contains(35.0);
        assertThat(plate.number("shortCircuitKiloamps")).contains(5.0);
        assertThat(plate.number("nominalBtuPerHour")).contains(120_000.0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "COND FAN (2) 1/3 HP 1.1 FLA MCA 33 | 2",
                "COND FAN(2) FLA 1.1 HP 1/3 MCA 33 | 2",
                "COND FAN (1) HP 1/3 FLA 1.1 MCA 33 | 1"
            })
    void aNumberInBracketsBesideAMotorIsHowMany(String text, int fans) {
        LabelRead read = PlateLabel.read("COMPRESSOR (2) RLA 13.6 LRA 83 " + text);
        assertThat(((Value.Items) read.fields().fields().get("compressors")).items())
                .hasSize(2);
        assertThat(((Value.Items) read.fields().fields().get("outdoorFans")).items())
                .hasSize(fans)
                .allSatisfy(
                        fan -> assertThat(((Value.Fields) fan).fields()).containsEntry("fullLoadAmps", Value.of(1.1)));
    }

    @Test
    void whatAFurnaceIsFedIsNoCooling() {
        assertThat(PlateLabel.read("GAS FURNACE INPUT 80000 BTUH OUTPUT 64000 115V 60HZ 1PH")
                        .fields()
                        .fields())
                .doesNotContainKey("nominalBtuPerHour");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "MODEL ZF-80|120V 60HZ 1PH|MAX TOTAL AMPS 12.1",
                "MODELE ZB-3|230 V 50 Hz|COURANT 9,8 A",
                "TYP ZK-40|230 V 50 Hz|STROM 9,8 A"
            })
    void theCurrentOfAWholeUnitIsNoFans(String plate) {
        assertThat(PlateLabel.read(plate.replace('|', '\n')).fields().fields()).doesNotContainKey("outdoorFans");
    }

    @ParameterizedTest(name = "{0}: {1} = {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "MCA: 18.8 | minimumCircuitAmps | 18.8",
                "M.C.A. 18.8 A | minimumCircuitAmps | 18.8",
                "18.8 MCA | minimumCircuitAmps | 18.8",
                "minimum circuit ampacity 18,8 | minimumCircuitAmps | 18.8",
                "MIN. CKT. AMPS 18.8 | minimumCircuitAmps | 18.8",
                "MAX FUSE 30 | maximumFuseAmps | 30",
                "MAX. FUSE SIZE: 30 A | maximumFuseAmps | 30",
                "MOP 30 | maximumBreakerAmps | 30",
                "MAXIMUM OVERCURRENT PROTECTION 30 | maximumFuseAmps | 30",
                "MAX HACR BREAKER 30 | maximumBreakerAmps | 30",
                "CRANKCASE HEATER 40 W | crankcaseHeaterWatts | 40",
                "VOLTS 460 PH 3 HZ 60 | phase | 3",
                "230V 1PH 50HZ | phase | 1",
                "VOLTAGE RANGE 414 TO 506 | minVolts | 414",
                "OPERATING VOLTAGE MIN 414 MAX 506 | maxVolts | 506",
                "CHARGE 92 OZ | chargeOunces | 92",
                "FACTORY CHARGE 5 LBS 12 OZ | chargeOunces | 92",
            })
    void figuresStandBesideTheirNames(String text, String field, double value) {
        assertThat(new Spec(PlateLabel.read(text).fields()).number(field)).contains(value);
    }

    @Test
    void maxFuseAloneAllowsNoBreaker() {
        assertThat(new Spec(PlateLabel.read("MAX FUSE 30").fields()).has("maximumBreakerAmps"))
                .isFalse();
        assertThat(new Spec(PlateLabel.read("MAX BREAKER 30").fields()).has("maximumFuseAmps"))
                .isFalse();
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource({"R410A, R-410A", "HFC R-32, R-32", "R 454B, R-454B", "r-22, R-22", "R-134a, R-134A", "R-407C, R-407C"})
    void refrigerantsHaveOneName(String text, String name) {
        assertThat(new Spec(PlateLabel.read(text).fields()).text("refrigerant")).contains(name);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void brokenPlatesNeverFail(int seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            StringBuilder text = new StringBuilder(SPLIT);
            for (int n = 0; n < 20; n++) {
                int at = random.nextInt(text.length());
                text.setCharAt(at, (char) (random.nextInt(8) == 0 ? random.nextInt(0x3000) : 32 + random.nextInt(95)));
            }
            LabelRead read = PlateLabel.read(text.toString());
            Spec.checked(PlateAttributes.ALL, read.fields());
            assertThat(read.reads())
                    .allSatisfy(
                            p -> assertThat(text.substring(p.start(), p.end())).isEqualTo(p.text()));
        }
    }

    /** Twenty thousand characters of what a plate is made of are read at once, and no plate has thousands of rows. */
    @ParameterizedTest
    @ValueSource(
            strings = {"fla 1 ", "rla 1.1 lra 9 ", "max fuse ", "voltage min ", "heater 1 ", "1 lb ", "1/", "model "})
    void longTextIsReadInTime(String piece) {
        String text = piece.repeat(20_000 / piece.length());
        long from = THREADS.getCurrentThreadCpuTime();
        Spec.checked(PlateAttributes.ALL, PlateLabel.read(text).fields());
        assertThat((THREADS.getCurrentThreadCpuTime() - from) / 1e9)
                .as("seconds")
                .isLessThan(3);
    }

    @ParameterizedTest(name = "\"{0}\" is no plate")
    @ValueSource(strings = {"55/7.5 MFD 440VAC", "hello", "", "1/4 HP 1075 RPM 208-230V 1.4 FLA", "MCA"})
    void otherTextIsNoPlate(String text) {
        assertThat(PlateLabel.KIND.equals(Families.read(Families.AUTO, text).kind()))
                .isFalse();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "HW036-230A, 036",
        "PD120, 120",
        "X018060, 018 060",
        "ABC, ''",
        "HP37, ''",
        "T042A, 042",
        "RT240S, 240",
        "A0240B, 024 240",
        "CH-061, ''"
    })
    void modelNumbersHoldTheirSize(String model, String groups) {
        assertThat(String.join(
                        " ",
                        Capacity.candidates(model).stream().map(Capacity::group).toList()))
                .isEqualTo(groups);
    }

    @Test
    void moreThanOneSizeIsAskedAndNeverPicked() {
        LabelRead clear = PlateLabel.read("MODEL X018060 RLA 28.8 208/230-1-60 MCA 36");
        assertThat(clear.fields().fields()).doesNotContainKey("nominalBtuPerHour");
        assertThat(clear.doubts())
                .filteredOn(d -> d.field().equals("nominalBtuPerHour"))
                .singleElement()
                .satisfies(d -> assertThat(d.why()).contains("RLA speaks for 060"));
        assertThat(PlateLabel.read("MODEL X018060").doubts())
                .singleElement()
                .satisfies(d -> assertThat(d.suggest()).isNull());
    }

    /** A misread digit: 17.9 read as 11.9 no longer gives the printed 23.8; 7 for 1 is the usual swap and comes first. */
    @Test
    void aMisreadDigitIsFoundByTheArithmetic() {
        LabelRead read = PlateLabel.read(SPLIT.replace("17.9", "11.9"));
        PlateChecks.Check check = PlateChecks.of(new Spec(read.fields())).get(0);
        assertThat(check.agrees()).isFalse();
        assertThat(check.corrections().get(0))
                .isEqualTo(new PlateChecks.Correction("compressors[0].ratedLoadAmps", 11.9, 17.9, true));
        assertThat(read.doubts().get(0).why())
                .contains("1.25 × 11.9 + 1.4 = 16.275 A")
                .contains("RLA 17.9, not 11.9");
    }

    @ParameterizedTest(name = "RLA {0}, fan {1}, MCA {2}, fuse {3}: {4}")
    @CsvSource({
        "17.9, 1.4, 23.8, 40, ''", "17.9, 1.4, 23.8, 30, ''", "17.9, 1.4, 23.8, 45, Max fuse",
        "17.9, 1.4, 23.8, 20, Max fuse", "17.9, 1.4, 26.0, 40, MCA", "14.1, 1.2, 18.8, 30, ''"
    })
    void onlyWhatDoesNotGoTogetherIsFlagged(double rla, double fan, double mca, int fuse, String flagged) {
        Spec plate = new Spec(PlateLabel.read("COMPRESSOR RLA " + rla + " LRA " + Math.round(rla * 6) + "\nFAN FLA "
                        + fan + "\nMCA " + mca + " MAX FUSE " + fuse)
                .fields());
        assertThat(String.join(
                        ", ",
                        PlateChecks.of(plate).stream()
                                .filter(c -> !c.agrees())
                                .map(PlateChecks.Check::name)
                                .toList()))
                .isEqualTo(flagged);
    }

    /** Every single-digit misreading of a true plate is among what would mend it. */
    @Test
    void theTrueFigureIsAlwaysAmongTheCorrections() {
        double[][] plates = {{17.9, 1.4, 23.8}, {14.1, 1.2, 18.8}, {20.6, 1.8, 27.6}, {12.7, 1.1, 17.0}};
        for (double[] plate : plates) {
            String rla = String.valueOf(plate[0]);
            for (int i = 0; i < rla.length(); i++) {
                for (char digit = '1'; digit <= '9' && rla.charAt(i) != '.'; digit++) {
                    double read = Double.parseDouble(rla.substring(0, i) + digit + rla.substring(i + 1));
                    PlateChecks.Check check = PlateChecks.of(new Spec(
                                    PlateLabel.read("COMP RLA " + read + "\nFAN FLA " + plate[1] + "\nMCA " + plate[2])
                                            .fields()))
                            .get(0);
                    if (!check.agrees()) {
                        assertThat(check.corrections())
                                .as("%s read for %s", read, plate[0])
                                .anyMatch(c -> c.likely() == plate[0]);
                    }
                }
            }
        }
    }

    @Test
    void lockedRotorAmpsThatAreNoneAreDoubted() {
        assertThat(PlateChecks.of(new Spec(PlateLabel.read("RLA 17.9 LRA 21").fields()))
                        .get(0)
                        .agrees())
                .isFalse();
    }

    @Test
    void soManyEachIsHowManyThereAre() {
        Value.Fields read = PlateLabel.read("COMP 1 EA RLA 15.9 LRA 110 ODM 2 EA FLA .95 HP 1/3")
                .fields();
        assertThat(((Value.Items) read.fields().get("compressors")).items()).hasSize(1);
        assertThat(((Value.Items) read.fields().get("outdoorFans")).items()).hasSize(2);
    }
}
