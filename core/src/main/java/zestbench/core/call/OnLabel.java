package zestbench.core.call;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallState;
import zestbench.core.tape.LabelInPieces;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.value.Value;

/** What is done with the label of a part in question. */
public sealed interface OnLabel extends Command {
    /** Types a text for a part's label, laid over what was typed before. */
    record Type(String part, String text) implements OnLabel {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            return kept(at, LabelInPieces.typed(at, text));
        }
    }

    /** Keeps a label as it stands in its box. @param fields as read or set by hand @param checked names of fields compared with the label */
    record Correct(String part, String text, Spec fields, Set<String> checked) implements OnLabel {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            return kept(at, LabelInPieces.checked(at, text, fields, checked));
        }
    }

    /** Keeps what was measured on the part itself, which a choice does not stand against. @param given null where it is taken out */
    record Measure(String part, String name, @Nullable Value given) implements OnLabel {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            boolean isKnown = at.family().attributes().stream()
                    .anyMatch(a -> a.isMeasured() && a.name().equals(name));
            InputProblem.require(isKnown, "name", name, "this part has no such measure");
            Spec spec = Spec.checked(
                    at.family().attributes(), at.spec().with(name, given).values());
            return Decision.of(new PartEntry.LabelRead(part, at.text(), spec, at.doubts()));
        }
    }

    private static Decision kept(PartState at, LabelInPieces label) {
        InputProblem.require(
                at.chosen() == null, "part", at.added().title(), "a replacement is chosen: put it back first");
        Spec spec = Spec.checked(at.family().attributes(), label.spec().values());
        return Decision.of(new PartEntry.LabelRead(at.id(), label.text(), spec, label.doubts()));
    }
}
