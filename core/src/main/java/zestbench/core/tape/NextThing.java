package zestbench.core.tape;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Letters;

/** The next thing to do on a call. @param part the part it is about; null where it is about the call */
public record NextThing(
        String text, @Nullable String part, @Nullable Step step) {
    /** The first part that is not done decides; nothing here forces the order. */
    public static NextThing of(CallState call) {
        int parts = 0;
        for (PartState part : call.parts()) {
            parts++;
            if (part.closed() == null && !part.isGood()) {
                return of(call, part);
            }
        }
        return parts == 0
                ? new NextThing("Add the part in question", null, null)
                : new NextThing("Nothing left open: leave", null, null);
    }

    private static NextThing of(CallState call, PartState part) {
        Set<Step> filled = CallState.filled(part);
        String name = part.added().title();
        for (Step step : Step.values()) {
            boolean decided = step == Step.JUDGE && part.verdict() == Verdict.FAILED;
            if (filled.contains(step) || decided) {
                continue;
            }
            String text = switch (step) {
                case READ -> "Read the label of the " + Letters.inSentence(name);
                case TEST -> "Test the " + Letters.inSentence(name);
                case JUDGE -> "Read again, too close to call: " + Letters.inSentence(name);
                case MATCH -> match(part, name);
                case HOOK_UP ->
                    call.deadness().isDeadFor(part.id())
                            ? "Hook up the " + Letters.inSentence(name)
                            : "Make safe, then hook up the " + Letters.inSentence(name);
                case PROVE -> "Prove the " + Letters.inSentence(name);
            };
            return new NextThing(text, part.id(), step);
        }
        return new NextThing("Close the " + Letters.inSentence(name), part.id(), Step.PROVE);
    }

    private static String match(PartState part, String name) {
        return part.verdict() == Verdict.FAILED
                ? "Match a replacement for the " + Letters.inSentence(name)
                : "Replace or leave the " + Letters.inSentence(name);
    }
}
