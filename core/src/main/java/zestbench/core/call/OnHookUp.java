package zestbench.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import zestbench.core.family.LeadsTried;
import zestbench.core.family.PartProof;
import zestbench.core.family.Spec;
import zestbench.core.family.Turning;
import zestbench.core.fan.BeltDrive;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** What is done with the wires, leads and sheaves of a part and of what goes in for it. */
public sealed interface OnHookUp extends Command {
    /** Keeps the wires of a part as they were found; none where it is gone on without naming them. */
    record NameWires(String part, List<Wire> wires) implements OnHookUp {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            InputProblem.require(
                    !wires.isEmpty() || !state.part(part).wires().isEmpty(),
                    "wires",
                    0,
                    "name at least one wire, or go on without naming wires");
            return Decision.of(new PartEntry.WiresFound(part, wires));
        }
    }

    /** Keeps the new part's leads as its own label prints them. @param connection the connection table as printed */
    record NameLeads(String part, List<Wire> leads, String connection) implements OnHookUp {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            InputProblem.require(
                    at.chosen() != null, "part", at.added().title(), "choose a replacement first: its leads are meant");
            List<String> named = new ArrayList<>();
            for (Wire lead : leads) {
                InputProblem.require(
                        !named.contains(lead.terminal()),
                        "wires",
                        lead.terminal(),
                        "each lead of the new part is named once");
                named.add(lead.terminal());
            }
            return Decision.of(new PartEntry.LeadsPrinted(part, leads, connection.strip()));
        }
    }

    /** Opens the sheet; only a dead reading opens it, once open it stays readable. */
    record OpenSheet(String part) implements OnHookUp {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            sheet(state);
            if (state.together().isSheetOpen(at)) {
                return Decision.NOTHING;
            }
            Decider.requireOpen(around.status());
            return Decision.of(new PartEntry.SheetOpened(part));
        }

        /** What it shows; throws where it does not open. */
        public Sheet sheet(CallState state) {
            Sheet sheet = state.together()
                    .sheet(state.part(part))
                    .orElseThrow(() -> new Refusal("Choose a replacement first."));
            if (!state.deadness().isDeadFor(part)) {
                throw new Refusal("The hook-up sheet opens once every pair reads dead: make safe first.");
            }
            return sheet;
        }

        @Override
        public boolean isDoneAfterTheEnd() {
            return true;
        }
    }

    /** Ticks a line of the sheet or of the proof. */
    record Tick(String part, Entry.Checklist list, String key, boolean on) implements OnHookUp {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            boolean isOfSheet = list == Entry.Checklist.SHEET;
            if (isOfSheet && !state.deadness().isDeadFor(part)) {
                throw new Refusal("The power is not proved off: read every pair dead before working on the wires.");
            }
            List<String> unmeasured = isOfSheet && on ? ProofList.toMeasure(at) : List.of();
            if (!unmeasured.isEmpty()) {
                throw new Refusal(
                        "Measure the new part before a wire goes on it: " + String.join(", ", unmeasured) + ".");
            }
            String text = isOfSheet ? lineOfSheet(state, at) : lineOfProof(at);
            InputProblem.require(!text.isEmpty(), "key", key, "no such line to tick");
            return at.ticked(list).contains(key) == on
                    ? Decision.NOTHING
                    : Decision.of(new PartEntry.Ticked(part, list, key, text, on));
        }

        private String lineOfSheet(CallState state, PartState at) {
            return state.together().sheet(at).stream()
                    .flatMap(s -> s.steps().stream())
                    .filter(s -> s.key().equals(key))
                    .map(Sheet.Step::text)
                    .findFirst()
                    .orElse("");
        }

        private String lineOfProof(PartState at) {
            return ProofList.of(at).all().stream()
                    .filter(c -> c.key().equals(key))
                    .map(PartProof.Check::text)
                    .findFirst()
                    .orElse("");
        }
    }

    /** Ticks every wire that goes back on the terminal of its name, each as a line of its own. */
    record TickStaying(String part) implements OnHookUp {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            Set<String> done = at.ticked(Entry.Checklist.SHEET);
            List<Entry> out = new ArrayList<>();
            for (Sheet.Step step : state.together().sheet(at).map(Sheet::steps).orElse(List.of())) {
                if (step.stays() && !done.contains(step.key())) {
                    out.addAll(new Tick(part, Entry.Checklist.SHEET, step.key(), true)
                            .decide(state, around)
                            .entries());
                }
            }
            if (out.isEmpty()) {
                throw new Refusal("No wire that stays is left to tick.");
            }
            return Decision.of(out);
        }
    }

    /** Tries on which two of its primary leads a new transformer has the line. @param one @param two their places in the printed list */
    record TryLeads(String part, int one, int two) implements OnHookUp {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            double line = InputProblem.given(
                    state.together().circuit(at).lineVolts(), "lineVolts", "read the line under Supply first");
            LeadsTried tried = at.family().tried(MeantMotor.labelOf(at), one, two, line);
            return Decision.of(new PartEntry.Looked(
                    part,
                    ProofList.PAIR,
                    one + "-" + two,
                    (tried.isRight() ? "Line on the right two leads: " : "Refused before power: ") + tried.words(),
                    tried.isRight() ? Verdict.GOOD : Verdict.FAILED,
                    tried.words()));
        }
    }

    /** Changes sheaves. @param ampsNow with the sheaves it has */
    record SetSheaves(String part, BeltDrive.Sheaves sheaves, double ampsNow) implements OnHookUp {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            BeltDrive drive = drive(state);
            return Decision.of(new PartEntry.SheaveSet(
                    part, drive.words(sheaves), drive.judged(), drive.findings(), drive.isRefused()));
        }

        /** The change reckoned through with the motor's label. */
        public BeltDrive drive(CallState state) {
            PartState at = state.part(part);
            Spec label = MeantMotor.labelOf(at);
            Turning turning = InputProblem.given(at.family().turning(), "part", "give a part that turns");
            List<Double> rpm = label.numbers("rpm");
            return BeltDrive.of(
                    InputProblem.given(
                            rpm.isEmpty() ? null : rpm.get(0), "rpm", "read the motor's rpm from its label first"),
                    ampsNow,
                    InputProblem.given(
                            turning.ratedAmps(label, MeantMotor.lineVolts(state, at), 0)
                                    .orElse(null),
                            "fullLoadAmps",
                            "read the motor's FLA from its label first"),
                    turning.serviceFactor(label),
                    sheaves);
        }
    }
}
