package zestbench.core.compressor;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.Set;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Taking;
import zestbench.core.label.Unit;
import zestbench.core.plate.Capacity;
import zestbench.core.plate.RefrigerantFields;
import zestbench.core.plate.SupplyFields;
import zestbench.core.value.Value;

/** What a compressor's own label says, and in which words. */
public final class CompressorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "compressor";

    static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .toldOnlyBy("type")
            .tells("compressor motor|compressor", "compresor hermetico|compresseur hermetique|verdichter")
            .field(told("type", "compressor type")
                    .by("SCROLL", "scroll|scroll compressor")
                    .by(
                            "RECIPROCATING",
                            "reciprocating|recip|reciprocating compressor|piston compressor|hermetic|hermetic compressor")
                    .by("ROTARY", "rotary|rotary compressor|twin rotary"))
            .field(of(
                    "ratedLoadAmps",
                    Shapes.number(0.5, 300, Unit.AMPS),
                    "rla|r.l.a.|rated load amps|rated load|rated load current|rlc|nominal amps"))
            .field(of(
                    "lockedRotorAmps",
                    Shapes.number(3, 1500, Unit.AMPS),
                    "lra|l.r.a.|locked rotor amps|locked rotor|lr amps|lrc"))
            .field(of(
                    "maximumContinuousAmps",
                    Shapes.number(0.5, 400, Unit.AMPS),
                    "mcc|max continuous amps|max continuous current"))
            .field(of(
                            "nominalBtuPerHour",
                            Shapes.number(3_000, 600_000, Unit.BTU)
                                    .also(Unit.TONS, Capacity.BTU_PER_HOUR_PER_TON)
                                    .fractions()
                                    .withUnit(),
                            "capacity|nominal capacity|cooling capacity")
                    .bare(0.1))
            .field(RefrigerantFields.refrigerant())
            .field(told("oil", "oil")
                    .by("POE", "poe|polyolester|ester oil")
                    .by("MINERAL", "mineral|mineral oil|mo")
                    .by("PVE", "pve"))
            .field(of(
                            "capacitorMicrofarads",
                            Shapes.number(5, 120, Unit.MICROFARADS),
                            "run cap|run capacitor|capacitor|cap|condensador")
                    .bare(0.2))
            .field(of(
                            "capacitorVolts",
                            Shapes.number(330, 480, Unit.VOLTS).usual(370, 440),
                            "run cap|run capacitor|capacitor|cap")
                    .bare(0.6))
            .foreign("mca|max fuse|displacement|oil charge|charge|psig|design pressure|hp|test pressure")
            .fillers("run cap|run capacitor|oil|thermally protected|hermetic|motor|made for|refrigerant|ac")
            .physics(CompressorLabel::against);

    static {
        SupplyFields.declare(GRAMMAR, "");
    }

    private static final Set<Double> CAN_VOLTS = Set.of(370.0, 440.0);

    private CompressorLabel() {}

    /** A locked rotor draws 3 to 8 times what a loaded one does; 370 and 440 V beside µF are the capacitor's. [practice] */
    private static double against(Taking taking) {
        double times = taking.number("lockedRotorAmps") / taking.number("ratedLoadAmps");
        boolean isOfCapacitor = taking.has("capacitorMicrofarads")
                && !taking.has("capacitorVolts")
                && taking.get("volts") instanceof Value.Items volts
                && volts.items().stream().anyMatch(v -> v instanceof Value.Num n && CAN_VOLTS.contains(n.number()));
        return (times < 2 || times > 12 ? 1 : 0) + (isOfCapacitor ? 1 : 0);
    }
}
