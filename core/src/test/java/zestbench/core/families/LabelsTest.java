package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** Labels of contactors, relays, fuses, transformers and start devices, as printed and as typed. */
class LabelsTest {
    /** Fields in one line, in a fixed order. */
    static String text(LabelRead read, String kind) {
        StringBuilder out = new StringBuilder();
        Families.named(kind).attributes().forEach(a -> {
            Value value = read.fields().fields().get(a.name());
            if (value != null && !a.name().equals("ratings")) {
                out.append(out.isEmpty() ? "" : " ")
                        .append(a.name())
                        .append('=')
                        .append(plain(value));
            }
        });
        return out.toString();
    }

    private static String plain(Value value) {
        if (value instanceof Value.Items items) {
            return items.items().stream()
                    .map(LabelsTest::plain)
                    .toList()
                    .toString()
                    .replace(", ", ",");
        }
        if (value instanceof Value.Fields fields) {
            return String.join(
                    ":",
                    fields.fields().values().stream().map(LabelsTest::plain).toList());
        }
        if (value instanceof Value.Num num) {
            return num.number() == Math.rint(num.number())
                    ? String.valueOf((long) num.number())
                    : String.valueOf(num.number());
        }
        return value instanceof Value.Text text ? text.text() : String.valueOf(((Value.Flag) value).flag());
    }

