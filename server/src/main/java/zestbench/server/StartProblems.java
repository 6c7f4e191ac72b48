package zestbench.server;

import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;
import org.springframework.boot.diagnostics.FailureAnalyzer;

/** Why the bench cannot start, in one line on the terminal. */
final class StartProblems implements FailureAnalyzer, FailureAnalysisReporter {
    /** H2: the file is locked. */
    private static final int IN_USE = 90_020;

    @Override
    public @Nullable FailureAnalysis analyze(Throwable failure) {
        for (Throwable at = failure; at != null; at = at.getCause()) {
            if (at instanceof CannotStart known) {
                return new FailureAnalysis(String.valueOf(known.getMessage()), null, failure);
            }
            if (at instanceof SQLException refused && refused.getErrorCode() == IN_USE) {
                return new FailureAnalysis(
                        "zest: another bench has these data open: stop it, or give another folder with --data.",
                        null,
                        failure);
            }
        }
        return null;
    }

    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println(analysis.getDescription().replaceAll("\\s*\\n\\s*", " "));
    }
}
