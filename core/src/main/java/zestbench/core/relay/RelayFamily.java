package zestbench.core.relay;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.coil.CoilReadings;
import zestbench.core.coil.CoilRules;
import zestbench.core.contact.ContactForm;
import zestbench.core.contact.ContactRules;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;
import zestbench.core.family.Comparison;
import zestbench.core.family.Family;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.GivenReading;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.Offers;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Quantity;
import zestbench.core.safety.Deadness;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Relays as a family: exact or better. */
public final class RelayFamily implements Family {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.number("coilVolts", "Coil", "V", "beside COIL")
                    .usually("COIL 24V")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("coilHertz", "Coil frequency", "Hz", "behind the coil volts")
                    .as(Type.NUMBERS),
            Attribute.number("coilDirectCurrent", "Coil for direct current", "", "as DC behind the coil volts")
                    .as(Type.FLAG),
            Attribute.text("contacts", "Contacts", "as SPDT, DPDT, SPNO").deciding(),
            Attribute.number("contactAmps", "Contact amps", "A", "beside the contact volts")
                    .deciding(),
            Attribute.number("contactVolts", "Contact volts", "V", "behind the contact amps"),
            Attribute.choice("duty", "For", "as RES, FLA or PILOT DUTY", "RESISTIVE", "MOTOR", "PILOT"),
            Attribute.text("base", "Base", "as 8 PIN, or its blades"));

    private static final List<String> SECTIONS = List.of(CoilReadings.COIL, CoilReadings.COIL_VOLTS);
    /** Pilot duty is a coil's load, motor duty a motor's. */
    private static final Mark DUTY = Mark.fromMemory("UL 508");

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

    private static final List<Consumer<? super SpecPair>> RULES = List.of(
            p -> CoilRules.volts(p, p.needed, p.offered),
            p -> CoilRules.hertz(p, p.offered),
            ContactRules::form,
            RelayFamily::amps,
            RelayFamily::volts,
            FieldRule.equal("base", "", Mark.PRACTICE, "same base", "fits once the wires are moved")
                    .fitting("Another base: {new}, wires moved by name.")
                    .unsaid(FieldRule.Unsaid.SHOWN, "Which base has it: {old}, as the old one?"),
            p -> FlammableRefrigerant.rule(p, "relay"));

    public static final Family FAMILY = new RelayFamily();

    private RelayFamily() {}

    @Override
    public String kind() {
        return RelayLabel.KIND;
    }

    @Override
    public String title() {
        return "Relay";
    }

    @Override
    public String idLetters() {
        return "RL";
    }

    @Override
    public List<Attribute> attributes() {
        return ATTRIBUTES;
    }

    @Override
    public LabelGrammar label() {
        return RelayLabel.GRAMMAR;
    }

    @Override
    public Judgement judge(TestRequest request) {
        return CoilReadings.judge(request, SECTIONS);
    }

    @Override
    public List<String> sections(Spec spec) {
        return spec.isEmpty() ? List.of() : SECTIONS;
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(CoilReadings.COIL, "CONTACTS");
    }

    @Override
    public Quantity quantity(String section) {
        return CoilReadings.quantity(section);
    }

    /** A coil's volts may come from elsewhere while they are low. */
    @Override
    public boolean isLive(String section, double volts) {
        return !section.startsWith(CoilReadings.COIL) || volts >= Deadness.CONTROL_VOLTS;
    }

    @Override
    public SectionReading named(GivenReading given) {
        return CoilReadings.named(given);
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("COM", "NO", "NC", "COIL 1", "COIL 2");
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        double old = request.required().number("contactAmps").orElse(0.0);
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> SpecPair.by(RULES, request, spec),
                        this::shortText,
                        spec -> Math.abs(spec.number("contactAmps").orElse(0.0) - old),
                        1));
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.text("contacts").ifPresent(out::add);
        if (!spec.numbers("coilVolts").isEmpty()) {
            out.add("coil " + CoilRules.words(spec));
        }
        spec.number("contactAmps").ifPresent(a -> out.add(Figures.plain(a) + " A"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    /** Amps count for the duty they are printed for; a motor is the hardest of the three, a heater the easiest. */
    private static void amps(SpecPair p) {
        Optional<Double> old = p.needed.number("contactAmps");
        Optional<Double> now = p.offered.number("contactAmps");
        Optional<String> oldDuty = p.needed.text("duty");
        Optional<String> duty = p.offered.text("duty");
        String wanted = Comparison.worded(old, "A") + oldDuty.map(d -> ", " + d).orElse("");
        String given = Comparison.worded(now, "A") + duty.map(d -> ", " + d).orElse("");
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("How many amps do its contacts switch, and at which volts?");
            p.add("contactAmps", wanted, given, UNDECIDED, Mark.PRACTICE, "the contact amps have to be known");
        } else if (now.get() < old.get() - Figures.SAME) {
            p.add("contactAmps", wanted, given, REFUSED, Mark.PRACTICE, "switches less");
        } else if (oldDuty.equals(duty) || duty.filter("MOTOR"::equals).isPresent()) {
            if (duty.isEmpty()) {
                p.ask("For which duty are the amps printed: motor, pilot, resistive?");
            }
            boolean same = oldDuty.equals(duty) && Math.abs(now.get() - old.get()) < Figures.SAME;
            p.add(
                    "contactAmps",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PRACTICE,
                    oldDuty.equals(duty) ? "switches as much" : "motor duty is the hardest: it serves the others");
        } else {
            boolean isWorse = duty.filter("RESISTIVE"::equals).isPresent() && oldDuty.isPresent();
            p.ask("Are its amps for the same duty as the old one's: motor, pilot or resistive?");
            p.add(
                    "contactAmps",
                    wanted,
                    given,
                    isWorse ? REFUSED : UNDECIDED,
                    DUTY,
                    isWorse
                            ? "resistive amps never stand for motor or pilot duty"
                            : "amps of one duty say nothing of another");
        }
    }

    private static void volts(SpecPair p) {
        Optional<Double> old = p.needed.number("contactVolts");
        Optional<Double> now = p.offered.number("contactVolts");
        Double line = p.circuit.lineVolts();
        Optional<Double> need = old.isPresent() ? old : Optional.ofNullable(line);
        if (need.isEmpty()) {
            return;
        }
        if (now.isEmpty()) {
            p.silent(
                    "contactVolts",
                    Comparison.worded(need, "V"),
                    NOT_ON_LABEL,
                    "Up to which volts do its contacts switch?");
            return;
        }
        if (line != null && old.isPresent() && old.get() < line) {
            p.ask("Which circuit do its contacts switch? They are made for less than the line.");
        }
        boolean holds = now.get() >= need.get() - Figures.SAME;
        p.add(
                "contactVolts",
                Comparison.worded(need, "V"),
                Comparison.worded(now, "V"),
                !holds ? REFUSED : now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                Mark.PRACTICE,
                holds ? "switches these volts" : "its contacts do not break these volts");
    }

    @Override
    public List<String> terminals(Spec spec) {
        List<String> out = new ArrayList<>(spec.text("contacts")
                .flatMap(ContactForm::of)
                .orElse(ContactForm.CHANGEOVER)
                .terminals());
        out.add("COIL 1");
        out.add("COIL 2");
        return out;
    }

    @Override
    public Sheet sheet(HookupRequest request) {
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

    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, by name, pushed on hard"),
                        new Check("tools", "No test jumper left on its contacts"),
                        new Check("panel", "Panel on")),
                List.of(new Check("switches", "Switches on a call and falls back when it ends")),
                List.of());
    }
}
