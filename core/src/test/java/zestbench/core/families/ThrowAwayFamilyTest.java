package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;
import static zestbench.core.label.LabelField.of;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.FieldRule;
import zestbench.core.family.GivenReading;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.HookupRequest.Site;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Offers;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;

/**
 * What a new kind of part takes: electric heat strips, here for the test alone. All that it says of itself is below; label
 * reading, doubts, matching, hook-up and proof are the shared mechanisms.
 */
class ThrowAwayFamilyTest {
    private static final class HeatStrips implements Family {
        private static final List<Attribute> ATTRIBUTES = List.of(
                Attribute.number("volts", "Volts", "V", "beside VOLTS").deciding(),
                Attribute.number("watts", "Watts", "W", "beside WATTS").deciding());
        private static final LabelGrammar GRAMMAR = new LabelGrammar("heat-strip")
                .hasAnyOf("watts")
                .tells("heat strip|strip heater")
                .field(of("volts", Shapes.number(100, 600, Unit.VOLTS), "volts|voltage")
                        .bare(0.3))
                .field(of("watts", Shapes.number(10, 200, Unit.WATTS), "watts|power")
                        .bare(0.3));
        private static final List<FieldRule> RULES = List.of(
                FieldRule.equal("volts", "V", Mark.PHYSICS, "same volts", "heat goes with the square of the volts")
                        .unsaid(FieldRule.Unsaid.UNDECIDED_OF_EITHER, "Which volts are printed?"),
                FieldRule.equal("watts", "W", Mark.PRACTICE, "same heat", "more overheats the cabinet")
                        .within(10)
                        .unsaid(FieldRule.Unsaid.UNDECIDED_OF_EITHER, "Which watts are printed?"));

        @Override
        public String kind() {
            return "heat-strip";
        }

        @Override
        public String title() {
            return "Heat strip";
        }

        @Override
        public String idLetters() {
            return "HS";
        }

        @Override
        public List<Attribute> attributes() {
            return ATTRIBUTES;
        }

        @Override
        public LabelGrammar label() {
            return GRAMMAR;
        }

        @Override
        public String shortText(Spec spec) {
            return Figures.plain(spec.number("watts").orElse(0.0)) + " W "
                    + Figures.plain(spec.number("volts").orElse(0.0)) + " V";
        }

        /** R = V² / W, a tenth to each side. */
        @Override
        public Judgement judge(TestRequest request) {
            double volts = request.spec().number("volts").orElseThrow();
            double ohms = volts * volts / request.spec().number("watts").orElseThrow();
            List<Judged> out = new ArrayList<>();
            for (SectionReading taken : request.readings()) {
                Limits limits = new Limits(0.9 * ohms, 1.1 * ohms);
                double doubt = request.meter().uncertaintyOf(taken.reading());
                out.add(new Judged(
                        "HEATER",
                        taken.reading().isFigure()
                                ? Guard.judge(taken.reading().value(), limits, doubt)
                                : Verdict.FAILED,
                        taken.reading(),
                        doubt,
                        ohms,
                        limits,
                        Reckoning.of(Mark.PHYSICS, "V² ÷ W = {} Ω.", Figures.fixed(ohms, 0))));
            }
            return Judgement.of(out, List.of());
        }

        @Override
        public MatchAnswer compared(MatchRequest request) {
            return Offers.graded(
                    request,
                    List.of(),
                    new Offers.Way(spec -> SpecPair.by(RULES, request, spec), this::shortText, spec -> 0, 1));
        }

        @Override
        public Sheet sheet(HookupRequest request) {
            Spec now = request.pieces().get(0);
            return new BlockSheet(
                            shortText(request.old()),
                            usualTerminals(),
                            shortText(now),
                            usualTerminals(),
                            request.wires())
                    .sheet(t -> t, List.of());
        }

        @Override
        public PartProof proof(HookupRequest request) {
            return new PartProof(List.of(new Check("tight", "Tight in its rack")), List.of(), List.of());
        }

        @Override
        public List<String> sections(Spec spec) {
            return List.of("HEATER");
        }

        @Override
        public List<String> usualTerminals() {
            return List.of("1", "2");
        }
    }

    private static final Family HEATERS = new HeatStrips();

    private static Spec spec(String label) {
        return new Spec(HEATERS.read(label).fields());
    }

    @Test
    void itsLabelIsToldFromAllOthers() {
        List<LabelGrammar> all = new ArrayList<>();
        Families.ALL.forEach(family -> all.add(family.label()));
        all.add(HEATERS.label());
        LabelRead read = LabelReader.told(all, "HEAT STRIP 240 VOLTS 70 WATTS").orElseThrow();
        assertThat(read.kind()).isEqualTo("heat-strip");
        assertThat(HEATERS.shortText(new Spec(read.fields()))).isEqualTo("70 W 240 V");
    }

    @ParameterizedTest
    @CsvSource({
        "240 VOLTS 70 WATTS, 240 VOLTS 70 WATTS, LIKE_FOR_LIKE",
        "240 VOLTS 70 WATTS, 480 VOLTS 70 WATTS, REFUSED",
        "240 VOLTS 70 WATTS, 240 VOLTS 120 WATTS, REFUSED",
        "240 VOLTS 70 WATTS, 240 VOLTS, UNDECIDED",
        // a digit that is not legible decides nothing
        "240 VOLTS 7_ WATTS, 240 VOLTS 70 WATTS, UNDECIDED",
    })
    void itIsMatchedByRulesThatAreData(String old, String offered, String grade) {
        MatchAnswer answer = HEATERS.match(new MatchRequest(
                spec(old),
                List.of(),
                Circuit.UNKNOWN,
                List.of(),
                List.of(new StockLine("HS-1", 1, spec(offered), 20)),
                ShopRules.DEFAULT));
        assertThat(answer.matches())
                .singleElement()
                .satisfies(m -> assertThat(m.grade()).hasToString(grade));
    }

    @ParameterizedTest
    @CsvSource({"823, GOOD", "1200, FAILED"})
    void itIsReadAndJudged(double ohms, String verdict) {
        SectionReading taken = HEATERS.named(new GivenReading("HEATER", Map.of("ohms", ohms), Map.of(), null));
        assertThat(taken.reading()).isEqualTo(Reading.of(Quantity.OHMS, ohms));
        Judgement judgement = HEATERS.judge(
                new TestRequest(spec("240 VOLTS 70 WATTS"), List.of(taken), Meter.USUAL, ShopRules.DEFAULT));
        assertThat(judgement.verdicts())
                .singleElement()
                .satisfies(j -> assertThat(j.verdict()).hasToString(verdict));
    }

    @Test
    void whatItDoesNotSayIsUsual() {
        Spec label = spec("240 VOLTS");
        assertThat(HEATERS.missing(label)).extracting(Attribute::name).containsExactly("watts");
        assertThat(HEATERS.asked(label)).containsExactly("HEATER");
        assertThat(HEATERS.charged(label)).isEmpty();
        assertThat(HEATERS.turns()).isFalse();
        HookupRequest hookup = new HookupRequest(label, List.of(label), List.of(), List.of(), Site.UNKNOWN);
        assertThat(HEATERS.sheet(hookup).steps()).isNotEmpty();
        assertThat(HEATERS.proof(hookup).before()).hasSize(1);
    }
}
