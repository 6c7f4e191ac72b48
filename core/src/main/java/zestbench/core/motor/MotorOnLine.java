package zestbench.core.motor;

import java.util.List;
import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.family.Turning;
import zestbench.core.wiring.Wire;

/** What a motor's label says of running on the line. */
final class MotorOnLine implements Turning {
    @Override
    public List<String> taps(Spec spec) {
        List<String> taps = MotorRating.known(spec).map(MotorTerminals::taps).orElse(List.of());
        return taps.isEmpty() ? List.of("") : taps;
    }

    @Override
    public int usedTaps(Spec spec, List<Wire> wires) {
        return MotorRating.known(spec).map(r -> MotorHookup.usedTaps(r, wires)).orElse(1);
    }

    @Override
    public Optional<Double> ratedAmps(Spec spec, Optional<Double> lineVolts, int speed) {
        return MotorRating.known(spec).flatMap(r -> r.ratedAmps(lineVolts, speed));
    }

    @Override
    public List<Double> connectionVolts(Spec spec, Optional<Double> lineVolts) {
        List<List<Double>> all = MotorRating.known(spec).map(MotorRating::volts).orElse(List.of());
        return all.size() == 1
                ? all.get(0)
                : all.stream()
                        .filter(named -> lineVolts
                                .filter(line -> MotorPair.serves(named, line))
                                .isPresent())
                        .findFirst()
                        .orElse(List.of());
    }

    @Override
    public double serviceFactor(Spec spec) {
        return MotorRating.known(spec).map(MotorRating::serviceFactor).orElse(1.0);
    }

    @Override
    public Spec capacitor(Spec spec) {
        return spec.has("capacitorMicrofarads") ? spec : Spec.EMPTY;
    }
}
