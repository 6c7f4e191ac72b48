package zestbench.core.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;
import zestbench.core.shop.ShopRules;

/** One offer held against what is needed: what each rule brings to light. The worst criterion is its grade. */
public class Comparison {
    /** What is needed, by its label. */
    public final Spec required;
    /** What is offered, by its label. */
    public final Spec offer;

    public final Circuit circuit;
    public final ShopRules rules;
    private final List<Criterion> criteria = new ArrayList<>();
    private final List<String> changes = new ArrayList<>();
    private final List<String> asks = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();

    public Comparison(Spec required, Spec offer, Circuit circuit, ShopRules rules) {
        this.required = required;
        this.offer = offer;
        this.circuit = circuit;
        this.rules = rules;
    }

    public final void add(
            String attribute, String wanted, String given, Grade outcome, Mark mark, String pattern, Object... values) {
        criteria.add(new Criterion(attribute, wanted, given, outcome, Reckoning.of(mark, pattern, values)));
    }

    public final Grade grade() {
        Grade worst = Grade.LIKE_FOR_LIKE;
        for (Criterion each : criteria) {
            worst = worst.worst(each.outcome());
        }
        return worst;
    }

    /** A row for what one of the labels does not tell: shown, asked for, and left out of the grade. */
    public final void silent(String attribute, String wanted, String given, String question) {
        ask(question);
        add(
                attribute,
                wanted,
                given,
                Grade.LIKE_FOR_LIKE,
                Mark.PRACTICE,
                "not on the label, leaves the grade as it is");
    }

    /** Something to look for on the part or unit. */
    public final void ask(String what) {
        if (!asks.contains(what)) {
            asks.add(what);
        }
    }

    /** Something else that has to be changed for it to fit. */
    public final void change(String what) {
        if (!changes.contains(what)) {
            changes.add(what);
        }
    }

    public final void finding(Finding finding) {
        findings.add(finding);
    }

    public final List<Criterion> criteria() {
        return List.copyOf(criteria);
    }

    public final List<String> changes() {
        return List.copyOf(changes);
    }

    public final List<String> asks() {
        return List.copyOf(asks);
    }

    public final List<Finding> findings() {
        return List.copyOf(findings);
    }

    /** A figure with its unit, or that the label does not tell it. */
    public static String worded(Optional<Double> figure, String unit) {
        return figure.map(f -> Figures.plain(f) + (unit.isEmpty() ? "" : " " + unit))
                .orElse(Criterion.NOT_ON_LABEL);
    }
}
