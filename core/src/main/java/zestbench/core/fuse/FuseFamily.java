package zestbench.core.fuse;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.circuit.Isolation;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.Proof;
import zestbench.core.family.Proof.Check;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Fuses as a family. A set of them counts as one part. */
public final class FuseFamily {
    /** The look that names why it opened. */
    public static final String CAUSE = "CAUSE";

    private static final List<Look> LOOKS = List.of(
            new Look(
                    "HOLDER",
                    "Holder and clips",
                    false,
                    List.of(
                            seen("sound", "sound and tight", Verdict.GOOD, ""),
                            seen(
                                    "heat",
                                    "discoloured, loose or warped",
                                    Verdict.WEAK,
                                    "Heat from a loose clip opens new fuses too: write the holder up, or renew it."))),
            new Look(
                    "AGAIN",
                    "Opened before on this visit",
                    false,
                    List.of(
                            seen("no", "no", Verdict.GOOD, ""),
                            seen(
                                            "yes",
                                            "yes, a second time",
                                            Verdict.FAILED,
                                            "Stop: no third set. Isolate the loads one by one: "
                                                    + Isolation.order(Isolation.LINE) + ".")
                                    .demanding(Demand.LOADS_TO_GROUND))),
            new Look(CAUSE, "It opened because of", false, causes(Isolation.LINE)));

    public static final Family FAMILY = new Family(
            FuseLabel.KIND,
            "Fuses",
            FuseAttributes.ALL,
            FuseLabel.GRAMMAR,
            FuseFamily::shortText,
            FuseJudgement::of,
            FuseMatch::of,
            spec -> spec.isEmpty() ? List.of() : FuseJudgement.SECTIONS,
            FuseFamily::missing,
            spec -> List.of("L1", "L2", "L3", "T1", "T2", "T3"),
            spec -> List.of(),
            FuseFamily::sheet,
            rules -> LOOKS,
            spec -> List.of(FuseJudgement.SECTIONS.get(0)),
            FuseFamily::proof,
            spec -> !spec.isEmpty(),
            FuseJudgement::quantity,
            FuseFamily::legOf,
            Family.NO_COLOURS);

    private FuseFamily() {}

    /** {@code FUSE 3}, {@code L3}, {@code T3}: the third leg. */
    private static int legOf(String name) {
        return name.matches("(FUSE |L|T)[1-6].*") ? name.replaceAll("^\\D+", "").charAt(0) - '0' : 0;
    }

    private static List<Seen> causes(List<Isolation> loads) {
        return loads.stream()
                .map(l -> seen(l.key(), l.words(), Verdict.GOOD, "The cause is found: mended before new fuses go in."))
                .toList();
    }

    private static Seen seen(String key, String words, Verdict verdict, String meaning) {
        return new Seen(key, words, verdict, meaning, Mark.PRACTICE);
    }

    static String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("amps").ifPresent(a -> out.add(Figures.plain(a) + " A"));
        spec.number("volts").ifPresent(v -> out.add(Figures.plain(v) + " V"));
        spec.text("fuseClass").ifPresent(out::add);
        spec.flag("timeDelay").ifPresent(d -> out.add(d ? "time delay" : "fast"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    private static List<Attribute> missing(Spec spec) {
        return FuseAttributes.ALL.stream()
                .filter(a -> a.decides() && !spec.has(a.name()))
                .toList();
    }

    private static Sheet sheet(HookupRequest request) {
        List<String> terminals = List.of("L1", "L2", "L3", "T1", "T2", "T3");
        String now = shortText(request.pieces().get(0));
        BlockSheet sheet = new BlockSheet(shortText(request.old()), terminals, now, terminals, request.wires());
        int pieces = request.pieces().size();
        sheet.step(
                "set",
                pieces > 1 ? "All " + pieces + " fuses new, of one rating" : "The fuse new, of the rating chosen");
        return sheet.sheet(
                t -> t,
                List.of(
                        new Step("facing", "", "", "Ratings facing out, so that the next person can read them"),
                        new Step(
                                "clips",
                                "",
                                "",
                                "Clips bright and springy; discoloured or warped ones are written up")));
    }

    /** Why it opened is looked for before power goes on again. [practice] */
    private static Proof proof(HookupRequest request) {
        return new Proof(
                List.of(
                        new Check("ground", "Every load read to ground: compressor, fans, blower, heater, transformer"),
                        new Check("wires", "Wires looked over where they touch metal: none rubbed bare"),
                        new Check("start", "One start device at the most in the compressor's circuit"),
                        new Check("motors", "Every motor turns by hand, none seized"),
                        new Check("rating", "Ratings by the plate, the whole set, facing out")),
                List.of(new Check("holds", "Holds through a start and ten minutes' running")),
                List.of());
    }
}
