package zestbench.server.security;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import zestbench.server.data.Running;

/** {@code code DATA} from the terminal: the running bench shows a new access code. */
public final class CodeCommand {
    private CodeCommand() {}

    /** @param arguments the data folder */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        Optional<Running.Reach> running = Running.on(Path.of(arguments[0]));
        if (running.isEmpty()) {
            fail("no bench runs on " + arguments[0] + ".");
            return;
        }
        HttpRequest request = HttpRequest.newBuilder(URI.create(running.get().address() + AccessController.CODE_PATH))
                .header(InnerPass.HEADER, running.get().pass())
                .POST(HttpRequest.BodyPublishers.noBody())
                .build();
        try {
            HttpResponse<String> answer =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() == 200) {
                String code = JsonMapper.builder()
                        .build()
                        .readTree(answer.body())
                        .at("/code")
                        .asString();
                System.out.println("Access code " + code + ", lets devices in for ten minutes.");
                return;
            }
        } catch (ConnectException gone) {
            // it was killed
        }
        fail("no bench runs on " + arguments[0] + ".");
    }

    private static void fail(String words) {
        System.err.println("zest: " + words);
        System.exit(1);
    }
}