    @ParameterizedTest(name = "{0}: {1} → {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "contactor | 2 POLE 30 FLA COIL 24 V | poles=2 coilVolts=[24] fullLoadAmps=30",
                "contactor | Schütz 3-polig 25 A AC3 Spule 24 V 50 Hz | poles=3 coilVolts=[24] coilHertz=[50] fullLoadAmps=25",
                "contactor | CONTACTEUR BIPOLAIRE 30 FLA BOBINE 24 V | poles=2 coilVolts=[24] fullLoadAmps=30",
                "contactor | CONTACTOR 1.5 POLE 40FLA 24V COIL 50/60HZ | poles=1 shunt=true coilVolts=[24] coilHertz=[50,60] fullLoadAmps=40",
                "contactor | Single pole w/ shunt, FLA 30 LRA 150 RES 40 @ 240V, coil: 24 VAC | poles=1 shunt=true coilVolts=[24] fullLoadAmps=30 lockedRotorAmps=150 resistiveAmps=40 lineVolts=240",
                "contactor | 3P 240V FLA 50 LRA 300 RES 62 480V FLA 50 LRA 250 600V FLA 50 LRA 200 COIL 208/240V BOX LUG 6 QC 1 AUX | poles=3 coilVolts=[208,240] fullLoadAmps=50 lockedRotorAmps=300 resistiveAmps=62 lineVolts=240 terminals=BOX quickConnects=6 auxiliaryContacts=1",
                "relay | FAN RELAY SPDT COIL 24VAC 8 FLA 48 LRA 14A RES | coilVolts=[24] contacts=SPDT contactAmps=8 duty=MOTOR",
                "contactor | two pole contactor coil 24v holding 6 VA inrush 45 VA | poles=2 coilVolts=[24] coilHoldingVoltAmps=6 coilInrushVoltAmps=45",
                "relay | RELAY SPDT COIL 24 V 12 A 277 V RES | coilVolts=[24] contacts=SPDT contactAmps=12 contactVolts=277 duty=RESISTIVE",
                "relay | dpdt coil: 208/240v 10 fla 8 pin | coilVolts=[208,240] contacts=DPDT contactAmps=10 duty=MOTOR base=8 PIN",
                "relay | SPST 24V COIL 50/60 Hz pilot duty 3 A | coilVolts=[24] coilHertz=[50,60] contacts=SPNO contactAmps=3 duty=PILOT",
                "fuse | fuse 30 rk5 td | amps=30 fuseClass=RK5 timeDelay=true",
                "fuse | 40A 250VAC CLASS RK-1 TIME-DELAY 200KA IR | amps=40 volts=250 fuseClass=RK1 timeDelay=true interruptingKiloamps=200",
                "fuse | CLASS J 60 AMP 600V FAST ACTING 200,000 AIC 1-1/16 x 2-3/8 | amps=60 volts=600 fuseClass=J timeDelay=false interruptingKiloamps=200 bodyDiameterInches=1.0625 bodyLengthInches=2.375",
                "fuse | 25 A 250 V K5 non time delay | amps=25 volts=250 fuseClass=K5 timeDelay=false",
                "fuse | cc 15a 600v dual element | amps=15 volts=600 fuseClass=CC timeDelay=true",
                "transformer | 40 VA 120/208/240 V to 24 V | voltAmps=40 primaryVolts=[120,208,240] secondaryVolts=24",
                "transformer | XFMR 75VA PRI 240x480 SEC 24V 60HZ CLASS 2 BREAKER | voltAmps=75 primaryVolts=[240,480] secondaryVolts=24 hertz=[60] class2=true secondaryProtection=BREAKER windings=SERIES_PARALLEL",
                "transformer | 50VA SEC 24V WHT COM BLK 120V RED 208 ORG=240 | voltAmps=50 primaryVolts=[120,208,240] secondaryVolts=24 leads=[WHITE:0,BLACK:120,RED:208,ORANGE:240] windings=TAPPED",
                "transformer | 40va: 120 black, 208 red, 240 orange, common white, secondary 24 v | voltAmps=40 primaryVolts=[120,208,240] secondaryVolts=24 leads=[BLACK:120,RED:208,ORANGE:240,WHITE:0] windings=TAPPED",
                "transformer | xfmr 40va 208 | voltAmps=40 primaryVolts=[208]",
                "start-device | PTC 1-3 ton 208/277V | type=PTC voltsLow=208 voltsHigh=277 tonsLow=1 tonsHigh=3",
                "start-device | start device potential relay 4 ton | type=POTENTIAL_RELAY tonsLow=4 tonsHigh=4",
            })
    void areReadInEveryUsualForm(String kind, String label, String fields) {
        assertThat(text(Families.read(kind, label), kind)).isEqualTo(fields);
        assertThat(Families.read(Families.AUTO, label).kind())
                .as("told by itself")
                .isEqualTo(kind);
    }

    @ParameterizedTest(name = "{0} is a {1}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "45/5 MFD 440 VAC | capacitor",
                "1/4 HP 1075 RPM 208-230V 1.9A CWLE 5uF | motor",
                "MODEL AB12 RLA 17.9 LRA 95 MCA 23.8 MAX FUSE 40 208/230-1-60 | unit-plate",
                "hello | -",
                "24 V | -",
            })
    void othersAreStillTold(String label, String kind) {
        assertThat(Families.read(Families.AUTO, label).kind()).isEqualTo(kind);
    }

    @Test
    void rowsByLineVoltsAreKeptAsPrinted() {
        LabelRead read = Families.read("contactor", "2P 240V FLA 30 LRA 180 RES 40 480V FLA 30 LRA 150");
        assertThat(plain(read.fields().fields().get("ratings"))).isEqualTo("[240:30:180:40,480:30:150]");
        assertThat(Families.read("contactor", "2 pole 30 amp 24v coil").doubts())
                .as("plain amps are a question, not a rating")
                .anyMatch(d -> d.field().equals("fullLoadAmps") && Value.of(30).equals(d.suggest()));
    }

    @ParameterizedTest(name = "{1}: {2} is asked")
    @CsvSource(
            delimiter = '|',
            value = {
                "contactor | 2 POLE FLA 3_ COIL 24V | fullLoadAmps",
                "contactor | 2 POLE 1?0 LRA 30 FLA COIL 24V | lockedRotorAmps",
                "motor | 1/4 HP 1075 RPM CW LE, ROTATION CCW | rotation",
                "unit-plate | MODEL HW036 R-22 OR R-410A RLA 16.7 | refrigerant",
                "fuse | CLASS RK5 3O A 250 V | amps",
            })
    void whatIsDamagedOrSaidTwiceIsAsked(String kind, String label, String field) {
        LabelRead read = Families.read(kind, label);
        assertThat(read.doubts()).extracting(LabelRead.Doubt::field).contains(field);
    }

    /** The traps of labels that name a figure on either side. */
    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "contactor | 2 POLE 30 FLA 180 LRA 240 V, COIL 24 V 50/60 HZ | poles=2 coilVolts=[24] coilHertz=[50,60] fullLoadAmps=30 lockedRotorAmps=180 lineVolts=240",
                "contactor | COIL VOLTAGE 24 50/60HZ 2P 30FLA 150LRA 240V | poles=2 coilVolts=[24] coilHertz=[50,60] fullLoadAmps=30 lockedRotorAmps=150 lineVolts=240",
                "contactor | 2P 40FLA 50RES 240LRA 24V COIL | poles=2 coilVolts=[24] fullLoadAmps=40 lockedRotorAmps=240 resistiveAmps=50",
                "contactor | 24V COIL 30FLA 2 POLE | poles=2 coilVolts=[24] fullLoadAmps=30",
                "contactor | F.L.A. 30 L.R.A. 150 2 POLE COIL 24V | poles=2 coilVolts=[24] fullLoadAmps=30 lockedRotorAmps=150",
                "relay | 24VAC COIL 10A 240VAC SPDT | coilVolts=[24] contacts=SPDT contactAmps=10 contactVolts=240",
                "motor | FLA 1.9 HP 1/4 RPM 1075 V 230 | horsepower=0.25 volts=[230] fullLoadAmps=[1.9] rpm=[1075]",
                "capacitor | 45 µF ±5 440V HERM 5 µF FAN | duty=run sections=[HERM:45,FAN:5] volts=440 tolerancePlusPercent=5 toleranceMinusPercent=5",
                "transformer | 40VA SEC 24V COM BLACK 120 WHITE 208 RED 240 ORANGE | voltAmps=40 primaryVolts=[120,208,240] secondaryVolts=24 leads=[BLACK:0,WHITE:120,RED:208,ORANGE:240] windings=TAPPED",
            })
    void eachFigureGoesToTheNameItBelongsTo(String kind, String label, String fields) {
        assertThat(text(Families.read(kind, label), kind)).isEqualTo(fields);
    }

    /** No text makes a reader fail, every piece is a slice of the text, and nothing is read twice. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POLE POLE 2 COIL COIL V / / 24 FLA @ LRA RES 1.5 shunt shunt AUX AUX 9",
                "FUSE FUSE class class rk k5 rk5 250 V V A 0/0 x 1/0 td time delay kA AIC",
                "VA VA PRI SEC 24 WHITE BLACK COM COM = : 120 240x x480 CLASS 2 2 HZ",
                "SPDT DPDT COIL A FLA HZ 50/ /60 PIN 8 pins",
                "PTC ton - ton 1- 3 ton V V potential relay solid state start kit",
                "½ ¾ Ω 99999999999999 V A VA pole coil fuse",
                "point two point hundred and a half of and to over plus minus third point",
            })
    void nothingMakesThemFail(String text) {
        for (Family family : Families.ALL) {
            LabelRead read = family.read(text);
            read.reads()
                    .forEach(p -> assertThat(text.substring(p.start(), p.end())).isEqualTo(p.text()));
            assertThat(read.sure()).isBetween(0.0, 1.0);
            assertThat(List.of(family.shortText(new zestbench.core.family.Spec(read.fields()))))
                    .isNotEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "2P FLA 30 LRA 25 COIL 24V, lockedRotorAmps",
        "2P FLA 30 RES 20 COIL 24V, resistiveAmps",
        "2P FLA 30 RES 40 LRA 150 COIL 24V,"
    })
    void aContactThatMakesLessThanItCarriesIsDoubted(String text, String doubted) {
        List<String> doubts = Families.read("contactor", text).doubts().stream()
                .map(LabelRead.Doubt::field)
                .toList();
        assertThat(doubted == null ? doubts.isEmpty() : doubts.contains(doubted))
                .as("%s", doubts)
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "PRI BLK/RED=208 BLK/ORG=240 BLK/WHT=120 SEC 24V 40VA, BLACK:0 WHITE:120 RED:208 ORANGE:240",
        "PRI WHT-ORG 240 WHT-BLK 120 SEC 24V 40VA, WHITE:0 BLACK:120 ORANGE:240",
        "BLACK/WHITE 120V SEC 24V 40VA, WHITE:0 BLACK:120"
    })
    void theLeadThatIsInAllPairsIsTheCommon(String text, String leads) {
        LabelRead read = Families.read("transformer", text);
        assertThat(((Value.Items) read.fields().fields().get("leads")).items())
                .extracting(LabelsTest::plain)
                .containsExactlyInAnyOrder(leads.split(" "));
        assertThat(read.reads()).extracting(LabelRead.Piece::field).noneMatch(f -> f.startsWith("lead "));
    }

    @ParameterizedTest
    @ValueSource(strings = {"BLK-RED 208 WHT-ORG 240 SEC 24V 40VA", "BRN-BLK 480 BRN-RED 240 SEC 24V 40 VA"})
    void pairsWithoutALeadInAllOfThemAreNotBelieved(String text) {
        LabelRead read = Families.read("transformer", text);
        assertThat(read.fields().fields()).doesNotContainKey("leads");
        assertThat(read.doubts()).extracting(LabelRead.Doubt::field).contains("leads");
    }

    @Test
    void aOneTimeFuseIsAFuseThatDoesNotWait() {
        LabelRead read = Families.read(Families.AUTO, "cartridge fuse 15 amp 250v one time class H");
        assertThat(read.kind()).isEqualTo("fuse");
        assertThat(text(read, "fuse")).isEqualTo("amps=15 volts=250 fuseClass=H timeDelay=false");
    }

    @Test
    void plainAmpsBehindStandingOnesAreNoRunningOnesOfHigherVolts() {
        LabelRead read = Families.read("contactor", "2P 40 FLA 24V COIL RES 50A LRA 240A 240V / 200A 480V / 160A 600V");
        assertThat(text(read, "contactor"))
                .contains("fullLoadAmps=40 lockedRotorAmps=240 resistiveAmps=50 lineVolts=240");
        assertThat(plain(read.fields().fields().get("ratings"))).isEqualTo("[40:50:240:240,480:200,600:160]");
        assertThat(read.doubts())
                .extracting(LabelRead.Doubt::field)
                .contains("ratings[1].lockedRotorAmps", "ratings[2].lockedRotorAmps");
    }

    @ParameterizedTest
    @CsvSource({
        "capacitor, minCelsius, 40 MFD 370 VAC -40C TO +70C, -40",
        "capacitor, maxCelsius, 40 MFD 370 VAC -40°C TO +70°C, 70",
        "capacitor, minCelsius, 40 MFD 370 VAC MIN -25°C MAX 85°C, -25",
        "capacitor, volts, 45+5 440 -40°C TO +70°C, 440",
        "capacitor, minCelsius, 45+5 440 -40/+70C, -40",
        "capacitor, maxCelsius, 45+5 440 -40 to 70C, 70",
        "motor, frame, FR 56HZ 60 HZ 1/2 HP, 56HZ",
        "motor, hertz, FR 56HZ 60 HZ 1/2 HP, [60]",
        "motor, hertz, FR 56HZ 1/2 HP,"
    })
    void aFigureIsReadForWhatItCanBe(String kind, String field, String text, String value) {
        Value read = Families.read(kind, text).fields().fields().get(field);
        assertThat(read == null ? null : plain(read)).isEqualTo(value);
    }
}
