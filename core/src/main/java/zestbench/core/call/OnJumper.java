package zestbench.core.call;

import java.util.List;
import java.util.regex.Pattern;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.UnitEntry;

/** A jumper across a switch or protector: it tells whether that is what holds the circuit open, and comes out again. */
public sealed interface OnJumper extends Command {
    /**
     * What is often jumpered for a moment.
     *
     * @param caution what to mind while it is in [practice]
     */
    record Usual(String across, String caution) {}

    /** In the order in which a control circuit has them. */
    List<Usual> USUAL = List.of(
            new Usual("thermostat R to Y", "It calls without end."),
            new Usual("float switch", "Water runs while it is in."),
            new Usual("low-pressure switch", "A minute at most, gauges on: it pumps down into a vacuum."),
            new Usual("high-pressure switch", "Hand on the disconnect, eye on the gauge: seconds only."),
            new Usual("freeze switch", "The coil ices."),
            new Usual("airflow proving switch", "Heat without airflow burns: seconds only."),
            new Usual("limit", "Never with the burner lit: seconds only."),
            new Usual("motor protector", "Watch the amps: nothing else stops it."),
            new Usual("door switch", "The blower turns with the door open."));

    /** It keeps gas from a spark. [standard: UL 60335-2-40, from memory] */
    Pattern NEVER = Pattern.compile("\\b(leak|refrigerant|gas) (detector|sensor)", Pattern.CASE_INSENSITIVE);

    /** Puts one in. @param across such as float switch */
    record PutIn(String across, String why) implements OnJumper {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            String what = across.strip();
            InputProblem.require(!what.isEmpty(), "across", across, "say across what, such as float switch");
            if (NEVER.matcher(what).find()) {
                throw new Refusal("A leak detector is never jumpered: it keeps gas from a spark.");
            }
            boolean isIn = state.jumpers().open().stream()
                    .map(line -> (UnitEntry.JumperPut) line.entry())
                    .anyMatch(put -> put.across().equalsIgnoreCase(what));
            if (isIn) {
                throw new Refusal("A jumper is across the " + what + " already.");
            }
            return Decision.of(new UnitEntry.JumperPut("j" + (state.tape().size() + 1), what, why.strip()));
        }
    }

    /** Takes one out. */
    record TakeOut(String id) implements OnJumper {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new UnitEntry.JumperOut(id, in(state, id).across()));
        }
    }

    /** Leaves one in when everybody goes: a STOP for whoever comes next, written up on the unit. @param why it must stay */
    record Leave(String id, String why) implements OnJumper {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            InputProblem.require(!why.isBlank(), "why", why, "say why it stays in, and who knows");
            UnitEntry.JumperPut put = in(state, id);
            String writeUp = around.freshWriteUp(0);
            return Decision.of(List.<Entry>of(
                    new UnitEntry.JumperLeft(id, writeUp, put.across(), why.strip()),
                    new LeaveEntry.WrittenUp(
                            writeUp,
                            "",
                            "STOP: a jumper is in across the " + put.across(),
                            why.strip(),
                            Entry.Urgency.NOW)));
        }
    }

    private static UnitEntry.JumperPut in(CallState state, String id) {
        UnitEntry.JumperPut put = state.jumpers().of(id);
        if (put == null) {
            throw new Refusal("That jumper is out already.");
        }
        return put;
    }
}
