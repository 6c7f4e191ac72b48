package zestbench.core.capacitor;

import java.util.List;
import java.util.Optional;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Proof;
import zestbench.core.family.Proof.Check;
import zestbench.core.family.Spec;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;

/** Capacitors as a family. */
public final class CapacitorFamily {
    public static final Family FAMILY = new Family(
            CapacitorLabel.KIND,
            "Run capacitor",
            CapacitorAttributes.ALL,
            CapacitorLabel.GRAMMAR,
            CapacitorFamily::shortText,
            CapacitorJudgement::of,
            CapacitorMatch::of,
            spec -> rating(spec).map(CapacitorFamily::sections).orElse(List.of()),
            CapacitorFamily::missing,
            spec -> rating(spec).map(CapacitorHookup::terminals).orElse(List.of()),
            spec -> rating(spec).map(CapacitorFamily::charged).orElse(List.of()),
            CapacitorHookup::sheet,
            rules -> List.of(),
            spec -> rating(spec).map(CapacitorFamily::sections).orElse(List.of()),
            CapacitorFamily::proof,
            spec -> spec.has("sections") || spec.has("microfaradsLow"),
            section -> Quantity.MICROFARADS,
            Family.NO_LEG,
            Family.NO_COLOURS);

    private CapacitorFamily() {}

    private static String shortText(Spec spec) {
        return rating(spec).map(CapacitorRating::text).orElse("label not complete");
    }

    private static Optional<CapacitorRating> rating(Spec spec) {
        try {
            return Optional.of(CapacitorRating.from(spec));
        } catch (InputProblem unclear) {
            return Optional.empty();
        }
    }

    private static List<String> sections(CapacitorRating rating) {
        return rating.sections().isEmpty() && rating.startRange().isEmpty() ? List.of() : rating.subjects();
    }

    private static List<Attribute> missing(Spec spec) {
        return CapacitorAttributes.ALL.stream()
                .filter(Attribute::decides)
                .filter(a -> !spec.has(a.name()) && !(a.name().equals("sections") && spec.has("microfaradsLow")))
                .toList();
    }

    /** If the inner interrupter has opened C, the charge stays across the other two. [physics] */
    private static List<String> charged(CapacitorRating rating) {
        if (sections(rating).isEmpty()) {
            return List.of();
        }
        return rating.isDual() ? List.of("C–HERM", "C–FAN", "HERM–FAN") : List.of("a–b");
    }

    /** A look before the power goes back on. [practice] */
    private static Proof proof(HookupRequest request) {
        int pieces = Math.max(1, request.pieces().size());
        return new Proof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, spades tight"),
                        new Check("straps", pieces > 1 ? "All " + pieces + " cans strapped" : "The can strapped"),
                        new Check("screws", "Screws clear of coils, cans and refrigerant lines"),
                        new Check("tools", "Discharge tool off, no jumper or tool left inside"),
                        new Check("panel", "Panel on")),
                List.of(),
                List.of());
    }
}
