package zestbench.core.family;

import java.util.List;
import java.util.function.Supplier;
import zestbench.core.label.LabelGrammar;

/** A family by its names and what its labels say; how it is tested, matched and put in is for each to add. */
public abstract class LabelledFamily implements Family {
    private final String kind;
    private final String title;
    private final String idLetters;
    private final List<Attribute> attributes;
    private final Supplier<LabelGrammar> label;

    /**
     * @param kind its name in the open interface
     * @param idLetters two that ids of its lines on the truck begin with
     * @param label asked for when the first label is read, not when the family is named
     */
    protected LabelledFamily(
            String kind, String title, String idLetters, List<Attribute> attributes, Supplier<LabelGrammar> label) {
        this.kind = kind;
        this.title = title;
        this.idLetters = idLetters;
        this.attributes = List.copyOf(attributes);
        this.label = label;
    }

    @Override
    public final String kind() {
        return kind;
    }

    @Override
    public final String title() {
        return title;
    }

    @Override
    public final String idLetters() {
        return idLetters;
    }

    @Override
    public final List<Attribute> attributes() {
        return attributes;
    }

    @Override
    public final LabelGrammar label() {
        return label.get();
    }
}
