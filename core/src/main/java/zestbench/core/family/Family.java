package zestbench.core.family;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import zestbench.core.judgement.Judgement;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.quantity.Quantity;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/**
 * A family of parts as a record of small functions.
 *
 * @param kind its name in the open interface
 * @param title what a person calls it
 * @param attributes what its labels say
 * @param label what its labels say, and in which words
 * @param shortText a spec in a few signs, such as {@code 45+5 µF 440 V ±6 %}
 * @param judge the verdict on readings
 * @param match how offers serve a requirement
 * @param sections what is read on the bench, section by section; empty until the spec tells them
 * @param missing what a spec still has to tell before a match can be decided
 * @param terminals the terminals wires can be found on; empty until the spec tells them
 * @param charged pairs of terminals that can hold a charge and have to be read dead
 * @param hookup the sheet for putting a choice in the old part's place
 * @param looks what is seen or felt on it
 * @param asked names of the tests without which it does not count as tested: sections, looks, windings
 * @param proof what proves a choice once it is in
 * @param quantity what a section is read in
 * @param legOf which leg of the supply a section or terminal belongs to, from 1; 0 where it hangs on none
 * @param printed wires as its label prints them; none where labels of its kind do not
 * @param isEnough whether offers can be held against what its label tells
 */
public record Family(
        String kind,
        String title,
        List<Attribute> attributes,
        LabelGrammar label,
        Function<Spec, String> shortText,
        Function<TestRequest, Judgement> judge,
        Function<MatchRequest, MatchAnswer> match,
        Function<Spec, List<String>> sections,
        Function<Spec, List<Attribute>> missing,
        Function<Spec, List<String>> terminals,
        Function<Spec, List<String>> charged,
        Function<HookupRequest, Sheet> hookup,
        Function<ShopRules, List<Look>> looks,
        Function<Spec, List<String>> asked,
        Function<HookupRequest, Proof> proof,
        Predicate<Spec> isEnough,
        Function<String, Quantity> quantity,
        ToIntFunction<String> legOf,
        Function<Spec, List<Wire>> printed) {
    /** For families whose labels print no colours of leads. */
    public static final Function<Spec, List<Wire>> NO_COLOURS = spec -> List.of();

    /** For families whose sections and terminals hang on no leg of the supply. */
    public static final ToIntFunction<String> NO_LEG = name -> 0;

    /** Makes fields of a label's text; never fails, what it cannot read is left over. */
    public LabelRead read(String text) {
        return LabelReader.read(label, text);
    }

    /** How offers serve a requirement; what was read with a doubt decides nothing. */
    public MatchAnswer matched(MatchRequest request) {
        return Doubts.applied(this, request, match.apply(request));
    }

    /** What a person calls an attribute; a criterion that is none goes by its own name. */
    public String titleOf(String attribute) {
        return attributes.stream()
                .filter(a -> a.name().equals(attribute))
                .map(Attribute::label)
                .findFirst()
                .orElseGet(() -> Character.toUpperCase(attribute.charAt(0)) + attribute.substring(1));
    }
}
