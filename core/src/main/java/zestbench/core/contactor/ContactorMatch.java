package zestbench.core.contactor;

import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.coil.CoilRules;
import zestbench.core.family.Comparison;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.CrankcaseHeat;
import zestbench.core.family.Offers;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules.ShuntToTwoPole;

/** How offered contactors serve in the place of an old one. */
final class ContactorMatch {

    private static final List<Consumer<ContactorPair>> RULES = List.of(
            ContactorMatch::poles,
            p -> CoilRules.volts(p, p.needed.spec(), p.offered.spec()),
            p -> CoilRules.hertz(p, p.offered.spec()),
            ContactorLoadRules::load,
            ContactorLoadRules::lockedRotor,
            ContactorLoadRules::resistive,
            ContactorLoadRules::volts,
            ContactorMatch::auxiliary,
            ContactorMatch::terminals,
            ContactorMatch::quickConnects,
            ContactorMatch::coilPower,
            p -> FlammableRefrigerant.rule(p, "contactor"));

    private ContactorMatch() {}

    static MatchAnswer of(MatchRequest request) {
        ContactorRating needed;
        try {
            needed = ContactorRating.from(request.required());
        } catch (InputProblem problem) {
            throw problem.within("required");
        }
        return Offers.graded(
                request,
                crankcase(request),
                new Offers.Way(
                        spec -> compare(needed, spec, request),
                        spec -> ContactorRating.from(spec).shortText(),
                        spec -> Math.abs(spec.number("fullLoadAmps").orElse(0.0)
                                        - needed.rows().get(0).fullLoad().orElse(0.0))
                                + Math.abs(spec.number("poles").orElse(0.0)
                                        - needed.poles().orElse(0)),
                        1));
    }

    /** What was said of the crankcase heat, held against the plate. */
    private static List<Finding> crankcase(MatchRequest request) {
        Optional<Double> watts =
                request.circuit().plate().number("crankcaseHeaterWatts").filter(w -> w > 0);
        boolean isDenied = request.circuit().beside().crankcaseHeat() == CrankcaseHeat.NONE;
        return watts.isPresent() && isDenied
                ? List.of(Finding.caution(
                                "No crankcase heat was found, the plate names {} W. Look again before a leg is switched.",
                                watts.get())
                        .of(Finding.Kind.WITNESSES_DISAGREE))
                : List.of();
    }

    private static Comparison compare(ContactorRating needed, Spec spec, MatchRequest request) {
        ContactorPair pair = new ContactorPair(needed, ContactorRating.from(spec), request.circuit(), request.rules());
        RULES.forEach(rule -> rule.accept(pair));
        return pair;
    }

    private static void poles(ContactorPair p) {
        String wanted = p.needed.polesText();
        String given = p.offered.polesText();
        if (p.needed.poles().isEmpty() || p.offered.poles().isEmpty()) {
            p.ask("How many poles has it? Count the contacts, not the bars.");
            p.add("poles", wanted, given, UNDECIDED, Mark.PRACTICE, "the poles have to be known");
            return;
        }
        int old = p.needed.poles().get();
        int now = p.offered.poles().get();
        if (now < old) {
            p.add("poles", wanted, given, REFUSED, Mark.PRACTICE, "fewer poles leave a leg hot that was switched");
        } else if (p.needed.hasShunt() && now > old) {
            shunt(p, wanted, given);
        } else if (p.needed.hasShunt() && !p.offered.hasShunt()) {
            p.ask("Is there a terminal listed for joining the unswitched leg, L2's wire with T2's?");
            p.change("It has no second leg: L2's wire and T2's wires are joined on a listed terminal, none is capped.");
            p.add(
                    "poles",
                    wanted,
                    given,
                    NEEDS_CHANGE,
                    Mark.PRACTICE,
                    "without the shunt the second leg has no way through it");
        } else if (p.offered.hasShunt() && !p.needed.hasShunt()) {
            p.ask("One leg stays hot through the shunt: was it so before?");
            p.add(
                    "poles",
                    wanted,
                    given,
                    SUITABLE,
                    Mark.PRACTICE,
                    "a shunt for a plain single pole: one leg stays hot");
        } else if (now == old) {
            p.add("poles", wanted, given, LIKE_FOR_LIKE, Mark.PRACTICE, "same poles");
        } else {
            p.add("poles", wanted, given, SUITABLE, Mark.PRACTICE, "a pole more stays unused or switches its leg too");
        }
    }

