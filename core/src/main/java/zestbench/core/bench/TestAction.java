package zestbench.core.bench;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.family.Look;
import zestbench.core.family.Turning;
import zestbench.core.judgement.Verdict;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.PartState;

/** What follows from how a part tests. */
public final class TestAction {
    private TestAction() {}

    /** What is done next. */
    public enum Kind {
        /** Its label is read. */
        READ_LABEL,
        /** It is tested. */
        TEST,
        /** The rest of it is read or looked at, where one is. */
        READ_ON,
        /** It is read once more. */
        READ_AGAIN,
        /** What could replace it is looked for. */
        MATCH,
        /** What was chosen for it is hooked up. */
        HOOK_UP,
        /** It is good and is closed. */
        CLOSE_GOOD,
        /** It is done with: whatever is next on the call. */
        GO_ON
    }

    /** @param words on the button @param test by its name, where one is read on with; empty elsewhere */
    public record ActionView(Kind kind, String words, String test) {
        ActionView(Kind kind, String words) {
            this(kind, words, "");
        }
    }

    static ActionView of(PartState part, ShopRules rules) {
        if (part.closed() != null) {
            return new ActionView(Kind.GO_ON, "Go on to what is next");
        }
        if (part.chosen() != null) {
            return new ActionView(Kind.HOOK_UP, "Hook it up");
        }
        if (part.family().asked(part.spec()).isEmpty()) {
            return new ActionView(Kind.READ_LABEL, "Read the label first");
        }
        Verdict verdict = part.tests().verdict();
        if (verdict == Verdict.FAILED) {
            String rating = part.spec().isEmpty() ? "it" : part.family().shortText(part.spec());
            return new ActionView(Kind.MATCH, "Find a replacement for " + rating);
        }
        List<String> open = open(part, rules);
        if (!open.isEmpty() && !part.tests().isGood()) {
            return readOn(part, rules, open);
        }
        if (verdict == Verdict.TOO_CLOSE) {
            return new ActionView(Kind.READ_AGAIN, "At the limit: read again");
        }
        if (part.tests().isGood()) {
            return new ActionView(Kind.CLOSE_GOOD, "Good: not needed, close this part");
        }
        return verdict == null || !part.tests().isTested()
                ? new ActionView(Kind.TEST, "Test it first")
                : new ActionView(Kind.MATCH, "Weak: see what could replace it");
    }

    /** What is still asked for: where something is looked at too, not every section is. */
    private static List<String> open(PartState part, ShopRules rules) {
        List<String> out = new ArrayList<>();
        if (part.family().looks(rules).isEmpty()) {
            for (String section : part.sections()) {
                if (!part.tests().readings().containsKey(section)) {
                    out.add(section);
                }
            }
            return out;
        }
        return part.tests().untested();
    }

    /** A look is named by its question; what is read, by its names, together. */
    private static ActionView readOn(PartState part, ShopRules rules, List<String> open) {
        List<Look> looks = part.family().looks(rules).stream()
                .filter(look -> open.contains(look.key()))
                .toList();
        List<String> read = open.stream()
                .filter(name -> looks.stream().noneMatch(look -> look.key().equals(name)))
                .map(name -> name.equals(Turning.WINDINGS) ? "windings" : name)
                .toList();
        boolean isLookFirst = part.family().turns() && !looks.isEmpty();
        if (read.isEmpty() || isLookFirst) {
            return new ActionView(
                    Kind.READ_ON, looks.get(0).question(), looks.get(0).key());
        }
        return new ActionView(
                Kind.READ_ON,
                "Read " + (part.family().turns() ? "the " : "") + String.join(" and ", read),
                open.get(0));
    }
}
