package zestbench.core.contactor;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import zestbench.core.coil.CoilReadings;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.GivenReading;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.family.Trait;
import zestbench.core.family.UnitSpot;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.safety.Deadness;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Contactors as a family. */
public final class ContactorFamily implements Family {
    private static final String CONTACTS = "CONTACTS";
    private static final String STUCK = "STUCK";
    private static final String STAYS = "stays";

    public static final Family FAMILY = new ContactorFamily();

    private ContactorFamily() {}

    @Override
    public String kind() {
        return ContactorLabel.KIND;
    }

    @Override
    public Set<Trait> traits() {
        return EnumSet.of(Trait.MAKES_THE_LINE);
    }

    @Override
    public String title() {
        return "Contactor";
    }

    @Override
    public String idLetters() {
        return "CN";
    }

    @Override
    public List<Attribute> attributes() {
        return ContactorAttributes.ALL;
    }

    @Override
    public LabelGrammar label() {
        return ContactorLabel.GRAMMAR;
    }

    @Override
    public Judgement judge(TestRequest request) {
        return ContactorJudgement.of(request);
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return ContactorMatch.of(request);
    }

    @Override
    public List<String> sections(Spec spec) {
        return ContactorJudgement.sections(spec);
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(CoilReadings.COIL, CONTACTS);
    }

    @Override
    public Quantity quantity(String section) {
        return ContactorJudgement.quantity(section);
    }

    /** A coil's volts may come from elsewhere while they are low. */
    @Override
    public boolean isLive(String section, double volts) {
        return !section.startsWith(CoilReadings.COIL) || volts >= Deadness.CONTROL_VOLTS;
    }

    @Override
    public SectionReading named(GivenReading given) {
        return ContactorJudgement.named(given);
    }

    @Override
    public List<String> terminals(Spec spec) {
        return rating(spec).map(ContactorFamily::terminalsOf).orElse(List.of());
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("L1", "L2", "L3", "T1", "T2", "T3", "A1", "A2");
    }

    @Override
    public Optional<Fact> factOf(String section, UnitSpot spot) {
        return section.equals(CoilReadings.COIL) ? Optional.of(Fact.COIL_OPEN) : Optional.empty();
    }

    @Override
    public Map<Fact, Boolean> facts(Map<String, String> seen, UnitSpot spot) {
        String stuck = seen.get(STUCK);
        return stuck == null ? Map.of() : Map.of(Fact.CONTACTOR_STAYS_IN, stuck.equals(STAYS));
    }

    @Override
    public String shortText(Spec spec) {
        String text = rating(spec).map(ContactorRating::shortText).orElse("");
        return text.isEmpty() ? "label not complete" : text;
    }

    private static Optional<ContactorRating> rating(Spec spec) {
        try {
            return Optional.of(ContactorRating.from(spec));
        } catch (InputProblem unclear) {
            return Optional.empty();
        }
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        boolean advises = rules.replacePittedContactor() == ShopRules.Pitted.ADVISE;
        return List.of(
                new Look(
                        CONTACTS,
                        "Contacts, power locked out",
                        true,
                        List.of(
                                seen("clean", "clean", Verdict.GOOD, ""),
                                seen(
                                        "pitted",
                                        "pitted",
                                        advises ? Verdict.WEAK : Verdict.GOOD,
                                        advises
                                                ? "Pitted though it works: the shop advises a new one."
                                                : "Pitted: it works, and the shop leaves it."),
                                seen("burnt", "burnt away", Verdict.FAILED, "Burnt contacts do not make for long."))),
                new Look(
                        "LUGS",
                        "Lugs and wires",
                        false,
                        List.of(
                                seen("sound", "sound", Verdict.GOOD, ""),
                                seen(
                                        "burnt",
                                        "a lug burnt",
                                        Verdict.FAILED,
                                        "A burnt lug: new contactor, and the wire cut back to bright copper."))),
                new Look(
                        STUCK,
                        "With the coil wire off",
                        false,
                        List.of(
                                seen("drops", "drops out", Verdict.GOOD, "").live(),
                                seen(
                                                STAYS,
                                                "stays in",
                                                Verdict.FAILED,
                                                "In with no call: a contact is welded. The unit runs until its power is pulled.")
                                        .live()
                                        .demanding(Demand.PULL_DISCONNECT))),
                new Look(
                                "HEAT",
                                "Crankcase heat of this unit",
                                false,
                                List.of(
                                        seen("NONE", "none", Verdict.GOOD, ""),
                                        seen("UNSWITCHED_LEG", "through the leg left hot", Verdict.GOOD, ""),
                                        seen("OWN_SUPPLY", "on its own supply", Verdict.GOOD, "")))
                        .about(Look.About.CRANKCASE_HEAT),
                new Look(
                        "INSECTS",
                        "Insects or dirt in it",
                        false,
                        List.of(
                                seen("none", "none", Verdict.GOOD, ""),
                                seen(
                                        "some",
                                        "some",
                                        Verdict.WEAK,
                                        "Insects hold contacts apart: brushed out with power off, a cover if there is one."))));
    }

