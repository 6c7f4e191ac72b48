package zestbench.server;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.jdbc.core.JdbcTemplate;

/** Counts what is asked of a running bench's database, by the database's own count. */
public final class Statements {
    private static final String OF_ITS_OWN = "%QUERY_STATISTICS%";

    private final JdbcTemplate database;

    public Statements(RunningBench bench) {
        this.database = bench.bean(JdbcTemplate.class);
        database.execute("set query_statistics true");
        database.execute("set query_statistics_max_entries 5000");
    }

    /** How many statements a request comes to. */
    public long of(Supplier<RunningBench.Answer> request) {
        long before = all();
        RunningBench.Answer answer = request.get();
        if (answer.status() != 200) {
            throw new AssertionError(answer.status() + " " + answer.text());
        }
        return all() - before;
    }

    private long all() {
        Long count = database.queryForObject(
                "select coalesce(sum(execution_count), 0) from information_schema.query_statistics"
                        + " where upper(sql_statement) not like ? and upper(sql_statement) <> 'COMMIT'",
                Long.class,
                OF_ITS_OWN);
        return count == null ? 0 : count;
    }

    /** Every statement and how often it ran, for whoever looks for one too many. */
    public List<Map<String, Object>> said() {
        return database.queryForList(
                "select sql_statement, execution_count from information_schema.query_statistics order by 2 desc");
    }
}
