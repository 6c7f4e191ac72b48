package zestbench.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.label.PrintedLabel.Entry;
import zestbench.core.value.Value;

/** What is printed at random, in any order and any of the usual words, reads back as it was meant. */
class LabelPropertiesTest {
    private static final int LABELS = 150;
    private static final double READ_BACK = 0.97;

    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {"capacitor", "motor", "contactor", "relay", "fuse", "transformer", "start-device", "unit-plate"})
    void whatIsPrintedReadsBack(String kind) {
        int all = 0;
        int right = 0;
        int told = 0;
        Map<String, String> wrong = new TreeMap<>();
        for (int seed = 1; seed <= LABELS; seed++) {
            Random random = new Random(seed);
            List<Entry> entries = entries(kind, random);
            String text = new PrintedLabel(random).text(entries);
            LabelRead read = Families.read(kind, text);
            told += kind.equals(Families.read(Families.AUTO, text).kind()) ? 1 : 0;
            for (Entry entry : entries) {
                String got = value(read.fields(), entry.path());
                all++;
                if (got.equalsIgnoreCase(entry.value())) {
                    right++;
                } else {
                    wrong.put(entry.path(), "seed " + seed + " want " + entry.value() + " got " + got + " | " + text);
                }
            }
        }
        String what =
                kind + ": " + right + " of " + all + " fields, kind told " + told + " of " + LABELS + "; " + wrong;
        assertThat(right / (double) all).as(what).isGreaterThanOrEqualTo(READ_BACK);
        assertThat(told / (double) LABELS).as(what).isGreaterThanOrEqualTo(READ_BACK);
    }

    /** Words that nobody knows, in between, make no reading surer and no figure another. */
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(ints = {1, 2, 3, 4})
    void noiseMakesNothingSurer(int from) {
        List<String> kinds = List.of("capacitor", "motor", "contactor", "relay", "fuse", "transformer", "unit-plate");
        int raised = 0;
        for (int seed = from * 100; seed < from * 100 + 60; seed++) {
            Random random = new Random(seed);
            String kind = kinds.get(random.nextInt(kinds.size()));
            String text = new PrintedLabel(random).text(entries(kind, random));
            LabelRead clear = Families.read(kind, text);
            String noise = List.of("QVXJ", "KESTRELWORKS", "ZZYZX", "PROPERTY OF THE BENCH")
                    .get(random.nextInt(4));
            LabelRead noisy = Families.read(kind, random.nextBoolean() ? text + "\n" + noise : noise + "\n" + text);
            raised += noisy.sure() > clear.sure() + 0.05 ? 1 : 0;
            assertThat(noisy.fields()).as("seed " + seed + ": " + text).isEqualTo(clear.fields());
        }
        assertThat(raised).isZero();
    }

    @Test
    void labelsReadSideBySideAreReadAsOneAfterAnother() {
        List<String> kinds = List.of("capacitor", "motor", "contactor", "relay", "fuse", "transformer", "unit-plate");
        List<String> labels = new ArrayList<>();
        for (int seed = 1; seed <= 80; seed++) {
            Random random = new Random(seed);
            labels.add(new PrintedLabel(random).text(entries(kinds.get(seed % kinds.size()), random)));
        }
        List<LabelRead> together = labels.parallelStream()
                .map(label -> Families.read(Families.AUTO, label))
                .toList();
        for (int i = 0; i < labels.size(); i++) {
            assertThat(together.get(i)).as(labels.get(i)).isEqualTo(Families.read(Families.AUTO, labels.get(i)));
        }
    }

    static String value(Value.Fields fields, String path) {
        Value at = fields;
        for (String step : path.split("\\.")) {
            if (at instanceof Value.Fields in && in.fields().get(step) != null) {
                at = in.fields().get(step);
            } else if (at instanceof Value.Items items && items.items().size() > Integer.parseInt(step)) {
                at = items.items().get(Integer.parseInt(step));
            } else {
                return "nothing";
            }
        }
        return plain(at);
    }

    private static String plain(Value value) {
        if (value instanceof Value.Num num) {
            return String.valueOf(Math.round(num.number() * 1000) / 1000.0).replaceAll("\\.0$", "");
        }
        if (value instanceof Value.Text text) {
            return text.text();
        }
        if (value instanceof Value.Items items) {
            return String.join(
                    "/", items.items().stream().map(LabelPropertiesTest::plain).toList());
        }
        return value instanceof Value.Flag flag ? String.valueOf(flag.flag()) : value.toString();
    }

    private static String pick(Random random, String... of) {
        return of[random.nextInt(of.length)];
    }

    private static Entry figure(String path, String value, String unit, String... names) {
        List<String> before = new ArrayList<>();
        List<String> behind = new ArrayList<>();
        for (String name : names) {
            before.add(name + " " + value + unit);
            before.add(name + ": " + value + unit);
            behind.add(value + unit + " " + name);
        }
        return new Entry(path, value.replace("-", "/"), before, behind);
    }

    private static Entry by(String path, String value, String... printed) {
        return new Entry(path, value, List.of(printed), List.of());
    }

    private static List<Entry> entries(String kind, Random random) {
        List<Entry> out = new ArrayList<>();
        switch (kind) {
            case "capacitor" -> {
                String herm = pick(random, "25", "30", "35", "40", "45", "50", "55", "60", "80");
                String fan = pick(random, "3", "4", "5", "7.5", "10");
                String volts = pick(random, "370", "440");
                out.add(by(
                        "sections.0.microfarads",
                        herm,
                        herm + "/" + fan + " MFD",
                        herm + "+" + fan + " µF",
                        herm + " + " + fan + " uF",
                        "MFD " + herm + "/" + fan));
                out.add(by("volts", volts, volts + " VAC", volts + "V", volts + " V~", volts + " VOLTS AC"));
                out.add(by("tolerancePlusPercent", "6", "±6%", "+/-6 %", "TOL ±6%"));
                out.add(by("hertz", "50/60", "50/60 HZ", "50/60Hz"));
            }
            case "motor" -> {
                String power = pick(random, "1/6", "1/4", "1/3", "1/2", "3/4");
                String[] halves = power.split("/");
                String horsepower = plain(Value.of(Double.parseDouble(halves[0]) / Double.parseDouble(halves[1])));
                out.add(by("horsepower", horsepower, power + " HP", "HP " + power, "H.P. " + power));
                String rpm = pick(random, "825", "1075", "1100", "1625");
                out.add(by("rpm", rpm, rpm + " RPM", "RPM " + rpm, "R.P.M. " + rpm));
                out.add(by("volts", "208/230", "208-230 V", "VOLTS 208-230", "208/230 VAC"));
                String amps = pick(random, "1.1", "1.4", "1.9", "2.3", "3.1");
                out.add(by("fullLoadAmps", amps, amps + " A", "FLA " + amps, "AMPS " + amps, amps + " FLA"));
                String turns = pick(random, "CW", "CCW");
                out.add(by("rotation", turns, "ROT " + turns + " LE", turns + " LEAD END", turns + "LE"));
                out.add(by("hertz", "60", "60 HZ", "60HZ"));
                out.add(by("phase", "1", "1 PH", "PH 1", "1 PHASE"));
            }
            case "contactor" -> {
                int poles = 1 + random.nextInt(4);
                int fla = 20 + 5 * random.nextInt(8);
                out.add(by("poles", String.valueOf(poles), poles + " POLE", "POLES " + poles, poles + " POLES"));
                out.add(by("coilVolts", "24", "COIL 24 V", "24V COIL", "COIL: 24 VAC", "COIL VOLTS 24"));
                out.add(figure("fullLoadAmps", String.valueOf(fla), "", "FLA", "F.L.A.", "FULL LOAD AMPS"));
                out.add(figure("lockedRotorAmps", String.valueOf(5 * fla), "", "LRA", "L.R.A.", "LOCKED ROTOR AMPS"));
                out.add(figure("resistiveAmps", String.valueOf(fla + 10), "", "RES", "RESISTIVE", "RESISTIVE AMPS"));
            }
            case "relay" -> {
                String form = pick(random, "SPDT", "DPDT", "SPNO");
                out.add(by("contacts", form, form));
                out.add(by("coilVolts", "24", "COIL 24 V", "24V COIL", "COIL: 24 VAC"));
                String amps = pick(random, "8", "10", "12", "16", "30");
                String volts = pick(random, "240", "277");
                out.add(by(
                        "contactAmps", amps, amps + " A " + volts + " V RES", amps + "A " + volts + "VAC RESISTIVE"));
                out.add(by("coilHertz", "50/60", "50/60 HZ"));
            }
            case "fuse" -> {
                String amps = pick(random, "15", "20", "25", "30", "40", "60");
                String volts = pick(random, "250", "600");
                String type = pick(random, "RK1", "RK5", "K5", "J");
                out.add(by("fuseClass", type, "CLASS " + type));
                out.add(by("amps", amps, amps + " A", amps + " AMP", amps + "A", amps + " AMPS"));
                out.add(by("volts", volts, volts + " V", volts + " VOLTS", volts + "VAC"));
                out.add(by("timeDelay", "true", "TIME DELAY", "TIME-DELAY", "DUAL ELEMENT"));
                out.add(by("interruptingKiloamps", "200", "200 KA IR", "IR 200KA", "200,000 AIC"));
            }
            case "transformer" -> {
                String power = pick(random, "40", "50", "75");
                out.add(by("voltAmps", power, power + " VA", power + "VA"));
                String primary = pick(random, "120", "240", "208/240", "120/208/240");
                out.add(by("primaryVolts", primary, "PRI " + primary + " V", "PRIMARY " + primary + "V"));
                out.add(by("secondaryVolts", "24", "SEC 24 V", "SECONDARY 24V"));
                out.add(by("hertz", "60", "60 HZ", "60Hz"));
                out.add(by("class2", "true", "CLASS 2"));
            }
            case "start-device" -> {
                out.add(by("type", "PTC", "PTC START DEVICE"));
                out.add(by("voltsHigh", "240", "208-240 V", "208/240 VAC", "VOLTS 208-240"));
                String tons = pick(random, "3", "4", "5");
                out.add(by("tonsHigh", tons, "1-" + tons + " TON", "1 TO " + tons + " TONS"));
            }
            default -> {
                double rla = 8 + random.nextInt(180) / 10.0;
                String rated = plain(Value.of(rla));
                String locked = String.valueOf(Math.round(rla * (4.5 + random.nextInt(3))));
                String mca = plain(Value.of(Math.round((1.25 * rla + 1.4) * 10) / 10.0));
                out.add(by("model", "GAC036-2B1", "MODEL GAC036-2B1", "M/N GAC036-2B1", "MODEL NO. GAC036-2B1"));
                out.add(by(
                        "compressors.0.ratedLoadAmps",
                        rated,
                        "COMPRESSOR RLA " + rated + " LRA " + locked,
                        "COMPR " + rated + " RLA " + locked + " LRA"));
                out.add(by("outdoorFans.0.fullLoadAmps", "1.4", "FAN MOTOR FLA 1.4 HP 1/4", "FAN 1/4 HP 1.4 FLA"));
                out.add(by("minimumCircuitAmps", mca, "MCA " + mca, "MIN CIRCUIT AMPS " + mca));
                out.add(by("maximumFuseAmps", "40", "MOP 40", "MAX FUSE 40", "MOCP 40"));
                out.add(by("volts", "208/230", "VOLTS 208/230", "208/230 V"));
                out.add(by("refrigerant", "R-410A", "R-410A", "R410A"));
            }
        }
        return out;
    }
}
