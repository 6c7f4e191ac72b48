package zestbench.core.relay;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.coil.CoilReadings;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;
import zestbench.core.family.Comparison;
import zestbench.core.family.Family;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.Offers;
import zestbench.core.family.Proof;
import zestbench.core.family.Proof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Relays as a family: exact or better. */
public final class RelayFamily {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.number("coilVolts", "Coil", "V", "beside COIL")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("coilHertz", "Coil frequency", "Hz", "behind the coil volts")
                    .as(Type.NUMBERS),
            Attribute.text("contacts", "Contacts", "as SPDT, DPDT, SPNO").deciding(),
            Attribute.number("contactAmps", "Contact amps", "A", "beside the contact volts")
                    .deciding(),
            Attribute.number("contactVolts", "Contact volts", "V", "behind the contact amps"),
            Attribute.choice("duty", "For", "as RES, FLA or PILOT DUTY", "RESISTIVE", "MOTOR", "PILOT"),
            Attribute.text("base", "Base", "as 8 PIN, or its blades"));

    /** How many changeover, normally open and normally closed contacts a form has. */
    private static final Map<String, int[]> FORMS = Map.of(
            "SPDT", new int[] {1, 0, 0},
            "DPDT", new int[] {2, 0, 0},
            "3PDT", new int[] {3, 0, 0},
            "SPNO", new int[] {0, 1, 0},
            "SPST", new int[] {0, 1, 0},
            "DPNO", new int[] {0, 2, 0},
            "DPST", new int[] {0, 2, 0},
            "SPNC", new int[] {0, 0, 1},
            "DPNC", new int[] {0, 0, 2});

    private static final double SAME = 1e-6;
    private static final double USUAL_HERTZ = 60;

    private static final List<Look> LOOKS = List.of(new Look(
            "CONTACTS",
            "Contacts by ohms, coil off then on",
            true,
            List.of(
                    new Seen("switch", "switch over cleanly", Verdict.GOOD, "", Mark.PRACTICE),
                    new Seen(
                            "stuck",
                            "stay as they are",
                            Verdict.FAILED,
                            "Contacts that do not move: welded, or the coil is open.",
                            Mark.PRACTICE),
                    new Seen(
                            "bad",
                            "high or jumping ohms",
                            Verdict.WEAK,
                            "Burnt contacts: they drop volts under load.",
                            Mark.PRACTICE))));

    private static final List<Consumer<SpecPair>> RULES = List.of(
            RelayFamily::coil,
            RelayFamily::hertz,
            RelayFamily::contacts,
            RelayFamily::amps,
            RelayFamily::volts,
            RelayFamily::base,
            p -> FlammableRefrigerant.rule(p, "relay"));

    public static final Family FAMILY = new Family(
            RelayLabel.KIND,
            "Relay",
            ATTRIBUTES,
            RelayLabel::read,
            RelayLabel::resembles,
            RelayFamily::shortText,
            request -> CoilReadings.judge(request, List.of(CoilReadings.COIL, CoilReadings.COIL_VOLTS)),
            RelayFamily::match,
            spec -> spec.isEmpty() ? List.of() : List.of(CoilReadings.COIL, CoilReadings.COIL_VOLTS),
            spec -> ATTRIBUTES.stream()
                    .filter(a -> a.decides() && !spec.has(a.name()))
                    .toList(),
            RelayFamily::terminals,
            spec -> List.of(),
            RelayFamily::sheet,
            rules -> LOOKS,
            spec -> List.of(CoilReadings.COIL, "CONTACTS"),
            RelayFamily::proof,
            spec -> !spec.isEmpty(),
            CoilReadings::quantity);

    private RelayFamily() {}

    private static MatchAnswer match(MatchRequest request) {
        double old = request.required().number("contactAmps").orElse(0.0);
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> SpecPair.by(RULES, request, spec),
                        RelayFamily::shortText,
                        spec -> Math.abs(spec.number("contactAmps").orElse(0.0) - old),
                        1));
    }

    private static String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.text("contacts").ifPresent(out::add);
        if (!spec.numbers("coilVolts").isEmpty()) {
            out.add("coil " + words(spec.numbers("coilVolts")));
        }
        spec.number("contactAmps").ifPresent(a -> out.add(Figures.plain(a) + " A"));
        return out.isEmpty() ? "label half read" : String.join(" ", out);
    }

    private static String words(List<Double> volts) {
        return volts.isEmpty()
                ? NOT_ON_LABEL
                : String.join("/", volts.stream().map(Figures::plain).toList()) + " V";
    }

    private static void coil(SpecPair p) {
        List<Double> old = p.needed.numbers("coilVolts");
        List<Double> now = p.offered.numbers("coilVolts");
        boolean unknown = old.isEmpty() || now.isEmpty();
        if (unknown) {
            p.ask("Which volts are printed for the coil?");
        }
        boolean serves = now.containsAll(old);
        p.add(
                "coilVolts",
                words(old),
                words(now),
                unknown ? UNDECIDED : !serves ? REFUSED : now.size() == old.size() ? LIKE_FOR_LIKE : SUITABLE,
                Mark.PRACTICE,
                serves ? "same coil volts" : "another coil burns or does not pull in");
    }

    private static void hertz(SpecPair p) {
        double supply = p.circuit.supplyHertz() != null ? p.circuit.supplyHertz() : USUAL_HERTZ;
        List<Double> now = p.offered.numbers("coilHertz");
        if (now.isEmpty()) {
            return;
        }
        p.add(
                "coilHertz",
                Figures.plain(supply) + " Hz",
                String.join("/", now.stream().map(Figures::plain).toList()) + " Hz",
                now.contains(supply) ? LIKE_FOR_LIKE : REFUSED,
                Mark.PHYSICS,
                "the coil's current follows the frequency");
    }

    /** A changeover contact serves as either of the others; the other way round it does not. */
    private static void contacts(SpecPair p) {
        Optional<String> old = p.needed.text("contacts");
        Optional<String> now = p.offered.text("contacts");
        int[] need = old.map(FORMS::get).orElse(null);
        int[] have = now.map(FORMS::get).orElse(null);
        if (need == null || have == null) {
            boolean same = old.isPresent() && old.equals(now);
            p.ask("Which contact form is drawn on it: SPDT, DPDT, SPNO?");
            p.add(
                    "contacts",
                    old.orElse(NOT_ON_LABEL),
                    now.orElse(NOT_ON_LABEL),
                    same ? LIKE_FOR_LIKE : UNDECIDED,
                    Mark.PRACTICE,
                    "the form has to be known");
            return;
        }
        int spare = have[0] - need[0];
        int missing = Math.max(0, need[1] - have[1]) + Math.max(0, need[2] - have[2]);
        boolean serves = spare >= 0 && spare >= missing;
        boolean same = old.equals(now) || java.util.Arrays.equals(need, have);
        p.add(
                "contacts",
                old.orElse(""),
                now.orElse(""),
                same ? LIKE_FOR_LIKE : serves ? SUITABLE : REFUSED,
                Mark.PRACTICE,
                same
                        ? "same contacts"
                        : serves
                                ? "has every contact the old one used, and more"
                                : "a contact of the old one is missing");
    }

    private static void amps(SpecPair p) {
        Optional<Double> old = p.needed.number("contactAmps");
        Optional<Double> now = p.offered.number("contactAmps");
        Optional<String> oldDuty = p.needed.text("duty");
        Optional<String> duty = p.offered.text("duty");
        String wanted = Comparison.worded(old, "A")
                + oldDuty.map(d -> ", " + d.replace('_', ' ')).orElse("");
        String given = Comparison.worded(now, "A")
                + duty.map(d -> ", " + d.replace('_', ' ')).orElse("");
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("How many amps do its contacts switch, and at which volts?");
            p.add("contactAmps", wanted, given, UNDECIDED, Mark.PRACTICE, "the contact amps have to be known");
            return;
        }
        boolean isOther = oldDuty.isPresent() && !oldDuty.equals(duty);
        boolean isWorse = isOther && duty.isPresent() && duty.get().equals("RESISTIVE");
        boolean holds = now.get() >= old.get() - SAME;
        if (isOther && duty.isEmpty()) {
            p.ask("Are its amps for the same duty, motor or pilot, not resistive?");
        }
        p.add(
                "contactAmps",
                wanted,
                given,
                !holds || isWorse
                        ? REFUSED
                        : isOther && duty.isEmpty() ? UNDECIDED : now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                Mark.PRACTICE,
                isWorse
                        ? "resistive amps never stand for motor or pilot duty"
                        : holds ? "switches as much" : "switches less");
    }

    private static void volts(SpecPair p) {
        Optional<Double> old = p.needed.number("contactVolts");
        Optional<Double> now = p.offered.number("contactVolts");
        Double line = p.circuit.lineVolts();
        Optional<Double> need = old.isPresent() ? old : Optional.ofNullable(line);
        if (need.isEmpty() || now.isEmpty()) {
            if (need.isPresent()) {
                p.ask("Up to which volts do its contacts switch?");
            }
            return;
        }
        boolean holds = now.get() >= need.get() - SAME;
        p.add(
                "contactVolts",
                Comparison.worded(need, "V"),
                Comparison.worded(now, "V"),
                !holds ? REFUSED : now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                Mark.PRACTICE,
                holds ? "switches these volts" : "its contacts do not break these volts");
    }

    private static void base(SpecPair p) {
        Optional<String> old = p.needed.text("base");
        Optional<String> now = p.offered.text("base");
        if (old.isEmpty() || now.isEmpty()) {
            return;
        }
        boolean same = old.get().equalsIgnoreCase(now.get());
        if (!same) {
            p.change("Another base: " + now.get() + ", wires moved by name.");
        }
        p.add(
                "base",
                old.get(),
                now.get(),
                same ? LIKE_FOR_LIKE : NEEDS_CHANGE,
                Mark.PRACTICE,
                same ? "same base" : "fits once the wires are moved");
    }

    private static List<String> terminals(Spec spec) {
        int[] form = spec.text("contacts").map(FORMS::get).orElse(new int[] {1, 0, 0});
        int poles = Math.max(1, form[0] + form[1] + form[2]);
        List<String> out = new ArrayList<>();
        for (int i = 1; i <= poles; i++) {
            String number = poles == 1 ? "" : " " + i;
            out.add("COM" + number);
            if (form[0] > 0 || form[1] > 0) {
                out.add("NO" + number);
            }
            if (form[0] > 0 || form[2] > 0) {
                out.add("NC" + number);
            }
        }
        out.add("COIL 1");
        out.add("COIL 2");
        return out;
    }

    private static Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        List<String> terminals = terminals(now);
        BlockSheet sheet = new BlockSheet(
                shortText(request.old()), terminals(request.old()), shortText(now), terminals, request.wires());
        sheet.step("control", "24 V stays live with the disconnect pulled: coil wires off first, taped");
        return sheet.sheet(
                t -> terminals.contains(t) ? t : terminals.contains(t + " 1") ? t + " 1" : "",
                List.of(new Step(
                        "numbers", "", "", "By the names on this relay's own drawing: numbers differ between makers")));
    }

    private static Proof proof(HookupRequest request) {
        return new Proof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, by name, pushed on hard"),
                        new Check("tools", "No jumper left on its contacts"),
                        new Check("panel", "Panel on")),
                List.of(new Check("switches", "Switches on a call and falls back when it ends")),
                List.of());
    }
}
