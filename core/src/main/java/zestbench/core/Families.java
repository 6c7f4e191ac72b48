package zestbench.core;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import zestbench.core.board.BoardFamily;
import zestbench.core.capacitor.CapacitorFamily;
import zestbench.core.compressor.CompressorFamily;
import zestbench.core.contactor.ContactorFamily;
import zestbench.core.controlswitch.SwitchFamily;
import zestbench.core.family.Family;
import zestbench.core.family.Trait;
import zestbench.core.fuse.FuseFamily;
import zestbench.core.heater.HeaterFamily;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.motor.MotorFamily;
import zestbench.core.overload.OverloadFamily;
import zestbench.core.phasemonitor.PhaseMonitorFamily;
import zestbench.core.plate.PlateLabel;
import zestbench.core.quantity.InputProblem;
import zestbench.core.relay.RelayFamily;
import zestbench.core.startdevice.StartDeviceFamily;
import zestbench.core.thermostat.ThermostatFamily;
import zestbench.core.transformer.TransformerFamily;
import zestbench.core.value.Value;

/** Every family of parts the bench knows; a new one is one line here. */
public final class Families {
    public static final List<Family> ALL = List.of(
            StartDeviceFamily.FAMILY,
            MotorFamily.FAMILY,
            ContactorFamily.FAMILY,
            FuseFamily.FAMILY,
            TransformerFamily.FAMILY,
            RelayFamily.FAMILY,
            HeaterFamily.FAMILY,
            SwitchFamily.FAMILY,
            OverloadFamily.FAMILY,
            PhaseMonitorFamily.FAMILY,
            ThermostatFamily.FAMILY,
            BoardFamily.FAMILY,
            CompressorFamily.FAMILY,
            CapacitorFamily.FAMILY);

    /** Lets the text tell what it is a label of. */
    public static final String AUTO = "auto";

    /** What the labels of all of them say, and the plates of units: made when the first label is read. */
    private static final class Labels {
        static final List<LabelGrammar> ALL = Stream.concat(
                        Families.ALL.stream().map(Family::label), Stream.of(PlateLabel.GRAMMAR))
                .toList();
    }

    private Families() {}

    /** The family named {@code kind}; throws where there is none. */
    public static Family named(String kind) {
        return find(kind).orElseThrow(() -> InputProblem.of("kind", kind, "known are " + kinds()));
    }

    public static Optional<Family> find(String kind) {
        return ALL.stream().filter(f -> f.kind().equals(kind)).findFirst();
    }

    /** The first that has a trait. */
    public static Family with(Trait trait) {
        return ALL.stream().filter(f -> f.has(trait)).findFirst().orElseThrow();
    }

    /** The first whose labels say {@code attribute}. */
    public static Family telling(String attribute) {
        return ALL.stream()
                .filter(f -> f.attributes().stream().anyMatch(a -> a.name().equals(attribute)))
                .findFirst()
                .orElseThrow();
    }

    /** Whether windings and running amps can be read on a part of {@code kind}. */
    public static boolean turns(String kind) {
        return find(kind).filter(Family::turns).isPresent();
    }

    /** What a person calls an attribute of any family. */
    public static String titleOf(String attribute) {
        return ALL.stream()
                .filter(f -> f.attributes().stream().anyMatch(a -> a.name().equals(attribute)))
                .findFirst()
                .orElse(ALL.get(0))
                .titleOf(attribute);
    }

    /** Reads {@code text} as a label of {@code kind}, or of the family it looks like where kind is {@link #AUTO}. */
    public static LabelRead read(String kind, String text) {
        if (kind.equals(PlateLabel.KIND)) {
            return PlateLabel.read(text);
        }
        if (!kind.equals(AUTO)) {
            return named(kind).read(text);
        }
        return LabelReader.told(Labels.ALL, text).orElseGet(() -> nothingRead(text));
    }

    private static LabelRead nothingRead(String text) {
        List<String> pieces = List.of(text.strip().split("\\s+")).stream()
                .filter(p -> !p.isEmpty())
                .toList();
        return new LabelRead(null, 0, new Value.Fields(java.util.Map.of()), List.of(), List.of(), pieces);
    }

    private static String kinds() {
        return String.join(", ", ALL.stream().map(Family::kind).toList()) + ", " + PlateLabel.KIND;
    }
}
