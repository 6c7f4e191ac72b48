package zestbench.core.call;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.amps.StartTest;
import zestbench.core.circuit.Conductor;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Quantity;
import zestbench.core.tape.CallState;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.StartEntry;
import zestbench.core.winding.PairOhms;
import zestbench.core.winding.Windings;

/** What is read on the motors and compressors of a unit, in question or not. */
public sealed interface OnMotor extends Command {
    @Override
    default Set<Need> needs() {
        return Set.of(Need.UNIT);
    }

    /** Reads windings by ohms. @param shellHot whether the shell was too hot to touch; null where it was not felt */
    record ReadWindings(
            MeantMotor.Which which,
            List<PairOhms> readings,
            @Nullable Boolean shellHot) implements OnMotor {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            Windings.Found found = judge(state, around);
            MeantMotor motor = MeantMotor.of(which, state, around);
            return Decision.of(new PartEntry.WindingsRead(
                    motor.part() == null ? null : motor.part().id(),
                    InputProblem.given(motor.name(), "placeId", "say which motor"),
                    motor.placeKind(),
                    shellHot,
                    found.judgement().verdicts(),
                    found.judgement().findings(),
                    found.named().map(Windings.Named::words).orElse(""),
                    found.isCoolingDown(),
                    around.meter(Quantity.OHMS).text()));
        }

        /** What they say, without keeping them. */
        public Windings.Found judge(CallState state, Surroundings around) {
            boolean isCompressor = MeantMotor.of(which, state, around).isCompressor();
            int phase = isCompressor ? state.plates().facts().phase() : 0;
            return Windings.judge(readings, shellHot, phase, around.meter(Quantity.OHMS));
        }
    }

    /**
     * Catches amps and volts of a start together.
     *
     * @param gauge of its wire, as 10; null where nobody knows it
     * @param metal null for copper
     * @param feet of its run one way; given with the gauge
     */
    record CatchStart(
            MeantMotor.Which which,
            StartTest.Caught caught,
            @Nullable String gauge,
            Conductor.@Nullable Metal metal,
            @Nullable Double feet)
            implements OnMotor {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            MeantMotor motor = MeantMotor.of(which, state, around);
            Judgement judgement = judge(state, around);
            StartTest.Run run = run();
            return Decision.of(new StartEntry.StartCaught(
                    motor.part() == null ? null : motor.part().id(),
                    motor.name(),
                    motor.kind().name(),
                    judgement.verdicts(),
                    judgement.findings(),
                    caught.stays(),
                    run == null
                            ? ""
                            : run.wire().gauge() + " AWG "
                                    + Letters.small(run.wire().metal().name()) + ", " + Figures.plain(run.feet())
                                    + " ft",
                    around.meter(Quantity.AMPS).text(),
                    caught.seconds()));
        }

        /** The verdicts, without keeping them. */
        public Judgement judge(CallState state, Surroundings around) {
            MeantMotor motor = MeantMotor.of(which, state, around);
            return StartTest.judge(
                    caught,
                    motor.rated(state, null, null),
                    state.plates().facts().phase() == 3 ? 3 : 1,
                    run(),
                    around.meter(Quantity.AMPS),
                    around.meter(Quantity.VOLTS));
        }

        private StartTest.@Nullable Run run() {
            if (gauge == null || gauge.isBlank()) {
                return null;
            }
            Conductor.Metal of = metal == null ? Conductor.Metal.COPPER : metal;
            Conductor wire = Conductor.find(gauge, of)
                    .orElseThrow(() -> InputProblem.of(
                            "gauge", gauge, "give one of " + String.join(", ", Conductor.gauges(of)) + " AWG"));
            return new StartTest.Run(
                    wire, InputProblem.given(feet, "feet", "give the run of the wire one way, in feet"));
        }
    }

    /**
     * Reads running amps.
     *
     * @param speed the tap it ran on; null on a single speed
     * @param rated RLA or FLA as typed, above 0; null where plate or label tells it
     * @param inrush the most that was held while it started; null where it was not
     * @param volts read with the amps; null where they were not
     * @param pressuresEqual whether both sides of a compressor stood alike; null where that was not looked at
     * @param legs amps of L1, L2 and L3, of which {@code amps} is the most; empty where it was not read leg by leg
     */
    record ReadAmps(
            MeantMotor.Which which,
            @Nullable String speed,
            double amps,
            @Nullable Double rated,
            @Nullable Double inrush,
            @Nullable Double volts,
            @Nullable Boolean pressuresEqual,
            List<Double> legs)
            implements OnMotor {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            MeantMotor motor = MeantMotor.of(which, state, around);
            Rated by = motor.rated(state, speed, rated);
            Judgement judgement = judge(motor, by, state, around);
            List<Judged> all = judgement.verdicts();
            return Decision.of(new PartEntry.AmpsRead(
                    motor.part() == null ? which.part() : motor.part().id(),
                    motor.kind(),
                    all.get(0),
                    judgement.findings(),
                    motor.name(),
                    speed == null || speed.isBlank() ? null : speed,
                    all.size() > 1 ? all.subList(1, all.size()) : null,
                    inrush,
                    taken(motor, state).isPumping(by.limit(motor.kind())),
                    around.meter(Quantity.AMPS).text()));
        }

        /** The verdicts, without keeping them. */
        public Judgement judge(CallState state, Surroundings around) {
            MeantMotor motor = MeantMotor.of(which, state, around);
            return judge(motor, motor.rated(state, speed, rated), state, around);
        }

        private Judgement judge(MeantMotor motor, Rated by, CallState state, Surroundings around) {
            return RunningAmps.judge(List.of(taken(motor, state)), by, around.meter(Quantity.AMPS));
        }

        private RunningAmps.Taken taken(MeantMotor motor, CallState state) {
            return new RunningAmps.Taken(motor.kind(), amps, inrush, volts, pressuresEqual, state.isSaidSilent(), legs);
        }
    }
}
