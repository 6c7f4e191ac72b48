package zestbench.server.meter;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.core.quantity.Quantity;
import zestbench.server.CsvResource;

/** A meter and a pair of probes on the units of the demo town, with noise, range and OL. */
@Component
class SimulatedMeter {
    private static final double SETTLES_MILLIS = 180_000;
    private static final double QUIET = 0.002;
    private static final double LOUD = 0.03;
    private static final double DEAD_BAND = 0.02;
    private static final double OHMS_PER_MEGOHM = 1_000_000;
    private static final String ANY = "*";
    private static final String OVER = "OL";

    /** How it behaves. */
    enum Mode {
        NORMAL,
        /** readings that do not stand still */
        NOISY,
        /** the radio link breaks */
        DROPPED
    }

    /** What is true at one place. @param start before the unit ran; null where that makes no difference */
    private record Truth(List<String> keys, @Nullable Double start, double value) {
        boolean isAt(Clip clip) {
            List<String> at = List.of(clip.site(), clip.unit(), clip.place(), clip.subject(), clip.sign());
            for (int i = 0; i < at.size(); i++) {
                if (!keys.get(i).equals(ANY)
                        && !keys.get(i).equalsIgnoreCase(at.get(i).replace('–', '-'))) {
                    return false;
                }
            }
            return true;
        }
    }

    private final List<Truth> town = new ArrayList<>();
    private final Random random = new Random();
    private final Clock clock;
    private volatile Mode mode = Mode.NORMAL;

    SimulatedMeter(Clock clock) {
        this.clock = clock;
        for (CSVRecord row : CsvResource.read("/meter/town.csv")) {
            List<String> keys =
                    List.of(row.get("site"), row.get("unit"), row.get("place"), row.get("subject"), row.get("sign"));
            String start = row.get("start");
            String value = row.get("value");
            town.add(new Truth(
                    keys,
                    start.isEmpty() ? null : Double.valueOf(start),
                    value.equals(OVER) ? Double.POSITIVE_INFINITY : Double.parseDouble(value)));
        }
    }

    Mode mode() {
        return mode;
    }

    void become(Mode next) {
        mode = next;
    }

    /** What stands in the window now. Leads that touch nothing known read OL, or nothing on volts. */
    MeterReading read(Clip clip) {
        double value = truth(clip);
        double noise = mode == Mode.NOISY ? LOUD : QUIET;
        double shaken =
                value * (1 + random.nextGaussian() * noise) + (value == 0 ? DEAD_BAND * random.nextDouble() : 0);
        return window(clip.sign(), shaken);
    }

    private double truth(Clip clip) {
        Optional<Truth> known = town.stream().filter(t -> t.isAt(clip)).findFirst();
        if (clip.nominal() != null) {
            return clip.nominal() * (1 + (random.nextInt(5) - 2) / 1_000.0);
        }
        if (known.isEmpty()) {
            return clip.sign().equals(Quantity.VOLTS.unit()) || clip.sign().equals(Quantity.AMPS.unit())
                    ? 0
                    : Double.POSITIVE_INFINITY;
        }
        Truth truth = known.get();
        return truth.start() == null
                ? truth.value()
                : truth.value() + (truth.start() - truth.value()) * Math.exp(-clip.runsMillis() / SETTLES_MILLIS);
    }

    private MeterReading window(String sign, double value) {
        boolean isMegohms = sign.equals("MΩ");
        Quantity quantity = isMegohms ? Quantity.OHMS : quantity(sign);
        double inUnit = isMegohms ? value * OHMS_PER_MEGOHM : value;
        String device = quantity == Quantity.FAHRENHEIT || quantity == Quantity.PSIG || quantity == Quantity.CFM
                ? "PROBES"
                : "METER";
        if (!Double.isFinite(inUnit) || inUnit > quantity.usualRange()) {
            return new MeterReading(device, sign, null, true, clock.millis());
        }
        double step = quantity.resolutionAt(inUnit);
        double shown = Math.round(inUnit / step) * step / (isMegohms ? OHMS_PER_MEGOHM : 1);
        double tidy = Math.round(shown * 10_000) / 10_000.0;
        return new MeterReading(device, sign, tidy, false, clock.millis());
    }

    private static Quantity quantity(String sign) {
        for (Quantity quantity : Quantity.values()) {
            if (quantity.unit().equals(sign)) {
                return quantity;
            }
        }
        return Quantity.VOLTS;
    }
}