    private static Seen seen(String key, String words, Verdict verdict, String meaning) {
        return new Seen(key, words, verdict, meaning, Mark.PRACTICE);
    }

    /** Line side, load side, coil. A shunt is a bar that joins the second line to its load. */
    private static List<String> terminalsOf(ContactorRating rating) {
        List<String> out = new ArrayList<>();
        int legs = Math.max(rating.poles().orElse(2), rating.hasShunt() ? 2 : 1);
        for (int i = 1; i <= legs; i++) {
            out.add("L" + i);
        }
        for (int i = 1; i <= legs; i++) {
            out.add("T" + i);
        }
        out.add("A1");
        out.add("A2");
        if (rating.spec().number("auxiliaryContacts").orElse(0.0) > 0) {
            out.add("AUX 1");
            out.add("AUX 2");
        }
        return out;
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        ContactorRating old = ContactorRating.from(request.old());
        ContactorRating now = ContactorRating.from(request.pieces().get(0));
        List<String> terminals = terminalsOf(now);
        BlockSheet sheet =
                new BlockSheet(old.shortText(), terminalsOf(old), now.shortText(), terminals, request.wires());
        sheet.step(
                "control", "24 V from the indoor unit stays live with the disconnect pulled: off, or coil wires taped");
        boolean isJoined = old.hasShunt() && now.isPlainSinglePole();
        if (isJoined) {
            sheet.join(List.of("L2", "T2"));
            sheet.step(
                    "shunt",
                    "The second leg has no place on it: L2's wire and T2's wires are joined on a listed terminal, none is capped");
        } else if (old.hasShunt() && !now.hasShunt()) {
            sheet.step("shunt", "The shunt goes: L2 and T2 are switched now");
        } else if (now.hasShunt()) {
            sheet.step("shunt", "T2 stays live through the shunt whenever the disconnect is in");
        }
        List<Step> after = new ArrayList<>();
        after.add(new Step("lugs", "", "", "Bright copper under every lug, screws tight, no strand out"));
        if (request.old().text("terminals").filter("LUG"::equals).isPresent()
                && now.spec().text("terminals").filter("SCREW"::equals).isPresent()) {
            after.add(new Step("ferrules", "", "", "A ferrule or ring on every stranded wire"));
        }
        return sheet.sheet(t -> terminals.contains(t) ? t : "", after);
    }

    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, line on L, load on T, every screw tight"),
                        new Check("moves", "Pushed in by hand it moves freely and falls back"),
                        new Check("tools", "No jumper on the coil, no tool left inside"),
                        new Check("cover", "Insect cover and panel on")),
                List.of(
                        new Check("pulls", "Pulls in on a call without chatter, drops out when it ends"),
                        new Check("poles", "Under 0.5 V across each closed pole under load")),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(Help.of(
                                "How is it told?",
                                Help.practice("Volts across each closed pole under load: over 0.5 V is doubtful."),
                                Help.practice("In with no volts on its coil: welded or stuck."),
                                Help.standard(
                                        "IEC 60947-4-1",
                                        "A coil is promised to pull in from 85 % of its volts: 24 V from 20.4."))
                        .with(Help.Picture.LINE_AND_LOAD));
            case MATCH ->
                Optional.of(Help.of(
                        "What may stand in for it?",
                        Help.practice("FLA and LRA at least what it switches; coil volts equal; as many poles."),
                        Help.practice("A pole with a shunt is no plain pole: crankcase heat may come through it.")));
            case HOOK_UP ->
                Optional.of(Help.of(
                                "Which side is which?",
                                Help.practice(
                                        "The line comes in on one side and stays hot there; the load goes out on the other."))
                        .with(Help.Picture.LINE_AND_LOAD));
            default -> Optional.empty();
        };
    }
}
