package zestbench.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.apache.catalina.connector.ClientAbortException;
import org.junit.jupiter.api.Test;
import org.springframework.http.ProblemDetail;
import zestbench.server.RunningBench;

/** A phone that lost its signal halfway through an answer is no fault of the bench's. */
class ClientGoneTest {
    private final Problems problems = RunningBench.demo().bean(Problems.class);

    @Test
    void nobodyIsAnswered() {
        assertThat(problems.unexpected(new ClientAbortException(new IOException("Broken pipe"))))
                .isNull();
    }

    @Test
    void whatDoesGoWrongIsAnswered() {
        assertThat(problems.unexpected(new IllegalStateException("made up by a test")))
                .isNotNull()
                .extracting(ProblemDetail::getStatus)
                .isEqualTo(500);
    }
}
