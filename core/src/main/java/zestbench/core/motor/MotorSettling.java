package zestbench.core.motor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Taking;
import zestbench.core.quantity.ShaftPower;
import zestbench.core.value.Value;

/** What follows from what was read off a motor, and what is to be asked. */
final class MotorSettling {
    /** Two voltages differ by two, speeds by three at most. [practice] */
    private static final double MOST_APART = 6;

    private MotorSettling() {}

    static void finish(Taking taking) {
        List<Value> speeds = new ArrayList<>();
        List<Value> amps = new ArrayList<>();
        List<Map<String, Value>> steps = taking.rows("steps");
        taking.move("steps[0].rpm", "rpm");
        taking.move("steps[0].amps", "fullLoadAmps");
        for (int i = 0; i < steps.size(); i++) {
            Map<String, Value> step = steps.get(i);
            taking.move("steps[" + i + "].rpm", "rpm");
            taking.move("steps[" + i + "].amps", "fullLoadAmps");
            gather(step.get("rpm"), speeds);
            gather(step.get("amps"), amps);
            Value taps = step.get("speeds");
            if (taps != null) {
                taking.set("speeds", taps);
                taking.move("steps[" + i + "].speeds", "speeds");
            }
        }
        if (!speeds.isEmpty()) {
            speeds.sort(Comparator.comparingDouble(v -> -((Value.Num) v).number()));
            taking.set("rpm", new Value.Items(speeds.stream().distinct().toList()));
        }
        if (!amps.isEmpty()) {
            taking.set("fullLoadAmps", new Value.Items(amps));
        }
        if (speeds.size() > 1 && !taking.has("speeds")) {
            taking.set("speeds", Value.of(speeds.size()));
        }
        MotorLeads.finish(taking);
        if (taking.entries().isEmpty()) {
            return;
        }
        kind(taking);
        doubts(taking);
    }

    private static void gather(@Nullable Value value, List<Value> out) {
        if (value instanceof Value.Items items) {
            out.addAll(items.items());
        } else if (value != null) {
            out.add(value);
        }
    }

    private static double most(@Nullable Value value) {
        return numbers(value).max().orElse(0);
    }

    private static double least(@Nullable Value value) {
        return numbers(value).min().orElse(0);
    }

    private static DoubleStream numbers(@Nullable Value value) {
        List<Value> all = value instanceof Value.Items items ? items.items() : List.of();
        return all.stream().mapToDouble(v -> v instanceof Value.Num num ? num.number() : 0);
    }

    private static void kind(Taking taking) {
        if (taking.has("type")) {
            return;
        }
        if (taking.number("phase") == 3) {
            taking.set("type", Value.of("THREE_PHASE"));
        } else if (taking.has("capacitorMicrofarads")) {
            taking.set("type", Value.of("PSC"));
        } else {
            taking.doubt("type", "the kind of motor is not printed; with a capacitor beside it, it is PSC", null);
        }
    }

    private static void doubts(Taking taking) {
        double horsepower = taking.number("horsepower");
        double volts = most(taking.get("volts"));
        double amps = most(taking.get("fullLoadAmps"));
        if (ShaftPower.isImpossible(horsepower, volts, amps, taking.number("phase"))) {
            String why = ShaftPower.words(horsepower, volts, amps);
            taking.doubt("horsepower", why, null);
            taking.doubt("fullLoadAmps", why, null);
        }
        if (amps > MOST_APART * least(taking.get("fullLoadAmps"))) {
            taking.doubt("fullLoadAmps", "the amps are far apart: a point may be missing", null);
        }
        boolean isTurning = taking.has("rotation") && !Value.of("REVERSIBLE").equals(taking.get("rotation"));
        if (isTurning && !taking.has("rotationView")) {
            taking.doubt(
                    "rotationView",
                    "the rotation is printed without where it is seen from: facing the leads or facing the shaft, the two "
                            + "are opposite",
                    null);
        }
        if (!taking.has("hertz") && taking.has("volts")) {
            taking.doubt("hertz", "not printed or not read; 60 Hz is usual with these volts", Value.numbers(60));
        }
        if (!taking.has("phase") && taking.has("capacitorMicrofarads")) {
            taking.doubt("phase", "not printed or not read; a motor with a capacitor is single-phase", Value.of(1));
        }
    }
}
