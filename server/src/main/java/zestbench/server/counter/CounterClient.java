package zestbench.server.counter;

import java.net.http.HttpClient;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.http.MediaType;
import org.springframework.http.client.JdkClientHttpRequestFactory;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;
import org.springframework.web.client.RestClientResponseException;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.family.Spec;
import zestbench.server.OwnAddress;
import zestbench.server.counter.CounterViews.CounterItem;
import zestbench.server.counter.CounterViews.Found;
import zestbench.server.counter.CounterViews.Order;
import zestbench.server.security.InnerPass;

/** The bench's way to a supply house over HTTP, the simulated one unless {@code zest.counter.url} names another. */
@Component
public class CounterClient {
    private static final Duration CONNECT = Duration.ofSeconds(2);
    private static final Duration ANSWER = Duration.ofSeconds(5);

    private final Environment environment;
    private final OwnAddress address;
    private final InnerPass pass;
    private final JsonMapper json;

    CounterClient(Environment environment, OwnAddress address, InnerPass pass, JsonMapper json) {
        this.environment = environment;
        this.address = address;
        this.pass = pass;
        this.json = json;
    }

    /** The supply house gave no answer that can be used; the message says what is missing for that. */
    public static final class Outage extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Outage(String message) {
            super(message);
        }
    }

    private record Wish(
            String item,
            int pieces,
            String customer,
            @Nullable String reference) {}

    /** What it has for a requirement. */
    public List<CounterItem> search(String kind, Spec requirement) {
        return ask(() -> Objects.requireNonNull(client().post()
                        .uri("/search")
                        .contentType(MediaType.APPLICATION_JSON)
                        .body(Map.of("kind", kind, "requirement", requirement))
                        .retrieve()
                        .body(Found.class)))
                .items();
    }

    public CounterItem item(String item) {
        return ask(() -> Objects.requireNonNull(
                client().get().uri("/items/{item}", item).retrieve().body(CounterItem.class)));
    }

    /** @param reference by which an order that is sent again is known; null where there is none */
    public Order order(String item, String customer, @Nullable String reference) {
        return ask(() -> Objects.requireNonNull(client().post()
                .uri("/orders")
                .contentType(MediaType.APPLICATION_JSON)
                .body(new Wish(item, 1, customer, reference))
                .retrieve()
                .body(Order.class)));
    }

    private static <T> T ask(Supplier<T> question) {
        try {
            return question.get();
        } catch (RestClientResponseException refused) {
            if (refused.getStatusCode().is4xxClientError()) {
                throw new zestbench.server.problem.Conflict("The counter says: " + detail(refused));
            }
            throw new Outage("The counter is down: its parts, prices and stock are missing here.");
        } catch (RestClientException | NullPointerException silent) {
            throw new Outage("The counter does not answer: its parts, prices and stock are missing here.");
        }
    }

    private static String detail(RestClientResponseException refused) {
        try {
            var problem = refused.getResponseBodyAs(org.springframework.http.ProblemDetail.class);
            return problem == null || problem.getDetail() == null ? refused.getStatusText() : problem.getDetail();
        } catch (RuntimeException unreadable) {
            return refused.getStatusText();
        }
    }

    private RestClient client() {
        String other = environment.getProperty("zest.counter.url");
        JdkClientHttpRequestFactory factory = new JdkClientHttpRequestFactory(
                HttpClient.newBuilder().connectTimeout(CONNECT).build());
        factory.setReadTimeout(ANSWER);
        return RestClient.builder()
                .baseUrl(other == null ? address.text() + "/counter/v1" : other)
                .requestFactory(factory)
                .defaultHeaders(h -> {
                    if (other == null) {
                        h.set(InnerPass.HEADER, pass.text());
                    }
                })
                .configureMessageConverters(c -> c.withJsonConverter(new JacksonJsonHttpMessageConverter(json)))
                .build();
    }
}