    /** Two poles in place of one and a shunt kill the leg that may feed the crankcase heat. */
    private static void shunt(ContactorPair p, String wanted, String given) {
        CrankcaseHeat heat = p.circuit.beside().crankcaseHeat();
        ShuntToTwoPole school = p.rules.shuntToTwoPole();
        if (school == ShuntToTwoPole.NEVER) {
            p.add("poles", wanted, given, REFUSED, Mark.PRACTICE, "the shop keeps a shunt for a shunt");
        } else if (school == ShuntToTwoPole.ALWAYS) {
            p.add("poles", wanted, given, SUITABLE, Mark.PRACTICE, "the shop replaces a shunt by a second pole");
        } else if (heat == null) {
            p.ask("Does crankcase heat run through the leg that the shunt leaves hot?");
            p.add(
                    "poles",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "two poles would cut crankcase heat through that leg");
        } else if (heat == CrankcaseHeat.UNSWITCHED_LEG) {
            p.add(
                    "poles",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "crankcase heat runs through the leg it would switch off");
        } else {
            p.add("poles", wanted, given, SUITABLE, Mark.PRACTICE, "no crankcase heat hangs on that leg");
        }
    }

    private static void auxiliary(ContactorPair p) {
        double old = p.needed.spec().number("auxiliaryContacts").orElse(0.0);
        if (old == 0) {
            return;
        }
        Optional<Double> now = p.offered.spec().number("auxiliaryContacts");
        p.ask("Do the auxiliary contacts open and close as the old ones do?");
        p.add(
                "auxiliaryContacts",
                Figures.plain(old),
                Comparison.worded(now, ""),
                now.isEmpty() ? UNDECIDED : now.get() < old ? REFUSED : LIKE_FOR_LIKE,
                Mark.PRACTICE,
                "auxiliary contacts and interlocks are kept");
    }

    private static void terminals(ContactorPair p) {
        Optional<String> old = p.needed.spec().text("terminals");
        Optional<String> now = p.offered.spec().text("terminals");
        if (old.isEmpty() || now.isEmpty()) {
            return;
        }
        boolean same = old.equals(now);
        boolean isPlate = !same && now.get().equals("SCREW");
        if (isPlate) {
            p.change("Stranded wire under a plain screw plate: crimp a ferrule or ring on it.");
        }
        p.add(
                "terminals",
                old.get(),
                now.get(),
                same ? LIKE_FOR_LIKE : isPlate ? NEEDS_CHANGE : SUITABLE,
                Mark.PRACTICE,
                same ? "same terminals" : isPlate ? "lugs hold stranded wire, screws do not" : "holds the same wire");
    }

    private static void quickConnects(ContactorPair p) {
        Integer wires = p.circuit.beside().wiresFound();
        Optional<Double> now = p.offered.spec().number("quickConnects");
        Optional<Double> old = p.needed.spec().number("quickConnects");
        Optional<Double> need = wires != null ? Optional.of((double) wires) : old;
        if (need.isEmpty() || now.isEmpty()) {
            if (need.isPresent()) {
                p.ask("Count its quick-connects: " + Figures.plain(need.get()) + " are needed.");
            }
            return;
        }
        boolean enough = now.get() >= need.get();
        if (!enough) {
            p.change(Figures.plain(need.get() - now.get())
                    + " quick-connects too few: piggyback terminals, never two wires in one.");
        }
        p.add(
                "quickConnects",
                Figures.plain(need.get()),
                Comparison.worded(now, ""),
                enough ? now.equals(old) ? LIKE_FOR_LIKE : SUITABLE : NEEDS_CHANGE,
                Mark.PRACTICE,
                wires != null ? "counted on the wires as found" : "as many as the old one");
    }

    /** A coil that holds more than the old one is added to what hangs on the transformer. */
    private static void coilPower(ContactorPair p) {
        Optional<Double> now = p.offered.spec().number("coilHoldingVoltAmps");
        double old = p.needed.spec().number("coilHoldingVoltAmps").orElse(0.0);
        Double connected = p.circuit.beside().voltAmps();
        if (now.isEmpty() || now.get() <= old) {
            return;
        }
        p.ask("Its coil holds " + Figures.plain(now.get()) + " VA"
                + (old > 0 ? ", the old one's " + Figures.plain(old) : "")
                + (connected == null
                        ? ""
                        : ": the transformer then carries " + Figures.plain(Figures.tidy(connected - old + now.get()))
                                + " VA")
                + ". Does that stay within 80 % of the transformer?");
    }
}
