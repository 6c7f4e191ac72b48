package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zestbench.server.Bench.texts;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Trucks and the shop: taken in by label, counted, moved, brought in and out as CSV, brought back by a list. */
class TruckTest {
    private static RunningBench bench;

    @BeforeAll
    static void open() {
        bench = RunningBench.start();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    @Test
    void aPartComesInByItsLabelAndEveryPieceHasAHistory() {
        JsonNode read = bench.post("/api/truck/label", "{\"text\":\"45/5 MFD 440VAC +-6%\"}")
                .json();
        assertThat(read.at("/kind").asString()).isEqualTo("capacitor");
        assertThat(read.at("/rating").asString()).isEqualTo("45+5 µF 440 V ±6 %");
        JsonNode added = bench.post(
                        "/api/truck",
                        "{\"text\":\"45/5 MFD 440VAC +-6%\",\"depot\":\"Truck 1\",\"bin\":\"Z9\",\"quantity\":2,"
                                + "\"minimum\":1,\"cost\":20,\"price\":41.5}")
                .json();
        String path = "/api/truck/" + added.at("/id").asString();
        assertThat(bench.send("PUT", path + "/count", "{\"quantity\":3}")
                        .json()
                        .at("/quantity")
                        .asInt())
                .isEqualTo(3);
        bench.post(path + "/move", "{\"depot\":\"Truck 2\",\"pieces\":1}");
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        String part = call.part("capacitor", "45+5 MFD 440 VAC ±6%");
        call.does(part + "/choice", "{\"offer\":[\"" + added.at("/id").asString() + "\"]}");
        JsonNode history = bench.get(path + "/history").json();
        assertThat(texts(history, "/pieces")).containsExactly("-1", "-1", "1", "2");
        assertThat(history.at("/0/callId").asString()).as("used on which call").isEqualTo(call.call.substring(11));
        assertThat(history.at("/1/note").asString()).isEqualTo("to Truck 2");
        call.does("DELETE", part + "/choice", null);
        assertThat(bench.get(path + "/history").json().at("/0/pieces").asInt())
                .as("put back")
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        "POST, /api/truck/label, '{\"text\":\"sandwich\"}', no kind of part can be told",
        "POST, /api/truck, '{\"text\":\"5 MFD 440 VAC\",\"depot\":\"Truck 9\",\"bin\":\"A\",\"quantity\":1,\"minimum\":1,\"cost\":1,\"price\":1}', 'give one of Truck 1, Truck 2, Shop'",
        "POST, /api/truck, '{\"text\":\"5 MFD 440 VAC\",\"depot\":\"Shop\",\"bin\":\"A\",\"quantity\":-1,\"minimum\":1,\"cost\":1,\"price\":1}', 'quantity was -1: give 0 to 9,999 pieces'",
        "PUT, /api/truck/CP-002/count, '{\"quantity\":-4}', 'give 0 to 9,999 pieces'",
        "PUT, /api/truck/NO-001/count, '{\"quantity\":4}', There is no NO-001",
        "POST, /api/truck/CP-002/move, '{\"depot\":\"Truck 2\",\"pieces\":99}', as many as lie there",
        "POST, /api/truck/CP-002/move, '{\"depot\":\"Truck 1\",\"pieces\":1}', it lies there already",
        "POST, /api/truck/depots, '{\"name\":\"Shop\",\"isShop\":true}', There is a Shop already",
        "PUT, /api/truck/mine, '{\"depot\":\"Moon\"}', 'give one of Truck 1, Truck 2, Shop'"
    })
    void whatCannotBeIsSaidAndChangesNothing(String method, String path, String json, String words) {
        String before = bench.get("/api/truck").text();
        RunningBench.Answer answer = bench.send(method, path, json);
        assertThat(answer.status()).as(answer.text()).isBetween(400, 499);
        assertThat(answer.json().at("/detail").asString()).contains(words);
        assertThat(bench.get("/api/truck").text()).isEqualTo(before);
    }

