package zestbench.core.compressor;

import java.util.List;
import java.util.Optional;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.family.Turning;
import zestbench.core.value.Value;
import zestbench.core.wiring.Wire;

/** A compressor on the line: one speed, its amps by RLA, its capacitor on HERM. */
final class CompressorOnLine implements Turning {
    @Override
    public List<String> taps(Spec spec) {
        return List.of("");
    }

    @Override
    public int usedTaps(Spec spec, List<Wire> wires) {
        return 1;
    }

    @Override
    public Optional<Double> ratedAmps(Spec spec, Optional<Double> lineVolts, int speed) {
        return spec.number("ratedLoadAmps");
    }

    @Override
    public List<Double> connectionVolts(Spec spec, Optional<Double> lineVolts) {
        return spec.numbers("volts");
    }

    @Override
    public double serviceFactor(Spec spec) {
        return 1;
    }

    /** Of a dual it is the HERM section. */
    @Override
    public Spec capacitor(Spec spec) {
        Optional<Double> microfarads = spec.number("capacitorMicrofarads");
        if (microfarads.isEmpty()) {
            return Spec.EMPTY;
        }
        Spec row = Sections.row(microfarads.get()).with(Sections.TERMINAL, Value.of(Sections.HERM));
        Spec out = Sections.with(Spec.EMPTY, List.of(row));
        Optional<Double> volts = spec.number("capacitorVolts");
        return volts.isPresent() ? out.with("volts", Value.of(volts.get())) : out;
    }
}
