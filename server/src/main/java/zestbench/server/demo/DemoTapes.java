package zestbench.server.demo;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.amps.StartTest;
import zestbench.core.circuit.Conductor;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Judgement;
import zestbench.core.proof.HeatProof;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.Meter;
import zestbench.core.supply.ControlVoltage;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.tape.ChargeEntry;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.StartEntry;
import zestbench.core.tape.UnitEntry;
import zestbench.core.tape.WaitsFor;
import zestbench.core.tape.Work;
import zestbench.server.unit.Place;

/** What some visits of the demo town put on their tapes besides a part that was tested. */
final class DemoTapes {
    private static final double CONTROL_VOLTS = 26.4;

    private DemoTapes() {}

    /** A long visit: the float switch tried, the drain cleared, a wait for the thaw, a tag until the charge was weighed in anew. @param thawed the day to look again */
    static Entry[] iceOnTheCoil(Place floatSwitch, String thawed) {
        List<Entry> out = new ArrayList<>(DemoVisits.tested(
                "pdemo-float",
                floatSwitch,
                "FLOAT SWITCH SPNC 24 V",
                Map.of("CAUSE GONE", Optional.of(0.3), "CAUSE THERE", Optional.empty())));
        out.add(new UnitEntry.WorkDone(Work.DRAIN_CLEARED, "Indoor unit", "slime in the trap", null, null, null));
        out.add(new UnitEntry.CallWaits(WaitsFor.THAW, thawed, "blower on, cooling off"));
        out.add(new LeaveEntry.WrittenUp(
                "wdemo-tag",
                "",
                "Off: coil thaws",
                "liquid would come back to the compressor",
                Entry.Urgency.OFF,
                null,
                thawed));
        out.add(new UnitEntry.CallGoesOn());
        out.add(new ChargeEntry.LeakSought("a valve core", "bubbles", false));
        out.add(new ChargeEntry.LeakSought("a valve core", "new core, bubbles", true));
        out.add(new ChargeEntry.ChargeMoved(ChargeEntry.Way.ADDED, "R-410A", 22, "C-114", "", "Tech 1, type II", null));
        out.add(new LeaveEntry.WriteUpEnded("wdemo-tag", "Off: coil thaws", "thawed, charge weighed in"));
        return out.toArray(Entry[]::new);
    }

    /** A compressor's start, amps and volts caught together. @param plate of its unit @param volts least at the start */
    static Entry start(Spec plate, double amps, double before, double volts, double seconds) {
        Spec compressor = plate.rows("compressors").get(0);
        StartTest.Caught caught = new StartTest.Caught(amps, volts, before, false, seconds);
        Judgement judgement = StartTest.judge(
                caught,
                new Rated(
                        compressor.number("ratedLoadAmps").orElse(null),
                        null,
                        compressor.number("lockedRotorAmps").orElse(null),
                        plate.numbers("volts")),
                1,
                new StartTest.Run(Conductor.find("10", Conductor.Metal.COPPER).orElseThrow(), 70),
                Meter.USUAL,
                Meter.USUAL);
        return new StartEntry.StartCaught(
                null,
                "Compressor",
                "COMPRESSOR",
                judgement.verdicts(),
                judgement.findings(),
                caught.stays(),
                "10 AWG copper, 70 ft",
                Meter.USUAL.text(),
                seconds);
    }

    /** 24 V followed from R to C: there at the thermostat, gone outdoors, so the wire between is the gap. */
    static Entry[] lostOnTheWay() {
        List<Entry> out = new ArrayList<>();
        out.add(new UnitEntry.Answered("INDOOR_RUNS", "yes"));
        out.add(new UnitEntry.Answered("compressor", "silent"));
        out.add(volts("R at the transformer", CONTROL_VOLTS));
        out.add(new UnitEntry.LinkFound("control fuse", false));
        out.add(volts("Y at the thermostat", CONTROL_VOLTS));
        out.add(volts("Y at the outdoor unit", 0));
        out.add(new UnitEntry.WorkDone(
                Work.WIRE_REPAIRED, "Roof curb", "thermostat wire chafed through, spliced in a box", null, null, null));
        return out.toArray(Entry[]::new);
    }

    private static Entry volts(String point, double volts) {
        Judgement judgement = ControlVoltage.judge(SupplyPoint.CHAIN, List.of(), volts, Meter.USUAL);
        return new UnitEntry.SupplyRead(
                SupplyPoint.CHAIN, judgement.verdicts().get(0).of(point), judgement.findings(), Meter.USUAL.text());
    }

    /** A heat pump that iced over: its sensor hung loose; proved while it heats. */
    static Entry[] heatPump(ProofSetup setup) {
        List<Entry> out = new ArrayList<>();
        out.add(new UnitEntry.Answered("HEATING", "yes"));
        out.add(new UnitEntry.Answered("GAS_HEAT", "pump"));
        out.add(new UnitEntry.Answered("FROST_THICK", "yes"));
        out.add(new UnitEntry.Answered("compressor", "runs"));
        out.add(new UnitEntry.Answered("DEFROST_RUNS", "yes"));
        out.add(new UnitEntry.Answered("DEFROST_SENSOR_OUT", "yes"));
        out.add(new UnitEntry.WorkDone(
                Work.OTHER,
                "Outdoor unit",
                "defrost sensor clipped back on its tube, defrost forced",
                null,
                null,
                null));
        out.add(new LeaveEntry.UnitStarted());
        Map<ProofPoint, Double> read = new EnumMap<>(ProofPoint.class);
        read.put(ProofPoint.RETURN_AIR, 66.0);
        read.put(ProofPoint.SUPPLY_AIR, 92.0);
        read.put(ProofPoint.OUTDOOR_AIR, 38.0);
        read.put(ProofPoint.SUCTION_PRESSURE, 92.0);
        read.put(ProofPoint.SUCTION_LINE, 36.0);
        read.put(ProofPoint.LIQUID_PRESSURE, 322.0);
        read.put(ProofPoint.LIQUID_LINE, 91.0);
        read.forEach((point, value) -> out.add(new LeaveEntry.ProofRead(point, value)));
        UnitProof.Answer answer = HeatProof.ofHeatPump(read, setup);
        out.add(new LeaveEntry.ProofKept(read, answer.verdicts(), answer.shown(), answer.findings(), false, false));
        return out.toArray(Entry[]::new);
    }
}