    @Test
    void theStockComesBackFromItsOwnFileUnchangedAndAPriceListChangesPricesOnly() {
        String csv = bench.get("/api/truck/stock.csv").text();
        assertThat(csv).startsWith("id,partNumber,depot,bin,kind,name,label,quantity,minimum,cost,price");
        JsonNode same = file("/api/truck/import/preview", csv).json();
        assertThat(same.at("/added").asInt() + same.at("/changed").asInt()).isZero();
        assertThat(same.at("/same").asInt()).isEqualTo(csv.lines().toList().size() - 1);

        String prices = "\uFEFFid,price\nCP-002,15.25\nCP-003,16\n";
        JsonNode seen = file("/api/truck/import/preview", prices).json();
        assertThat(seen.at("/changed").asInt()).isEqualTo(2);
        assertThat(stock("CP-002").at("/price").asDouble())
                .as("a preview keeps nothing")
                .isNotEqualTo(15.25);
        JsonNode before = stock("CP-002");
        assertThat(file("/api/truck/import", prices).status()).isEqualTo(200);
        assertThat(stock("CP-002").at("/price").asDouble()).isEqualTo(15.25);
        assertThat(stock("CP-002").at("/quantity")).isEqualTo(before.at("/quantity"));

        String fresh = "id,depot,bin,kind,name,label,quantity,minimum,cost,price\n"
                + "XX-1,Shop,S9,capacitor,\"Can, round\",\"35+5 MFD 440 VAC ±6%\",4,2,10,20\n";
        assertThat(file("/api/truck/import", fresh).json().at("/added").asInt()).isEqualTo(1);
        assertThat(stock("XX-1").at("/rating").asString()).isEqualTo("35+5 µF 440 V ±6 %");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|line 1|the first line names the columns",
                "id,price|no line|",
                "name,price\\nx,3|line 1|the first line names the columns, id first",
                "id,colour\\nCP-002,red|line 1|known columns are",
                "id,price\\nCP-002,12\\nCP-003,cheap|line 3, price|number",
                "id,price\\nCP-002,12\\nCP-003,-4|line 3, price|give 0 to 100,000",
                "id,quantity\\nCP-002,2.5|line 2, quantity|",
                "id,price\\nCP-002,12\\nCP-002,13|line 3, id|stood on an earlier line",
                "id,price\\nCP-002|line 2|columns",
                "id,depot\\nCP-002,Moon|depot|give one of Truck 1",
                "id,price\\nNEW-1,12|line 2|give 1 to",
                "id,price\\n\"CP-002,12|file|no CSV"
            })
    void aDamagedFileNamesItsLineAndNothingComesInByHalves(String csv, String where, String words) {
        String before = bench.get("/api/truck").text();
        RunningBench.Answer answer = file("/api/truck/import", csv.replace("\\n", "\n"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().at("/detail").asString()).contains(where).contains(words == null ? "" : words);
        assertThat(bench.get("/api/truck").text()).isEqualTo(before);
    }

    @Test
    void theListToBringBackHasWhatRanLowAndWhatRepairsWanted() {
        JsonNode list = bench.get("/api/truck/restock").json();
        assertThat(list.at("/depot").asString()).isEqualTo("Truck 1");
        for (JsonNode low : list.at("/low")) {
            assertThat(low.at("/stock/depot").asString()).isEqualTo("Truck 1");
            assertThat(low.at("/pieces").asInt())
                    .isEqualTo(low.at("/stock/minimum").asInt()
                            - low.at("/stock/quantity").asInt())
                    .isPositive();
        }
        assertThat(texts(list.at("/wanted"), "/why"))
                .as("the demo town has a make-up in, and a dual no truck has in one can")
                .anyMatch(w -> w.startsWith("a stopgap is in until"))
                .contains("failed, nothing on the truck fits as it is");
        String csv = bench.get("/api/truck/restock.csv").text();
        assertThat(csv.lines().count())
                .isEqualTo(1 + list.at("/low").size() + list.at("/wanted").size());
    }

    @Test
    void matchesGoByTheTruckOneDrivesAndOthersStandBesideIt() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        String part = call.part("capacitor", "60+7.5 MFD 440 VAC ±6%");
        JsonNode own = bench.get(call.call + part + "/matches").json();
        JsonNode elsewhere = bench.get(call.call + part + "/elsewhere").json();
        assertThat(texts(own.at("/offers"), "/grade")).doesNotContain("LIKE_FOR_LIKE");
        assertThat(elsewhere.at("/offers/0/grade").asString()).isEqualTo("LIKE_FOR_LIKE");
        assertThat(elsewhere.at("/offers/0/where").asString()).isEqualTo("Truck 2, bin A1");
        int before = stock("CP-201").at("/quantity").asInt();
        call.does(part + "/choice", "{\"offer\":[\"CP-201\"]}");
        assertThat(stock("CP-201").at("/quantity").asInt()).isEqualTo(before - 1);
    }

    private static JsonNode stock(String id) {
        for (JsonNode line : bench.get("/api/truck").json()) {
            if (line.at("/id").asString().equals(id)) {
                return line;
            }
        }
        throw new AssertionError("no stock " + id);
    }

    private static RunningBench.Answer file(String path, String csv) {
        return bench.upload(path, "file", csv.getBytes(StandardCharsets.UTF_8));
    }
}
