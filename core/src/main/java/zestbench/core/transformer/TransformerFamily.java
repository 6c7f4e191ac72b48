package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.circuit.Isolation;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.Proof;
import zestbench.core.family.Proof.Check;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;

/** Control transformers as a family. */
public final class TransformerFamily {
    private static final List<Look> LOOKS = List.of(
            new Look(
                    "SHORTED",
                    "What it feeds, read by ohms with a wire off",
                    false,
                    List.of(
                            new Seen("whole", "no short", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                    "short",
                                    "a short",
                                    Verdict.WEAK,
                                    "Isolate one by one before a new one burns too: "
                                            + Isolation.order(Isolation.CONTROL) + ".",
                                    Mark.PRACTICE))),
            new Look(
                    "CAUSE",
                    "The short is in",
                    false,
                    Isolation.CONTROL.stream()
                            .map(l -> new Seen(
                                    l.key(),
                                    l.words(),
                                    Verdict.GOOD,
                                    "The short is found: mended before power goes on.",
                                    Mark.PRACTICE))
                            .toList()));

    public static final Family FAMILY = new Family(
            TransformerLabel.KIND,
            "Control transformer",
            TransformerAttributes.ALL,
            TransformerLabel.GRAMMAR,
            TransformerFamily::shortText,
            TransformerJudgement::of,
            TransformerMatch::of,
            spec -> spec.isEmpty() ? List.of() : TransformerJudgement.SECTIONS,
            TransformerFamily::missing,
            spec -> TransformerHookup.terminals(spec),
            spec -> List.of(),
            TransformerHookup::sheet,
            rules -> LOOKS,
            spec -> TransformerJudgement.SECTIONS.subList(0, 2),
            TransformerFamily::proof,
            spec -> !spec.isEmpty(),
            section -> zestbench.core.quantity.Quantity.VOLTS,
            Family.NO_LEG,
            TransformerHookup::printed);

    private TransformerFamily() {}

    static String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("voltAmps").ifPresent(v -> out.add(Figures.plain(v) + " VA"));
        List<Double> taps = TransformerMatch.taps(spec);
        if (!taps.isEmpty()) {
            out.add(String.join("/", taps.stream().map(Figures::plain).toList()) + " V");
        }
        spec.number("secondaryVolts").ifPresent(v -> out.add("to " + Figures.plain(v) + " V"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    private static List<Attribute> missing(Spec spec) {
        return TransformerAttributes.ALL.stream()
                .filter(a -> a.decides() && !spec.has(a.name()))
                .filter(a -> !a.name().equals("primaryVolts")
                        || TransformerMatch.taps(spec).isEmpty())
                .toList();
    }

    /** Before power the pair that is connected is held against its design volts. */
    private static Proof proof(HookupRequest request) {
        Optional<String> pair = request.pieces().isEmpty()
                ? Optional.empty()
                : TransformerHookup.intended(
                                request.pieces().get(0), request.site().circuit())
                        .map(Primary.Pair::words);
        return new Proof(
                List.of(
                        new Check(
                                "pair",
                                "Line on the two leads by its own label"
                                        + pair.map(p -> ", " + p).orElse("")),
                        new Check("caps", "Every other primary lead capped by itself: each is live"),
                        new Check("load", "What it feeds shows no short by ohms"),
                        new Check("fuse", "Secondary fused where the old one was"),
                        new Check("panel", "Panel on")),
                List.of(new Check("secondary", "Secondary volts under load inside what its coils stand")),
                List.of());
    }
}
