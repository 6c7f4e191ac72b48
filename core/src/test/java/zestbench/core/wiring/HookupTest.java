package zestbench.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.Graph.Lead;

class HookupTest {
    private static final Family CAPACITOR = Families.named("capacitor");
    private static final List<Wire> WIRES = List.of(
            new Wire("C", "orange", null, "run side of contactor"),
            new Wire("HERM", "purple", "white", "compressor S"),
            new Wire("FAN", "brown", null, "fan"));

    @Test
    void aDualForADualPutsEveryWireBackWhereItWas() {
        Sheet sheet = sheet("45+5 µF 440 V ±6%", List.of("45+5 µF 440 V ±6%"));
        assertThat(sheet.left().leads()).noneMatch(Lead::moved);
        assertThat(sheet.left().jumpers()).isEmpty();
        assertThat(sheet.steps())
                .allMatch(s -> s.text().contains("back on") || s.text().contains("stays common"));
    }

    @Test
    void twoSinglesForADualMoveBothStartWiresAndJoinTheCommons() {
        Sheet sheet = sheet("45+5 µF 440 V ±6%", List.of("45 µF 440 V ±6%", "5 µF 440 V ±6%"));
        assertThat(sheet.left().jumpers()).hasSize(1);
        assertThat(sheet.left().leads())
                .filteredOn(Lead::moved)
                .extracting(l -> l.wire().name())
                .containsExactlyInAnyOrder("compressor S", "fan");
        assertThat(sheet.left().leads())
                .filteredOn(l -> l.wire().name().equals("compressor S"))
                .allMatch(l ->
                        sheet.left().devices().get(l.at().device()).caption().startsWith("45"));
        assertThat(sheet.steps()).hasSize(4).extracting(Sheet.Step::key).doesNotHaveDuplicates();
    }

    @Test
    void aDualForASingleLeavesTheUnusedTerminalBareAndInsulated() {
        Sheet sheet = sheet("45 µF 440 V ±6%", List.of("45+5 µF 440 V ±6%"));
        assertThat(sheet.left().insulated()).extracting(Graph.Spot::terminal).containsExactly("FAN");
        assertThat(sheet.steps()).anyMatch(s -> s.text().startsWith("Insulate FAN"));
    }

    @Test
    void aUniversalPartIsJumperedWithinATerminalAndItsRestInsulated() {
        Sheet sheet = sheet("45+5 µF 440 V ±6%", List.of("2.5+5+10+15+30 µF 440 V ±6%"));
        assertThat(sheet.left().jumpers()).as("15 + 30 for HERM").hasSize(1);
        assertThat(sheet.left().insulated()).as("2.5 and 10").hasSize(2);
    }

    /** No wire is lost, no terminal gets a wire and a cap, whatever is joined. */
    @Test
    void everyWireStaysAndNoInsulatedTerminalHasOne() {
        for (List<String> pieces : List.of(
                List.of("45+5 µF 440 V ±6%"),
                List.of("45 µF 440 V ±6%", "5 µF 440 V ±6%"),
                List.of("40+5 µF 440 V ±6%", "5 µF 440 V ±6%"),
                List.of("20 µF 440 V ±6%", "25 µF 440 V ±6%", "5 µF 440 V ±6%"),
                List.of("2.5+5+10+15+30 µF 440 V ±6%"))) {
            Sheet sheet = sheet("45+5 µF 440 V ±6%", pieces);
            assertThat(sheet.left().leads()).extracting(Lead::wire).containsExactlyInAnyOrderElementsOf(WIRES);
            assertThat(sheet.left().leads())
                    .extracting(Lead::at)
                    .noneMatch(at -> sheet.left().insulated().contains(at));
            Drawing drawing = Drawing.of(sheet.left());
            String svg = SvgWriter.write(drawing, "as left <&>");
            assertThat(svg)
                    .contains("as left &lt;&amp;&gt;")
                    .doesNotContain("NaN")
                    .startsWith("<svg")
                    .endsWith("</svg>");
            assertThat(Drawing.of(sheet.left()))
                    .as("the same graph, the same drawing")
                    .isEqualTo(drawing);
        }
    }

    private static Sheet sheet(String old, List<String> pieces) {
        List<StockLine> stock = new java.util.ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            stock.add(new StockLine("piece" + i, 1, spec(pieces.get(i)), 0));
        }
        Match match = CAPACITOR
                .match(new MatchRequest(spec(old), List.of(), Circuit.UNKNOWN, List.of(), stock, ShopRules.DEFAULT))
                .matches()
                .stream()
                .filter(m -> m.grade().fits() && m.offer().size() == pieces.size())
                .findFirst()
                .orElseThrow();
        List<Spec> used = match.offer().stream()
                .map(id -> spec(pieces.get(Integer.parseInt(id.substring(5)))))
                .toList();
        List<Wire> wires = spec(old).rows("sections").size() > 1
                ? WIRES
                : List.of(new Wire("a", "orange", null, "line"), new Wire("b", "purple", null, "start"));
        return CAPACITOR.sheet(new HookupRequest(spec(old), used, match.assignment(), wires));
    }

    private static Spec spec(String label) {
        return new Spec(CAPACITOR.read(label).fields());
    }
}
