package zestbench.core.family;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.controlchain.Link;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Judgement;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/**
 * A family of parts: all that the bench knows of one kind. What has no default here every family has to say; the rest says
 * what most of them would.
 */
public interface Family {
    /** Its name in the open interface. */
    String kind();

    /** What a person calls one of it. */
    String title();

    /** Two letters that ids of its lines on the truck begin with. */
    String idLetters();

    /** What its labels say. */
    List<Attribute> attributes();

    /** In which words they say it. */
    LabelGrammar label();

    /** A spec in a few signs, such as {@code 45+5 µF 440 V ±6 %}. */
    String shortText(Spec spec);

    /** The verdict on readings; throws where they are none of its own. */
    Judgement judge(TestRequest request);

    /** How offers serve a requirement by its rules alone; asked for through {@link #match}. */
    MatchAnswer compared(MatchRequest request);

    /** The sheet for putting a choice in the old part's place. */
    Sheet sheet(HookupRequest request);

    /** What proves a choice once it is in. */
    PartProof proof(HookupRequest request);

    /** What is read on the bench, section by section; empty until the spec tells them. */
    List<String> sections(Spec spec);

    /** Names of the tests without which it does not count as tested: sections, looks, windings. */
    default List<String> asked(Spec spec) {
        return sections(spec);
    }

    /** What a section is read in. */
    default Quantity quantity(String section) {
        return Quantity.OHMS;
    }

    /** The attribute that a line of a comparison goes by, as that line is named. */
    default String attributeOf(String criterion) {
        return criterion;
    }

    /** What a section is called beside its figure; empty where it is the only one. */
    default String called(String section) {
        return section;
    }

    /** Whether so many volts, read under a section, are there only with the unit's power on. */
    default boolean isLive(String section, double volts) {
        return true;
    }

    /** A reading that another program gives, under the section it belongs to. */
    default SectionReading named(GivenReading given) {
        return new SectionReading(null, given.ohms("ohms"));
    }

    /** What the readings of a section should come to, in the section's quantity; empty where its label does not say. */
    default Optional<Double> rated(Spec spec, String section) {
        return Optional.empty();
    }

    /** What is seen or felt on it. */
    default List<Look> looks(ShopRules rules) {
        return List.of();
    }

    /** What a spec still has to tell before a match can be decided. */
    default List<Attribute> missing(Spec spec) {
        return attributes().stream()
                .filter(a -> a.decides() && !spec.has(a.name()))
                .toList();
    }

    /** Whether offers can be held against what its label tells. */
    default boolean isEnough(Spec spec) {
        return !spec.isEmpty();
    }

    /** The terminals wires can be found on; empty until the spec tells them. */
    default List<String> terminals(Spec spec) {
        return List.of();
    }

    /** The terminals that are usual, for a place whose part is not known yet. */
    List<String> usualTerminals();

    /** Pairs of terminals that can hold a charge and have to be read dead. */
    default List<String> charged(Spec spec) {
        return List.of();
    }

    /** Which leg of the supply a section or terminal belongs to, from 1; 0 where it hangs on none. */
    default int legOf(String name) {
        return 0;
    }

    /** Wires as its label prints them; none where labels of its kind do not. */
    default List<Wire> printed(Spec spec) {
        return List.of();
    }

    /** Leads the line goes on, as its label prints them; none where it has no choice of them. */
    default List<String> primaryLeads(Spec spec) {
        return List.of();
    }

    /** What the line would do across two of those leads. @param one @param two their places in the printed list */
    default LeadsTried tried(Spec spec, int one, int two, double lineVolts) {
        throw InputProblem.of(
                "one", String.valueOf(one), "the label of " + title() + " prints no leads to choose from");
    }

    /** A reading of a section with the motor running. @param volts across it @param hertz 50 or 60 */
    default SectionReading underLoad(@Nullable String section, double amps, double volts, double hertz, Meter meter) {
        throw InputProblem.of("amps", String.valueOf(amps), "only a run capacitor is read with the motor running");
    }

    /** What it is on a unit, beyond its label. */
    default Set<Trait> traits() {
        return Set.of();
    }

    /** Why one of it may not run again, in the words that are usual. */
    default List<String> condemnedFor() {
        return List.of("burnt", "burst", "shorted", "to ground");
    }

    /** What it takes to run on the line; null for what does not turn. */
    default @Nullable Turning turning() {
        return null;
    }

    /** What a reading of one of its sections tells of the fault, where it is out; empty where it tells nothing by itself. */
    default Optional<Fact> factOf(String section, UnitSpot spot) {
        return Optional.empty();
    }

    /** Whether its looks tell of acid in the circuit. @param seen keys of what was seen, by the key of the look */
    default boolean leavesAcid(Map<String, String> seen) {
        return false;
    }

    /** What looks tell of the fault. @param seen keys of what was seen, by the key of the look */
    default Map<Fact, Boolean> facts(Map<String, String> seen, UnitSpot spot) {
        return new EnumMap<>(Fact.class);
    }

    /** What comes before it is read by ohms, in a line. [practice] */
    default String beforeOhms() {
        return "Power off, leads off what is read by ohms";
    }

    /** Where it sits in the control circuit of a unit; empty for what does not, or not before its label is read. */
    default Optional<Link> inSeries(Spec spec) {
        return Optional.empty();
    }

    /** What of a new one is looked at before power goes back on the unit, its wires apart. @param name what it is called there */
    default Optional<Check> beforePower(String name) {
        return Optional.empty();
    }

    /** Why a step is as it is for parts of this kind; empty where there is no more to say than for any. */
    default Optional<Help> help(Topic topic) {
        return Optional.empty();
    }

    /** Makes fields of a label's text; never fails, what it cannot read is left over. */
    default LabelRead read(String text) {
        return LabelReader.read(label(), text);
    }

    /** How offers serve a requirement; what was read with a doubt decides nothing. */
    default MatchAnswer match(MatchRequest request) {
        return Doubts.applied(this, request, compared(request));
    }

    default boolean has(Trait trait) {
        return traits().contains(trait);
    }

    /** Whether it turns, so that windings and running amps can be read on it. */
    default boolean turns() {
        return turning() != null;
    }

    /** What a person calls an attribute; a criterion that is none goes by its own name. */
    default String titleOf(String attribute) {
        return attributes().stream()
                .filter(a -> a.name().equals(attribute))
                .map(Attribute::label)
                .findFirst()
                .orElseGet(() -> Character.toUpperCase(attribute.charAt(0)) + attribute.substring(1));
    }
}
