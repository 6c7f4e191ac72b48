package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import zestbench.server.growth.Growth;

/** How much is asked of the database: little for a tap, and no more on a bench of many calls, or at a unit of many visits. */
class StatementsTest {
    private static RunningBench bench;
    private static Statements statements;

    @BeforeAll
    static void open() {
        bench = RunningBench.start();
        statements = new Statements(bench);
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    @Test
    void aPadAsksNothingAndAReadingLittle() {
        Bench call = Bench.callTo(bench, "rooftop 1");
        String part = call.part("capacitor", "45/5 MFD 440V ±6%");
        String reading = "{\"readings\":[{\"section\":\"HERM\",\"microfarads\":41.2}]}";
        call.does(part + "/readings", reading);
        assertThat(statements.of(() -> bench.once(call.call + part + "/preview", reading)))
                .isZero();
        assertThat(statements.of(() -> bench.once(call.call + "/quick/preview", "{\"text\":\"herm 41.3\"}")))
                .isLessThanOrEqualTo(2);
        assertThat(statements.of(() -> bench.once(call.call + part + "/readings", reading)))
                .as("%s", statements.said())
                .isLessThanOrEqualTo(8);
    }

    @Test
    void listsAskAsMuchOfManyCallsAsOfFew() {
        List<String> lists = List.of(
                "/api/calls", "/api/calls?find=museum+no+cooling", "/api/units", "/api/returns.ics", "/api/units/1");
        lists.forEach(path -> bench.get(path));
        List<Long> few = new ArrayList<>();
        lists.forEach(path -> few.add(statements.of(() -> bench.get(path))));
        new Growth(bench.bean(JdbcTemplate.class)).to(400, 60);
        List<Long> many = new ArrayList<>();
        lists.forEach(path -> many.add(statements.of(() -> bench.get(path))));
        for (int i = 0; i < lists.size(); i++) {
            assertThat(many.get(i)).as(lists.get(i)).isLessThanOrEqualTo(few.get(i) + 2);
        }
    }
}
