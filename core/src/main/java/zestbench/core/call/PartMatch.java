package zestbench.core.call;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Grade;
import zestbench.core.label.LabelRead;
import zestbench.core.options.CustomerOption;
import zestbench.core.options.ThreeWays;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallState;
import zestbench.core.tape.PartState;
import zestbench.core.tape.PartsTogether;

/** How what can be had serves in place of a part: asked of its family, with all that the call knows of it. */
public final class PartMatch {
    /** The id an offer typed in by its label goes by. */
    public static final String TYPED = "typed";

    private final CallState state;
    private final PartState part;
    private final ShopRules rules;

    /** Of the part named {@code part}. */
    public PartMatch(CallState state, String part, ShopRules rules) {
        this.state = state;
        this.part = state.part(part);
        this.rules = rules;
    }

    /** What the truck at hand offers, beside what can stay in. */
    public MatchAnswer onTruck(List<StockLine> truck) {
        List<StockLine> stock = new ArrayList<>(truck);
        stock.addAll(state.together().standing(part));
        MatchAnswer answer = answered(List.of(), stock, Map.of());
        return new MatchAnswer(
                answer.findings(),
                answer.matches().stream()
                        .filter(m -> !m.offer().equals(List.of(PartsTogether.STAYING)))
                        .toList());
    }

    /** What the other trucks and the shop offer. */
    public MatchAnswer elsewhere(List<StockLine> stock) {
        return answered(List.of(), stock, Map.of());
    }

    /** How parts that can be ordered serve. */
    public MatchAnswer offers(List<Offer> offers) {
        return offers.isEmpty() ? new MatchAnswer(List.of(), List.of()) : answered(offers, List.of(), Map.of());
    }

    /** How a part bought on the way serves, by its label. */
    public MatchAnswer typed(LabelRead label) {
        // a figure of it that may be misread decides nothing until it is typed more clearly
        Set<String> doubted = attributes(label.doubts());
        doubted.retainAll(label.fields().fields().keySet());
        return answered(
                List.of(new Offer(TYPED, new Spec(label.fields()))),
                List.of(),
                doubted.isEmpty() ? Map.of() : Map.of(TYPED, doubted));
    }

    /** A label as one of {@code family}; throws where nothing of it can be read. */
    public static LabelRead read(Family family, String text) {
        LabelRead label = Families.read(family.kind(), text);
        InputProblem.require(
                !label.fields().fields().isEmpty(), "text", text, "nothing readable: type it as it is printed");
        return label;
    }

    /** What to ask for elsewhere: what the old label says; where it cannot be read, what the first witness does. */
    public Spec wanted() {
        return isEnough()
                ? part.spec()
                : state.together().witnesses(part).stream()
                        .findFirst()
                        .map(MatchRequest.Witness::spec)
                        .orElse(part.spec());
    }

    /**
     * Options for the customer: what the truck's matches amount to; of a compressor another one, an outdoor unit and a whole
     * system.
     *
     * @param priced a stock line as it is charged, by its id
     */
    public List<CustomerOption> options(
            List<StockLine> truck, UnitStory story, Function<String, CustomerOption.Line> priced) {
        String title = part.added().title();
        if (part.family().has(Trait.COMPRESSES)) {
            return threeWays(truck, story, priced);
        }
        return CustomerOption.of(onTruck(truck).matches(), id -> charged(title, id, priced)).stream()
                .map(o -> new CustomerOption(
                        part.id() + " " + o.key(), o.tier(), title + ": " + o.words(), o.parts(), 0, null))
                .toList();
    }

    private List<CustomerOption> threeWays(
            List<StockLine> truck, UnitStory story, Function<String, CustomerOption.Line> priced) {
        Optional<MatchAnswer.Match> fits = isEnough()
                ? onTruck(truck).matches().stream()
                        .filter(m -> m.grade() == Grade.SUITABLE)
                        .findFirst()
                : Optional.empty();
        String until = story.compressorUntil() != null ? story.compressorUntil() : story.partsUntil();
        return ThreeWays.of(
                part.id(),
                new ThreeWays.Known(
                        part.family().shortText(part.spec()),
                        fits.map(m -> priced.apply(m.offer().get(0))).orElse(null),
                        state.plates(),
                        story.partsReplaced(),
                        until,
                        part.family().leavesAcid(part.tests().seen()),
                        story.today()));
    }

    /** What stays in, and what another part's new piece has to spare, costs nothing more. */
    private static CustomerOption.Line charged(String title, String id, Function<String, CustomerOption.Line> priced) {
        if (id.equals(PartsTogether.STAYING)) {
            return new CustomerOption.Line(title + ", stays", 1, 0.0);
        }
        return id.startsWith(PartsTogether.SPARE)
                ? new CustomerOption.Line(title + ", a free section of the other new one", 1, 0.0)
                : priced.apply(id);
    }

    private boolean isEnough() {
        return part.family().isEnough(part.spec());
    }

    private MatchAnswer answered(List<Offer> offers, List<StockLine> stock, Map<String, Set<String>> doubtedOffers) {
        List<MatchRequest.Witness> witnesses = state.together().witnesses(part);
        InputProblem.require(
                isEnough() || !witnesses.isEmpty(),
                "part",
                part.added().title(),
                "read the label first: what the circuit needs is not known");
        return part.family()
                .match(new MatchRequest(
                        part.spec(),
                        witnesses,
                        state.together().circuit(part),
                        offers,
                        stock,
                        rules,
                        new MatchRequest.Doubted(attributes(part.doubts()), doubtedOffers)));
    }

    private static Set<String> attributes(List<LabelRead.Doubt> doubts) {
        return doubts.stream().map(LabelRead.Doubt::attribute).collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
