package zestbench.server.api;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.Pumping;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.Attribute;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Judgement;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.ProofPoint;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.winding.PairOhms;
import zestbench.core.winding.Windings;
import zestbench.server.api.ApiModels.JudgeRequest;
import zestbench.server.api.ApiModels.TakenReading;

/** Tests of motors in the open interface: windings by ohms, running amps. */
final class ApiMotor {
    private static final int MOST_READINGS = 50;
    private static final List<Attribute> WINDING = List.of(Attribute.number("phase", "Phase", "", "beside PH"));
    private static final List<Attribute> AMPS = List.of(
            Attribute.number("ratedLoadAmps", "RLA", "A", "the compressor's row of the plate"),
            Attribute.number("fullLoadAmps", "FLA", "A", "the motor's row of the plate"),
            Attribute.number("lockedRotorAmps", "LRA", "A", "the compressor's row of the plate"),
            Attribute.number("volts", "Rated volts", "V", "on the plate").as(Attribute.Type.NUMBERS));

    private ApiMotor() {}

    static Judgement windings(JudgeRequest request, Meter meter) {
        Spec spec = ApiController.spec(WINDING, request.spec(), "spec");
        double phase = spec.number("phase").orElse(0.0);
        InputProblem.require(phase == 0 || phase == 1 || phase == 3, "spec.phase", phase, "give 1 or 3");
        List<PairOhms> pairs = new ArrayList<>();
        for (TakenReading taken : readings(request)) {
            try {
                pairs.add(PairOhms.of(
                        InputProblem.given(taken.pair(), "pair", "name two terminals, as 1-2, or one and GROUND"),
                        ohms(taken),
                        taken.testVolts() == null ? 0 : taken.testVolts()));
            } catch (InputProblem problem) {
                throw problem.within("readings[" + pairs.size() + "]");
            }
        }
        return Windings.judge(pairs, request.shellHot(), (int) phase, meter).judgement();
    }

    private static Reading ohms(TakenReading taken) {
        boolean open = Boolean.TRUE.equals(taken.open());
        boolean overRange = Boolean.TRUE.equals(taken.overRange());
        int given = (taken.ohms() != null ? 1 : 0) + (open ? 1 : 0) + (overRange ? 1 : 0);
        InputProblem.require(
                given == 1, "ohms", given + " given", "give exactly one of ohms, open: true, overRange: true");
        if (taken.ohms() == null) {
            return open ? Reading.open(Quantity.OHMS) : Reading.overRange(Quantity.OHMS);
        }
        return Reading.of(Quantity.OHMS, taken.ohms(), taken.resolution());
    }

    static Judgement amps(JudgeRequest request, Meter meter) {
        Spec spec = ApiController.spec(AMPS, request.spec(), "spec");
        List<RunningAmps.Taken> taken = new ArrayList<>();
        for (TakenReading reading : readings(request)) {
            try {
                taken.add(new RunningAmps.Taken(
                        InputProblem.given(reading.place(), "place", "give COMPRESSOR, FAN or BLOWER"),
                        InputProblem.given(reading.amps(), "amps", "give the amps that were read"),
                        reading.inrushAmps(),
                        reading.volts(),
                        pressuresEqual(reading),
                        false));
            } catch (InputProblem problem) {
                throw problem.within("readings[" + taken.size() + "]");
            }
        }
        return RunningAmps.judge(
                taken,
                new RunningAmps.Rated(
                        orNull(spec, "ratedLoadAmps"),
                        orNull(spec, "fullLoadAmps"),
                        orNull(spec, "lockedRotorAmps"),
                        spec.numbers("volts")),
                meter);
    }

    /** By both pressures, read while it runs at sea level; null where they were not read. */
    private static @Nullable Boolean pressuresEqual(TakenReading reading) {
        return reading.suctionPsig() == null || reading.liquidPsig() == null
                ? null
                : Boolean.valueOf(Pumping.isEqual(
                        ProofPoint.SUCTION_PRESSURE.checked(reading.suctionPsig()),
                        ProofPoint.LIQUID_PRESSURE.checked(reading.liquidPsig()),
                        Altitude.SEA_LEVEL_PSIA));
    }

    private static @Nullable Double orNull(Spec spec, String name) {
        return spec.number(name).orElse(null);
    }

    private static List<TakenReading> readings(JudgeRequest request) {
        InputProblem.require(
                request.readings().size() <= MOST_READINGS,
                "readings",
                request.readings().size(),
                "give up to 50");
        List<TakenReading> out = new ArrayList<>();
        for (TakenReading taken : request.readings()) {
            InputProblem.require(taken != null, "readings[" + out.size() + "]", null, "give a reading");
            out.add(taken);
        }
        return out;
    }
}
